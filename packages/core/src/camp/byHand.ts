import { campFaults, type CampFault } from './check';
import { campToPlan, type CampFacts } from './dayInput';
import { slotsOf, type CampSetup } from './setup';
import { campTable, type CampTable } from './table';
import type { CampRoute } from './types';

/**
 * Routes of an earlier setup in the slots and stations that there are now; whatever is gone is nowhere.
 *
 * @param slots ids, in the order of the routes
 * @example routesNow(campSetup, { slots: [], routes: [] }) // []
 */
export function routesNow(
  setup: Pick<CampSetup, 'blocks' | 'stations'>,
  { slots, routes }: { slots: readonly string[]; routes: readonly CampRoute[] },
): CampRoute[] {
  const stations = new Set(setup.stations.map(({ id }) => id));
  const at = new Map(slots.map((id, t) => [id, t]));
  return routes.map(({ athlete, stations: were }) => ({
    athlete,
    stations: slotsOf(setup).map(({ id }) => {
      const station = were[at.get(id) ?? -1] ?? null;
      return station !== null && stations.has(station) ? station : null;
    }),
  }));
}

/**
 * Routes by position: station by athlete and slot, null for none.
 *
 * @example positionsIn(camp, [])[0].length // 5
 */
export function positionsIn(table: CampTable, routes: readonly CampRoute[]): (number | null)[][] {
  const station = new Map(table.stations.map((id, s) => [id, s]));
  const of = new Map(routes.map((route) => [route.athlete, route.stations]));
  return table.athletes.map((id) =>
    table.slots.map((_, t) => {
      const at = of.get(id)?.[t] ?? null;
      return at === null ? null : (station.get(at) ?? null);
    }),
  );
}

/**
 * The rules that routes changed by hand break, and that the plan before them did not: a plan that could not bring friends
 * together may still be changed.
 *
 * @param facts with the plan before
 * @throws FieldError for a pin that breaks a rule
 * @example faultsByHand({ setup: campSetup, members: [], changes: [], pinned: [], before: null, seconds: 1 }, []) // []
 */
export function faultsByHand(facts: CampFacts, routes: readonly CampRoute[]): CampFault[] {
  const table = campTable(campToPlan(facts).input);
  const known = new Set(
    campFaults(table, positionsIn(table, facts.before?.routes ?? [])).map(({ words }) => words),
  );
  return campFaults(table, positionsIn(table, routes)).filter(({ words }) => !known.has(words));
}
