import { catalogueBook, type DrillBook, type Stage, type Thread } from '../catalogue';
import type { Ladder, LadderAthlete } from './ladder';
import { reachesDelivery } from './stages';
import { texts } from './texts';

/** A ladder that somebody kept, for one thread. */
export interface KeptLadder {
  thread: Thread;
  stages: readonly { stage: Stage; drills: readonly { drill: string; dose: string }[] }[];
}

/**
 * A ladder that was kept, for another athlete: their own focus and share, the kept drills in their order and dose. What
 * the age, the delivery or an injury rules out is left out and named; equipment is not asked, for somebody chose it.
 *
 * @example fromKept(ladders[0], { thread: 'lower', stages: [] }, whom).stages // []
 */
export function fromKept(
  fitted: Ladder,
  kept: KeptLadder,
  { discipline, age, barred, book = catalogueBook }: LadderAthlete,
): Ladder & { doses: Record<string, string> } {
  const left: string[] = [];
  const fits = (id: string): boolean => {
    // Retired ones are known, and not given anew.
    const drill = book.all.find((each) => each.id === id);
    const why = !drill
      ? texts.isNotGivenAnyMore
      : drill.discipline !== 'both' && drill.discipline !== discipline
        ? texts.isNotFor(discipline)
        : age < drill.minAge
          ? texts.fromAgeOn(drill.minAge)
          : (barred?.(drill) ?? null);
    if (why) left.push(texts.staysOut(drill?.name, id, why));
    return why === null;
  };
  const stages = kept.stages
    .map(({ stage, drills }) => ({ stage, drills: drills.map(({ drill }) => drill).filter(fits) }))
    .filter(({ drills }) => drills.length);
  return {
    ...fitted,
    stages,
    skipped: [],
    left: [],
    limitedBy: left,
    reachesDelivery: reachesDelivery(stages),
    doses: Object.fromEntries(
      kept.stages.flatMap(({ drills }) => drills.map(({ drill, dose }) => [drill, dose])),
    ),
  };
}

/**
 * A ladder with the dose of each of its drills: its own where there is one, else the usual.
 *
 * @example dosed({ ...ladders[0], stages: [{ stage: 'feel', drills: ['hip-snap'] }] }).doses // { 'hip-snap': '3x6' }
 */
export const dosed = (
  ladder: Ladder & { doses?: Readonly<Record<string, string>> },
  book: DrillBook = catalogueBook,
): Ladder & { doses: Record<string, string> } => ({
  ...ladder,
  doses: Object.fromEntries(
    ladder.stages
      .flatMap(({ drills }) => drills)
      .map((id) => [id, ladder.doses?.[id] ?? book.drill(id)!.dose]),
  ),
});
