import type { Severity } from '../catalogue';
import type { Findings } from '../trace';
import { daysBetween } from '../units';
import { texts } from './texts';

/** A look with its day. */
export interface DatedLook {
  date: string;
  findings: Findings;
}

export interface Graded {
  date: string;
  severity: Severity;
}

export interface History {
  /** Once clear or severe, and no longer, in looks that lie long enough apart. */
  kept: string[];
  /** Clear or severe anew after it was gone; with the day of the first look that saw it again. */
  backAgain: { id: string; since: string }[];
  /** The grades of each checkpoint, oldest first. */
  timeline: { id: string; grades: Graded[] }[];
}

/** From this grade on a checkpoint is a flaw that is worked on. */
const worked: Severity = 2;
/** Two looks without it lie so far apart before it counts as kept, days. */
const keptOver = 14;

/** Whether a checkpoint that was a flaw once has stayed away since, for long enough. */
function isKept(grades: readonly Graded[]): boolean {
  const last = grades.findLastIndex(({ severity }) => severity >= worked);
  const since = grades.slice(last + 1);
  return last >= 0 && since.length > 1 && daysBetween(since[0]!.date, since.at(-1)!.date) >= keptOver;
}

/** The first look that saw a flaw again which had been gone for two looks in a row; null where it is not back. */
function backSince(grades: readonly Graded[]): string | null {
  const bad = grades.map(({ severity }) => severity >= worked);
  if (!bad.at(-1)) return null;
  const first = bad.indexOf(true);
  const gone = bad.findLastIndex((each, i) => i > first + 1 && !each && !bad[i - 1]);
  return gone < 0 ? null : grades[bad.indexOf(true, gone)]!.date;
}

/**
 * What an athlete has kept, what is back again, and every grade over time. A look that did not look at a checkpoint says
 * nothing of it.
 *
 * @param looks oldest first
 * @param ids in the order in which they are shown
 * @example historyOf([{ date: '2026-05-01', findings: { 'oh.jump': 2 } }], ['oh.jump']).timeline[0].grades.length // 1
 */
export function historyOf(looks: readonly DatedLook[], ids: readonly string[]): History {
  const timeline = ids.flatMap((id) => {
    const grades = looks.flatMap(({ date, findings }): Graded[] => {
      const severity = findings[id];
      return severity === undefined ? [] : [{ date, severity }];
    });
    return grades.length ? [{ id, grades }] : [];
  });
  return {
    kept: timeline.flatMap(({ id, grades }) => (isKept(grades) ? [id] : [])),
    backAgain: timeline.flatMap(({ id, grades }) => {
      const since = backSince(grades);
      return since === null ? [] : [{ id, since }];
    }),
    timeline,
  };
}

/** How a checkpoint moved from its first grade to its last. */
export interface Moved {
  id: string;
  grades: readonly Graded[];
  /** Last grade minus the first: below 0 it got better. */
  change: number;
  /** The first look since which it has not been worked on; null where it never was, or is still. */
  rightBy: string | null;
}

export const movedOrders = ['changed most', 'slipped', 'came first'] as const;
export type MovedOrder = (typeof movedOrders)[number];

/** The first look since which a flaw is no longer clear or severe. */
function rightSince(grades: readonly Graded[]): string | null {
  const last = grades.findLastIndex(({ severity }) => severity >= worked);
  return last < 0 ? null : (grades[last + 1]?.date ?? null);
}

/**
 * What moved between looks, for whoever wants to see which change came before which. What was looked at once, and what
 * was clean all along, is left out.
 *
 * @param timeline as of `historyOf`
 * @example movedBetween([], 'slipped') // []
 */
export function movedBetween(timeline: History['timeline'], order: MovedOrder): Moved[] {
  const moved = timeline
    .filter(({ grades }) => grades.length > 1 && grades.some(({ severity }) => severity > 0))
    .map(({ id, grades }): Moved => ({
      id,
      grades,
      change: grades.at(-1)!.severity - grades[0]!.severity,
      rightBy: rightSince(grades),
    }));
  const rank: Record<MovedOrder, (a: Moved, b: Moved) => number> = {
    'changed most': (a, b) => Math.abs(b.change) - Math.abs(a.change),
    slipped: (a, b) => b.change - a.change,
    'came first': (a, b) => (a.rightBy ?? '9999').localeCompare(b.rightBy ?? '9999'),
  };
  return moved.sort(rank[order]);
}

/** Up to two weeks one says days. */
const sayDays = 14;
const spanWords = (days: number): string => {
  if (days < sayDays) return days === 1 ? 'a day later' : texts.daysLater(days);
  return texts.weeksLater(days);
};

/**
 * Which flaw was right first, and when the next ones followed, from the dates of the looks alone; null for fewer than two.
 *
 * @param nameOf a checkpoint, as it is said
 * @returns with the first day as YYYY-MM-DD
 * @example followedWords([], String) // null
 */
export function followedWords(moved: readonly Moved[], nameOf: (id: string) => string): string | null {
  const right = moved
    .flatMap(({ id, rightBy }) => (rightBy === null ? [] : [{ id, rightBy }]))
    .sort((a, b) => a.rightBy.localeCompare(b.rightBy));
  const [first, ...later] = right;
  const next = later.filter(({ rightBy }) => rightBy > first!.rightBy).slice(0, 2);
  if (!first || next.length === 0) return null;
  const followed = next.map(
    ({ id, rightBy }) => `“${nameOf(id)}” ${spanWords(daysBetween(first.rightBy, rightBy))}`,
  );
  return texts.wasFixedBy(nameOf(first.id), first.rightBy, followed);
}
