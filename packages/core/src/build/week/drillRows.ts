import { ageOn } from '../../units';
import { warmUp } from '../ladder';
import { alwaysThere } from './candidates';
import { excluded, mostBesidesPrep, mostDrills, mostThrowing, weekdayName } from './day';
import { diminishing, rule, secondsOf, type Cell, type Context } from './columns';
import type { Drill } from '../../catalogue';
import type { Term } from './programme';
import type { Candidate, WeekDay, WeekInput } from './types';
import { texts } from './texts';

const mostStrengthDays = 3;

/** The columns of one drill on one day: its sets, and whether it is used; nothing where it cannot be. */
function writeCell(
  { input, writer }: Context,
  at: { candidate: number; day: number; chosen: number },
  tight: boolean,
): Cell | null {
  const candidate = input.candidates[at.candidate]!;
  const day = input.days[at.day]!;
  const { drill } = candidate;
  const pinned = (input.pins ?? []).find((pin) => pin.drill === drill.id && pin.date === day.date);
  const why = excluded(candidate, day, input);
  if (why && !(pinned && pinned.sets > 0)) return null;
  // A day holds one dose at most, unless the instructor asks for more.
  const atMost = Math.max(candidate.dose.sets, pinned?.sets ?? 0);
  // What is pinned stays, so that what speaks against it can be named.
  const fitting = tight && !pinned ? setsIn(candidate, day, input, atMost) : atMost;
  if (fitting < 1) return null;
  const sets = writer.column(fitting, true);
  const used = writer.column(1, true);
  if (why) writer.atMost(why, [[sets, 1]], 0);
  if (pinned?.sets) {
    const words = texts.isPinnedTo(drill.name, weekdayName(day.date), pinned.sets);
    writer.atLeast(rule('pin', words, day.date), [[sets, 1]], pinned.sets);
  } else if (pinned)
    writer.atMost(rule('pin', texts.isKeptOff(drill.name, weekdayName(day.date)), day.date), [[sets, 1]], 0);
  writer.atMost(
    null,
    [
      [sets, 1],
      [used, -fitting],
    ],
    0,
  );
  writer.implies(used, sets);
  writer.implies(used, at.chosen);
  return { candidate: at.candidate, day: at.day, sets, used };
}

/** On how many days a drill may be, and must be where it is chosen at all. */
function writeDaysOf(
  { writer, layout }: Context,
  drill: Drill,
  { cells, chosen, daysDone }: { cells: readonly Cell[]; chosen: number; daysDone: number },
): void {
  // A day of rest is no day for a throwing drill; what only comes before others comes as often as they do.
  const possible = drill.throws ? cells.filter((cell) => layout.open[cell.day]! > 0) : cells;
  if (!alwaysThere.includes(drill.id) && possible.length + daysDone >= 2)
    writer.atLeast(
      rule('habit', texts.onTwoDaysAtLeast(drill.name)),
      [...cells.map(({ used }): Term => [used, 1]), [chosen, -2]],
      -daysDone,
    );
  if (drill.strength)
    writer.atMost(
      rule('habit', texts.strengthAtMost(drill.name, mostStrengthDays)),
      cells.map(({ used }): Term => [used, 1]),
      mostStrengthDays - daysDone,
    );
}

/**
 * Cells, flags and segments of each candidate, and how they hang together.
 *
 * @example layout.cells.every(({ sets, used }) => sets !== used) // true
 */
export function writeCandidates(context: Context, tight: boolean): void {
  const { input, writer, layout } = context;
  for (const [c, candidate] of input.candidates.entries()) {
    const { drill } = candidate;
    const done = (input.done ?? []).filter((item) => item.drill === drill.id);
    const doneSets = done.reduce((sum, { sets }) => sum + sets, 0);
    const chosen = writer.column(1, true);
    layout.chosen.push(chosen);
    const worth = diminishing.slice(doneSets);
    const segments = worth.map((share) => writer.column(1, false, candidate.value * share));
    layout.segments.push(segments);
    const cells = input.days.flatMap(
      (_, d) => writeCell(context, { candidate: c, day: d, chosen }, tight) ?? [],
    );
    layout.cells.push(...cells);
    const all = cells.map(({ sets }): Term => [sets, -1]);
    writer.atMost(null, [...segments.map((segment): Term => [segment, 1]), ...all], 0);
    for (const segment of segments) writer.implies(segment, chosen);
    writeDaysOf(context, drill, { cells, chosen, daysDone: new Set(done.map(({ date }) => date)).size });
  }
}

/** How many sets of a drill fit a day's minutes and throws by themselves. */
function setsIn(candidate: Candidate, day: WeekDay, { pace }: WeekInput, atMost: number): number {
  let sets = 0;
  while (sets < atMost && secondsOf(candidate, sets + 1, pace) <= day.minutes * 60) sets++;
  return sets;
}

/**
 * Minutes and the number of drills of each day.
 *
 * @example layout.days.length // 7
 */
export function writeDays({ input, writer, layout }: Context): void {
  input.days.forEach((day, d) => {
    const cells = layout.cells.filter((cell) => cell.day === d);
    const name = weekdayName(day.date);
    writer.atMost(
      rule('time', `${name} has ${day.minutes} minutes`, day.date),
      cells.flatMap(({ candidate, sets, used }): Term[] => {
        const one = input.candidates[candidate]!;
        const first = secondsOf(one, 1, input.pace);
        const more = Math.max(
          ...[2, 3, 4].map((n) => secondsOf(one, n, input.pace) - secondsOf(one, n - 1, input.pace)),
        );
        return [
          [sets, more],
          [used, first - more],
        ];
      }),
      day.minutes * 60,
    );
    if (day.kind !== 'off')
      writer.atMost(
        rule('habit', texts.atMostDrills(name, mostDrills[day.kind]), day.date),
        cells.map(({ used }): Term => [used, 1]),
        mostDrills[day.kind],
      );
    const besides = mostBesidesPrep(ageOn(input.birthdate, day.date));
    const drillOf = ({ candidate }: Cell) => input.candidates[candidate]!.drill;
    if (besides !== null)
      writer.atMost(
        rule('habit', texts.atMostDrillsBesides(name, besides), day.date),
        cells.filter((cell) => drillOf(cell).stage !== 'prep').map(({ used }): Term => [used, 1]),
        besides,
      );
    if (day.kind === 'lesson')
      writer.atMost(
        rule('habit', texts.atMostThrowingDrills(name, mostThrowing), day.date),
        cells.filter((cell) => drillOf(cell).throws > 0).map(({ used }): Term => [used, 1]),
        mostThrowing,
      );
    writeWarmUp({ input, writer, layout }, d, cells);
  });
}

/** The warm-up comes before any other work, where the day has the time for both; before throws it always does. */
function writeWarmUp({ input, writer }: Context, d: number, cells: readonly Cell[]): void {
  const day = input.days[d]!;
  const one = (cell: Cell) => input.candidates[cell.candidate]!;
  const warm = cells.find((cell) => one(cell).drill.id === warmUp);
  if (!warm) return;
  const warmSeconds = secondsOf(one(warm), 1, input.pace);
  for (const cell of cells)
    if (cell !== warm && warmSeconds + secondsOf(one(cell), 1, input.pace) <= day.minutes * 60)
      writer.atMost(
        rule('habit', texts.warmUpFirst(weekdayName(day.date)), day.date),
        [
          [cell.used, 1],
          [warm.used, -1],
        ],
        0,
      );
}
