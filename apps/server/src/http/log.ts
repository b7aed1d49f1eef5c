import {
  check,
  logBatch,
  logEvent,
  type LogResponse,
  type LogEvent,
  type OpenSession,
} from '@wrightonic/contract';
import { countThrows, isHard, dayAt } from '@wrightonic/core';
import { Router } from 'express';
import type { Counter } from 'prom-client';
import type { SignedIn } from '../auth/authSession';
import { athlete } from '../store/athletes';
import { homeOf } from '../store/home';
import { EventWriter, type Stored } from '../store/eventWriter';
import { eventsOf, sessionsOf } from '../store/log';
import { refreshAfter } from '../store/state/refresh';
import { throwsOf } from '../store/throws';
import { body, orNotFound, pathId, sentId, currentUser } from './input';
import { anybody, kept, type Asked } from './keptAnswer';
import { LogGuard } from './logGuard';
import { stateOf } from './stateOf';
import { texts } from './texts';

const refusals: Record<Exclude<Stored, 'stored'>, string> = {
  homeless: texts.homeless,
  other: texts.otherContent,
};

/** An event as it was sent, and what is known of it so far. */
interface Sent {
  id: string;
  event?: LogEvent;
  why?: string;
}

/** Stores a batch, in order, as a later event may belong to an earlier one; each is answered by itself. */
async function take(
  { academy, ...signedIn }: SignedIn,
  sent: readonly unknown[],
  now: Date,
): Promise<LogResponse[]> {
  const guard = new LogGuard({ ...signedIn, academy }, now);
  const writer = new EventWriter(academy.exact(), signedIn.person.id);
  const all: Sent[] = [];
  for (const each of sent) {
    const id = sentId(each);
    const { value, problems } = check(logEvent, each);
    const judged = problems
      ? { why: problems.map(({ message }) => message).join('; ') }
      : await guard.judged(value);
    all.push({ id, ...judged });
    if (!judged.event) continue;
    await writer.add(judged.event);
    await guard.stored(judged.event);
  }
  const outcomes = [...(await writer.flush())];
  const stored: LogEvent[] = [];
  const responses = all.map(({ id, event, why = '' }): LogResponse => {
    if (!event) return { id, stored: false, why };
    const outcome = outcomes.shift()!;
    if (outcome !== 'stored') return { id, stored: false, why: refusals[outcome] };
    stored.push(event);
    return { id, stored: true };
  });
  await refreshAfter(academy, stored, { ...stateOf({ academy, ...signedIn }), book: guard.drills });
  return responses;
}

/** The session that was begun last and not ended, with all that was logged in it. */
async function openSession({ academy, academyRow }: Asked<unknown>, athleteId: string): Promise<OpenSession> {
  const { id } = orNotFound(await athlete(academy, athleteId), 'athlete');
  const [newest] = await sessionsOf(academy, id, 1);
  const session = newest && !newest.ended ? newest : null;
  const today = dayAt(new Date(), academyRow.zone);
  const [thrown, atHome] = await Promise.all([
    throwsOf(academy, id, today),
    homeOf(academy, id, today, academyRow.zone),
  ]);
  const others = thrown
    .filter((each) => each.date === today && each.session !== session?.id)
    .map((each) => (academyRow.allHard ? { ...each, effort: null } : each));
  const events = session ? await eventsOf(academy, session.id) : [];
  const here = countThrows(others);
  const elsewhere = atHome.throws
    .filter(({ date }) => date === today)
    .reduce(
      (sum, day) =>
        academyRow.allHard || isHard(day)
          ? { ...sum, hard: sum.hard + day.count }
          : { ...sum, easy: sum.easy + day.count },
      here,
    );
  return { session, events, elsewhere };
}

/** @param counted what came of events, for whoever measures */
export function logRoutes(counted: Counter): Router {
  const routes = Router();

  routes.post('/log', async (request, response) => {
    const signedIn = currentUser(request);
    const { events } = body(request, logBatch);
    const now = new Date();
    const responses = await signedIn.academy.current((academy) =>
      take({ ...signedIn, academy }, events, now),
    );
    for (const { stored } of responses) counted.inc({ stored: String(stored) });
    response.json({ responses });
  });

  routes.get(
    '/athletes/:id/open-session',
    kept(anybody, (asked, request) => openSession(asked, pathId(request))),
  );

  return routes;
}
