import { check, logBatch, logEvent, type LogAnswer, type OpenSession } from '@wrightonic/contract';
import { countThrows, isHard } from '@wrightonic/core';
import { Router } from 'express';
import type { Academy } from '../store/scope';
import { isMissingParent } from '../store/scope';
import { athlete } from '../store/athletes';
import { homeOf } from '../store/home';
import { eventsOf, sessionsOf, storeEvent } from '../store/log';
import { throwsOf } from '../store/throws';
import { venueDay } from '../store/venueDay';
import { body, found, pathId, who } from './input';

/** Stores one event, or says for good why not; any other trouble is for a later try. */
async function take(academy: Academy, event: unknown, by: string): Promise<LogAnswer> {
  const id = String((event as { id?: unknown } | null)?.id ?? '').slice(0, 60);
  const checked = check(logEvent, event);
  if (checked.problems) return { id, stored: false, why: checked.problems.map((p) => p.message).join('; ') };
  try {
    await storeEvent(academy, checked.value, by);
    return { id, stored: true };
  } catch (error) {
    if (isMissingParent(error)) return { id, stored: false, why: 'What it belongs to is not here.' };
    throw error;
  }
}

export function logRoutes(): Router {
  const routes = Router();

  routes.post('/log', async (request, response) => {
    const { academy, person } = who(request);
    const { events } = body(request, logBatch);
    const answers: LogAnswer[] = [];
    // In order: a later event may belong to an earlier one.
    for (const event of events) answers.push(await take(academy, event, person.id));
    response.json({ answers });
  });

  /** The session that was begun last and not ended, with all that was logged in it. */
  routes.get('/athletes/:id/open-session', async (request, response) => {
    const { academy, home } = who(request);
    const { id } = found(await athlete(academy, pathId(request)), 'athlete');
    const [newest] = await sessionsOf(academy, id, 1);
    const session = newest && !newest.ended ? newest : null;
    const today = venueDay(new Date(), home.zone);
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
