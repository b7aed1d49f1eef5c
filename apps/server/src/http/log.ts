import { check, logBatch, logEvent, type LogAnswer, type OpenSession } from '@wrightonic/contract';
import { countThrows, isHard, dayAt } from '@wrightonic/core';
import { Router } from 'express';
import type { SignedIn } from '../auth/session';
import { isMissingParent, OtherContent } from '../store/scope';
import { athlete } from '../store/athletes';
import { homeOf } from '../store/home';
import { eventsOf, sessionsOf, storeEvent } from '../store/log';
import { throwsOf } from '../store/throws';
import { body, found, pathId, sentId, who } from './input';
import { LogGuard } from './logGuard';

/** Stores one event, or says for good why not; any other trouble is for a later try. */
async function take(guard: LogGuard, { academy, person }: SignedIn, sent: unknown): Promise<LogAnswer> {
  const id = sentId(sent);
  const checked = check(logEvent, sent);
  if (checked.problems) return { id, stored: false, why: checked.problems.map((p) => p.message).join('; ') };
  const { event, why } = await guard.judged(checked.value);
  if (!event) return { id, stored: false, why };
  try {
    await storeEvent(academy.exact(), event, person.id);
    await guard.stored(event);
    return { id, stored: true };
  } catch (error) {
    if (isMissingParent(error)) return { id, stored: false, why: 'What it belongs to is not here.' };
    if (error instanceof OtherContent)
      return { id, stored: false, why: 'Something else was stored under this id already.' };
    throw error;
  }
}

export function logRoutes(): Router {
  const routes = Router();

  routes.post('/log', async (request, response) => {
    const signedIn = who(request);
    const { events } = body(request, logBatch);
    const guard = new LogGuard(signedIn, new Date());
    const answers: LogAnswer[] = [];
    // In order: a later event may belong to an earlier one.
    for (const event of events) answers.push(await take(guard, signedIn, event));
    response.json({ answers });
  });

  /** The session that was begun last and not ended, with all that was logged in it. */
  routes.get('/athletes/:id/open-session', async (request, response) => {
    const { academy, home } = who(request);
    const { id } = found(await athlete(academy, pathId(request)), 'athlete');
    const [newest] = await sessionsOf(academy, id, 1);
    const session = newest && !newest.ended ? newest : null;
    const today = dayAt(new Date(), home.zone);
    const [thrown, atHome] = await Promise.all([
      throwsOf(academy, id, today),
      homeOf(academy, id, today, home.zone),
    ]);
    const others = thrown
      .filter((each) => each.session !== session?.id)
      .map((each) => (home.allHard ? { ...each, effort: null } : each));
    const events = session ? await eventsOf(academy, session.id) : [];
    const here = countThrows(others);
    const elsewhere = atHome.throws
      .filter(({ date }) => date === today)
      .reduce(
        (sum, day) =>
          home.allHard || isHard(day)
            ? { ...sum, hard: sum.hard + day.count }
            : { ...sum, easy: sum.easy + day.count },
        here,
      );
    const answer: OpenSession = { session, events, elsewhere };
    response.json(answer);
  });

  return routes;
}
