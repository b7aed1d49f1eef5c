import { catalogueBook, type DrillBook, type Stage, type Thread } from '../catalogue';
import { firstStage } from '../build';
import { drillStanding, levelCounts, recentCounts, type DrillStanding, type LevelCount } from './levels';
import { gateWords } from './gate';
import { stageProposal, type StageProposal } from './stageMove';

/** A thread of a plan as it is kept. */
export interface KeptThread<D extends { drill: string } = { drill: string }> {
  thread: Thread;
  focus: string;
  /** Where it was moved to last; null when it never was. */
  movedTo: Stage | null;
  /** Instant at which somebody last decided to stay there; null when the last word was to go there. */
  stayedAt: string | null;
  stages: readonly { stage: Stage; drills: readonly D[] }[];
}

/** Reps of one drill at one level in one session. */
export type WorkedCount = LevelCount & {
  drill: string;
  /** Instant at which the session began. */
  at: string;
};

/**
 * Where a thread was moved to last; the first of its climb when it never was.
 *
 * @example presentStage({ movedTo: 'move', stages: ladders[0].stages }) // 'move'
 */
export const presentStage = ({ movedTo, stages }: Pick<KeptThread, 'movedTo' | 'stages'>): Stage =>
  movedTo ?? firstStage(stages);

/**
 * Whether somebody decided to stay on the present stage, and nothing was worked on it since.
 *
 * @example hasStayed({ movedTo: null, stages: [], stayedAt: null }, []) // false
 */
export function hasStayed(
  { movedTo, stages, stayedAt }: Pick<KeptThread, 'movedTo' | 'stages' | 'stayedAt'>,
  counts: readonly Pick<WorkedCount, 'drill' | 'at'>[],
): boolean {
  if (stayedAt === null) return false;
  const now = presentStage({ movedTo, stages });
  const worked = stages
    .filter(({ stage }) => stage === now)
    .flatMap(({ drills }) => drills.map(({ drill }) => drill));
  return !counts.some(({ drill, at }) => at > stayedAt && worked.includes(drill));
}

/**
 * How somebody stands in each drill of a thread.
 *
 * @param counts of the athlete, oldest first
 * @param levels the level that was chosen last, by drill
 * @returns the rungs in order, each drill with its gate and the counts that it looks at
 * @example standingOf([{ stage: 'feel', drills: [{ drill: 'hip-snap' }] }], [], {})[0].drills[0].gate.decision // 'stay'
 */
export function standingOf<D extends { drill: string }>(
  stages: KeptThread<D>['stages'],
  counts: readonly WorkedCount[],
  levels: Readonly<Record<string, string>>,
  book: DrillBook = catalogueBook,
): { stage: Stage; drills: (D & DrillStanding & { recent: LevelCount[] })[] }[] {
  return stages.map(({ stage, drills }) => ({
    stage,
    drills: drills.map((each) => {
      const recent = recentCounts(levelCounts(counts.filter(({ drill }) => drill === each.drill)));
      return { ...each, ...drillStanding(book.drill(each.drill) ?? {}, levels[each.drill], recent), recent };
    }),
  }));
}

/** What the gates of a thread propose, and in which words. */
export interface ThreadProposal extends StageProposal {
  thread: Thread;
  focus: string;
  from: Stage;
  /** What each gate that was looked at says. */
  why: string[];
}

/**
 * What the gates propose for the threads of a plan.
 *
 * @param counts of the athlete, oldest first
 * @param levels the level that was chosen last, by drill
 * @example proposalsFor([], [], {}) // []
 */
export function proposalsFor(
  threads: readonly KeptThread[],
  counts: readonly WorkedCount[],
  levels: Readonly<Record<string, string>>,
  book: DrillBook = catalogueBook,
): ThreadProposal[] {
  return threads.flatMap((thread): ThreadProposal[] => {
    const from = presentStage(thread);
    const stages = standingOf(thread.stages, counts, levels, book);
    const proposal = stageProposal(stages, from, hasStayed(thread, counts));
    if (!proposal) return [];
    const why = stages
      .find(({ stage }) => stage === from)!
      .drills.filter(({ gate }) => gate.n > 0)
      .map(({ drill, gate, pain }) => `${book.drill(drill)?.name ?? drill}: ${gateWords(gate, pain)}`);
    return [{ thread: thread.thread, focus: thread.focus, from, ...proposal, why }];
  });
}
