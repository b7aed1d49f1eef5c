import { nodeName } from '../../catalogue';
import { addDays } from '../../units';
import { lockWords, throwLimits } from '../../safety';
import { buildUpWords } from './buildUp';
import { isGame, isHardOne, throwsOf, unfit, weekdayName } from './day';
import { secondsOf, type Layout } from './columns';
import type { WeekInput, WeekItem } from './types';
import { texts } from './texts';

/** Days named together: "Monday, Thursday". */
const named = (dates: readonly string[]): string => dates.map(weekdayName).join(', ');

const mostReasons = 3;

/**
 * What a week misses of what it should work on, and why, in words; nothing where each focus has a drill.
 *
 * @example missedBy(week, []).length // 1
 */
export function missedBy(input: WeekInput, items: readonly WeekItem[]): string[] {
  const { focuses = [], candidates, days } = input;
  // What was worked on already counts as well, when the rest of a week is planned anew.
  const allItems = [...items, ...(input.done ?? [])];
  const inWeek = (id: string) => allItems.some(({ drill }) => drill === id);
  const bare =
    allItems.length > 0 && candidates.every(({ drill, serves }) => !inWeek(drill.id) || !serves?.length);
  const without = focuses.filter(
    ({ id }) => !candidates.some(({ drill, serves }) => inWeek(drill.id) && serves?.includes(id)),
  );
  return [
    ...(bare && without.length ? [texts.onlyPreparation] : []),
    ...without.map(({ id, left }) => {
      const barred = candidates
        .filter(({ serves }) => serves?.includes(id))
        .flatMap((candidate) => {
          const why = days.map((day) => unfit(candidate, day, input));
          return why.every(Boolean) ? [`${candidate.drill.name}: ${why[0]!.words}.`] : [];
        });
      const why = [...left, ...barred].slice(0, mostReasons);
      return texts.noDrillFor(nodeName(id), why);
    }),
  ];
}

/** Open days that stay empty, with what the drills for a focus lack on them; days that lack the same are named together. */
function emptyDays(input: WeekInput, items: readonly WeekItem[]): string[] {
  const { days, candidates } = input;
  const byWhy = new Map<string, string[]>();
  for (const day of days) {
    if (day.kind === 'off' || items.some(({ date }) => date === day.date)) continue;
    const why = candidates
      .filter(({ serves, drill }) => serves?.length && !drill.targets.includes('*'))
      .flatMap((candidate) => {
        const trouble = unfit(candidate, day, input);
        return trouble?.kind === 'place' ? [`${trouble.words} for ${candidate.drill.name}`] : [];
      });
    if (why.length === 0) continue;
    const words = why.slice(0, mostReasons).join('; ');
    byWhy.set(words, [...(byWhy.get(words) ?? []), day.date]);
  }
  return [...byWhy].map(([why, dates]) => `Nothing ${named(dates)}: ${why}.`);
}

/**
 * What kept a week from holding more, in words: rest, games, places, minutes, throws.
 *
 * @example limitingReasons(week, layout, layout.programme.gain.map(() => 0), [], []).length > 0 // true
 */
export function limitingReasons(
  input: WeekInput,
  layout: Layout,
  values: readonly number[],
  items: readonly WeekItem[],
  missed: readonly string[],
): string[] {
  const { days, candidates } = input;
  const limitedBy: string[] = [
    ...(input.pain.lock ? [lockWords(input.pain.lock)] : []),
    ...missed,
    ...emptyDays(input, items),
    ...(input.notes ?? []),
  ];
  if (input.buildUp) limitedBy.push(buildUpWords(input.buildUp));
  const throwing = candidates.filter(({ drill }) => drill.throws > 0);
  const worthMore = candidates.filter(({ drill, value }) => {
    const sets = items.reduce((sum, item) => (item.drill === drill.id ? sum + item.sets : sum), 0);
    return value > 0 && sets < 6;
  });
  /** Days of rest by what they rest from. */
  const resting = new Map<string, string[]>();
  days.forEach((day, d) => {
    const name = weekdayName(day.date);
    if (day.kind === 'off') return;
    const own = items.filter(({ date }) => date === day.date);
    const { restUntil, because, leftToday } = throwLimits({ ...input, on: day.date });
    const open = throwing.some((candidate) => unfit(candidate, day, input) === null);
    if (restUntil) resting.set(because, [...(resting.get(because) ?? []), day.date]);
    const yesterday = days.findIndex(({ date }) => date === addDays(day.date, -1));
    if (open && yesterday >= 0 && layout.known[yesterday]!.unknown)
      limitedBy.push(texts.gamePitchesUnknown(name));
    if (isGame(days, addDays(day.date, 1)))
      if (candidates.some(({ drill }) => drill.stage === 'constrain' || drill.stage === 'connect'))
        limitedBy.push(texts.isDayBeforeGame(name));
    const seconds = own.reduce((sum, { drill, sets }) => {
      const candidate = candidates.find((each) => each.drill.id === drill);
      return sum + (candidate ? secondsOf(candidate, sets, input.pace) : 0);
    }, 0);
    const here = worthMore.filter((candidate) => unfit(candidate, day, input) === null);
    const atLeast = Math.min(
      ...here.map((candidate) => {
        const sets = own.find(({ drill }) => drill === candidate.drill.id)?.sets ?? 0;
        return secondsOf(candidate, sets + 1, input.pace) - secondsOf(candidate, sets, input.pace);
      }),
    );
    if (here.length && seconds + atLeast > day.minutes * 60)
      limitedBy.push(texts.itsMinutesAreFull(name, day.minutes));
    const thrown = own.flatMap(({ drill, sets }) => {
      const candidate = candidates.find((each) => each.drill.id === drill);
      return candidate
        ? [{ count: throwsOf(candidate) * sets, hard: isHardOne(candidate, input.allHard) }]
        : [];
    });
    const planned = thrown.reduce((sum, { count }) => sum + count, 0);
    const counted = thrown.reduce((sum, { count, hard }) => sum + (hard ? count : count / 2), 0);
    if (counted > 0 && counted >= leftToday * 0.9)
      limitedBy.push(texts.throwsAreFull(name, counted, leftToday));
    const rests = layout.days[d]!.rest.filter((column) => (values[column] ?? 0) > 0).length;
    const until = days.filter(({ date }) => date > day.date && date <= addDays(day.date, rests));
    if (planned > 0 && until.length)
      limitedBy.push(texts.restAfterThrowsOf(named(until.map(({ date }) => date)), rests, planned, name));
  });
  for (const [because, dates] of resting) limitedBy.push(`No throwing ${named(dates)}: ${because}.`);
  for (const candidate of candidates) {
    const why = days.map((day) => unfit(candidate, day, input));
    if (candidate.value === 0 || why.some((each) => each === null)) continue;
    const first =
      why.find((each) => each?.kind === 'place') ?? why.find((each) => each?.kind !== 'habit') ?? why[0];
    if (first) limitedBy.push(texts.staysOut(candidate.drill.name, first.words));
  }
  return [...new Set(limitedBy)];
}
