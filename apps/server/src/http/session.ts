import { dayAt } from '@wrightonic/core';
import { profile, signIn, type Me, type SessionState } from '@wrightonic/contract';
import { Router, type Request, type RequestHandler } from 'express';
import { anonymousToken, csrf, mustBeSignedIn } from '../auth/session';
import { passwordFits } from '../auth/password';
import type { AcademyRow, Doorkeeper, PersonRow } from '../store/academies';
import { changeProfile } from '../store/athletes';
import { sessionEnded, type Hub } from './hub';
import { body, who } from './input';
import { demoLimit, signInLimits } from './limits';
import { Refused } from './refused';

const me = (person: PersonRow, home: AcademyRow): Me => ({
  person: {
    id: person.id,
    name: person.name,
    role: person.role,
    hand: person.hand,
    velocityUnit: person.velocityUnit,
    sizeUnit: person.sizeUnit,
    zoneView: person.zoneView,
    goodStrikes: person.goodStrikes,
    approach: person.approach as Me['person']['approach'],
  },
  academy: { id: home.id, name: home.name, zone: home.zone, demo: home.demo },
});

export function sessionRoutes(door: Doorkeeper, hub: Hub, demoAlways: boolean): Router {
  const routes = Router();

  const state = async (request: Request): Promise<SessionState> => ({
    me: request.signedIn ? me(request.signedIn.person, request.signedIn.home) : null,
    csrf: request.signedIn ? csrf.generateToken(request) : anonymousToken,
    demo: (await door.demoOwner(demoAlways)) !== null,
    today: dayAt(new Date(), request.signedIn?.home.zone ?? 'UTC'),
  });

  const enter = async (request: Request, person: PersonRow): Promise<SessionState> => {
    await new Promise<void>((done, fail) =>
      request.session.regenerate((error) => (error ? fail(error as Error) : done())),
    );
    request.session.personId = person.id;
    request.session.academyId = person.academyId;
    request.session.since = Date.now();
    const home = (await door.academy(person.academyId))!;
    return {
      me: me(person, home),
      csrf: csrf.generateToken(request, true),
      demo: home.demo,
      today: dayAt(new Date(), home.zone),
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
    const person = await door.personByEmail(email);
    if (!(await passwordFits(person?.passwordHash ?? null, password)) || !person)
      throw new Refused(401, 'E-mail and password do not fit together. Check both and try again.');
    response.json(await enter(request, person));
  });

  routes.post('/session/demo', demoLimit(), async (request, response) => {
    const owner = await door.demoOwner(demoAlways);
    if (!owner) throw new Refused(404, 'The demo academy is not loaded here.');
    response.json(await enter(request, owner));
  });

  routes.delete('/session', mustBeSignedIn, async (request, response) => {
    await new Promise<void>((done, fail) =>
      request.session.destroy((error) => (error ? fail(error as Error) : done())),
    );
    hub.tell(sessionEnded, request.sessionID);
    response.clearCookie('wrightonic').status(204).end();
  });

  /** Wherever this person is signed in, this browser included. */
  routes.delete('/sessions', mustBeSignedIn, async (request, response) => {
    for (const sid of await door.endSessions(who(request).person.id)) hub.tell(sessionEnded, sid);
    response.clearCookie('wrightonic').status(204).end();
  });

  routes.put('/profile', mustBeSignedIn, async (request, response) => {
    const { academy, person } = who(request);
    await changeProfile(academy, person.id, body(request, profile));
    const changed = await door.person(academy.id, person.id);
    response.json(me(changed!, who(request).home));
  });

  return routes;
}
