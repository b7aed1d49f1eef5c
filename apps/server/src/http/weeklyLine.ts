import { weeklyLine } from '@wrightonic/contract';
import { Router } from 'express';
import type { Mailer } from '../mail/mailer';
import { weekMail } from '../mail/words';
import { athlete } from '../store/athletes';
import { mailById } from '../store/mails';
import { fieldError, HttpError } from './httpError';
import { body, currentUser, orNotFound, pathId } from './input';
import { texts } from './texts';

/** The line of the week for a parent: nothing goes out unless an instructor sends it. */
export function weeklyLineRoutes(mailer: Mailer): Router {
  const routes = Router();
  routes.post('/athletes/:id/weekly-line', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const { id, givenName, guardians } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const wish = body(request, weeklyLine);
    if (await mailById(academy, wish.id)) throw new HttpError(409, texts.wasSent);
    const to = guardians[wish.guardian]?.email;
    if (!to) throw fieldError('guardian', texts.hasNoAddress);
    await mailer.send(academy, {
      id: wish.id,
      to,
      kind: 'week',
      athleteId: id,
      by: person.id,
      ...weekMail({ givenName, academy: academyRow.name }, wish.text),
    });
    response.status(201).json({ id: wish.id, simulated: mailer.simulated });
  });
  return routes;
}
