import { median } from 'simple-statistics';
import type { SessionVelocity } from '../measure/velocity';
import { addDays, daysBetween } from '../units';
import type { Graded, History } from './history';
import { comparableSessions } from './overSpan';
import type { Worked } from './worth';

/** A flaw from the look that saw it as obvious on. */
export interface FlawCase {
  flaw: string;
  seenOn: string;
  /** The first look since which it has been clean or slight; null where it is not. */
  clearedOn: string | null;
  /** Last look at it. */
  lastOn: string;
}

function caseOf(flaw: string, grades: readonly Graded[]): FlawCase | null {
  const first = grades.find(({ severity }) => severity >= 2);
  const last = grades.findLastIndex(({ severity }) => severity >= 2);
  const newest = grades.at(-1);
  if (!first || newest!.date === first.date) return null;
  return { flaw, seenOn: first.date, clearedOn: grades[last + 1]?.date ?? null, lastOn: newest!.date };
}

/**
 * Flaws of one athlete that were obvious or severe once and were looked at again on another day, with what became of
 * them.
 *
 * @param timeline as of `historyOf`
 * @example flawCases([]) // []
 */
export const flawCases = (timeline: History['timeline']): FlawCase[] =>
  timeline.flatMap(({ id, grades }) => caseOf(id, grades) ?? []);

/** A case with whose it is, and all that was measured of their velocity. */
export interface MeasuredCase extends FlawCase {
  athlete: string;
  /** In order of their days. */
  sessions: readonly SessionVelocity[];
}

/** A session stands for a day that is no more than this far away. */
const standsWithin = 21;

/** Usual of the session nearest to a day; null where none is near enough. */
function usualAt(sessions: readonly SessionVelocity[], day: string): number | null {
  const [first, last] = [addDays(day, -standsWithin), addDays(day, standsWithin)];
  const near = sessions.filter(({ date }) => date >= first && date <= last);
  const apart = ({ date }: SessionVelocity) => Math.abs(daysBetween(day, date));
  return near.sort((a, b) => apart(a) - apart(b))[0]?.usual ?? null;
}

/**
 * Who cleared a flaw and who did not, each with the usual velocity before and after. Those who did not are followed over
 * as many weeks as the clearing took in the middle, so that both had the same time.
 *
 * @returns cases whose velocity is known at both ends, in m/s
 * @example workedCases([]) // []
 */
export function workedCases(cases: readonly MeasuredCase[]): Worked[] {
  const took = new Map<string, number[]>();
  for (const { flaw, seenOn, clearedOn } of cases)
    if (clearedOn) took.set(flaw, [...(took.get(flaw) ?? []), daysBetween(seenOn, clearedOn)]);
  return cases.flatMap(({ athlete, flaw, seenOn, clearedOn, lastOn, sessions }): Worked[] => {
    const days = took.get(flaw);
    const sameTime = days ? addDays(seenOn, Math.round(median(days))) : lastOn;
    const end = clearedOn ?? (sameTime < lastOn ? sameTime : lastOn);
    const like = comparableSessions(sessions);
    const [before, after] = [usualAt(like, seenOn), usualAt(like, end)];
    if (before === null || after === null) return [];
    return [{ athlete, flaw, clearedOn, before, after, weeks: Math.round(daysBetween(seenOn, end) / 7) }];
  });
}
