import type { Lesson } from '@wrightonic/contract';

/** As many athletes as are read along; an instructor's two days seldom hold more. */
export const mostPrefetched = 40;
/** Below this share of its charge a battery that is not being charged is left alone. */
const lowBattery = 0.2;

interface Battery {
  level: number;
  charging: boolean;
}
export interface Device {
  connection?: { saveData?: boolean };
  getBattery?: () => Promise<Battery>;
}

/** Whether a device asks to be spared: data are to be saved, or its battery is low. */
export async function isSparing(device: Device): Promise<boolean> {
  if (device.connection?.saveData) return true;
  const battery = await device.getBattery?.().catch(() => undefined);
  return battery !== undefined && !battery.charging && battery.level < lowBattery;
}

/** Whose day it is: the lessons of one instructor, or where they have none those of the academy; each athlete once. */
export function athletesToPrefetch(lessons: readonly Lesson[], person: string): string[] {
  const own = lessons.filter(({ instructorId }) => instructorId === person);
  return [...new Set((own.length ? own : lessons).map(({ athleteId }) => athleteId))].slice(
    0,
    mostPrefetched,
  );
}
