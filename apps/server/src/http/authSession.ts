import { dayAt } from '@wrightonic/core';
import { preferences, signIn, type Me, type AuthSessionState } from '@wrightonic/contract';
import { Router, type Request, type RequestHandler } from 'express';
import { anonymousToken, csrf, mustBeSignedIn } from '../auth/authSession';
import { passwordFits } from '../auth/password';
import type { AcademyRow, UnscopedStore, PersonRow } from '../store/academies';
import { changePreferences } from '../store/athletes';
import { authSessionEnded, type EventBus } from './eventBus';
import { body, currentUser } from './input';
import { demoLimit, signInLimits } from './limits';
import { HttpError } from './httpError';

const me = (person: PersonRow, academyRow: AcademyRow): Me => ({
  person: {
    id: person.id,
    name: person.name,
    role: person.role,
    campId: person.campId,
    hand: person.hand,
    velocityUnit: person.velocityUnit,
    sizeUnit: person.sizeUnit,
    zoneView: person.zoneView,
    dateOrder: person.dateOrder,
    hours: person.hours,
    goodStrikes: person.goodStrikes,
    approach: person.approach as Me['person']['approach'],
  },
  academy: { id: academyRow.id, name: academyRow.name, zone: academyRow.zone, demo: academyRow.demo },
});

export function authSessionRoutes(unscoped: UnscopedStore, events: EventBus, demoAlways: boolean): Router {
  const routes = Router();

  const state = async (request: Request): Promise<AuthSessionState> => ({
    me: request.signedIn ? me(request.signedIn.person, request.signedIn.academyRow) : null,
    csrf: request.signedIn ? csrf.generateToken(request) : anonymousToken,
    demo: (await unscoped.demoOwner(demoAlways)) !== null,
    today: dayAt(new Date(), request.signedIn?.academyRow.zone ?? 'UTC'),
  });

  const enter = async (request: Request, person: PersonRow): Promise<AuthSessionState> => {
    await new Promise<void>((done, fail) =>
      request.session.regenerate((error) => (error ? fail(error as Error) : done())),
    );
    request.session.personId = person.id;
    request.session.academyId = person.academyId;
    request.session.since = Date.now();
    const academyRow = (await unscoped.academy(person.academyId))!;
    return {
      me: me(person, academyRow),
      csrf: csrf.generateToken(request, true),
      demo: academyRow.demo,
      today: dayAt(new Date(), academyRow.zone),
    };
  };

  routes.get('/session', async (request, response) => {
    response.json(await state(request));
  });

  const checked: RequestHandler = (request, _response, next) => {
    body(request, signIn);
    next();
  };
  routes.post('/session', checked, ...signInLimits(), async (request, response) => {
    const { email, password } = body(request, signIn);
    const person = await unscoped.personByEmail(email);
    if (!(await passwordFits(person?.passwordHash ?? null, password)) || !person)
      throw new HttpError(401, 'E-mail and password do not fit together. Check both and try again.');
    response.json(await enter(request, person));
  });

  routes.post('/session/demo', demoLimit(), async (request, response) => {
    const owner = await unscoped.demoOwner(demoAlways);
    if (!owner) throw new HttpError(404, 'The demo academy is not loaded here.');
    response.json(await enter(request, owner));
  });

  routes.delete('/session', mustBeSignedIn, async (request, response) => {
    await new Promise<void>((done, fail) =>
      request.session.destroy((error) => (error ? fail(error as Error) : done())),
    );
    events.publish(authSessionEnded, request.sessionID);
    response.clearCookie('wrightonic').status(204).end();
  });

  /** Wherever this person is signed in, this browser included. */
  routes.delete('/sessions', mustBeSignedIn, async (request, response) => {
    for (const sid of await unscoped.endSessions(currentUser(request).person.id))
      events.publish(authSessionEnded, sid);
    response.clearCookie('wrightonic').status(204).end();
  });

  routes.put('/profile', mustBeSignedIn, async (request, response) => {
    const { academy, person } = currentUser(request);
    await changePreferences(academy, person.id, body(request, preferences));
    const changed = await unscoped.person(academy.id, person.id);
    response.json(me(changed!, currentUser(request).academyRow));
  });

  return routes;
}
