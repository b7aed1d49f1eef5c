import { drillCues, type DrillCue } from './cues';
import { drills } from './drills';
import { drillPages, type DrillPage } from './pages';
import type { Discipline, Drill } from './types';

/** A drill that is told from beginning to end in one piece, as academies write their own and hand them on. */
export interface OwnDrill extends Drill {
  page: DrillPage;
  cues: DrillCue;
  /** Id of the drill of the catalogue whose figure shows the set-up; null for none. */
  figure: string | null;
}

/** The drills that an academy works with. Every function that looks a drill up takes one; the catalogue is the usual. */
export interface DrillBook {
  /** What may be given, in order. */
  all: readonly Drill[];
  /** Everything that was ever given can be looked up, though it may not be given any more. */
  drill: (id: string) => Drill | undefined;
  page: (id: string) => DrillPage | undefined;
  cues: (id: string) => DrillCue | undefined;
  /** Id under which the figure of a drill is drawn. */
  figure: (id: string) => string | null;
}

const drillById = new Map(drills.map((drill) => [drill.id, drill]));

export const catalogueBook: DrillBook = {
  all: drills,
  drill: (id) => drillById.get(id),
  page: (id) => drillPages[id],
  cues: (id) => drillCues[id],
  figure: (id) => id,
};

/**
 * A drill in one piece, to be handed on or to be made one's own.
 *
 * @throws RangeError for one that is not in the book, or is not told in full there
 */
export function wholeDrill(id: string, book: DrillBook = catalogueBook): OwnDrill {
  const [drill, page, cues] = [book.drill(id), book.page(id), book.cues(id)];
  if (!drill || !page || !cues) throw new RangeError(`drill: there is no drill ${id} told in full`);
  return {
    ...drill,
    page,
    cues: { feel: cues.feel, target: cues.target, tags: cues.tags },
    figure: book.figure(id),
  };
}

const made = new WeakMap<readonly unknown[], DrillBook>();

/**
 * The catalogue and an academy's own drills behind it. The same list gives the same book.
 *
 * @param own each drill once; `retired` ones can be looked up and are not given any more
 */
export function bookWith(own: readonly { drill: OwnDrill; retired: boolean }[]): DrillBook {
  if (own.length === 0) return catalogueBook;
  const known = made.get(own);
  if (known) return known;
  const byId = new Map(own.map(({ drill }) => [drill.id, drill]));
  const book: DrillBook = {
    all: [...drills, ...own.filter(({ retired }) => !retired).map(({ drill }) => drill)],
    drill: (id) => drillById.get(id) ?? byId.get(id),
    page: (id) => drillPages[id] ?? byId.get(id)?.page,
    cues: (id) => drillCues[id] ?? byId.get(id)?.cues,
    figure: (id) => {
      const drill = byId.get(id);
      return drill ? drill.figure : id;
    },
  };
  made.set(own, book);
  return book;
}

export const drillOf = catalogueBook.drill;

export const drillsFor = (discipline: Discipline, { all }: DrillBook = catalogueBook): readonly Drill[] =>
  all.filter((drill) => drill.discipline === 'both' || drill.discipline === discipline);
