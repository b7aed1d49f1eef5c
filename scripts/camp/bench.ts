/** Camps of every size planned, against a plan as a coach would make it by hand the night before. */
import {
  bestAlone,
  campFaults,
  campTable,
  inTime,
  planCamp,
  routeWorth,
  type CampInput,
  type CampPlan,
  type CampTable,
} from '../../packages/core/src';
import { pretendCamp } from '../../packages/core/src/simulate';
import type { Solve } from '../../packages/core/src/build/week/programme';
import { loadSolver } from '../../packages/solver/src';

const sizes = [
  { athletes: 24, stations: 6, slots: 5, slack: 1.2 },
  { athletes: 60, stations: 8, slots: 8, slack: 1.1 },
  { athletes: 120, stations: 10, slots: 8, slack: 1.1 },
  { athletes: 240, stations: 10, slots: 8, slack: 1.1 },
  { athletes: 240, stations: 14, slots: 10, slack: 1.1 },
  { athletes: 120, stations: 10, slots: 8, slack: 1 },
];
const grouped = [
  { athletes: 24, stations: 6, slots: 5, slack: 1.2 },
  { athletes: 60, stations: 8, slots: 8, slack: 1.1 },
  { athletes: 120, stations: 10, slots: 8, slack: 1.1 },
  { athletes: 240, stations: 14, slots: 10, slack: 1.1 },
];
const most = { gap: 0.01, tight: 0.03, seconds: 5, again: 3, moved: 0.1 };

/** Slot by slot, down the list: everybody goes where they still need it most and there is room. */
function byHand(table: CampTable): number[][] {
  const routes = table.athletes.map(() => table.slots.map(() => -1));
  table.slots.forEach((_, t) => {
    const room = [...table.capacity];
    table.athletes.forEach((__, a) => {
      const before = t > 0 && table.day[t] === table.day[t - 1] ? routes[a]![t - 1]! : -1;
      const thrown = routes[a]!.filter(
        (s, u) => s >= 0 && table.day[u] === table.day[t] && table.heavy[s],
      ).length;
      const wish = (s: number) => {
        const visits = routes[a]!.filter((each) => each === s).length;
        return table.need[a]![s]! * (visits === 0 ? 1 : visits === 1 ? 0.5 : 0);
      };
      const fits = table.stations.flatMap((___, s) => {
        const throwing =
          table.heavy[s]! && ((before >= 0 && table.heavy[before]!) || thrown >= table.heavyLimit[a]!);
        return room[s]! > 0 && table.may[a]![s] && table.open[s]![t] && !throwing ? [s] : [];
      });
      if (fits.length === 0) return;
      const chosen = fits.reduce((s, other) => (wish(other) > wish(s) ? other : s));
      routes[a]![t] = chosen;
      room[chosen]!--;
    });
  });
  return routes;
}

const positions = (table: CampTable, { routes }: CampPlan) =>
  routes.map(({ stations }) => stations.map((id) => (id === null ? null : table.stations.indexOf(id))));
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
const held = (value: string, good: boolean) => (good ? value : `**${value}**`);

const clock = () => performance.now();
const say = (line: string) => process.stdout.write(`${line}\n`);

/** One group a station and one slot each, of sizes that differ by one at most. */
function groups(solve: Solve): void {
  say('\n| groups: athletes, stations, slots | rules broken | gap | slots without a station | s |');
  say('|---|---|---|---|---|');
  for (const size of grouped) {
    const { athletes, stations, slots } = size;
    const share = athletes / stations;
    const input: CampInput = {
      ...pretendCamp(size),
      mode: 'groups',
      rules: { ageSpan: null, groups: { count: stations, min: Math.floor(share), max: Math.ceil(share) } },
    };
    const began = performance.now();
    const plan = planCamp(input, solve, inTime(input.seconds, clock));
    const seconds = (performance.now() - began) / 1000;
    const table = campTable(input);
    const idle = plan.groups!.flatMap((group) => group.stations).filter((s) => s === null).length;
    say(
      `| ${athletes}, ${stations}, ${slots} | ${campFaults(table, positions(table, plan)).length} | ${held(percent(plan.gap), plan.gap <= 0.03)} | ${idle} | ${held(seconds.toFixed(1), seconds <= most.seconds + 0.5)} |`,
    );
  }
}

async function main(): Promise<void> {
  const solve = await loadSolver();
  say(
    '| athletes, stations, slots, places over athletes | rules broken | floor | need served | by hand: floor, need served | gap | s | without one: moved of what is left, s | an area closed: moved, s |',
  );
  say('|---|---|---|---|---|---|---|---|---|');
  for (const size of sizes) {
    const input = pretendCamp(size);
    const timed = (wish: CampInput) => {
      const began = performance.now();
      const plan = planCamp(wish, solve, inTime(wish.seconds, clock));
      return { plan, seconds: (performance.now() - began) / 1000 };
    };
    const { plan, seconds } = timed(input);
    const table = campTable(input);
    const best = bestAlone(table);
    const hand = byHand(table).map((route, a) => routeWorth(table.need[a]!, route));
    const handFloor = Math.min(...hand.flatMap((worth, a) => (best[a]! > 0 ? [worth / best[a]!] : [])));
    const handTotal = hand.reduce((sum, worth) => sum + worth, 0);
    const wanted = best.reduce((sum, each) => sum + each, 0);
    const again = { previous: plan.routes, fixedBefore: 't2', seconds: most.again };
    const left = size.athletes * (size.slots - 2);
    const [gone, closed] = [
      timed({ ...input, ...again, athletes: input.athletes.slice(1) }),
      timed({
        ...input,
        ...again,
        stations: input.stations.map((each, s) => (s === 1 ? { ...each, closed: ['t2', 't3'] } : each)),
      }),
    ];
    const moved = ({ plan: { moved: moves }, seconds: took }: typeof gone) =>
      `${held(percent(moves.length / left), moves.length <= most.moved * left)}, ${held(took.toFixed(1), took <= most.again)}`;
    say(
      `| ${size.athletes}, ${size.stations}, ${size.slots}, ${size.slack} | ${campFaults(table, positions(table, plan)).length} | ${plan.floor.toFixed(2)} | ${percent(plan.objective / wanted)} | ${handFloor.toFixed(2)}, ${percent(handTotal / wanted)} | ${held(percent(plan.gap), plan.gap <= (size.slack < 1.1 ? most.tight : most.gap))} | ${held(seconds.toFixed(1), seconds <= most.seconds)} | ${moved(gone)} | ${moved(closed)} |`,
    );
  }
  groups(solve);
}

main().catch((error: unknown) => {
  process.stderr.write(`${(error as Error).stack}\n`);
  process.exit(1);
});
