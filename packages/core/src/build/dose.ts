import type { Drill } from '../catalogue';
import { texts } from './texts';

/** A dose taken apart. Times in seconds. */
export interface Dose {
  sets: number;
  /** Reps a set; a range where the dose gives one; null when the set is timed. */
  reps: { from: number; to: number } | null;
  /** Length of a timed set. */
  timed: number | null;
  /** Hold of each rep: one for all sets, or one for each set. */
  holds: number[];
  /** Hold of the last rep of a set alone. */
  lastHold: number | null;
  /** 2 when each set is done on both sides or in both directions. */
  sides: 1 | 2;
  sideWord: 'each side' | 'each way' | null;
  /** Drill and delivery in turn. */
  inTurn: boolean;
}

/** A dose that is not in the notation. */
export class DoseError extends Error {
  constructor(text: string) {
    super(texts.isNoDose(text));
    this.name = 'DoseError';
  }
}

const pattern = /^(\d+)x(\d+)(?:-(\d+))?(?: (s|min))?( each(?: way)?)?(?:,? (last )?hold (\d+(?:,\d+)*) s)?$/;

/**
 * Reads a dose as instructors write it: `3x8`, `2x8 each way`, `3x5 hold 3 s`, `3x3 hold 3,4,5 s`,
 * `2x8 each, last hold 20 s`, `2x30 s each`, `1x6 min`, `1x15-20`, `10+10`, `15 pitches`.
 *
 * @throws DoseError for anything else, and for doses of nothing
 * @example parseDose('2x8 each').sets // 2
 */
export function parseDose(text: string): Dose {
  const plain = { timed: null, holds: [], lastHold: null, sides: 1, sideWord: null, inTurn: false } as const;
  const turns = /^(\d+)\+(\d+)$/.exec(text);
  if (turns) {
    const reps = Number(turns[1]) + Number(turns[2]);
    if (!reps) throw new DoseError(text);
    return { ...plain, sets: 1, reps: { from: reps, to: reps }, holds: [], inTurn: true };
  }
  const pitches = /^(\d+) pitches$/.exec(text);
  if (pitches) {
    const reps = Number(pitches[1]);
    if (!reps) throw new DoseError(text);
    return { ...plain, sets: 1, reps: { from: reps, to: reps }, holds: [] };
  }
  const match = pattern.exec(text);
  if (!match) throw new DoseError(text);
  const [, sets, amount, atMost, unit, each, last, hold] = match;
  const from = Number(amount);
  const to = atMost ? Number(atMost) : from;
  const holds = hold ? hold.split(',').map(Number) : [];
  const fits =
    Number(sets) > 0 && from > 0 && to >= from && (holds.length < 2 || holds.length === Number(sets));
  if (!fits || (unit && atMost)) throw new DoseError(text);
  return {
    ...plain,
    sets: Number(sets),
    reps: unit ? null : { from, to },
    timed: unit ? from * (unit === 'min' ? 60 : 1) : null,
    holds: last ? [] : holds,
    lastHold: last ? holds[0]! : null,
    sides: each ? 2 : 1,
    sideWord: each ? (each.includes('way') ? 'each way' : 'each side') : null,
  };
}

/** Settable times of `doseSeconds`, in seconds. */
export interface DosePace {
  dryRep: number;
  throw: number;
  betweenSets: number;
  setUp: number;
}
export const usualPace: DosePace = { dryRep: 4, throw: 12, betweenSets: 30, setUp: 60 };

/**
 * How long a dose takes, in seconds, set-up and rests included.
 *
 * @example doseSeconds(parseDose('3x8'), false) // 216
 */
export function doseSeconds(dose: Dose, throws: boolean, pace: DosePace = usualPace): number {
  const rep = throws ? pace.throw : pace.dryRep;
  const reps = dose.reps?.to ?? 0;
  let work = 0;
  for (let set = 0; set < dose.sets; set++) {
    const hold = dose.holds[Math.min(set, dose.holds.length - 1)] ?? 0;
    work += dose.sides * (dose.timed ?? reps * (rep + hold) + (dose.lastHold ?? 0));
  }
  return pace.setUp + work + (dose.sets - 1) * pace.betweenSets;
}

/**
 * A dose as one reads it aloud: "3 sets of 5, hold 3 s".
 *
 * @example doseWords(parseDose('3x5 hold 3 s')) // '3 sets of 5, hold 3 s'
 */
export function doseWords(dose: Dose): string {
  const sets = dose.sets === 1 ? '' : texts.setsOf(dose.sets);
  const amount = dose.reps
    ? dose.reps.from === dose.reps.to
      ? `${dose.reps.from}`
      : `${dose.reps.from} to ${dose.reps.to}`
    : dose.timed! % 60 === 0
      ? `${dose.timed! / 60} min`
      : `${dose.timed} s`;
  const parts = [dose.inTurn ? texts.inTurn(dose.reps!.from) : sets + amount];
  if (dose.sideWord) parts.push(dose.sideWord);
  if (dose.holds.length) parts.push(`hold ${dose.holds.join(', ')} s`);
  if (dose.lastHold) parts.push(texts.holdLast(dose.lastHold));
  return parts.join(', ');
}

/**
 * The same dose with so many sets; a dose that has no sets to count, such as `10+10`, stays as it is.
 *
 * @example withSets('3x8', 2) // '2x8'
 */
export function withSets(text: string, sets: number): string {
  const dose = parseDose(text);
  if (dose.sets === sets || !/^\d+x/.test(text)) return text;
  const counted = text.replace(/^\d+x/, `${sets}x`);
  if (dose.holds.length < 2) return counted;
  const holds = Array.from({ length: sets }, (_, n) => dose.holds[Math.min(n, dose.holds.length - 1)]);
  return counted.replace(/hold [\d,]+ s$/, `hold ${holds.join(',')} s`);
}

/**
 * Throws of one set; the figure of a drill is that of its whole usual dose.
 *
 * @example throwsASet({ throws: 15, dose: '3x5' }) // 5
 */
export function throwsASet(
  drill: Pick<Drill, 'throws' | 'dose'>,
  dose: Dose = parseDose(drill.dose),
): number {
  if (drill.throws === 0) return 0;
  const usual = parseDose(drill.dose);
  const perRep = drill.throws / (usual.sets * (usual.reps?.to ?? 1));
  return perRep * (dose.reps?.to ?? 1);
}
