import type { ProgressEntry, RosterEntry } from '@wrightonic/contract';
import { stages, type Stage } from '@wrightonic/core';
import { nodeName } from '@wrightonic/core/checkpoints';
import { daysBetween } from '@wrightonic/core/day';

/** An athlete as a line of the table. */
export interface RosterRow {
  id: string;
  name: string;
  due: RosterEntry['due'];
  focus: string[];
  /** The lower of both threads. */
  stage: Stage | null;
  seenOn: string | null;
  /** Change of usual velocity over the span, m/s; null where nothing can be compared. */
  change: number | null;
  verdict: ProgressEntry['verdict'] | null;
  /** Site of the pain that locks the throws. */
  lock: string | null;
  /** Share of the sets at home that were done; null where none were assigned. */
  home: number | null;
}

/** The lines of the table: the roster with what the progress of the same span says of each. */
export function rosterRows(roster: readonly RosterEntry[], progress: readonly ProgressEntry[]): RosterRow[] {
  const byId = new Map(progress.map((entry) => [entry.id, entry]));
  return roster.map(({ id, givenName, familyName, due, focus, stage, seenOn, lock }) => {
    const entry = byId.get(id);
    return {
      id,
      name: `${givenName} ${familyName}`,
      due,
      focus: [focus.lower, focus.arm].flatMap((node) => (node ? [nodeName(node)] : [])),
      stage: stages.find((each) => each === stage.lower || each === stage.arm) ?? null,
      seenOn,
      change: entry && entry.before !== null && entry.after !== null ? entry.after - entry.before : null,
      verdict: entry?.verdict ?? null,
      lock: lock ? (lock.site ?? 'pain') : null,
      home: entry?.home.assigned ? entry.home.done / entry.home.assigned : null,
    };
  });
}

export interface TableFilter {
  focus: string;
  stage: string;
  seen: '' | 'recent' | 'fortnight' | 'month';
  change: '' | NonNullable<RosterRow['verdict']>;
  pain: '' | 'locked';
  home: '' | 'little';
}

export const noTableFilter: TableFilter = { focus: '', stage: '', seen: '', change: '', pain: '', home: '' };

/** Who did less than this share of what was assigned at home did little. */
const littleHome = 0.5;
const fortnight = 14;
const month = 28;

/** Whether a line fits every filter that is set. */
export function fitsTable(row: RosterRow, filter: TableFilter, today: string): boolean {
  const since = row.seenOn === null ? Infinity : daysBetween(row.seenOn, today);
  return (
    (!filter.focus || row.focus.includes(filter.focus)) &&
    (!filter.stage || row.stage === filter.stage) &&
    (!filter.seen ||
      (filter.seen === 'recent'
        ? since < fortnight
        : since >= (filter.seen === 'fortnight' ? fortnight : month))) &&
    (!filter.change || row.verdict === filter.change) &&
    (!filter.pain || row.lock !== null) &&
    (!filter.home || (row.home !== null && row.home < littleHome))
  );
}
