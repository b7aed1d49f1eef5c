import {
  check,
  newTarget,
  reopening,
  span,
  type Progress,
  type ProgressEntry,
  type Reopening,
} from '@wrightonic/contract';
import {
  addDays,
  ageOn,
  dayAt,
  historyOf,
  homeSoFar,
  nodeName,
  nodesFor,
  oneFocusBelow,
  presentStage,
  spanChange,
  workedCases,
  worthOf,
  type FlawWorth,
} from '@wrightonic/core';
import { Router, type Request } from 'express';
import type { SignedIn } from '../auth/authSession';
import { athlete, rosterNames } from '../store/athletes';
import { addTarget } from '../store/course';
import { looksOf } from '../store/looks';
import { lastLadder, newestPlanState, plan, planState, type LastLadder } from '../store/plans';
import type { Academy } from '../store/scope';
import { spanEndsOf, velocityDays } from '../store/state/velocities';
import { casesOf } from '../store/state/flawCases';
import { homeOver } from '../store/state/homeDays';
import { HttpError } from './httpError';
import { body, currentUser, orNotFound, pathId } from './input';
import { anybody, kept, type Asked } from './keptAnswer';
import { makePlan, type KeptThreads } from './plans';
import { chooseFocus, proposedFor } from './traces';
import { texts } from './texts';

/** Athletes who are read at once: whoever else asks meanwhile does not wait long. */
const atOnce = 20;
/** Seed of intervals: the same history always says the same. */
const seed = 1;
const nothingDone = { assigned: 0, done: 0, late: 0 };
/** Weeks of a plan that goes on from a reopened ladder. */
const reopenedWeeks = 6;

/** Everybody's change over a span. */
async function progressOf(
  { academy, academyRow }: Asked<null>,
  { from, to }: { from: string; to: string },
): Promise<Progress> {
  const today = dayAt(new Date(), academyRow.zone);
  const yesterday = addDays(today, -1);
  const [all, ends, past, now] = await Promise.all([
    rosterNames(academy),
    spanEndsOf(academy, from, to),
    homeOver(academy, from, to < yesterday ? to : yesterday),
    homeOver(academy, from > today ? from : today, to),
  ]);
  const nothing = { first: null, last: null, simulated: 0, between: 0, sessions: 0 };
  return {
    from,
    to,
    athletes: all.map(({ id, givenName, familyName, discipline, birthdate }): ProgressEntry => {
      const { sessions, ...span } = ends.get(id) ?? nothing;
      const { verdict, change, simulated } = spanChange(span);
      return {
        id,
        givenName,
        familyName,
        discipline,
        age: ageOn(birthdate, today),
        sessions,
        verdict,
        before: change?.from.usual ?? null,
        after: change?.to.usual ?? null,
        needed: change?.needed ?? null,
        simulated,
        home: homeSoFar(past.get(id) ?? nothingDone, now.get(id) ?? null),
      };
    }),
  };
}

/** What clearing each flaw was worth, over the academy's own athletes. */
async function worthOfFlaws(academy: Academy): Promise<FlawWorth[]> {
  const cases = await casesOf(academy);
  const ids = [...new Set(cases.map(({ athlete: id }) => id))];
  const measured = [];
  for (let n = 0; n < ids.length; n += atOnce) {
    const some = ids.slice(n, n + atOnce);
    const days = await velocityDays(academy, { athletes: some });
    measured.push(
      ...cases
        .filter(({ athlete: id }) => some.includes(id))
        .map((each) => ({ ...each, sessions: days.get(each.athlete) ?? [] })),
    );
  }
  return worthOf(workedCases(measured), seed);
}

/** The ladders that go on: the last one of the flaw one rung lower, and the other thread where it stands. */
async function threadsOf(academy: Academy, athleteId: string, last: LastLadder): Promise<KeptThreads> {
  const newest = await newestPlanState(academy, athleteId);
  const present = newest && (await plan(academy, newest.id));
  const other = present?.threads.find(({ thread }) => thread !== last.thread);
  return [
    { ...last, from: 'below' },
    ...(other ? [{ ...other, stage: presentStage(other), from: 'same' as const }] : []),
  ];
}

/** Opens the last ladder of a flaw that is back again, one rung below where it ended. */
async function reopen(signedIn: SignedIn, athleteId: string, wish: Reopening): Promise<{ id: string }> {
  const { academy, academyRow } = signedIn;
  const row = orNotFound(await athlete(academy, athleteId), 'athlete');
  const { flaw, traceId, planId } = wish;
  if (await planState(academy, planId)) return { id: planId };
  const looks = (await looksOf(academy, row.id)).filter(({ finished }) => finished);
  const { backAgain } = historyOf(
    looks,
    nodesFor(row.discipline).map(({ id }) => id),
  );
  if (!backAgain.some(({ id }) => id === flaw))
    throw new HttpError(409, texts.isNotBackAgain(nodeName(flaw)));
  const last = await lastLadder(academy, row.id, flaw);
  if (!last) throw new HttpError(409, texts.noLadderYet(nodeName(flaw)));
  const today = dayAt(new Date(), academyRow.zone);
  const looked = looks.at(-1)!;
  const proposed = await proposedFor(signedIn, row.id, looked.id);
  const young = ageOn(row.birthdate, today) < oneFocusBelow;
  const threads = await threadsOf(academy, row.id, last);
  const other = threads.find(({ thread }) => thread !== last.thread)?.focus;
  const goesOn = other !== undefined && !proposed.left.some(({ id }) => id === other);
  const otherThread = last.thread === 'lower' ? 'arm' : 'lower';
  const focus = { lower: null, arm: null, [last.thread]: flaw } as Record<'lower' | 'arm', string | null>;
  // The other half is not touched, whatever the look would propose for it now.
  if (!young) focus[otherThread] = goesOn ? other : proposed.focus[otherThread];
  await chooseFocus(signedIn, row.id, {
    id: traceId,
    lookId: looked.id,
    ...focus,
    reason: texts.backAgainItsLast,
  });
  return makePlan(
    signedIn,
    row.id,
    { id: planId, traceId, startsOn: today, weeks: reopenedWeeks, templateId: null },
    threads.filter(({ thread, focus: of }) => focus[thread] === of),
  );
}

/** Over which days; a query that says it wrongly is refused by name. */
function spanOf(request: Request) {
  const { value, problems } = check(span, request.query);
  if (problems) throw new HttpError(422, problems.map(({ message }) => message).join('; '), problems);
  return value;
}

/** What proves itself over an academy, and what is set for one athlete. */
export function provingRoutes(): Router {
  const routes = Router();
  routes.post('/athletes/:id/targets', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const target = body(request, newTarget);
    await addTarget(academy, id, target, person.id);
    response.status(201).json({ id: target.id });
  });
  routes.post('/athletes/:id/reopened', async (request, response) => {
    const wish = body(request, reopening);
    response.status(201).json(await reopen(currentUser(request), pathId(request), wish));
  });
  routes.get(
    '/progress',
    kept(anybody, (asked, request) => progressOf(asked, spanOf(request))),
  );
  routes.get(
    '/worth',
    kept(anybody, ({ academy }) => worthOfFlaws(academy)),
  );
  return routes;
}
