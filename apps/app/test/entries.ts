import type { AthletePage, LogEvent } from '@wrightonic/contract';
import type { Entry } from '../src/offline/outbox';

let clock = 0;
/** Something logged on this device, a second after what was logged before. */
export const entry = (event: Record<string, unknown>, more: Partial<Entry> = {}): Entry => {
  clock += 1000;
  const at = new Date(Date.UTC(2026, 4, 1) + clock).toISOString();
  return {
    event: { id: `e${String(clock).padStart(8, '0')}`, at, ...event } as unknown as LogEvent,
    athleteId: 'athlete',
    personId: 'person',
    ...more,
  };
};
/** What was read of an athlete. */
export const page = {
  athlete: { id: 'athlete', discipline: 'overhand', age: 15 },
  looks: [],
  plan: null,
  strikes: [],
  instructions: [],
  upcoming: [],
  sets: [],
  constraints: {},
  lexicon: [],
  home: { sets: [], pain: [], games: [] },
  academy: { allHard: false },
  limits: { maxToday: 95, restUntil: null },
} as unknown as AthletePage;
export const isla = { by: 'Isla', zone: 'America/New_York', today: '2026-04-30' };
