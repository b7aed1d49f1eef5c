import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { less, ones, Writer, type Solve, type Term } from '../build/week/programme';
import { ofMove, ofMoveBeyond, type Timetable } from './cost';
import { follows, nowhere, secondVisit, sideBySide } from './table';

/** Everybody is laid out at once where cells times stations are at most so many, and else so many athletes at a time. */
const mostAtOnce = 500;
const someAthletes = 10;
/** Each is counted as so many steps of the simplex method more than it takes: to write it down takes time as well. */
const stepsToWrite = 100;

/** What a search may take of the solver; each that goes on takes from it. */
export interface Budget {
  /** Of the simplex method: the same on every machine, so that a seed gives one plan. */
  steps: number;
  /** More than the steps take on a machine of today, for one that is far slower. */
  seconds: number;
}

interface Cell {
  a: number;
  t: number;
  /** By station, or at no station under `none`. */
  at: (number | null)[];
  none: number;
}

/** Routes of some athletes, all at once, around those of everybody else; what they cost is what a timetable says. */
class Routes {
  readonly writer = new Writer();
  /** Values of the routes as they are. */
  readonly start: number[] = [];
  private readonly cells: Cell[] = [];
  private readonly movable: Cell[] = [];

  constructor(
    private readonly timetable: Timetable,
    private readonly some: readonly number[],
  ) {
    for (const a of some) for (let t = 0; t < timetable.T; t++) this.addCell(a, t);
    for (const a of some) this.addWorth(a);
    for (const a of some) this.addThrows(a);
    this.addStations();
    this.addMoves();
  }

  private column(upper: number, integer: boolean, gain: number, now: number): number {
    this.start.push(now);
    return this.writer.column(upper, integer, gain);
  }

  private addCell(a: number, t: number): void {
    const { table } = this.timetable;
    if (!table.present[a]![t] || table.settled[a]![t] !== null) return;
    const was = this.timetable.mayBeMoved(a, t) ? table.before[a]![t]! : null;
    const now = this.timetable.station(a, t);
    const gain = (s: number) => (was === s ? ofMove : 0);
    const at = table.stations.map((_, s) =>
      table.may[a]![s] && table.open[s]![t] && this.fits(a, t, s)
        ? this.column(1, true, gain(s), Number(now === s))
        : null,
    );
    const none = this.column(1, true, gain(nowhere) - this.timetable.costs.nowhere, Number(now === nowhere));
    const cell = { a, t, at, none };
    this.cells.push(cell);
    if (was !== null) this.movable.push(cell);
    this.writer.row(null, 1, [...ones(at), [none, 1]], 1);
  }

  /** Whether ages allow somebody beside those who stay at a station. */
  private fits(a: number, t: number, s: number): boolean {
    const { ageSpan, ages } = this.timetable.table;
    return ageSpan === null || this.staying(s, t).every((b) => Math.abs(ages[a]! - ages[b]!) <= ageSpan);
  }

  private readonly stays = new Map<number, number[]>();

  /** Who is at a station in a slot and is not laid out anew. */
  private staying(s: number, t: number): readonly number[] {
    const key = s * this.timetable.T + t;
    const known = this.stays.get(key);
    if (known) return known;
    const { table } = this.timetable;
    const anew = new Set(this.some);
    const all = table.athletes.flatMap((_, b) =>
      this.timetable.station(b, t) === s && (!anew.has(b) || table.settled[b]![t] !== null) ? [b] : [],
    );
    this.stays.set(key, all);
    return all;
  }

  private of(a: number): Cell[] {
    return this.cells.filter((cell) => cell.a === a);
  }

  /** Slots of an athlete that are settled, with their station. */
  private settled(a: number): { t: number; s: number }[] {
    return this.timetable.table.slots.flatMap((_, t) => {
      const s = this.timetable.table.settled[a]![t];
      return s === null || s === undefined || s < 0 ? [] : [{ t, s }];
    });
  }

  private addWorth(a: number): void {
    const { writer, timetable } = this;
    const cells = this.of(a);
    const settled = this.settled(a);
    const worth: Term[] = [];
    timetable.table.need[a]!.forEach((need, s) => {
      if (need === 0) return;
      const fixed = settled.filter((each) => each.s === s).length;
      const times = visitsOf(timetable, a, s);
      const first = this.column(1, false, need, Math.min(1, times));
      const second = this.column(1, false, need * secondVisit, Number(times > 1));
      const visits = less(cells.map(({ at }) => at[s]!));
      writer.atMost(null, [[first, 1], [second, 1], ...visits], fixed);
      worth.push([first, need], [second, need * secondVisit]);
    });
    const least = timetable.least[a]!;
    const short = this.column(
      least,
      false,
      -timetable.costs.missing,
      Math.max(0, least - timetable.worth(a)),
    );
    writer.atLeast(null, [...worth, [short, 1]], least);
  }

  private addThrows(a: number): void {
    const { heavy, heavyLimit, day, slots } = this.timetable.table;
    const cells = new Map(this.of(a).map((cell) => [cell.t, cell]));
    const settled = new Map(this.settled(a).map(({ t, s }) => [t, Number(heavy[s]!)]));
    const throws = (t: number) => ones(cells.get(t)?.at.filter((_, s) => heavy[s]) ?? []);
    const fixed = (t: number) => settled.get(t) ?? 0;
    slots.forEach((_, t) => {
      if (follows({ day }, t))
        this.writer.atMost(null, [...throws(t - 1), ...throws(t)], Math.max(0, 1 - fixed(t - 1) - fixed(t)));
    });
    for (const d of new Set(day)) {
      const today = slots.flatMap((_, t) => (day[t] === d ? [t] : []));
      const thrown = today.reduce((sum, t) => sum + fixed(t), 0);
      this.writer.atMost(null, today.flatMap(throws), Math.max(0, heavyLimit[a]! - thrown));
    }
  }

  /** What each station holds, opens for, and how far apart in age those may be who come to it. */
  private addStations(): void {
    const { writer, timetable } = this;
    const { capacity, minimum, ageSpan, ages, stations, slots, apart } = timetable.table;
    slots.forEach((_, t) => {
      const here = this.cells.filter((cell) => cell.t === t);
      stations.forEach((__, s) => {
        const coming = here.flatMap(({ a, at }) =>
          at[s] === null || at[s] === undefined ? [] : [{ a, column: at[s]! }],
        );
        if (coming.length === 0) return;
        const all = ones(coming.map(({ column }) => column));
        const staying = this.staying(s, t);
        writer.atMost(null, all, Math.max(0, capacity[s]! - staying.length));
        if (staying.length < minimum[s]!) {
          const opened = this.column(
            1,
            true,
            0,
            Number(coming.some(({ column }) => this.start[column] === 1)),
          );
          for (const { column } of coming) writer.implies(column, opened);
          writer.atLeast(null, [...all, [opened, -minimum[s]!]], -staying.length);
          if (staying.length > 0) writer.atLeast(null, [[opened, 1]], 1);
        }
        for (const ids of apart) {
          const both = ones(coming.filter(({ a }) => ids.includes(a)).map(({ column }) => column));
          const other = ids.some((b) => staying.includes(b));
          writer.atMost(null, both, other ? 0 : 1);
        }
        if (ageSpan === null) return;
        const classes = [...new Set(coming.map(({ a }) => ages[a]!))];
        const isHere = (age: number) =>
          Number(coming.some(({ a, column }) => ages[a] === age && this.start[column] === 1));
        const used = new Map(classes.map((age) => [age, this.column(1, false, 0, isHere(age))]));
        for (const { a, column } of coming) writer.implies(column, used.get(ages[a]!)!);
        for (const [age, one] of used)
          for (const [older, other] of used)
            if (older - age > ageSpan)
              writer.atMost(
                null,
                [
                  [one, 1],
                  [other, 1],
                ],
                1,
              );
      });
    });
  }

  /** Moves beyond those that may be made. */
  private addMoves(): void {
    if (this.movable.length === 0) return;
    const { timetable } = this;
    const was = this.movable.map(({ a, t, at, none }) => {
      const s = timetable.table.before[a]![t]!;
      return s < 0 ? none : at[s]!;
    });
    const now = this.movable.filter(({ a, t }) => timetable.station(a, t) !== timetable.table.before[a]![t]);
    const left = timetable.movesLeft() + now.length;
    const beyond = this.column(this.movable.length, false, -ofMoveBeyond, Math.max(0, now.length - left));
    const stayed = less(was);
    this.writer.atMost(null, [...stayed, [beyond, -1]], left - this.movable.length);
  }

  /** Lays out what values say. */
  lay(values: readonly number[]): void {
    const is = (column: number | null) => column !== null && (values[column] ?? 0) > 0.5;
    for (const { a, t } of this.cells) this.timetable.set(a, t, nowhere);
    for (const { a, t, at } of this.cells) this.timetable.set(a, t, at.findIndex(is));
  }
}

const visitsOf = (timetable: Timetable, a: number, s: number): number =>
  timetable.table.slots.filter((_, t) => timetable.station(a, t) === s).length;

/** Stations at which some come to less than they could use. */
const missedStations = (timetable: Timetable, some: readonly number[]): number[] =>
  timetable.table.stations.flatMap((_, s) =>
    some.some((a) => timetable.table.need[a]![s]! > 0 && visitsOf(timetable, a, s) < 2) ? [s] : [],
  );

/** Whether somebody is at one of some stations without a use for it. */
const spares = (timetable: Timetable, a: number, stations: readonly number[]): boolean =>
  stations.some((s) => visitsOf(timetable, a, s) > (timetable.table.need[a]![s]! > 0 ? 2 : 0));

interface PolishHow {
  seed: number;
  budget: Budget;
  inVain: number;
  enough: number;
}

/**
 * Lays out some athletes anew, exactly, around everybody else (large neighbourhood search, Shaw 1998): those whose share
 * is below the floor, with others by lot; all of them where a camp is small.
 *
 * @param budget is less afterwards by what it took
 * @param inVain stops after so many times that changed nothing
 * @param enough stops at this cost
 * @returns what the timetable costs, which is never more than before
 * @example polish(timetable(), solve, { seed: 1, budget: { steps: 1000, seconds: 1 }, inVain: 1, enough: 1000 }) // 720
 */
export function polish(
  timetable: Timetable,
  solve: Solve,
  { seed, budget, inVain, enough }: PolishHow,
): number {
  const { table, T, S } = timetable;
  const random = xoroshiro128plus(seed);
  const befriended = new Set(sideBySide(table).flat());
  const free = table.athletes.flatMap((_, a) => (befriended.has(a) ? [] : [a]));
  const all = table.athletes.length * T * S <= mostAtOnce;
  const most = all ? free.length : someAthletes;
  let cost = timetable.total();
  let vain = 0;
  while (budget.steps > 0 && budget.seconds > 0 && vain < inVain && cost > enough + 1e-9) {
    const short = (a: number) => timetable.worth(a) < timetable.least[a]! - 1e-9;
    const missed = missedStations(timetable, free.filter(short));
    // Whoever breaks a rule comes first, and those who have no use for where somebody is missing before the others.
    const rank = new Map(
      free.map((a) => [
        a,
        8 * Number(timetable.breaksRules(a)) +
          4 * Number(short(a)) +
          2 * Number(spares(timetable, a, missed)) +
          uniformFloat64(random),
      ]),
    );
    const some = [...free].sort((a, b) => rank.get(b)! - rank.get(a)!).slice(0, most);
    const was = Int16Array.from(timetable.at);
    const routes = new Routes(timetable, some);
    if (routes.start.length === 0) break;
    const solved = solve(routes.writer.programme, {
      gap: 1e-6,
      seconds: budget.seconds,
      start: routes.start,
    });
    budget.steps -= solved.steps + stepsToWrite;
    budget.seconds -= solved.seconds;
    if (solved.status === 'solved') routes.lay(solved.values);
    const next = timetable.total();
    vain = next < cost - 1e-9 ? 0 : vain + 1;
    if (vain === 0) cost = next;
    else timetable.lay(was);
    // Everybody at once: it does not get better than this.
    if (all) break;
  }
  return cost;
}
