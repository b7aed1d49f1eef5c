import {
  newAssignment,
  newPlan,
  type NewPlan,
  newTemplate,
  weekWish,
  type NewAssignment,
  type ProposedWeek,
} from '@wrightonic/contract';
import {
  addDays,
  alwaysThere,
  barredBecause,
  buildLadders,
  limitsToWorkOn,
  checkWeek,
  dosed,
  fromKept,
  planAgainstLimits,
  type Drill,
  dayAt,
  barredFor,
  doneOf,
  limitsInputOf,
  thrownIn,
  weekInputFor,
  FieldError,
  rungBelow,
  type KeptLadder,
  type Stage,
} from '@wrightonic/core';
import { Router, type Request } from 'express';
import { v7 } from 'uuid';
import type { SignedIn } from '../auth/authSession';
import { bookOf } from '../store/drills';
import { addPlan, lockedIn, moveStage, newestPlanState, plan } from '../store/plans';
import type { Academy } from '../store/scope';
import { traceById } from '../store/traces';
import { addTemplate, templatesOf } from '../store/templates';
import { countHomeDays } from '../store/state/homeDays';
import { addAssignment, drillsOfPlan } from '../store/weeks';
import type { JobRunner } from '../solver/jobs';
import { solveWeek } from '../solver/weeks';
import { athleteAndAge, athleteFields, equipmentOf, nearReach } from './athletePage';
import { body, orNotFound, pathId, currentUser } from './input';
import { askedBy } from './keptAnswer';
import { HttpError, fieldError } from './httpError';
import { changing } from './stateOf';
import { texts } from './texts';

const relookAfterDays = 14;

/** Ladders that go on in a new plan: where they stood, or one rung below it. */
export type KeptThreads = (KeptLadder & { focus: string; stage: Stage; from: 'same' | 'below' })[];

/** Puts the threads of a fresh plan where the ladders that go on stand. */
async function standWhere(academy: Academy, planId: string, goOn: KeptThreads, by: string): Promise<void> {
  for (const { id, thread, stages } of (await plan(academy, planId))!.threads) {
    const of = goOn.find((each) => each.thread === thread);
    if (!of) continue;
    const rungs = stages.map(({ stage }) => stage);
    const to = of.from === 'below' ? rungBelow(rungs, of.stage) : of.stage;
    if (rungs.includes(to)) await moveStage(academy, id, { id: v7(), thread, to, reason: '' }, false, by);
  }
}

/**
 * The plan of an athlete, made of a trace.
 *
 * @param goOn ladders that go on as they were, with their drills
 */
export async function makePlan(
  signedIn: SignedIn,
  athleteId: string,
  wish: NewPlan,
  goOn: KeptThreads = [],
): Promise<{ id: string }> {
  const { academy, person } = signedIn;
  const { row, age, history } = await athleteAndAge(signedIn, athleteId);
  const barred = (drill: Drill) => barredBecause(drill, { age, history });
  const traced = orNotFound(await traceById(academy, wish.traceId), 'trace');
  if (traced.athleteId !== row.id) throw new HttpError(404, texts.thisTraceIsOfAnotherAthlete);
  const before = await newestPlanState(academy, row.id);
  const kept = before && before.id !== wish.id ? await plan(academy, before.id) : null;
  const template = wish.templateId
    ? orNotFound(
        (await templatesOf(academy)).find(({ id }) => id === wish.templateId),
        'template',
      )
    : null;
  if (template && template.discipline !== row.discipline)
    throw fieldError('templateId', texts.isLadderFor(template.discipline));
  const book = await bookOf(academy);
  const athlete = {
    discipline: row.discipline,
    age,
    equipment: equipmentOf(row, signedIn),
    barred,
    book,
    limits: limitsToWorkOn(traced.findings ?? {}),
  };
  const ladders = buildLadders(traced.chosen, athlete, traced.result).map((ladder) => {
    const of =
      goOn.find(({ thread }) => thread === ladder.thread) ??
      template?.threads.find(({ thread }) => thread === ladder.thread);
    return of ? fromKept(ladder, of, athlete) : ladder;
  });
  const mayStay = (id: string) => {
    const drill = book.drill(id);
    return drill !== undefined && !barred(drill);
  };
  const locked = kept ? lockedIn(kept).filter(({ drill }) => mayStay(drill)) : [];
  const doses = ladders.map((ladder) => dosed(ladder, book));
  await changing(signedIn, [row.id], ['plan', 'week', 'moves'], async (current) => {
    await addPlan(
      current,
      {
        id: wish.id,
        athleteId: row.id,
        traceId: traced.id,
        startsOn: wish.startsOn,
        endsOn: addDays(wish.startsOn, wish.weeks * 7),
        relookOn: addDays(wish.startsOn, relookAfterDays),
      },
      doses,
      new Date(),
      person.id,
      locked,
    );
    await standWhere(current, wish.id, goOn, person.id);
  });
  return { id: wish.id };
}

const weekFields = [
  'athlete',
  'trace',
  'plan',
  'thrownLately',
  'history',
  'lastThrow',
  'academy',
  'sessions',
  'pain',
  'sets',
  'home',
] as const;

/** The plan's page, and its week as it was sent; every day within the seven from the first. */
async function weekOf(request: Request, { from, days }: Pick<NewAssignment, 'from' | 'days'>) {
  const { academy } = currentUser(request);
  const stored = orNotFound(await plan(academy, pathId(request)), 'plan');
  const outside = days.find(({ date }) => date < from || date > addDays(from, 6));
  if (outside) throw fieldError('days', texts.isOutsideWeekFrom(outside.date, from));
  const page = orNotFound(
    await athleteFields(askedBy(currentUser(request)), stored.athleteId, weekFields, nearReach),
    'athlete',
  );
  if (page.plan?.id !== stored.id) throw new HttpError(409, texts.thereIsANewerPlan);
  return { stored, page, book: await bookOf(academy) };
}

async function proposeWeek(request: Request, jobs: JobRunner): Promise<ProposedWeek> {
  const { academyRow } = currentUser(request);
  const wish = body(request, weekWish);
  const { page, stored, book } = await weekOf(request, wish);
  if (!wish.days.some(({ kind, minutes }) => kind !== 'off' && minutes > 0))
    throw fieldError('days', texts.noDayIsOpen);
  const done = doneOf(page, dayAt(new Date(), academyRow.zone));
  const input = weekInputFor(page, wish.days, {
    pins: wish.pins,
    done,
    book,
    also: wish.pins.map(({ drill }) => drill).filter((drill) => drillsOfPlan(stored).has(drill)),
    ...(wish.before ? { before: wish.before } : {}),
  });
  if (!input) throw new HttpError(409, texts.weekNeedsPlan);
  for (const [n, { drill }] of wish.pins.entries())
    if (!input.candidates.some((each) => each.drill.id === drill))
      throw fieldError(`pins.${n}.drill`, texts.isNotAmongDrills(book.drill(drill)?.name, drill));
  try {
    const { days, limitedBy, missed, objective, bound, ms } = await solveWeek(jobs, input);
    const items = days.flatMap((day) => day.items.map(({ date, drill, sets }) => ({ date, drill, sets })));
    return { items, limitedBy, missed, objective, bound, ms };
  } catch (error) {
    if (error instanceof FieldError) throw fieldError(error.field, error.text);
    throw error;
  }
}

async function assign(request: Request): Promise<{ id: string }> {
  const { person, academyRow } = currentUser(request);
  const wish = body(request, newAssignment);
  const { stored, page, book } = await weekOf(request, wish);
  const barred = barredFor(page);
  const inPlan = drillsOfPlan(stored);
  for (const [n, { date, drill }] of wish.items.entries()) {
    if (!inPlan.has(drill) && !alwaysThere.includes(drill))
      throw fieldError(`items.${n}.drill`, texts.isNoLongerInThisPlan(drill));
    if (!wish.days.some((day) => day.date === date))
      throw fieldError(`items.${n}.date`, texts.isNotAmongTheDays(date));
    const known = book.drill(drill);
    const why = known ? barred(known) : texts.isNotKnownHere;
    if (why) throw fieldError(`items.${n}.drill`, `${known?.name ?? drill}: ${why}`);
  }
  const thrown = thrownIn(wish.items, (drill) => inPlan.get(drill)?.dose, book);
  const limits = limitsInputOf(page.athlete, page.academy, page.pain, page.thrownLately);
  // No reason lifts a lock: only a clearance by name does.
  const locked = planAgainstLimits(limits, thrown).find(({ kind }) => kind === 'lock');
  if (locked) throw fieldError('items', `on ${locked.date} ${locked.message}`);
  if (!wish.reason.trim()) {
    const [problem] = planAgainstLimits(limits, thrown).filter(({ kind }) => kind === 'limit');
    if (problem) throw fieldError('reason', texts.sayWhyOnThatDay(problem.date, problem.message));
    const input = weekInputFor(page, wish.days, { also: wish.items.map(({ drill }) => drill), book });
    const broken = input && checkWeek(input, wish.items).find(({ kind }) => kind === 'limit');
    if (broken) throw fieldError('reason', texts.sayWhyOrTake(broken.words));
  }
  await changing(currentUser(request), [stored.athleteId], ['week'], async (current) => {
    await addAssignment(current, stored, wish, person.id);
    const dates = wish.days.map(({ date }) => date);
    await countHomeDays(current, stored.athleteId, academyRow.zone, dates);
  });
  return { id: wish.id };
}

export function planRoutes(jobs: JobRunner): Router {
  const routes = Router();

  routes.post('/athletes/:id/plans', async (request, response) => {
    response.status(201).json(await makePlan(currentUser(request), pathId(request), body(request, newPlan)));
  });

  routes.get('/templates', async (request, response) => {
    response.json(await templatesOf(currentUser(request).academy));
  });

  routes.post('/plans/:id/template', async (request, response) => {
    const { academy, person } = currentUser(request);
    const wish = body(request, newTemplate);
    const stored = orNotFound(await plan(academy, pathId(request)), 'plan');
    const { row } = await athleteAndAge(currentUser(request), stored.athleteId);
    await addTemplate(academy, wish, stored, row.discipline, person.id);
    response.status(201).json({ id: wish.id });
  });

  routes.post('/plans/:id/week', async (request, response) => {
    response.json(await proposeWeek(request, jobs));
  });

  routes.post('/plans/:id/assignments', async (request, response) => {
    response.status(201).json(await assign(request));
  });

  return routes;
}
