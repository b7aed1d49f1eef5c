import type { PendingReading } from './useReadings';

/** Readings that wait stay through a reload of the page, as long as the tab is open. */
export function unclaimedReadings(session: string) {
  const place = `wrightonic.unclaimed.${session}`;
  return {
    read: (): PendingReading[] => {
      try {
        return JSON.parse(sessionStorage.getItem(place) ?? '[]') as PendingReading[];
      } catch {
        return [];
      }
    },
    write: (readings: PendingReading[]): PendingReading[] => {
      try {
        sessionStorage.setItem(place, JSON.stringify(readings));
      } catch {
        // They wait in the page alone.
      }
      return readings;
    },
  };
}
