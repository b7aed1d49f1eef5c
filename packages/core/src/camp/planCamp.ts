import type { Solve } from '../build/week/programme';
import { FieldError } from '../units/fieldError';
import { rotate, wayOf } from './groups';
import { whyIdle } from './rotation';
import { movesOf, planRoutes } from './routes';
import { servedBy } from './served';
import { campTable } from './table';
import { unwatched, type CampGroup, type CampInput, type CampPlan, type CampWatch } from './types';
import { bestAlone, routeWorth } from './worth';
import { texts } from './texts';

/** Groups that rotate, as a plan of the camp. */
function planGroups(input: CampInput, solve: Solve, watch: CampWatch): CampPlan {
  const { groups: sizes } = input.rules;
  if (!sizes) throw new FieldError('rules.groups', texts.sayHowManyGroups);
  const table = campTable(input);
  const position = new Map(table.athletes.map((id, a) => [id, a]));
  const known = input.previousGroups?.map(({ athletes }) => athletes.flatMap((id) => position.get(id) ?? []));
  const { members, stations, bound } = rotate(table, sizes, {
    known: known?.length ? known : null,
    solve,
    seed: input.seed,
    seconds: input.seconds,
    watch,
  });
  const best = bestAlone(table);
  const groupOf = new Map(members.flatMap((group, g) => group.map((a) => [a, g] as const)));
  const at = table.athletes.map((_, a) => wayOf(table, a, stations[groupOf.get(a)!]!));
  const worths = at.map((route, a) => routeWorth(table.need[a]!, route));
  const { served, floor, objective } = servedBy(table, best, worths);
  const upper = Math.max(objective, bound);
  const routes = at.map((route, a) => ({
    athlete: table.athletes[a]!,
    stations: route.map((s) => (s < 0 ? null : table.stations[s]!)),
  }));
  const groups = members.map((group, g): CampGroup => ({
    group: String(g + 1),
    athletes: group.map((a) => table.athletes[a]!),
    stations: stations[g]!.map((s) => (s < 0 ? null : table.stations[s]!)),
  }));
  const idle = members.flatMap((group, g) =>
    table.slots.flatMap((slot, t) =>
      stations[g]![t]! < 0 && group.some((a) => table.present[a]![t])
        ? [texts.groupHasNoStation(g + 1, slot, whyIdle(table, { members, stations }, g, t))]
        : [],
    ),
  );
  const barred = members.flatMap((group, g) =>
    group.flatMap((a) =>
      table.slots.flatMap((slot, t) =>
        stations[g]![t]! >= 0 && at[a]![t]! < 0 && table.present[a]![t] && t >= table.over
          ? [texts.barredWithTheirGroup(table.athletes[a], slot, table.stations[stations[g]![t]!])]
          : [],
      ),
    ),
  );
  return {
    routes,
    groups,
    served,
    floor,
    objective,
    bound: upper,
    gap: upper > 0 ? (upper - objective) / upper : 0,
    moved: movesOf(input, routes),
    limitedBy: [...idle, ...barred, texts.boundHoldsForRotation],
  };
}

/**
 * The plan of a camp, either way: a route for each, or groups that rotate.
 *
 * @throws FieldError for what cannot be planned, with the field
 * @example planCamp({ mode: 'routes', seed: 1, slots: [], stations: [], athletes: [], rules: { ageSpan: null }, seconds: 1 }, solve).floor // 1
 */
export const planCamp = (input: CampInput, solve: Solve, watch: CampWatch = unwatched): CampPlan =>
  input.mode === 'groups' ? planGroups(input, solve, watch) : planRoutes(input, solve, watch);
