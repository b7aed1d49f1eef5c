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
  const there = new Map<number, number>();
  day.forEach((d, t) => present[a]![t] && there.set(d, (there.get(d) ?? 0) + 1));
  return [...there.values()].reduce((sum, slots) => sum + Math.min(heavyLimit[a]!, Math.ceil(slots / 2)), 0);
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
  /** Visits so far, two at most, of each station that is needed. */
  visits: readonly number[];
  /** Throw-heavy slots of the day. */
  thrown: number;
  /** The slot before, on the same day, was one. */
  threw: boolean;
  worth: number;
}

/** The same slot by slot, where some station is closed in some of them: the best of every way to go through them. */
function bestBySlot(table: CampTable, a: number): number {
  const { slots, stations, may, present, open, heavy, heavyLimit } = table;
  const need = table.need[a]!;
  const wanted = stations.flatMap((_, s) => (need[s]! > 0 && may[a]![s] ? [s] : []));
  let states = new Map<string, Ahead>();
  states.set('', { visits: wanted.map(() => 0), thrown: 0, threw: false, worth: 0 });
  for (let t = 0; t < slots.length; t++) {
    const next = new Map<string, Ahead>();
    const keep = (state: Ahead) => {
      const key = `${state.visits.join('')} ${state.thrown} ${Number(state.threw)}`;
      if ((next.get(key)?.worth ?? -1) < state.worth) next.set(key, state);
    };
    for (const state of states.values()) {
      const fresh = follows(table, t) ? state : { ...state, thrown: 0, threw: false };
      keep({ ...fresh, threw: false });
      if (!present[a]![t]) continue;
      wanted.forEach((s, n) => {
        if (!open[s]![t] || fresh.visits[n]! > 1) return;
        if (heavy[s] && (fresh.threw || fresh.thrown >= heavyLimit[a]!)) return;
        keep({
          visits: fresh.visits.map((each, m) => (m === n ? each + 1 : each)),
          thrown: fresh.thrown + Number(heavy[s]),
          threw: heavy[s]!,
          worth: fresh.worth + need[s]! * (fresh.visits[n]! > 0 ? secondVisit : 1),
        });
      });
    }
    states = next;
  }
  return Math.max(...[...states.values()].map(({ worth }) => worth));
}

/** More stations than this that somebody needs are counted and not gone through. */
const mostGoneThrough = 7;

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
    const wanted = need[a]!.filter((each) => each > 0).length;
    const closed = need[a]!.some((each, s) => each > 0 && shut[s]);
    if (!closed || wanted > mostGoneThrough) return bestByCount(table, a);
    const same = JSON.stringify([table.need[a], table.may[a], table.present[a], table.heavyLimit[a]]);
    const best = known.get(same) ?? bestBySlot(table, a);
    known.set(same, best);
    return best;
  });
}
