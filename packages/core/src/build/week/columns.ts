import type { PitchLimitRow } from '../../catalogue';
import { countedAs, isHard } from '../../safety';
import { doseSeconds, usualPace } from '../dose';
import { isGame, type KnownDay } from './day';
import type { Programme, Rule, Term, Writer } from './programme';
import type { Candidate, WeekInput } from './types';

/** Worth of the 1st to the 6th set of a drill in a week; more are worth nothing. */
export const diminishing = [1, 0.7, 0.45, 0.25, 0.12, 0.05] as const;

export interface Cell {
  candidate: number;
  day: number;
  sets: number;
  used: number;
}

export interface DayColumns {
  throwing: number;
  hard: number;
  /** After the day's hard throws this many days of rest, and more: one column for each. */
  rest: number[];
  /** Something besides prep is done on the day. */
  worked: number;
}

/** A week as an integer programme, with where everything stands in it. */
export interface Layout {
  programme: Programme;
  cells: Cell[];
  chosen: number[];
  segments: number[][];
  days: DayColumns[];
  known: KnownDay[];
  rows: PitchLimitRow[];
  /** What the limits leave of each day's throws before the plan adds any. */
  open: number[];
}

export interface Context {
  input: WeekInput;
  writer: Writer;
  layout: Layout;
}

/**
 * A rule of a week, with the words that stand beside it when it is broken.
 *
 * @example rule('rest', 'The day after a game is for rest.', '2026-06-08').kind // 'rest'
 */
export const rule = (kind: Rule['kind'], words: string, date: string | null = null): Rule => ({
  kind,
  words,
  date,
});

/**
 * Seconds of the sets of a drill on one day: the first set with the set-up, and every set more.
 *
 * @example secondsOf(candidate, 2) > secondsOf(candidate, 1) // true
 */
export function secondsOf({ drill, dose }: Candidate, sets: number, pace = usualPace): number {
  if (sets === 0) return 0;
  // A dose that holds longer from set to set goes on with its longest hold.
  return doseSeconds({ ...dose, sets }, drill.throws > 0, pace);
}

/**
 * What is thrown on a day beside the plan.
 *
 * @example knownOn({ ...week, throws: [{ date: monday, count: 20, kind: 'game' }] }, monday).hard // 20
 */
export function knownOn({ throws, allHard, days }: WeekInput, date: string): KnownDay {
  const own = countedAs(throws, allHard).filter((day) => day.date === date);
  const sum = (counted: typeof own) => counted.reduce((all, { count }) => all + count, 0);
  const hard = sum(own.filter(isHard));
  return { hard, all: sum(own), unknown: isGame(days, date) && hard === 0 };
}

/**
 * Sets of some cells, each times a factor; what costs nothing is left out.
 *
 * @example sumOf([{ candidate: 0, day: 0, sets: 4, used: 5 }], () => 2) // [ [ 4, 2 ] ]
 */
export const sumOf = (cells: readonly Cell[], factor: (cell: Cell) => number): Term[] =>
  cells.map((cell): Term => [cell.sets, factor(cell)]).filter(([, each]) => each > 0);
