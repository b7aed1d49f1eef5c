import { FieldError } from '../../units/fieldError';
import { stages } from '../../catalogue';
import { warmUp } from '../ladder';
import { throwsOf, weekdayName } from './day';
import { limitingReasons, missedBy } from './limitedBy';
import { secondsOf, type Layout } from './columns';
import { layOut, valuesOf } from './layout';
import {
  irreducibleInfeasibleSet,
  free,
  type Programme,
  type Rule,
  type Solve,
  type Term,
} from './programme';
import type { PlannedItem, WeekInput, WeekItem, WeekPlan } from './types';
import { texts } from './texts';

/** To what share of the best the first reading is proven. */
const provenGap = 0.005;
/** What may be given up for a week that is laid out better; with what is not proven it stays below a percent. */
const yieldedShare = 0.004;
/** What may be given up to leave a week as it was; the gap that is told says so. */
const yieldedToStay = 0.03;
/** What a day that is not empty is worth in the second reading, a drill of feel or move being worth 0.1. */
const dayFilled = 0.3;
/** How long the best week is looked for, and the one of these that is laid out best, seconds. */
const firstSeconds = 7;
const secondSeconds = 2.5;

/** Rules that cannot hold together; none can be dropped. */
export class ClashError extends FieldError {
  constructor(readonly rules: readonly Rule[]) {
    super('pins', texts.theseCannotHold(rules.map(({ words }) => words).join('; ')));
    this.name = 'ClashError';
  }
}

const itemsOf = ({ cells }: Layout, input: WeekInput, values: readonly number[]): WeekItem[] =>
  cells.flatMap((cell): WeekItem[] => {
    const sets = Math.round(values[cell.sets] ?? 0);
    return sets > 0
      ? [{ date: input.days[cell.day]!.date, drill: input.candidates[cell.candidate]!.drill.id, sets }]
      : [];
  });

/** What a week is worth by itself, whatever it was solved for. */
const worthOf = ({ programme }: Layout, values: readonly number[]): number =>
  programme.gain.reduce((sum, gain, column) => sum + gain * (values[column] ?? 0), 0);

/**
 * The same programme for the second reading: of all weeks that are nearly the best, the one that moves least of the
 * week before, or leaves no day empty that could hold something, gives what is felt and moved to many days and holds no
 * set that is worth nothing. With it the values of the first reading, to start from.
 */
function secondReading(
  input: WeekInput,
  layout: Layout,
  first: readonly number[],
  atLeast: number,
): { programme: Programme; start: number[] } {
  const { programme, cells } = layout;
  const next: Programme = {
    gain: programme.gain.map(() => 0),
    lower: [...programme.lower],
    upper: [...programme.upper],
    integer: [...programme.integer],
    rows: [
      ...programme.rows,
      {
        rule: null,
        low: atLeast,
        high: free,
        terms: programme.gain.flatMap((gain, column): Term[] => (gain ? [[column, gain]] : [])),
      },
    ],
  };
  const start = [...first];
  if (!input.before) for (const { worked } of layout.days) next.gain[worked] = dayFilled;
  for (const { candidate, day, sets, used } of cells) {
    const { drill } = input.candidates[candidate]!;
    if (!input.before) {
      if (drill.stage === 'feel' || drill.stage === 'move') next.gain[used]! += 0.1;
      next.gain[sets]! -= drill.id === warmUp ? 0.001 : 0.01;
      continue;
    }
    const { date } = input.days[day]!;
    const was = input.before.find((item) => item.drill === drill.id && item.date === date)?.sets ?? 0;
    const moved = next.gain.push(-1) - 1;
    next.lower.push(0);
    next.upper.push(Math.max(programme.upper[sets]!, was));
    next.integer.push(false);
    start.push(Math.abs((first[sets] ?? 0) - was));
    next.rows.push(
      {
        rule: null,
        low: -was,
        high: free,
        terms: [
          [moved, 1],
          [sets, -1],
        ],
      },
      {
        rule: null,
        low: was,
        high: free,
        terms: [
          [moved, 1],
          [sets, 1],
        ],
      },
    );
  }
  return { programme: next, start };
}

/**
 * An item with what it costs.
 *
 * @example costed(week, item).throws // 0
 */
export function costed(input: Pick<WeekInput, 'candidates' | 'pace'>, item: WeekItem): PlannedItem {
  const candidate = input.candidates.find(({ drill }) => drill.id === item.drill)!;
  return {
    ...item,
    throws: throwsOf(candidate) * item.sets,
    minutes: secondsOf(candidate, item.sets, input.pace) / 60,
  };
}

/**
 * In the order of a day: warm-up, other prep, then as a thread climbs.
 *
 * @example inOrder(week, [item]).length // 1
 */
export function inOrder<T extends WeekItem>(
  { candidates }: Pick<WeekInput, 'candidates'>,
  items: readonly T[],
): T[] {
  const place = (id: string) => {
    if (id === warmUp) return -1;
    const stage = candidates.find(({ drill }) => drill.id === id)?.drill.stage ?? 'prep';
    return stages.indexOf(stage);
  };
  return [...items].sort((a, b) => place(a.drill) - place(b.drill));
}

/**
 * The week that is worth most: sets of each drill on each day, within minutes, throws, rest, equipment and place.
 * First the best worth is proven; of the weeks within it the one is taken that is laid out best.
 *
 * @throws ClashError when what is pinned cannot hold; it names rules of which none can be dropped
 * @example planWeek(week, solve).missed // []
 */
export function planWeek(input: WeekInput, solve: Solve): WeekPlan {
  if (input.days.length === 0)
    return {
      days: [],
      limitedBy: [texts.noDayIsOpen],
      missed: [],
      objective: 0,
      bound: 0,
    };
  const layout = layOut(input, true);
  const { programme } = layout;
  const start = input.before && valuesOf(input, layout, input.before);
  const best = solve(programme, { gap: provenGap, seconds: firstSeconds, start });
  if (best.status === 'infeasible')
    throw new ClashError(irreducibleInfeasibleSet(layOut(input, false).programme, solve));
  if (best.status === 'none') throw new FieldError('days', texts.noWeekWasFound);
  let { values } = best;
  const worth = worthOf(layout, values);
  const proven = best.bound - worth <= 1.01 * provenGap * Math.abs(best.bound);
  const share = input.before ? yieldedToStay : proven ? yieldedShare : 0;
  const yielded = Math.max(1e-9, share * Math.abs(worth));
  const second = secondReading(input, layout, values, worth - yielded);
  const laid = solve(second.programme, { gap: 0.05, seconds: secondSeconds, start: second.start });
  if (laid.status === 'solved') values = laid.values;
  const items = itemsOf(layout, input, values);
  const settled = valuesOf(input, layout, items);
  const missed = missedBy(input, items);
  return {
    days: input.days.map(({ date }) => ({
      date,
      items: inOrder(
        input,
        items.filter((item) => item.date === date).map((item) => costed(input, item)),
      ),
    })),
    limitedBy: limitingReasons(input, layout, settled, items, missed),
    missed,
    objective: worthOf(layout, settled),
    bound: Math.max(best.bound, worthOf(layout, settled)),
  };
}

/**
 * "Nothing is open" and the like, before anything is solved; null where a week can be planned.
 *
 * @example openDays({ days: [] }) // []
 */
export const openDays = (input: Pick<WeekInput, 'days'>): string[] =>
  input.days
    .filter(({ kind, minutes }) => kind !== 'off' && minutes > 0)
    .map(({ date }) => weekdayName(date));
