import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { RandomGenerator } from 'pure-rand/types/RandomGenerator';
import { BestRoutes, wishOf, type Wish } from './bestRoutes';
import type { CampTable } from './table';
import { unwatched, type CampWatch } from './types';

/** By station and slot, the youngest age that it takes; the oldest is the span of ages above it. */
export type AgeRanges = readonly (readonly number[])[];

/** What costs: worth that is missing of somebody's best route, more of it the larger a share it is; nowhere to go in a slot; a visit too many. */
const ofMissing = 4;
const ofShare = 20;
const ofNoPlace = 2;
const ofNoRoom = 0.25;
/** What best routes may take of each second of planning, in states: a quarter of it on a machine of today. */
const workASecond = 4e6;
/** Changes that are tried for each station and slot; of them, those for somebody who misses something, and those of two slots. */
const triesEach = 60;
const forWhoMisses = 0.7;
const ofTwoSlots = 0.5;
const firstWarmth = 1;
const lastWarmth = 0.05;
/** Parts of the golden section: steps of these never fall into a rhythm. */
const goldenOfStations = 0.618;
const goldenOfSlots = 0.382;

const covers = (from: number, span: number, age: number): boolean => age >= from && age <= from + span;

interface Place {
  /** The youngest age that it takes. */
  from: number;
  /** Athletes. */
  room: number;
}

/**
 * Those for whom there is no room where each place takes a range of ages: the youngest first, each to the place that is
 * closed soonest to whoever is older, so that as few as can be are left over.
 *
 * @param ages in order
 * @param many of each age
 * @param span years from the youngest to the oldest in one place
 * @example withoutRoom([9, 12, 15], [4, 4, 4], [{ from: 9, room: 6 }, { from: 12, room: 5 }], 3) // 1
 */
export function withoutRoom(
  ages: readonly number[],
  many: readonly number[],
  places: readonly Place[],
  span: number,
): number {
  const left = [...places].sort((x, y) => x.from - y.from).map((place) => ({ ...place }));
  return ages.reduce((sum, age, n) => {
    let waiting = many[n]!;
    for (const place of left) {
      if (waiting === 0) break;
      if (!covers(place.from, span, age)) continue;
      const going = Math.min(waiting, place.room);
      place.room -= going;
      waiting -= going;
    }
    return sum + waiting;
  }, 0);
}

/** A search for ranges that let everybody have their best route, and in which there is room for those of every age. */
class RangeSearch {
  /** By station and slot, the youngest age. */
  readonly from: number[][];
  /** What it all costs. */
  cost: number;
  private readonly ages: readonly number[];
  /** By station and slot, the youngest ages that it may have: whoever is pinned there is taken. */
  private readonly starts: readonly (readonly (readonly number[])[])[];
  private readonly wishes: readonly Wish[];
  private readonly whoNeed: readonly (readonly number[])[];
  readonly routes: BestRoutes;
  /** By athlete: what their route is worth where every age is taken, what is missing of that, and the route as it is. */
  private readonly best: readonly number[];
  private readonly missing: number[];
  private readonly ways: (readonly number[])[];
  /** By slot, those of each age who are there; by station, the visits of each age. */
  private readonly there: readonly (readonly number[])[];
  private readonly visits: readonly (readonly number[])[];
  private readonly noPlace: number[];
  private readonly noRoom: number[];
  private readonly random: RandomGenerator;

  constructor(
    private readonly table: CampTable,
    private readonly span: number,
    visits: readonly (readonly number[])[],
    seed: number,
  ) {
    const { athletes, stations, slots, ages, open, present, settled } = table;
    this.random = xoroshiro128plus(seed);
    this.ages = [...new Set(ages)].sort((x, y) => x - y);
    const last = this.ages.find((age) => age + span >= this.ages.at(-1)!)!;
    const starts = this.ages.filter((age) => age <= last);
    this.starts = stations.map((_, s) =>
      slots.map((__, t) => {
        const pinned = athletes.flatMap((___, a) => (settled[a]![t] === s ? [a] : []));
        const fit = starts.filter((from) => pinned.every((a) => this.takes(a, from)));
        return fit.length ? fit : starts;
      }),
    );
    this.from = this.spreadOut();
    this.wishes = athletes.map((_, a) => wishOf(table, a));
    this.whoNeed = stations.map((_, s) =>
      this.wishes.flatMap(({ a, wanted }) => (wanted.includes(s) ? [a] : [])),
    );
    this.routes = new BestRoutes(table, this.wishes);
    this.best = this.wishes.map((wish) => this.routes.of(wish, (n, t) => open[wish.wanted[n]!]![t]!).worth);
    this.missing = athletes.map(() => 0);
    this.ways = athletes.map(() => []);
    athletes.forEach((_, a) => this.lookAt(a));
    const byAge = (of: (a: number) => number) =>
      this.ages.map((age) => athletes.reduce((sum, _, a) => sum + (ages[a] === age ? of(a) : 0), 0));
    this.there = slots.map((_, t) => byAge((a) => Number(present[a]![t])));
    this.visits = stations.map((_, s) => byAge((a) => visits[a]![s]!));
    this.noPlace = slots.map((_, t) => this.noPlaceIn(t));
    this.noRoom = stations.map((_, s) => this.noRoomAt(s));
    this.cost = [...this.missing, ...this.noPlace, ...this.noRoom].reduce((sum, each) => sum + each, 0);
  }

  /** Each range about the age of somebody, so that every age is taken about as often as it is there. */
  private spreadOut(): number[][] {
    const { stations, slots, ages } = this.table;
    const inOrder = [...ages].sort((x, y) => x - y);
    return stations.map((_, s) =>
      slots.map((__, t) => {
        const share = (s * goldenOfStations + t * goldenOfSlots) % 1;
        const start = inOrder[Math.floor(share * inOrder.length)]! - this.span / 2;
        return this.starts[s]![t]!.reduce((near, age) =>
          Math.abs(age - start) < Math.abs(near - start) ? age : near,
        );
      }),
    );
  }

  private takes(a: number, from: number): boolean {
    return covers(from, this.span, this.table.ages[a]!);
  }

  /** Finds the best route of somebody in the ranges as they are. */
  private lookAt(a: number): void {
    const { open } = this.table;
    const wish = this.wishes[a]!;
    const { worth, way } = this.routes.of(wish, (n, t) => {
      const s = wish.wanted[n]!;
      return open[s]![t]! && this.takes(a, this.from[s]![t]!);
    });
    const missing = this.best[a]! - worth;
    this.missing[a] = missing > 0 ? ofMissing * missing * (1 + (ofShare * missing) / this.best[a]!) : 0;
    this.ways[a] = way;
  }

  private noPlaceIn(t: number): number {
    const { stations, open, capacity } = this.table;
    const places = stations.flatMap((_, s) =>
      open[s]![t] ? [{ from: this.from[s]![t]!, room: capacity[s]! }] : [],
    );
    return ofNoPlace * withoutRoom(this.ages, this.there[t]!, places, this.span);
  }

  private noRoomAt(s: number): number {
    const { slots, open, capacity } = this.table;
    const places = slots.flatMap((_, t) =>
      open[s]![t] ? [{ from: this.from[s]![t]!, room: capacity[s]! }] : [],
    );
    return ofNoRoom * withoutRoom(this.ages, this.visits[s]!, places, this.span);
  }

  /** Tries another range in one slot of a station, or the ranges of two of its slots exchanged. */
  attempt(heat: number): void {
    const { stations, slots } = this.table;
    const short = this.missing.flatMap((missing, a) => (missing > 0 ? [a] : []));
    const about = short.length > 0 && uniformFloat64(this.random) < forWhoMisses;
    const s = about ? this.wishes[short[this.pick(short.length)]!]!.wanted : null;
    const station = s ? s[this.pick(s.length)]! : this.pick(stations.length);
    const t = this.pick(slots.length);
    const u = uniformFloat64(this.random) < ofTwoSlots ? this.pick(slots.length) : t;
    const row = [...this.from[station]!];
    const starts = this.starts[station]!;
    if (u === t) row[t] = starts[t]![this.pick(starts[t]!.length)]!;
    else [row[t], row[u]] = [row[u]!, row[t]!];
    if (!starts[t]!.includes(row[t]!) || !starts[u]!.includes(row[u]!)) return;
    const changed = [...new Set([t, u])].filter((n) => row[n] !== this.from[station]![n]);
    if (changed.length > 0) this.weigh(station, row, changed, heat);
  }

  /** Gives a station other ranges in some slots, and takes them back where they are not worth it. */
  private weigh(s: number, row: number[], changed: readonly number[], heat: number): void {
    const { missing, ways, noPlace, noRoom } = this;
    const was = this.from[s]!;
    // Whoever misses nothing goes on doing so, unless their route leads through what is closed to them now.
    const whose = this.whoNeed[s]!.filter((a) =>
      changed.some((t) =>
        this.takes(a, row[t]!)
          ? missing[a]! > 0 && !this.takes(a, was[t]!)
          : ways[a]![t] === this.wishes[a]!.wanted.indexOf(s),
      ),
    );
    const costs = () =>
      whose.reduce((sum, a) => sum + missing[a]!, 0) +
      changed.reduce((sum, t) => sum + noPlace[t]!, 0) +
      noRoom[s]!;
    const before = costs();
    const [theirs, routes, places, room] = [
      whose.map((a) => missing[a]!),
      whose.map((a) => ways[a]!),
      changed.map((t) => noPlace[t]!),
      noRoom[s]!,
    ];
    this.from[s] = row;
    whose.forEach((a) => this.lookAt(a));
    changed.forEach((t) => (noPlace[t] = this.noPlaceIn(t)));
    noRoom[s] = this.noRoomAt(s);
    const change = costs() - before;
    if (change <= 0 || uniformFloat64(this.random) < Math.exp(-change / heat)) {
      this.cost += change;
      return;
    }
    this.from[s] = was;
    whose.forEach((a, n) => ([missing[a], ways[a]] = [theirs[n]!, routes[n]!]));
    changed.forEach((t, n) => (noPlace[t] = places[n]!));
    noRoom[s] = room;
  }

  private pick(n: number): number {
    return Math.floor(uniformFloat64(this.random) * n);
  }
}

/**
 * Which ages each station takes in each slot, where the oldest and the youngest of a camp may not be side by side: so that
 * everybody who is alone in it could have their best route, and that there is room for those of every age. A search for
 * routes finds such ranges by accident only, as whole stations have to change for one of them (simulated annealing,
 * Kirkpatrick 1983).
 *
 * @param visits how often each athlete is to be at each station
 * @param how.seconds to plan in, of which it takes a quarter at most
 * @example ageRanges({ ...camp, ages: [9, 17], ageSpan: 5, athletes: [], slots: [] }, [], { seed: 1, seconds: 5 })[0] // []
 */
export function ageRanges(
  table: CampTable,
  visits: readonly (readonly number[])[],
  { seed, seconds, watch = unwatched }: { seed: number; seconds: number; watch?: CampWatch },
): AgeRanges {
  const { ageSpan, stations, slots } = table;
  const search = new RangeSearch(table, ageSpan ?? Infinity, visits, seed);
  const tries = triesEach * stations.length * slots.length;
  for (let n = 0; search.cost > 1e-9; n++) {
    const share = Math.max(n / tries, search.routes.work / (workASecond * seconds));
    if (share >= 1 || watch.stopped() || watch.late()) break;
    search.attempt(firstWarmth * (lastWarmth / firstWarmth) ** share);
  }
  return search.from;
}

/**
 * Whether somebody is of an age that a station takes in a slot.
 *
 * @example [9, 14, 15].map((age) => isInRange({ ages: [age], ageSpan: 5 }, [[9]], { a: 0, s: 0, t: 0 })) // [ true, true, false ]
 */
export function isInRange(
  { ages, ageSpan }: Pick<CampTable, 'ages' | 'ageSpan'>,
  ranges: AgeRanges,
  { a, s, t }: { a: number; s: number; t: number },
): boolean {
  return covers(ranges[s]![t]!, ageSpan ?? Infinity, ages[a]!);
}
