import { preferences, signIn } from '@wrightonic/contract';
import { Router, type RequestHandler } from 'express';
import { mustBeSignedIn } from '../auth/authSession';
import { passwordFits } from '../auth/password';
import { secondFactorFits } from '../auth/secondFactor';
import type { PersonRow, UnscopedStore } from '../store/academies';
import { changePreferences } from '../store/athletes';
import { note } from '../store/auditEvents';
import { Academy } from '../store/scope';
import { me, type Entering } from './entering';
import { authSessionEnded, type EventBus } from '../peers/eventBus';
import { body, currentUser } from './input';
import type { Limits } from './limits';
import { fieldError, HttpError } from './httpError';
import { texts } from './texts';

/** Signing in and out, and what somebody set for themselves. */
export function authSessionRoutes(
  unscoped: UnscopedStore,
  events: EventBus,
  limits: Limits,
  entering: Entering,
  demoAlways: boolean,
): Router {
  const routes = Router();
  const refused = (person: PersonRow, told: string) =>
    note(new Academy(unscoped.db, person.academyId), { kind: 'refused', told, person: person.id });

  routes.get('/session', async (request, response) => {
    response.json(await entering.state(request));
  });

  const checked: RequestHandler = (request, _response, next) => {
    body(request, signIn);
    next();
  };
  routes.post('/session', checked, ...limits.signIns(), async (request, response) => {
    const { email, password, code = '' } = body(request, signIn);
    const person = await unscoped.personByEmail(email);
    if (!(await passwordFits(person?.passwordHash ?? null, password)) || !person) {
      if (person) await refused(person, texts.triedWrongPassword);
      throw new HttpError(401, texts.doNotFitTogether);
    }
    if (person.deactivatedAt) throw new HttpError(401, texts.accountWasDeactivated);
    if (person.totpSecret !== null) {
      if (!code) throw fieldError('code', texts.enterSixDigits, 401);
      if (!(await secondFactorFits(unscoped, person, code))) {
        await refused(person, texts.triedWrongCode);
        throw fieldError('code', texts.codeWasUsed, 401);
      }
    }
    response.json(await entering.enter(request, person));
  });

  routes.post('/session/demo', limits.demo(), async (request, response) => {
    const owner = await unscoped.demoOwner(demoAlways);
    if (!owner) throw new HttpError(404, texts.demoAcademyIsNotLoaded);
    response.json(await entering.enter(request, owner));
  });

  routes.delete('/session', mustBeSignedIn, async (request, response) => {
    await new Promise<void>((done, fail) =>
      request.session.destroy((error) => (error ? fail(error as Error) : done())),
    );
    events.publish(authSessionEnded, request.sessionID);
    response.clearCookie('wrightonic').status(204).end();
  });

  /** Wherever this person is signed in, this browser included; of the demo's people, whom many visitors are, here alone. */
  routes.delete('/sessions', mustBeSignedIn, async (request, response) => {
    const { person, academyRow } = currentUser(request);
    if (academyRow.demo) await unscoped.endSession(request.sessionID);
    const ended = academyRow.demo ? [request.sessionID] : await unscoped.endSessions(person.id);
    for (const sid of ended) events.publish(authSessionEnded, sid);
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
