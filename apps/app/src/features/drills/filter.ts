import {
  drills,
  missingFor,
  nodeName,
  ownDrillId,
  type Drill,
  type Stage,
  type Thread,
} from '@wrightonic/core';

export interface DrillFilter {
  search: string;
  thread: Thread | null;
  stage: Stage | null;
  /** A flaw, limit or symptom. */
  target: string | null;
  /** What is at hand; null when that does not matter. */
  atHand: readonly string[] | null;
  /** Only the academy's own. */
  ours?: boolean;
}

/** What a drill is found by: its name and words, what it serves, what it needs. */
const searchText = ({ name, what, targets, equipment }: Drill): string =>
  [name, what, ...targets.map(nodeName), ...equipment.flat()].join(' ').toLowerCase();

/** The drills that fit, in the order of the catalogue. */
export function drillsThat(
  { search, thread, stage, target, atHand, ours = false }: DrillFilter,
  all: readonly Drill[] = drills,
): Drill[] {
  const wanted = search.trim().toLowerCase();
  return all.filter(
    (drill) =>
      (!ours || ownDrillId.test(drill.id)) &&
      (!thread || drill.thread === thread) &&
      (!stage || drill.stage === stage) &&
      (!target || drill.targets.includes(target)) &&
      (!atHand || missingFor(drill, atHand).length === 0) &&
      searchText(drill).includes(wanted),
  );
}

/** Everything that some drill serves, by name. */
export const servedTargets = (all: readonly Drill[] = drills): { value: string; text: string }[] =>
  [...new Set(all.flatMap(({ targets }) => targets))]
    .filter((id) => id !== '*')
    .map((value) => ({ value, text: nodeName(value) }))
    .sort((a, b) => a.text.localeCompare(b.text));

/** Everything that some drill needs. */
export const neededThings = (all: readonly Drill[] = drills): string[] =>
  [...new Set(all.flatMap(({ equipment }) => equipment.flat()))].sort();
