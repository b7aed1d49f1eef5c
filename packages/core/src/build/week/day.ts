import { catalogueBook, type Drill, type DrillBook } from '../../catalogue';
import { addDays } from '../../units';
import {
  easyOnlyOn,
  isHard,
  lockedBecause,
  throwLimits,
  type DayThrows,
  fewerDrillsBelow,
  fewestDrillsBelow,
} from '../../safety';
import { parseDose, throwsASet } from '../dose';
import { missingFor } from '../ladder';
import { warmUp } from '../ladder';
import { armCare } from './candidates';
import { secondsOf } from './columns';
import type { Rule } from './programme';
import type { Candidate, DayKind, WeekDay, WeekInput, WeekItem } from './types';
import { texts } from './texts';

/**
 * "Thursday", of an ISO day.
 *
 * @example weekdayName('2026-06-11') // 'Thursday'
 */
export const weekdayName = (date: string): string =>
  new Date(`${date}T00:00:00Z`).toLocaleDateString('en-GB', { weekday: 'long', timeZone: 'UTC' });

/** Most drills of a day. */
export const mostDrills: Readonly<Record<DayKind, number>> = {
  lesson: 8,
  home: 5,
  team: 5,
  bullpen: 5,
  game: 5,
  off: 0,
};

/** Throwing drills of a lesson. */
export const mostThrowing = 3;

/**
 * Most drills of a day besides prep for somebody of an age; null where there is no such bound.
 *
 * @example mostBesidesPrep(11) // 3
 */
export const mostBesidesPrep = (age: number): number | null =>
  age < fewestDrillsBelow ? 2 : age < fewerDrillsBelow ? 3 : null;

/** What was thrown, or is to be thrown in a game, on a day before the plan adds anything. */
export interface KnownDay {
  hard: number;
  all: number;
  /** A game whose pitches nobody knows yet. */
  unknown: boolean;
}

/**
 * Whether a game is on a day of the week.
 *
 * @example isGame([{ date: '2026-06-13', kind: 'game' }], '2026-06-13') // true
 */
export const isGame = (days: readonly WeekDay[], date: string): boolean =>
  days.some((day) => day.date === date && day.kind === 'game');

/**
 * What of place and things a day lacks for a drill, to be read after its name; null where it lacks nothing.
 *
 * @example placeTrouble(hipSnap, { places: ['mound'], equipment: [] }) // null
 */
export function placeTrouble(drill: Drill, day: Pick<WeekDay, 'places' | 'equipment'>): string | null {
  // Warm-up and arm care come before throwing wherever the athlete is.
  const anywhere = isDry(drill) || drill.id === warmUp || drill.id === armCare;
  if (!anywhere && !drill.places.some((place) => day.places.includes(place)))
    return texts.itNeeds(drill.places);
  const [missing] = missingFor(drill, day.equipment);
  return missing ? texts.thereIsNo(missing) : null;
}

/** The part of an input that says which drill may stand on which day. */
type Setting = Pick<WeekInput, 'days' | 'buildUp' | 'pain' | 'allHard'> &
  Partial<Pick<WeekInput, 'candidates'>>;

/** Felt or moved without a ball: it needs room and no more. */
const isDry = ({ throws, stage }: Drill): boolean => throws === 0 && (stage === 'feel' || stage === 'move');

/** Whether nothing that works on a focus may stand on a day, what is for lessons only left aside. */
const isBare = (day: WeekDay, { candidates = [], ...setting }: Setting): boolean =>
  !candidates.some((each) => !each.lessonOnly && each.serves?.length && unfit(each, day, setting) === null);

/**
 * Why a drill may not stand on a day, to be read after its name; null where it may.
 *
 * @example unfit({ drill: hipSnap, lessonOnly: true }, days[0], week)?.words // 'it is of the next stage, for lessons only'
 */
export function unfit(
  { drill, lessonOnly }: Pick<Candidate, 'drill' | 'lessonOnly'>,
  day: WeekDay,
  setting: Setting,
): Pick<Rule, 'kind' | 'words'> | null {
  const { days, buildUp, pain, allHard } = setting;
  if (day.kind === 'off') return { kind: 'habit', words: texts.dayIsOff };
  const locked = lockedBecause(drill, pain.lock);
  if (locked) return { kind: 'limit', words: locked };
  if (drill.throws > 0 && easyOnlyOn(pain, day.date) && isHardOne({ drill }, allHard))
    return { kind: 'limit', words: texts.easyThrowsOnly };
  if (lessonOnly && day.kind !== 'lesson' && !(isDry(drill) && isBare(day, setting)))
    return { kind: 'habit', words: texts.nextStageInLessonsOnly };
  if (day.kind === 'game' && (drill.stage !== 'prep' || drill.throws > 0))
    return { kind: 'habit', words: texts.prepOnlyOnGameDay };
  const beforeGame = isGame(days, addDays(day.date, 1));
  if (beforeGame && (drill.stage === 'constrain' || drill.stage === 'connect'))
    return { kind: 'habit', words: texts.noDrillsOnDayBefore(drill.stage) };
  if (drill.strength && (beforeGame || day.kind === 'game'))
    return { kind: 'habit', words: texts.noStrengthOn(beforeGame) };
  const trouble = placeTrouble(drill, day);
  if (trouble) return { kind: 'place', words: trouble };
  if (buildUp && drill.throws > 0 && effortOf(drill) > buildUp.effort)
    return {
      kind: 'limit',
      words: texts.moreThanBuildUp(buildUp.effort),
    };
  return null;
}

/**
 * Whether some day of a week allows one set of a drill by itself: place, things, minutes, and what the limits leave of
 * throws.
 *
 * @example usableIn(week)(hipSnap) // true
 */
export function usableIn(input: Omit<WeekInput, 'candidates'>): (drill: Drill) => boolean {
  const left = new Map(
    input.days.map(({ date }) => [
      date,
      throwLimits({ ...input, on: date }).leftToday * (input.buildUp?.share ?? 1),
    ]),
  );
  return (drill) => {
    const one = { drill, dose: parseDose(drill.dose), value: 0, lessonOnly: false };
    const cost = throwsOf(one) * (isHardOne(one, input.allHard) ? 1 : 0.5);
    return input.days.some(
      (day) =>
        unfit(one, day, input) === null &&
        secondsOf(one, 1, input.pace) <= day.minutes * 60 &&
        (drill.throws === 0 || cost <= left.get(day.date)!),
    );
  };
}

/**
 * The same as a rule of the week.
 *
 * @example excluded({ drill: hipSnap, lessonOnly: true }, days[0], week)?.date // '2026-06-08'
 */
export function excluded(
  candidate: Pick<Candidate, 'drill' | 'lessonOnly'>,
  day: WeekDay,
  setting: Setting,
): Rule | null {
  const why = unfit(candidate, day, setting);
  return (
    why && {
      ...why,
      words: `${candidate.drill.name} on ${weekdayName(day.date)}: ${why.words}`,
      date: day.date,
    }
  );
}

const effortOf = ({ effort }: Drill): number => effort?.to ?? 100;

/**
 * Whether a candidate's throws count as hard ones.
 *
 * @example isHardOne({ drill: hipSnap }, false) // true
 */
export const isHardOne = ({ drill: { effort } }: Pick<Candidate, 'drill'>, allHard: boolean): boolean =>
  allHard || isHard({ kind: 'practice', effort: effort?.to ?? null });

/**
 * Throws of one set of a candidate.
 *
 * @example throwsOf({ drill: drillOf('full-delivery'), dose: parseDose('2x10') }) // 10
 */
export const throwsOf = ({ drill, dose }: Candidate): number => throwsASet(drill, dose);

/**
 * Throws of items of a week, as the limits count them; a drill that reaches hard effort counts as hard.
 *
 * @example itemThrows([{ date: monday, drill: 'full-delivery', sets: 1, dose: '1x10' }])[0].count // 10
 */
export const itemThrows = (
  items: readonly (WeekItem & { dose?: string | undefined })[],
  book: DrillBook = catalogueBook,
): DayThrows[] =>
  items.flatMap(({ date, drill: id, sets, dose }): DayThrows[] => {
    const drill = book.drill(id);
    if (!drill || drill.throws === 0) return [];
    const count = throwsASet(drill, parseDose(dose ?? drill.dose)) * sets;
    return [{ date, count, kind: 'practice', effort: drill.effort?.to ?? null }];
  });
