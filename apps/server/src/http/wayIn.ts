import { invitationAnswer, resetAnswer, resetWish, type InvitationPage } from '@wrightonic/contract';
import { Router, type Request, type RequestHandler } from 'express';
import { hashPassword } from '../auth/password';
import type { Mailer } from '../mail/mailer';
import { resetMail } from '../mail/words';
import type { UnscopedStore } from '../store/academies';
import { addReset, openInvitation, openReset, useInvitation, useReset } from '../store/accounts';
import { note } from '../store/auditEvents';
import { Academy } from '../store/scope';
import type { Entering } from './entering';
import { authSessionEnded, type EventBus } from '../peers/eventBus';
import { HttpError } from './httpError';
import { body } from './input';
import type { Limits } from './limits';
import { hashOf, newSecret } from './secrets';
import { texts } from './texts';

const resetMs = 3_600_000;
const openApproach = JSON.stringify({ leave: null, lift: null, teach: null, hips: null });

interface Needs {
  unscoped: UnscopedStore;
  events: EventBus;
  limits: Limits;
  mailer: Mailer;
  entering: Entering;
  publicUrl: string;
}

/** Ways in for somebody who has a link and no password: an invitation, or a password that was forgotten. */
export function wayInRoutes({ unscoped, events, limits, mailer, entering, publicUrl }: Needs): Router {
  const routes = Router();
  const limit = limits.addresses('ways in');
  const tokenOf = (request: Request) => hashOf(String(request.params['token']));
  const usedUp = (): HttpError => new HttpError(404, texts.linkWasUsed);

  const invited = async (request: Request) => {
    const found = await openInvitation(unscoped, tokenOf(request), new Date());
    if (!found) throw usedUp();
    return found;
  };
  routes.get('/join/:token', limit, async (request, response) => {
    const { academyId, name, email, role, by } = await invited(request);
    const academy = (await unscoped.academy(academyId))!.name;
    const page: InvitationPage = { academy, name, email, role, by };
    response.setHeader('x-robots-tag', 'noindex');
    response.json(page);
  });
  routes.post('/join/:token', limit, async (request, response) => {
    const invitation = await invited(request);
    const { name, password } = body(request, invitationAnswer);
    const made = await useInvitation(unscoped, invitation, {
      name,
      passwordHash: await hashPassword(password),
      approach: openApproach,
    });
    if (made === 'used') throw usedUp();
    if (made === 'taken') throw new HttpError(409, texts.addressHasAnAccountByNow);
    const person = (await unscoped.person(invitation.academyId, made.id))!;
    response.status(201).json(await entering.enter(request, person));
  });

  const checked: RequestHandler = (request, _response, next) => {
    body(request, resetWish);
    next();
  };
  /** Whether there is such an account is nobody's business: the answer is the same. */
  routes.post('/password-resets', checked, ...limits.resets(), async (request, response) => {
    const person = await unscoped.personByEmail(body(request, resetWish).email);
    const academyRow = person && (await unscoped.academy(person.academyId));
    if (person && academyRow && !person.deactivatedAt && !academyRow.demo) {
      const token = newSecret();
      await addReset(unscoped, person, hashOf(token), new Date(Date.now() + resetMs));
      await mailer.send(new Academy(unscoped.db, academyRow.id), {
        to: person.email,
        kind: 'reset',
        ...resetMail({ name: person.name, academy: academyRow.name }, `${publicUrl}/reset/${token}`),
      });
    }
    response.status(202).json({});
  });
  routes.get('/password-resets/:token', limit, async (request, response) => {
    if (!(await openReset(unscoped, tokenOf(request), new Date()))) throw usedUp();
    response.json({});
  });
  /** Signs nobody in: a second factor is asked for as ever. Wherever the account was open, it is closed. */
  routes.post('/password-resets/:token', limit, async (request, response) => {
    const found = await openReset(unscoped, tokenOf(request), new Date());
    if (!found) throw usedUp();
    const { password } = body(request, resetAnswer);
    if (!(await useReset(unscoped, tokenOf(request), found, await hashPassword(password)))) throw usedUp();
    for (const sid of await unscoped.endSessions(found.personId)) events.publish(authSessionEnded, sid);
    await note(new Academy(unscoped.db, found.academyId), {
      kind: 'changed',
      told: texts.setNewPassword,
      person: found.personId,
    });
    response.json({});
  });

  return routes;
}
