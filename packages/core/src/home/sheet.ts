import {
  cueIn,
  doseWords,
  itemThrows,
  parseDose,
  shortVoice,
  throwsASet,
  type DayKind,
  type WeekItem,
} from '../build';
import {
  catalogueBook,
  nodeName,
  saidOf,
  type Discipline,
  type DrillBook,
  type DrillLevel,
  type Hand,
  type PainSite,
  type Voice,
} from '../catalogue';
import type { ThrowLock } from '../safety';
import { levelNow, liveCue, type UsedCue } from '../session';
import { texts } from './texts';

export interface SheetItem {
  drill: string;
  name: string;
  /** One set, in words. */
  amount: string;
  sets: number;
  throws: number;
  /** The most effort asked, percent; null when dry. */
  effort: number | null;
  cue: string;
  /** The level at which it is worked; null where it has none. */
  level: DrillLevel | null;
  /** Id under which its figure is drawn. */
  figure: string | null;
  /** How it goes; null where nobody wrote it down. */
  page: { setUp: string; steps: readonly string[]; good: string } | null;
  caution: string | null;
  /** Reps of one set, both sides; null when a set is timed. */
  reps: number | null;
  /** Seconds of a hold, or of a timed set; null where nothing is held. */
  hold: number | null;
  /** Not with pain there. */
  avoid: readonly PainSite[];
}

export interface SheetDay {
  date: string;
  kind: DayKind;
  items: SheetItem[];
  throws: number;
}

/** A week as the athlete and whoever brings them up see it: no surname, nobody else, nothing of the history. */
export interface WeekSheet {
  academy: string;
  givenName: string;
  throws: Hand;
  discipline: Discipline;
  /** What is worked on, a sentence for each thread. */
  focus: string[];
  from: string | null;
  /** Throws are locked: no day names one. */
  lock: ThrowLock | null;
  days: SheetDay[];
}

export const stopForPain = texts.stopForPain;
/**
 * What a sheet says while throws are locked, in words for whoever is at home.
 *
 * @example lockedAtHomeWords({ site: 'elbow' }).slice(0, 48) // 'No throws until your instructor unlocks them: pa'
 */
export const lockedAtHomeWords = ({ site }: Pick<ThrowLock, 'site'>): string => texts.noThrows(site);
export const notMedical = texts.notMedicalAdvice;

/** A dose without its sets: “8 reps”, “5 reps, hold 3 s”, “6 min”. */
const amountOf = (dose: string): string =>
  doseWords({ ...parseDose(dose), sets: 1 }).replace(/^\d+( to \d+)?(?=,|$)/, '$& reps');

/** What was chosen for the drills of an athlete. */
export interface DrillChoices {
  levels: Readonly<Record<string, string>>;
  /** Live cues, oldest first. */
  cues: readonly Pick<UsedCue, 'drill' | 'text'>[];
}

function itemOf(
  { drill, sets, dose }: AssignedItem,
  voice: Voice,
  { levels, cues }: DrillChoices,
  book: DrillBook,
): SheetItem[] {
  const known = book.drill(drill);
  if (!known) return [];
  const page = book.page(drill);
  const parsed = parseDose(dose);
  return [
    {
      drill,
      name: known.name,
      amount: amountOf(dose),
      sets,
      throws: throwsASet(known, parsed) * sets,
      effort: known.effort?.to ?? null,
      cue: liveCue(drill, cues)?.text ?? cueIn(drill, shortVoice(voice), book),
      level: known.levels?.find(({ name }) => name === levelNow(known, levels[drill])) ?? null,
      figure: book.figure(drill),
      page: page ? { setUp: page.setUp, steps: page.steps, good: page.good } : null,
      caution: known.caution,
      reps: parsed.reps && parsed.reps.to * parsed.sides,
      hold: parsed.timed ?? parsed.lastHold ?? parsed.holds[0] ?? null,
      avoid: known.avoidWithPainIn,
    },
  ];
}

/** What a focus means for whoever is at home: what to do, or, where the instructor wants it so, the name of the flaw. */
const focusLine = (focus: string, names: boolean): string =>
  names ? texts.workingOn(nodeName(focus)) : texts.thisWeek(saidOf(focus)?.plain, nodeName(focus));

/** A drill of an assigned day, with the dose of that day. */
interface AssignedItem extends WeekItem {
  dose: string;
}

interface AssignedWeek {
  from: string;
  days: readonly { date: string; kind: DayKind }[];
  items: readonly AssignedItem[];
}

interface SheetInput extends DrillChoices {
  plan: { threads: readonly { focus: string }[] } | null;
  assignment: AssignedWeek | null;
  academy: string;
  /** Flaws are named; else it says what to do. */
  names?: boolean;
  lock: ThrowLock | null;
  book?: DrillBook;
}

/**
 * The week that was assigned last, for the athlete.
 *
 * @example weekSheet({ ...athlete, givenName: 'Wren', voice: 'plain' }, { plan: null, assignment: null, academy: 'The barn', lock: null, levels: {}, cues: [] }).days // []
 */
export function weekSheet(
  athlete: { givenName: string; throws: Hand; discipline: Discipline; voice: Voice },
  { plan, assignment, academy, names = false, lock, levels, cues, book = catalogueBook }: SheetInput,
): WeekSheet {
  return {
    academy,
    givenName: athlete.givenName,
    throws: athlete.throws,
    discipline: athlete.discipline,
    focus: plan?.threads.map(({ focus }) => focusLine(focus, names)) ?? [],
    from: assignment?.from ?? null,
    lock,
    days: (assignment?.days ?? []).map(({ date, kind }): SheetDay => {
      const items = assignment!.items.filter(
        (item) => item.date === date && !(lock && (book.drill(item.drill)?.throws ?? 0) > 0),
      );
      return {
        date,
        kind,
        items: items.flatMap((item) => itemOf(item, athlete.voice, { levels, cues }, book)),
        throws: itemThrows(items, book).reduce((sum, { count }) => sum + count, 0),
      };
    }),
  };
}
