import type { Severity } from '../catalogue';
import type { Findings } from '../trace';
import { daysBetween } from '../units';

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
