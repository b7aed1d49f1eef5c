import { catalogueBook, partNames, type DeliveryPart, type DrillBook, type Stage } from '../catalogue';
import { texts } from './texts';

export interface Jump {
  /** Where something is left out that the stage after it does not bring. */
  stage: Stage;
  next: Stage;
  drill: string;
  part: DeliveryPart;
}

/**
 * Where a ladder jumps over what a drill left out: that part of the delivery must be in some drill of the next stage.
 * Prep is no part of the climb, and after the last stage nothing has to come.
 *
 * @param rungs in the order in which they are climbed; drills that have no page are passed over
 * @example jumpsOver([{ stage: 'deliver', drills: ['full-delivery'] }]) // []
 */
export function jumpsOver(
  rungs: readonly { stage: Stage; drills: readonly string[] }[],
  book: DrillBook = catalogueBook,
): Jump[] {
  const climbed = rungs.filter(({ stage }) => stage !== 'prep');
  return climbed.flatMap(({ stage, drills }, n) => {
    const next = climbed[n + 1];
    if (!next) return [];
    const brought = new Set(next.drills.flatMap((id) => book.page(id)?.holds ?? []));
    return drills.flatMap((drill): Jump[] => {
      const part = book.page(drill)?.leavesOut;
      return part && !brought.has(part) ? [{ stage, next: next.stage, drill, part }] : [];
    });
  });
}

/**
 * What a ladder jumps over, in a sentence.
 *
 * @example jumpWords({ stage: 'feel', next: 'move', drill: 'hip-snap', part: 'stride' }) // 'Standing hip snap (feel) leaves out the way out, and no move drill brings it.'
 */
export const jumpWords = ({ stage, next, drill, part }: Jump, book: DrillBook = catalogueBook): string =>
  texts.leavesOut(book.drill(drill)?.name, drill, stage, partNames[part], next);
