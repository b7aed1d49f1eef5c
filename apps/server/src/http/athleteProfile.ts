import { dayAt, may } from '@wrightonic/core';
import { newClearance, newInjury, newSize, type AthleteProfilePage } from '@wrightonic/contract';
import { Router, type Request } from 'express';
import { athlete } from '../store/athletes';
import { picturesOf } from '../store/clips';
import { addClearance, addInjury, addSize, injuriesOf, injury, sizesOf } from '../store/athleteProfile';
import { body, orNotFound, notAhead, pathId, currentUser } from './input';

/** What is kept about an athlete beside the form: growth, injuries with their clearance, shown pictures. */
export function profileRoutes(): Router {
  const routes = Router();
  const today = (request: Request) => dayAt(new Date(), currentUser(request).academyRow.zone);

  routes.get('/athletes/:id/profile', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const [sizes, injuries, pictures] = await Promise.all([
      sizesOf(academy, id),
      may(person.role, 'health') ? injuriesOf(academy, id) : null,
      picturesOf(academy, id),
    ]);
    response.json({ sizes, injuries, pictures } satisfies AthleteProfilePage);
  });

  routes.post('/athletes/:id/sizes', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const size = body(request, newSize);
    notAhead(size.date, today(request), 'date');
    await addSize(academy, id, size, person.id);
    response.status(201).json({ id: size.id });
  });

  routes.post('/athletes/:id/injuries', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const hurt = body(request, newInjury);
    notAhead(hurt.since, today(request), 'since');
    await addInjury(academy, id, hurt, person.id);
    response.status(201).json({ id: hurt.id });
  });

  routes.post('/injuries/:id/clearances', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await injury(academy, pathId(request)), 'injury');
    const clearance = body(request, newClearance);
    notAhead(clearance.date, today(request), 'date');
    await addClearance(academy, id, clearance, person.id);
    response.status(201).json({ id: clearance.id });
  });

  return routes;
}
