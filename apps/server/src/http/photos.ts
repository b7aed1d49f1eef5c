import { largestPhoto, photoSide } from '@wrightonic/contract';
import express, { Router } from 'express';
import { athlete } from '../store/athletes';
import { photoBytes, putPhoto } from '../store/photos';
import { currentUser, orNotFound, pathId } from './input';
import { png } from './png';

/** The picture of an athlete: it stays in the academy and no link shows it. */
export function photoRoutes(): Router {
  const routes = Router();

  routes.get('/athletes/:id/photo', async (request, response) => {
    const bytes = orNotFound(await photoBytes(currentUser(request).academy, pathId(request)), 'photo');
    response.type('image/png').send(bytes);
  });

  routes.put(
    '/athletes/:id/photo',
    express.raw({ type: 'image/png', limit: largestPhoto }),
    async (request, response) => {
      const { academy, person } = currentUser(request);
      const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
      await putPhoto(academy, id, png(request, photoSide), person.id);
      response.json({ id });
    },
  );

  routes.delete('/athletes/:id/photo', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    await putPhoto(academy, id, null, person.id);
    response.json({ id });
  });

  return routes;
}
