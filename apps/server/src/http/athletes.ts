import {
  athleteForm,
  athleteParts,
  athletesImport,
  newAthlete,
  type AthletePart,
} from '@wrightonic/contract';
import { Router } from 'express';
import { addAthletes, changeAthlete } from '../store/athletes';
import { athleteFields, longReach, lookBack, nearReach, wholeReach, type Reach } from './athletePage';
import { body, orNotFound, pathId, currentUser } from './input';
import { anybody, kept, manner } from './keptAnswer';
import { rosterText } from './roster';

export function athleteRoutes(): Router {
  const routes = Router();

  routes.get(
    '/athletes',
    kept(anybody, (asked) => rosterText(asked)),
  );

  routes.post('/athletes', async (request, response) => {
    const form = body(request, newAthlete);
    const { academy, academyRow, person } = currentUser(request);
    await addAthletes(academy, [form], academyRow.zone, person.id);
    response.status(201).json({ id: form.id });
  });

  routes.post('/athletes/import', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const { athletes } = body(request, athletesImport);
    await addAthletes(academy, athletes, academyRow.zone, person.id);
    response.status(201).json({ added: athletes.length });
  });

  // The head that stands above every verb, and what each verb shows.
  const reaches: Record<AthletePart, Reach> = {
    head: nearReach,
    look: wholeReach,
    trace: { ...nearReach, throwDays: lookBack },
    build: nearReach,
    work: nearReach,
    prove: longReach,
    course: longReach,
  };
  for (const part of Object.keys(athleteParts) as AthletePart[])
    routes.get(
      `/athletes/:id${part === 'head' ? '' : `/${part}`}`,
      kept(manner, async (asked, request) =>
        orNotFound(await athleteFields(asked, pathId(request), athleteParts[part], reaches[part]), 'athlete'),
      ),
    );

  routes.put('/athletes/:id', async (request, response) => {
    const id = pathId(request);
    const { academy, academyRow, person } = currentUser(request);
    const form = body(request, athleteForm);
    orNotFound(await changeAthlete(academy, id, form, academyRow.zone, person.id), 'athlete');
    response.json({ id });
  });

  return routes;
}
