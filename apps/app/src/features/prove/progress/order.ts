import type { ProgressEntry } from '@wrightonic/contract';

export type ProgressOrder = 'change' | 'name' | 'home';
export type ProgressFilter = 'all' | 'moved' | 'same' | 'unmeasured';

export const changeOf = ({ before, after }: ProgressEntry): number | null =>
  before === null || after === null ? null : after - before;

/** Who is shown: whoever really moved, whoever did not, whoever was not measured twice. */
export const filters: Readonly<Record<ProgressFilter, (entry: ProgressEntry) => boolean>> = {
  all: () => true,
  moved: ({ verdict }) => verdict === 'faster' || verdict === 'slower',
  same: ({ verdict }) => verdict === 'unchanged',
  unmeasured: ({ verdict }) => verdict === 'one session' || verdict === 'not measured',
};

const nameOf = ({ givenName, familyName }: ProgressEntry): string => `${givenName} ${familyName}`;
const byName = (a: ProgressEntry, b: ProgressEntry): number => nameOf(a).localeCompare(nameOf(b));
/** Whoever has no figure comes last. */
const down = (of: (entry: ProgressEntry) => number | null) => (a: ProgressEntry, b: ProgressEntry) =>
  (of(b) ?? -Infinity) - (of(a) ?? -Infinity) || byName(a, b);

const ranks: Readonly<Record<ProgressOrder, (a: ProgressEntry, b: ProgressEntry) => number>> = {
  change: down(changeOf),
  name: byName,
  home: down(({ home }) => (home.assigned ? home.done / home.assigned : null)),
};

/** Those who are shown, in order. */
export const ordered = (
  entries: readonly ProgressEntry[],
  filter: ProgressFilter,
  order: ProgressOrder,
): ProgressEntry[] => entries.filter(filters[filter]).sort(ranks[order]);

/** As far as the strip reaches to each side, in the unit of the entries: the widest change or band. */
export const reachOf = (entries: readonly ProgressEntry[]): number =>
  Math.max(0, ...entries.map((entry) => Math.max(Math.abs(changeOf(entry) ?? 0), entry.needed ?? 0)));
