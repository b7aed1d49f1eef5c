import { follows, secondVisit, type CampTable } from './table';

/** What visits to one station are worth, over its need. */
const worthOf = (visits: number): number => (visits === 0 ? 0 : visits === 1 ? 1 : 1 + secondVisit);

/**
 * What a route is worth: each station its need at the first visit, half of it at the second, nothing beyond.
 *
 * @param need by station
 * @param route station by slot, `nowhere` for none
 * @example routeWorth([3, 2], [0, 0, 0, 1]) // 6.5
 */
export function routeWorth(need: readonly number[], route: ArrayLike<number>): number {
  const visits = need.map(() => 0);
  for (let t = 0; t < route.length; t++) if (route[t]! >= 0) visits[route[t]!]!++;
  return need.reduce((sum, each, s) => sum + each * worthOf(visits[s]!), 0);
}

/**
 * Throw-heavy slots that an athlete can have at most, no two of them in a row.
 *
 * @example mostHeavy(camp, 0) // 3
 */
export function mostHeavy({ day, present, heavyLimit }: CampTable, a: number): number {
  const most = new Map<number, number>();
  let run = 0;
  day.forEach((d, t) => {
    // Whoever was away in between has not thrown in the slot before.
    run = present[a]![t] ? (follows({ day }, t) ? run + 1 : 1) : 0;
    if (run % 2 === 1) most.set(d, (most.get(d) ?? 0) + 1);
  });
  return [...most.values()].reduce((sum, slots) => sum + Math.min(heavyLimit[a]!, slots), 0);
}

/**
 * Slots in which an athlete is there and a station is open.
 *
 * @example openFor(camp, 0, 1) // 5
 */
export const openFor = ({ present, open, slots }: CampTable, a: number, s: number): number =>
  slots.reduce((sum, _, t) => sum + Number(present[a]![t] && open[s]![t]), 0);

/** The best of everything that counts alone decide: worth first, throws only as many as fit. */
function bestByCount(table: CampTable, a: number): number {
  const slots = table.present[a]!.filter(Boolean).length;
  const visits = table.stations
    .flatMap((_, s) =>
      table.may[a]![s]
        ? [1, secondVisit].map((factor) => ({ worth: table.need[a]![s]! * factor, heavy: table.heavy[s]! }))
        : [],
    )
    .sort((x, y) => y.worth - x.worth);
  let [worth, left, heavy] = [0, slots, mostHeavy(table, a)];
  for (const visit of visits) {
    if (left === 0 || (visit.heavy && heavy === 0)) continue;
    worth += visit.worth;
    left--;
    if (visit.heavy) heavy--;
  }
  return worth;
}

/** What somebody alone has behind them when a slot begins. */
interface Ahead {
  /** Visits so far, two at most, of each needed station that is closed in some slot. */
  visits: readonly number[];
  /** Visits so far at the others: of those with throws, and of those without. */
  heavy: number;
  light: number;
  /** Throw-heavy slots of the day. */
  thrown: number;
  /** The slot before, on the same day, was one. */
  threw: boolean;
  /** Of the stations that are closed in some slot. */
  worth: number;
}

/** What the best visits are worth in all, by how many there are. */
function bestSums(needs: readonly number[]): number[] {
  const visits = needs.flatMap((need) => [need, need * secondVisit]).sort((x, y) => y - x);
  return visits.reduce((sums, worth) => [...sums, sums.at(-1)! + worth], [0]);
}

/**
 * The same slot by slot, where some station is closed in some of them: the best of every way to go through them. Of the
 * stations that are always open it matters how often, not when, one is visited: the best visits are taken.
 */
function bestBySlot(table: CampTable, a: number): number {
  const { slots, stations, may, present, open, heavy, heavyLimit } = table;
  const need = table.need[a]!;
  const wanted = stations.flatMap((_, s) => (need[s]! > 0 && may[a]![s] ? [s] : []));
  const always = wanted.filter((s) => open[s]!.every(Boolean));
  const shut = wanted.filter((s) => !always.includes(s));
  const sums = [true, false].map((throws) =>
    bestSums(always.filter((s) => heavy[s] === throws).map((s) => need[s]!)),
  );
  const [ofHeavy, ofLight] = [sums[0]!, sums[1]!];
  const none = { visits: shut.map(() => 0), heavy: 0, light: 0, thrown: 0, threw: false, worth: 0 };
  let states = new Map<string, Ahead>([['', none]]);
  for (let t = 0; t < slots.length; t++) {
    const next = new Map<string, Ahead>();
    const keep = (state: Ahead) => {
      const { visits, heavy: h, light, thrown, threw } = state;
      const key = `${visits.join('')} ${h} ${light} ${thrown} ${Number(threw)}`;
      if ((next.get(key)?.worth ?? -1) < state.worth) next.set(key, state);
    };
    for (const state of states.values()) {
      const fresh = follows(table, t) ? state : { ...state, thrown: 0, threw: false };
      const rested = { ...fresh, threw: false };
      const throwing = { ...fresh, threw: true, thrown: fresh.thrown + 1 };
      const mayThrow = !fresh.threw && fresh.thrown < heavyLimit[a]!;
      keep(rested);
      if (!present[a]![t]) continue;
      if (fresh.light + 1 < ofLight.length) keep({ ...rested, light: fresh.light + 1 });
      if (mayThrow && fresh.heavy + 1 < ofHeavy.length) keep({ ...throwing, heavy: fresh.heavy + 1 });
      shut.forEach((s, n) => {
        if (!open[s]![t] || fresh.visits[n]! > 1 || (heavy[s] && !mayThrow)) return;
        keep({
          ...(heavy[s] ? throwing : rested),
          visits: fresh.visits.map((each, m) => (m === n ? each + 1 : each)),
          worth: fresh.worth + need[s]! * (fresh.visits[n]! > 0 ? secondVisit : 1),
        });
      });
    }
    states = next;
  }
  return Math.max(
    ...[...states.values()].map(({ worth, heavy: h, light }) => worth + ofHeavy[h]! + ofLight[light]!),
  );
}

/**
 * The most that each athlete could get if they were alone in the camp.
 *
 * @returns by athlete
 * @example bestAlone(camp)[0] // 10
 */
export function bestAlone(table: CampTable): number[] {
  const { athletes, stations, need, open } = table;
  const shut = stations.map((_, s) => open[s]!.some((each) => !each));
  const known = new Map<string, number>();
  return athletes.map((_, a) => {
    if (!need[a]!.some((each, s) => each > 0 && shut[s])) return bestByCount(table, a);
    const same = JSON.stringify([table.need[a], table.may[a], table.present[a], table.heavyLimit[a]]);
    const best = known.get(same) ?? bestBySlot(table, a);
    known.set(same, best);
    return best;
  });
}
