import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { parties, type GroupSizes, type Turns } from './groupings';
import { Rotating } from './rotating';
import type { CampTable } from './table';
import { unwatched, type CampWatch } from './types';

/** What is tried within a second of planning; the same everywhere, so that a seed gives one plan. */
const triesASecond = 50_000;
/** Tries after which it is looked whether somebody stopped the search. */
const lookEvery = 4096;
/** Of the tries, those that change who is in a group, and of the others those that change one slot. */
const regroups = 0.4;
const trades = 0.6;
/** Of those that change groups, those in which some go back. */
const exchanges = 0.6;

export interface SearchHow {
  sizes: GroupSizes;
  seed: number;
  seconds: number;
  /** What a change may cost at the beginning and at the end, points of worth. */
  warmth: readonly [number, number];
  /** Worth that each athlete must have. */
  least: readonly number[];
  /** What a point of worth costs that is missing to it. */
  ofMissing?: number | undefined;
  /** Whether athletes may change groups. */
  regroup: boolean;
  watch?: CampWatch;
}

/** Slots in which anybody has a turn that is not settled. */
const freeSlots = ({ slots, present, settled }: CampTable): number[] =>
  slots.flatMap((_, t) => (present.some((there, a) => there[t] && settled[a]![t] === null) ? [t] : []));

/**
 * Searches for groups and turns that cost less, by changes of one slot, of two slots, and of who is in which group
 * (simulated annealing, Kirkpatrick 1983).
 *
 * @param start what is changed
 * @returns the best that was found, with its cost
 * @example betterTurns(camp, { members: [[0, 1, 2, 3]], stations: [[0, 1, 2, 3, 4]] }, { sizes: { count: 1, min: 4, max: 4 }, seed: 1, seconds: 0.1, warmth: [1, 0.1], least: bestAlone(camp).map(() => 0), regroup: false }).members // [[0, 1, 2, 3]]
 */
export function betterTurns(
  table: CampTable,
  start: Turns,
  { sizes, seed, seconds, warmth: [warm, cold], least, ofMissing, regroup, watch = unwatched }: SearchHow,
): Turns & { cost: number } {
  const random = xoroshiro128plus(seed);
  const unit = () => uniformFloat64(random);
  const pick = (n: number) => Math.floor(unit() * n);
  const state = new Rotating(table, sizes, least, start, ofMissing);
  const all = parties(table);
  const free = freeSlots(table);
  let cost = state.total();
  let best = { ...state.kept(), cost };
  const tries = free.length ? Math.round(seconds * triesASecond) : 0;

  /** Keeps a change that was made where it is worth it, and takes it back where not. */
  const settle = (touched: readonly number[], members: boolean, heat: number, back: () => void): void => {
    const weighed = state.weigh(touched, members);
    if (weighed.change > 0 && unit() >= Math.exp(-weighed.change / heat)) return back();
    state.take(weighed, members);
    cost += weighed.change;
  };
  const tryGroups = (heat: number): void => {
    const there = all[pick(all.length)]!;
    const other = all[pick(all.length)]!;
    const from = state.of(there[0]!);
    const exchanged = unit() < exchanges;
    const to = exchanged ? state.of(other[0]!) : pick(state.groups);
    if (from === to) return;
    const back = exchanged ? other : [];
    state.regroup(from, to, there, back);
    settle([from, to], true, heat, () => state.regroup(to, from, there, back));
  };
  const tryTurns = (heat: number): void => {
    const [g, t] = [pick(state.groups), free[pick(free.length)]!];
    if (unit() < trades) {
      const [s, was] = [pick(state.stations), state.station(g, t)];
      if (s === was) return;
      const touched = state.trade(g, t, s);
      settle(touched, false, heat, () => state.tradeBack(touched, t, s, was));
    } else {
      const u = free[pick(free.length)]!;
      if (u !== t && state.station(g, t) !== state.station(g, u))
        settle(state.turn(g, t, u), false, heat, () => void state.turn(g, t, u));
    }
  };

  for (let n = 0; n < tries; n++) {
    if (n % lookEvery === 0) watch.progress('search', n / tries);
    if (n % lookEvery === 0 && watch.stopped()) break;
    const heat = warm * (cold / warm) ** (n / tries);
    if (regroup && unit() < regroups) tryGroups(heat);
    else tryTurns(heat);
    if (cost < best.cost - 1e-9) best = { ...state.kept(), cost };
  }
  return best;
}
