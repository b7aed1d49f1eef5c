import { codeOnly, passwordChange, passwordOnly, type Account } from '@wrightonic/contract';
import { Router, type Request } from 'express';
import { hashPassword, passwordFits } from '../auth/password';
import { newRecoveryCodes, newTotpSecret, stepOf, totpUri } from '../auth/secondFactor';
import type { UnscopedStore } from '../store/academies';
import { accountOf, sessionsOf, setPassword, setSecondFactor, type StoredSession } from '../store/accounts';
import { note } from '../store/auditEvents';
import { authSessionEnded, type EventBus } from '../peers/eventBus';
import { fieldError, HttpError } from './httpError';
import { body, currentUser } from './input';
import type { Limits } from './limits';
import { hashOf } from './secrets';
import { texts } from './texts';

/** What is told of a session: not the id itself, which would open it. */
const nameOf = (sid: string): string => hashOf(sid).slice(0, 32);

const passwordLimit = (limits: Limits) => limits.misses('own password', texts.tooManyWrongPasswords);

/** Whoever changes how they get in says their password once more. */
async function mustKnow(request: Request, password: string, field: string): Promise<void> {
  const { person, academyRow } = currentUser(request);
  if (academyRow.demo) throw new HttpError(409, texts.demoAccountsStay);
  if (!(await passwordFits(person.passwordHash, password)))
    throw fieldError(field, texts.isNotYourPassword, 422);
}

/** Where somebody is signed in; of those who look around the demo under one name, only the one who asks. */
async function sessionsHere(unscoped: UnscopedStore, request: Request): Promise<StoredSession[]> {
  const { person, academyRow } = currentUser(request);
  const all = await sessionsOf(unscoped, person.id);
  return academyRow.demo ? all.filter(({ sid }) => sid === request.sessionID) : all;
}

/** One's own account: the password, and where one is signed in. */
export function accountRoutes(unscoped: UnscopedStore, events: EventBus, limits: Limits): Router {
  const routes = Router();
  const limit = passwordLimit(limits);

  const end = async (sid: string): Promise<void> => {
    await unscoped.endSession(sid);
    events.publish(authSessionEnded, sid);
  };

  routes.get('/account', async (request, response) => {
    const { academy, person } = currentUser(request);
    const sessions = await sessionsHere(unscoped, request);
    const account: Account = {
      ...(await accountOf(academy, person)),
      sessions: sessions
        .sort((a, b) => b.since - a.since)
        .map(({ sid, agent, since }) => ({
          id: nameOf(sid),
          agent,
          since: new Date(since).toISOString(),
          here: sid === request.sessionID,
        })),
    };
    response.json(account);
  });

  /** Wherever else somebody is signed in with the old password, they are signed out. */
  routes.put('/account/password', limit, async (request, response) => {
    const { academy, person } = currentUser(request);
    const { current, password } = body(request, passwordChange);
    await mustKnow(request, current, 'current');
    await setPassword(academy, person.id, await hashPassword(password));
    for (const { sid } of await sessionsOf(unscoped, person.id))
      if (sid !== request.sessionID) await end(sid);
    response.json({ id: person.id });
  });

  routes.delete('/account/sessions/:session', async (request, response) => {
    const name = String(request.params['session']);
    const found = (await sessionsHere(unscoped, request)).find(({ sid }) => nameOf(sid) === name);
    if (!found) throw new HttpError(404, texts.sessionHasEnded);
    await end(found.sid);
    response.status(204).end();
  });

  return routes;
}

/** A second factor beside the password. */
export function secondFactorRoutes(limits: Limits): Router {
  const routes = Router();
  const limit = passwordLimit(limits);

  /** Shows a secret for an authenticator; nothing holds until a code of it comes back. */
  routes.post('/account/second-factor', limit, async (request, response) => {
    const { person } = currentUser(request);
    await mustKnow(request, body(request, passwordOnly).password, 'password');
    const secret = newTotpSecret();
    request.session.totpSecret = secret;
    response.status(201).json({ secret, uri: totpUri(secret, person.email) });
  });
  routes.put('/account/second-factor', limit, async (request, response) => {
    const { academy, person } = currentUser(request);
    const { code } = body(request, codeOnly);
    const secret = request.session.totpSecret;
    if (!secret) throw new HttpError(409, texts.beginAgain);
    if (stepOf(secret, code) === null) throw fieldError('code', texts.codeDoesNotFit, 422);
    const { codes, hashes } = newRecoveryCodes();
    await setSecondFactor(academy, person.id, secret, hashes);
    delete request.session.totpSecret;
    await note(academy, { kind: 'changed', told: texts.turnedSecondFactor, person: person.id });
    response.json({ codes });
  });
  routes.post('/account/second-factor/end', limit, async (request, response) => {
    const { academy, person } = currentUser(request);
    await mustKnow(request, body(request, passwordOnly).password, 'password');
    await setSecondFactor(academy, person.id, null, []);
    response.json({ id: person.id });
  });

  return routes;
}
