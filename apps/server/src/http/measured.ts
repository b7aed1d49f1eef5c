import { check, largestPicture, pictureQuery, pictureShown, throwsImport } from '@wrightonic/contract';
import { ageOn, dayAt } from '@wrightonic/core';
import express, { Router, type Request } from 'express';
import { athlete } from '../store/athletes';
import { addPicture, clip, clipsOf, pictureBytes, showPicture } from '../store/clips';
import { curvesOf } from '../store/curves';
import { lookHistory, look } from '../store/looks';
import type { Academy } from '../store/scope';
import { screensOf } from '../store/screens';
import { countThrowDays } from '../store/state/counts';
import { importThrows, throwsOf } from '../store/throws';
import { lookBack, throwsSince } from './athletePage';
import { png } from './png';
import { body, orNotFound, notAhead, pathId, currentUser } from './input';
import { offersFor } from './offers';
import { HttpError } from './httpError';
import { anybody, kept } from './keptAnswer';

/** What was measured of an athlete: screens, throws, clips, speed curves, and the history of a look. */
export function measuredRoutes(): Router {
  const routes = Router();
  const idOf = async (academy: Academy, request: Request) =>
    orNotFound(await athlete(academy, pathId(request)), 'athlete').id;

  routes.get(
    '/athletes/:id/offers',
    kept(anybody, async ({ academy, academyRow }, request) => {
      const row = orNotFound(await athlete(academy, pathId(request)), 'athlete');
      const today = dayAt(new Date(), academyRow.zone);
      return offersFor(academy, { ...row, age: ageOn(row.birthdate, today) }, today);
    }),
  );

  routes.get(
    '/athletes/:id/screens',
    kept(anybody, async ({ academy }, request) => screensOf(academy, await idOf(academy, request))),
  );

  routes.get(
    '/athletes/:id/throws',
    kept(anybody, async ({ academy, academyRow }, request) => {
      const id = await idOf(academy, request);
      const today = dayAt(new Date(), academyRow.zone);
      return throwsOf(academy, id, await throwsSince(academy, id, today, lookBack));
    }),
  );

  routes.post('/athletes/:id/throws/import', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const id = await idOf(academy, request);
    const { throws } = body(request, throwsImport);
    const today = dayAt(new Date(), academyRow.zone);
    throws.forEach(({ date }, n) => notAhead(date, today, `throws.${n}.date`));
    await academy.current(async (current) => {
      await importThrows(current, id, throws, academyRow.zone, person.id);
      await countThrowDays(current, id, [...new Set(throws.map(({ date }) => date))]);
    });
    response.status(201).json({ added: throws.length });
  });

  routes.get(
    '/athletes/:id/clips',
    kept(anybody, async ({ academy }, request) => clipsOf(academy, await idOf(academy, request))),
  );

  routes.get(
    '/athletes/:id/curves',
    kept(anybody, async ({ academy }, request) => curvesOf(academy, await idOf(academy, request))),
  );

  routes.get('/looks/:id/history', async (request, response) => {
    const { academy } = currentUser(request);
    const { id } = orNotFound(await look(academy, pathId(request)), 'look');
    response.json(await lookHistory(academy, id));
  });

  return routes;
}

/** Frames of clips that were put up on a profile. */
export function pictureRoutes(): Router {
  const routes = Router();

  routes.post(
    '/clips/:id/pictures',
    express.raw({ type: 'image/png', limit: largestPicture }),
    async (request, response) => {
      const { academy, person } = currentUser(request);
      const { id } = orNotFound(await clip(academy, pathId(request)), 'clip');
      const { id: picture, time, note } = request.query as Record<string, string>;
      const checked = check(pictureQuery, { id: picture, time: Number(time), note: note ?? '' });
      if (checked.problems) throw new HttpError(422, checked.problems[0]!.message, checked.problems);
      await addPicture(academy, id, checked.value, png(request), person.id);
      response.status(201).json({ id: checked.value.id });
    },
  );

  routes.get('/pictures/:id', async (request, response) => {
    const bytes = orNotFound(await pictureBytes(currentUser(request).academy, pathId(request)), 'picture');
    response.type('image/png').send(bytes);
  });

  routes.put('/pictures/:id', async (request, response) => {
    const id = pathId(request);
    const { shown } = body(request, pictureShown);
    orNotFound(await showPicture(currentUser(request).academy, id, shown), 'picture');
    response.json({ id });
  });

  return routes;
}
