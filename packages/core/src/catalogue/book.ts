import { FieldError } from '../units/fieldError';
import { bareDrills, type OwnDrill } from './bare';
import { drillCues, type DrillCue } from './cues';
import { drills } from './drills';
import { drillPages, type DrillPage } from './pages';
import type { Discipline, Drill } from './types';

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
const bareById = new Map(bareDrills.map((drill) => [drill.id, drill]));

/** The table of drills; what the house has beside it can be looked up and is not given. */
export const catalogueBook: DrillBook = {
  all: drills,
  drill: (id) => drillById.get(id) ?? bareById.get(id),
  page: (id) => drillPages[id] ?? bareById.get(id)?.page,
  cues: (id) => drillCues[id] ?? bareById.get(id)?.cues,
  figure: (id) => {
    const bare = bareById.get(id);
    return bare ? bare.figure : id;
  },
};

/** What every academy works with: the table, and the bare drills behind it. */
export const houseBook: DrillBook = { ...catalogueBook, all: [...drills, ...bareDrills] };

/**
 * Whether a drill is one of those that fill in where nothing else fits.
 *
 * @example isBare('hip-snap') // false
 */
export const isBare = (id: string): boolean => bareById.has(id);

/**
 * A drill in one piece, to be handed on or to be made one's own.
 *
 * @throws RangeError for one that is not in the book, or is not told in full there
 * @example wholeDrill('hip-snap').id // 'hip-snap'
 */
export function wholeDrill(id: string, book: DrillBook = catalogueBook): OwnDrill {
  const [drill, page, cues] = [book.drill(id), book.page(id), book.cues(id)];
  if (!drill || !page || !cues) throw new FieldError('drill', `there is no drill ${id} told in full`);
  return {
    ...drill,
    page,
    cues: { feel: cues.feel, target: cues.target, tags: cues.tags },
    figure: book.figure(id),
  };
}

const made = new WeakMap<readonly unknown[], DrillBook>();

/**
 * The house's drills and an academy's own behind them. The same list gives the same book.
 *
 * @param own each drill once; `retired` ones can be looked up and are not given any more
 * @example bookWith([]).drill('hip-snap')?.stage // 'feel'
 */
export function bookWith(own: readonly { drill: OwnDrill; retired: boolean }[]): DrillBook {
  if (own.length === 0) return houseBook;
  const known = made.get(own);
  if (known) return known;
  const byId = new Map(own.map(({ drill }) => [drill.id, drill]));
  const book: DrillBook = {
    all: [...houseBook.all, ...own.filter(({ retired }) => !retired).map(({ drill }) => drill)],
    drill: (id) => houseBook.drill(id) ?? byId.get(id),
    page: (id) => houseBook.page(id) ?? byId.get(id)?.page,
    cues: (id) => houseBook.cues(id) ?? byId.get(id)?.cues,
    figure: (id) => {
      const drill = byId.get(id);
      return drill ? drill.figure : houseBook.figure(id);
    },
  };
  made.set(own, book);
  return book;
}

export const drillOf = catalogueBook.drill;

/**
 * The drills of a book that are for a delivery.
 *
 * @example drillsFor('windmill').every(({ discipline }) => discipline !== 'overhand') // true
 */
export const drillsFor = (discipline: Discipline, { all }: DrillBook = catalogueBook): readonly Drill[] =>
  all.filter((drill) => drill.discipline === 'both' || drill.discipline === discipline);
