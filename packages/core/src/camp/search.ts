import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Timetable } from './cost';
import { nowhere } from './table';
import { unwatched, type CampWatch } from './types';

/** What is tried within a second of planning; the same everywhere, so that a seed gives one plan. */
const triesASecond = 260_000;
/** Warmth at the end, points of worth. */
const lastWarmth = 0.02;

/** Cells that a search may change, with the stations that may be in them. */
export interface Freedom {
  athlete: Int16Array;
  slot: Int16Array;
  /** By cell. */
  stations: readonly (readonly number[])[];
}

interface AnnealHow {
  seed: number;
  seconds: number;
  warmth: number;
  enough: number;
  watch?: CampWatch;
}

/** Tries after which it is looked whether somebody stopped the search. */
const lookEvery = 8192;

/**
 * Searches for a timetable that costs less, by changes of one cell, of two slots of one athlete, and of two athletes in
 * one slot (simulated annealing, Kirkpatrick 1983).
 *
 * @param seconds as many tries as a machine of today makes in this time
 * @param warmth at the beginning: what a change may cost that is taken now and then, points of worth
 * @param enough stops at this cost
 * @param watch follows it, and may stop it
 * @returns what the best timetable costs, which is the one that is left
 * @example anneal(timetable(), nobody, { seed: 1, seconds: 1, warmth: 1, enough: 0 }) // 720
 */
export function anneal(
  table: Timetable,
  { athlete, slot, stations }: Freedom,
  { seed, seconds, warmth, enough, watch = unwatched }: AnnealHow,
): number {
  const cells = athlete.length;
  if (cells === 0) return table.total();
  const random = xoroshiro128plus(seed);
  const unit = () => uniformFloat64(random);
  const pick = (n: number) => Math.floor(unit() * n);
  const cellAt = new Int32Array(table.A * table.T).fill(-1);
  for (let n = 0; n < cells; n++) cellAt[athlete[n]! * table.T + slot[n]!] = n;
  const allowed = (a: number, t: number, s: number): boolean => {
    const cell = cellAt[a * table.T + t]!;
    return cell >= 0 && (s === nowhere || stations[cell]!.includes(s));
  };
  const byAthlete = groupBy(athlete, table.A);
  const bySlot = groupBy(slot, table.T);
  const tries = Math.round(seconds * triesASecond);
  let cost = table.total();
  let best = { cost, at: Int16Array.from(table.at) };

  /** Makes two changes at most, and takes them back where they are not worth it. */
  const attempt = (a: number, t: number, s: number, b: number, u: number, r: number, heat: number): void => {
    const [wasA, wasB] = [table.station(a, t), b < 0 ? nowhere : table.station(b, u)];
    const weigh = () => {
      let sum = table.ofAthlete(a) + table.ofCell(wasA, t) + (s === wasA ? 0 : table.ofCell(s, t));
      sum += table.ofCompany(a, b) + table.ofMoves();
      if (b < 0) return sum;
      if (b !== a) sum += table.ofAthlete(b);
      if (u !== t) sum += table.ofCell(wasB, u) + (r === wasB ? 0 : table.ofCell(r, u));
      return sum;
    };
    const before = weigh();
    table.set(a, t, s);
    if (b >= 0) table.set(b, u, r);
    const change = weigh() - before;
    if (change <= 0 || unit() < Math.exp(-change / heat)) {
      cost += change;
      return;
    }
    if (b >= 0) table.set(b, u, wasB);
    table.set(a, t, wasA);
  };

  for (let n = 0; n < tries; n++) {
    if (n % lookEvery === 0) watch.progress('search', n / tries);
    if (n % lookEvery === 0 && watch.stopped()) break;
    const heat = warmth * (lastWarmth / warmth) ** (n / tries);
    const cell = pick(cells);
    const [a, t] = [athlete[cell]!, slot[cell]!];
    const now = table.station(a, t);
    const kind = unit();
    if (kind < 0.4) {
      const mine = byAthlete[a]!;
      const u = slot[mine[pick(mine.length)]!]!;
      const other = table.station(a, u);
      if (u !== t && other !== now && allowed(a, t, other) && allowed(a, u, now))
        attempt(a, t, other, a, u, now, heat);
    } else if (kind < 0.7) {
      const there = bySlot[t]!;
      const b = athlete[there[pick(there.length)]!]!;
      const other = table.station(b, t);
      if (b !== a && other !== now && allowed(a, t, other) && allowed(b, t, now))
        attempt(a, t, other, b, t, now, heat);
    } else {
      const list = stations[cell]!;
      const s = list.length ? list[pick(list.length)]! : nowhere;
      if (s !== now) attempt(a, t, s, -1, -1, nowhere, heat);
    }
    if (cost < best.cost - 1e-9) {
      best = { cost, at: best.at };
      best.at.set(table.at);
      if (cost <= enough + 1e-9) break;
    }
  }
  table.lay(best.at);
  return table.total();
}

function groupBy(of: Int16Array, n: number): number[][] {
  const groups: number[][] = Array.from({ length: n }, () => []);
  of.forEach((group, at) => groups[group]!.push(at));
  return groups;
}
