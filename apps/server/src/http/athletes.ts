import {
  athleteForm,
  athleteParts,
  athletesImport,
  newAthlete,
  type AthletePart,
} from '@wrightonic/contract';
import { Router } from 'express';
import { mustInstruct } from '../auth/session';
import { addAthletes, changeAthlete } from '../store/athletes';
import { athleteFields, lookBack, nearReach, wholeReach, type Reach } from './athletePage';
import { body, found, pathId, who } from './input';
import { rosterText } from './roster';

export function athleteRoutes(): Router {
  const routes = Router();

  routes.get('/athletes', async (request, response) => {
    response.type('json').send(await rosterText(who(request)));
  });

  routes.post('/athletes', mustInstruct, async (request, response) => {
    const form = body(request, newAthlete);
    const { academy, home, person } = who(request);
    await addAthletes(academy, [form], home.zone, person.id);
    response.status(201).json({ id: form.id });
  });

  routes.post('/athletes/import', mustInstruct, async (request, response) => {
    const { academy, home, person } = who(request);
    const { athletes } = body(request, athletesImport);
    await addAthletes(academy, athletes, home.zone, person.id);
    response.status(201).json({ added: athletes.length });
  });

  // The head that stands above every verb, and what each verb shows.
  const reaches: Record<AthletePart, Reach> = {
    head: nearReach,
    look: wholeReach,
    trace: { ...nearReach, throwDays: lookBack },
    build: nearReach,
    work: nearReach,
    prove: wholeReach,
  };
  for (const part of Object.keys(athleteParts) as AthletePart[])
    routes.get(`/athletes/:id${part === 'head' ? '' : `/${part}`}`, async (request, response) => {
      const fields = await athleteFields(who(request), pathId(request), athleteParts[part], reaches[part]);
      response.json(found(fields, 'athlete'));
    });

  routes.put('/athletes/:id', mustInstruct, async (request, response) => {
    const id = pathId(request);
    const { academy, home, person } = who(request);
    const form = body(request, athleteForm);
    found(await changeAthlete(academy, id, form, home.zone, person.id), 'athlete');
    response.json({ id });
  });

  return routes;
}
