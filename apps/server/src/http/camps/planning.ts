import type { CampMemberRecord, CampPlanRecord, HandPlan, NewChange, PlanWish } from '@wrightonic/contract';
import {
  bestAlone,
  campMoment,
  campProblems,
  campTable,
  campToPlan,
  dayAt,
  faultsByHand,
  FieldError,
  minutesOf,
  overThrown,
  positionsIn,
  routesNow,
  routeWorth,
  servedBy,
  slotsOf,
  staffed,
  slotsOfChange,
  throwsOfRoutes,
  venueTimeOf,
  type CampInput,
  type CampPlan,
} from '@wrightonic/core';
import { BeingPlanned } from '../../solver/camps';
import { fieldError, HttpError } from '../httpError';
import { withThrowRules, type WholeCamp } from './campRecord';
import { texts } from './texts';

/** Times that a plan is made again with fewer throws for whom it asked too many of. */
const throwRounds = 4;

interface Asked {
  camp: WholeCamp;
  zone: string;
  by: string;
  /** When it is planned: slots that have begun by then stay as they were. */
  now: Date;
}

/** Makes plans of a camp, one after the other, until no more are asked for. */
export type Planner = (
  campId: string,
  inputs: (last: CampPlan | null) => CampInput | null,
) => Promise<CampPlan>;

const uuids = /[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/** Words of the planner, which knows everything by id, with names. */
export function namer({ setup, members }: Pick<WholeCamp, 'setup' | 'members'>): (words: string) => string {
  const names = new Map([
    ...members.map(({ id, givenName, familyName }) => [id, `${givenName} ${familyName}`] as const),
    ...setup.stations.map(({ id, name }) => [id, name] as const),
    ...setup.blocks.map(({ id, day, start }) => [id, `${day}, ${start}`] as const),
  ]);
  return (words) => words.replace(uuids, (id) => names.get(id) ?? id);
}

/** The first slot that has not begun, once the first one has; null before that. */
function fixedBeforeNow({ setup }: WholeCamp, zone: string, now: Date): string | null {
  const moment = campMoment(setup.blocks, dayAt(now, zone), minutesOf(venueTimeOf(now, zone)));
  if (!moment.lastSlot) return null;
  if (!moment.nextSlot) throw new HttpError(409, texts.lastSlotHasBegun);
  return moment.nextSlot.id;
}

/** What a change is of must be in the camp. */
export function checkedChange({ setup, members, changes }: WholeCamp, change: NewChange): NewChange {
  const known = change.kind === 'sick' ? setup.staff : change.kind === 'closed' ? setup.areas : members;
  if (!known.some(({ id }) => id === change.subject))
    throw fieldError('change.subject', texts.isNotPartOfThisCamp);
  if (!slotsOf(setup).some(({ id }) => id === change.slot))
    throw fieldError('change.slot', texts.isNotSlotOfThisCamp);
  if (change.ends && !changes.some(({ id }) => id === change.ends))
    throw fieldError('change.ends', texts.isNotCurrentChange);
  return change;
}

/** Changes that another one takes the place of: the one that it ends, or what was said of the same before. */
export const endedBy = ({ changes }: WholeCamp, change: NewChange): WholeCamp['changes'] =>
  changes.filter(({ id, kind, subject }) =>
    change.ends ? id === change.ends : kind === change.kind && subject === change.subject,
  );

function withChange(camp: WholeCamp, change: NewChange | null): WholeCamp['changes'] {
  if (!change) return camp.changes;
  const ended = new Set(endedBy(camp, change));
  const others = camp.changes.filter((each) => !ended.has(each));
  return change.ends ? others : [...others, change];
}

/** Refuses a camp that cannot be planned, with everything that is wrong with it. */
function mustBePlannable(camp: WholeCamp, zone: string): void {
  const problems = campProblems(camp.setup, camp.members, zone).filter(({ stops }) => stops);
  if (problems.length === 0) return;
  const name = namer(camp);
  const fields = problems.map(({ field, words }) => ({ field, message: name(words), text: name(words) }));
  throw new HttpError(422, fields.map(({ message }) => message).join(' '), fields);
}

/** How everybody is called where a plan is told of. */
const callOf = (members: readonly CampMemberRecord[], id: string): string => {
  const found = members.find((each) => each.id === id);
  return found ? `${found.givenName} ${found.familyName}` : id;
};

interface Made {
  id: string;
  why: string;
  plan: CampPlan;
  pinned: CampPlanRecord['pinned'];
  changes: WholeCamp['changes'];
  fixedBefore: string | null;
  ms: number;
}

/** A plan as it is kept: with who leads what, what is thrown, and every word with names. */
function recordOf({ camp, by, now }: Asked, made: Made): CampPlanRecord {
  const { setup, members, limits } = camp;
  const { plan, changes } = made;
  const slots = slotsOf(setup);
  const name = namer(camp);
  const open = new Map(
    slots.map(({ id }, t) => [id, new Set(plan.routes.flatMap(({ stations }) => stations[t] ?? []))]),
  );
  const sick = new Map(
    setup.staff.map(({ id }) => [
      id,
      new Set(
        changes
          .filter((change) => change.kind === 'sick' && change.subject === id)
          .flatMap((change) => slotsOfChange(change, slots)),
      ),
    ]),
  );
  const throws = throwsOfRoutes(setup, limits, plan.routes, made.fixedBefore);
  return {
    id: made.id,
    at: now.toISOString(),
    by,
    why: made.why,
    setupId: camp.setupId,
    slots: slots.map(({ id }) => id),
    routes: plan.routes,
    groups: plan.groups ?? [],
    coaches: { ...staffed(setup, sick, open).coaches },
    pinned: made.pinned,
    served: plan.served,
    floor: plan.floor,
    objective: plan.objective,
    bound: plan.bound,
    gap: plan.gap,
    moved: plan.moved,
    throws,
    limitedBy: [
      ...plan.limitedBy.map(name),
      ...overThrown(throws).map(({ athlete, day, counted, left }) =>
        texts.wouldThrowTooMuch(callOf(members, athlete), counted, day, left),
      ),
    ],
    ms: Math.round(made.ms),
  };
}

function whyOf(camp: WholeCamp, { change, anew }: PlanWish): string {
  if (!change) return anew ? 'Planned' : 'Planned again';
  const who =
    change.kind === 'sick'
      ? camp.setup.staff.find(({ id }) => id === change.subject)!.name
      : change.kind === 'closed'
        ? camp.setup.areas.find(({ id }) => id === change.subject)!.name
        : callOf(camp.members, change.subject);
  return `${who} ${(change.ends ? texts.changeOver : texts.change)[change.kind]}`.slice(0, 120);
}

/** Makes a plan of a camp, beside everything else. */
export async function planned(planner: Planner, asked: Asked, wish: PlanWish): Promise<CampPlanRecord> {
  const { camp, zone, now } = asked;
  mustBePlannable(camp, zone);
  const change = wish.change && checkedChange(camp, wish.change);
  const changes = withChange(camp, change);
  const fixedBefore = fixedBeforeNow(camp, zone, now);
  const keeps = camp.plan && (!wish.anew || fixedBefore !== null);
  const before = keeps
    ? { routes: routesNow(camp.setup, camp.plan!), groups: camp.plan!.groups, fixedBefore }
    : null;
  const today = dayAt(now, zone);
  const steps = new Map<string, number>();
  const begun = performance.now();
  const next = (last: CampPlan | null) => {
    const over = last ? overThrown(throwsOfRoutes(camp.setup, camp.limits, last.routes, fixedBefore)) : [];
    if (last && (over.length === 0 || Math.max(0, ...steps.values()) >= throwRounds)) return null;
    for (const { athlete } of over) steps.set(athlete, (steps.get(athlete) ?? 0) + 1);
    const members = camp.members.map((member) =>
      withThrowRules(camp.setup, member, camp.limits.get(member.id)!, today, steps.get(member.id) ?? 0),
    );
    const { setup } = camp;
    const { seconds, pinned } = wish;
    return campToPlan({ setup, members, changes, pinned, before, seconds }).input;
  };
  try {
    const plan = await planner(camp.id, next);
    const made = { id: wish.id, why: whyOf(camp, wish), plan, pinned: wish.pinned, changes };
    return recordOf(asked, { ...made, fixedBefore, ms: performance.now() - begun });
  } catch (error) {
    if (error instanceof FieldError) throw fieldError(error.field, namer(camp)(error.text));
    if (error instanceof BeingPlanned) throw new HttpError(409, texts.isBeingPlanned);
    throw error;
  }
}

/** A plan that somebody changed by hand: it keeps every rule that the plan before it kept. */
export function plannedByHand(asked: Asked, wish: HandPlan): CampPlanRecord {
  const { camp, zone, now } = asked;
  const { setup, members, changes, plan: was } = camp;
  if (!was) throw new HttpError(409, texts.noPlanToChange);
  const fixedBefore = fixedBeforeNow(camp, zone, now);
  const name = namer(camp);
  try {
    const before = { routes: routesNow(setup, was), fixedBefore };
    const facts = { setup, members, changes, pinned: wish.pinned, before, seconds: 1 };
    const faults = faultsByHand(facts, wish.routes);
    if (faults.length)
      throw new HttpError(
        422,
        faults.map(({ words }) => `${name(words)}.`).join(' '),
        faults.map(({ words }) => ({ field: 'routes', message: name(words), text: name(words) })),
      );
    const table = campTable(campToPlan(facts).input);
    const routes = positionsIn(table, wish.routes);
    const worths = routes.map((route, a) =>
      routeWorth(
        table.need[a]!,
        route.map((s) => s ?? -1),
      ),
    );
    const best = bestAlone(table);
    const { served, floor, objective } = servedBy(table, best, worths);
    // With a lower floor more may be possible than was proven for the one before.
    const most = floor >= was.floor ? was.bound : best.reduce((sum, each) => sum + each, 0);
    const bound = Math.max(objective, most);
    const plan: CampPlan = {
      routes: table.athletes.map((athlete, a) => ({
        athlete,
        stations: routes[a]!.map((s) => (s === null ? null : table.stations[s]!)),
      })),
      groups: was.groups,
      served,
      floor,
      objective,
      bound,
      gap: bound > 0 ? (bound - objective) / bound : 0,
      moved: [],
      limitedBy: [],
    };
    const { id, why, pinned } = wish;
    return recordOf(asked, { id, why, plan, pinned, changes, fixedBefore, ms: 0 });
  } catch (error) {
    if (error instanceof FieldError) throw fieldError(error.field, name(error.text));
    throw error;
  }
}
