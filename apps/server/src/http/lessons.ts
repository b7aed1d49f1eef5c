import { dayAt } from '@wrightonic/core';
import { check, lessonQuery, newFeed, newLesson, type MadeFeed } from '@wrightonic/contract';
import { Router } from 'express';
import { v7 } from 'uuid';
import { dayCalendar } from '../print/dayCalendar';
import type { UnscopedStore } from '../store/academies';
import { athlete, athletes } from '../store/athletes';
import { dayAlerts } from '../store/day';
import { feedById, renewFeed } from '../store/feeds';
import { addLesson, lessonsBetween, lessonsOn } from '../store/lessons';
import { Academy } from '../store/scope';
import { body, orNotFound, currentUser } from './input';
import { HttpError } from './httpError';
import { anybody, kept } from './keptAnswer';
import type { Limits } from './limits';
import { hashOf, newSecret } from './secrets';
import { texts } from './texts';

const dayMs = 86_400_000;
/** What a calendar shows of the past and of what is coming, days. */
const feedBack = 30;
const feedAhead = 120;

/** The diary: lessons, and what the day asks for. */
export function lessonRoutes(): Router {
  const routes = Router();
  routes.get(
    '/lessons',
    kept(anybody, async ({ academy, academyRow }, request) => {
      const { value, problems } = check(lessonQuery, request.query);
      if (problems) throw new HttpError(422, problems.map(({ message }) => message).join('; '), problems);
      const from = value.from ?? dayAt(new Date(), academyRow.zone);
      return lessonsOn(academy, from, Number(value.days ?? 1), academyRow.zone);
    }),
  );
  routes.post('/lessons', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const lesson = body(request, newLesson);
    orNotFound(await athlete(academy, lesson.athleteId), 'athlete');
    await addLesson(academy, lesson, academyRow.zone, person.id);
    response.status(201).json({ id: lesson.id });
  });
  routes.get(
    '/day',
    kept(anybody, ({ academy, academyRow }) => dayAlerts(academy, dayAt(new Date(), academyRow.zone))),
  );
  routes.post('/feeds', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = body(request, newFeed);
    if (await feedById(academy, id)) throw new HttpError(409, texts.addressWasMade);
    const token = newSecret();
    await renewFeed(academy, id, hashOf(token), person.id, v7);
    const made: MadeFeed = { id, token };
    response.status(201).json(made);
  });
  return routes;
}

/** An instructor’s own lessons, for whatever calendar asks with the right address. */
export function feedRoutes(unscoped: UnscopedStore, limits: Limits): Router {
  const routes = Router();
  routes.get('/feeds/:token/lessons.ics', limits.addresses('calendars'), async (request, response) => {
    const feed = await unscoped.feed(hashOf(String(request.params['token'])));
    const academyRow = feed && (await unscoped.academy(feed.academyId));
    if (!feed || !academyRow) throw new HttpError(404, texts.calendarAddressIsOld);
    const academy = new Academy(unscoped.db, academyRow.id);
    const now = Date.now();
    const [lessons, people] = await Promise.all([
      lessonsBetween(academy, new Date(now - feedBack * dayMs), new Date(now + feedAhead * dayMs), {
        instructor_id: feed.personId,
      }),
      athletes(academy),
    ]);
    const names = new Map(people.map(({ id, givenName }) => [id, givenName]));
    response.setHeader('content-type', 'text/calendar; charset=utf-8');
    response.send(
      dayCalendar(lessons, { academy: academyRow.name, nameOf: (id) => names.get(id) ?? 'Lesson' }),
    );
  });
  return routes;
}
