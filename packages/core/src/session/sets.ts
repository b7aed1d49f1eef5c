import type { Dose } from '../build/dose';

export interface SetNow {
  /** The set under way, from 1; it may pass `of` when more is worked than was asked. */
  set: number;
  of: number;
  /** Reps of that set so far, and how many it has; a timed set is one rep for each side. */
  rep: number;
  reps: number;
  /** A set has just ended: time to rest. */
  between: boolean;
}

/**
 * Where somebody stands in a dose.
 *
 * @param done sets whose end was marked, and reps counted since the last mark
 * @example setNow(parseDose('3x8'), { sets: 1, reps: 4 }) // { set: 2, of: 3, rep: 4, reps: 8, between: false }
 */
export function setNow(dose: Dose, done: { sets: number; reps: number }): SetNow {
  const reps = (dose.reps?.to ?? 1) * dose.sides;
  const complete = Math.floor(done.reps / reps);
  const rep = done.reps % reps;
  const ended = done.sets + complete;
  return { set: ended + 1, of: dose.sets, rep, reps, between: rep === 0 && ended > 0 };
}
