import { v5 } from 'uuid';

/** How somebody is there on a day; said at check-in. */
export const checkInStates = ['present', 'late', 'absent', 'left'] as const;
export interface CheckIn {
  date: string;
  state: (typeof checkInStates)[number];
  restriction: string;
  pickedUpBy: string;
}

/** Whatever is logged of an athlete on a day of a camp is of one session, whoever logs it and without asking anybody. */
export interface CampSession {
  id: string;
  /** The session ends where it begins: nothing is left open for the next lesson. */
  endId: string;
  at: string;
}

/** An id of the form of version 7 that everybody makes alike of the same words. */
function agreedId(words: string, at: Date): string {
  const hash = v5(words, v5.URL);
  const time = at.getTime().toString(16).padStart(12, '0');
  return `${time.slice(0, 8)}-${time.slice(8)}-7${hash.slice(15)}`;
}

/**
 * The session of an athlete on a day of a camp.
 *
 * @param dayBegins the instant at which the day begins at the venue
 */
export const campSession = (campId: string, athleteId: string, dayBegins: Date): CampSession => ({
  id: agreedId(`session ${campId} ${athleteId}`, dayBegins),
  endId: agreedId(`end ${campId} ${athleteId}`, dayBegins),
  at: dayBegins.toISOString(),
});

/** What was logged of everybody on a day of a camp. */
export interface CampDayRecord {
  date: string;
  athletes: CampDayOf[];
}
export interface CampDayOf {
  athleteId: string;
  /** Id of the session that all of it is of. */
  session: string;
  throws: { id: string; at: string; drill: string | null; velocity: number | null }[];
  reps: { id: string; at: string; drill: string; outcome: 'clean' | 'missed' }[];
  notes: { id: string; at: string; text: string }[];
}
