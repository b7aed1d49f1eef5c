import { handOver, newInvitation, staffChange, type MadeShare, type StaffChange } from '@wrightonic/contract';
import { Router } from 'express';
import { v7 } from 'uuid';
import type { Mailer } from '../mail/mailer';
import { invitationMail } from '../mail/words';
import type { UnscopedStore } from '../store/academies';
import { note } from '../store/auditEvents';
import { endFeeds } from '../store/feeds';
import { mails } from '../store/mails';
import {
  addInvitation,
  changeStaff,
  endInvitation,
  handOverLessons,
  invitationById,
  invitations,
  staff,
} from '../store/staff';
import { publishPerson } from './changeFeed';
import { authSessionEnded, type EventBus } from '../peers/eventBus';
import { fieldError, HttpError } from './httpError';
import { body, currentUser, orNotFound, pathId } from './input';
import { hashOf, newSecret } from './secrets';
import { texts } from './texts';

const invitationMs = 7 * 24 * 3_600_000;
/** As many mails as the office shows. */
const mailsShown = 200;

const changeWords = (was: StaffChange, now: StaffChange, name: string): string =>
  [
    was.role === now.role ? null : `made ${name} ${now.role} (was ${was.role})`,
    was.active === now.active ? null : `${now.active ? 'activated' : 'deactivated'} ${name}`,
  ]
    .filter(Boolean)
    .join(', ')
    .slice(0, 120);

/** Who works here: given a role, handed over, deactivated. */
export function staffRoutes(unscoped: UnscopedStore, events: EventBus): Router {
  const routes = Router();

  routes.get('/people', async (request, response) => {
    response.json(await staff(currentUser(request).academy));
  });

  routes.put('/people/:id', async (request, response) => {
    const { academy, person } = currentUser(request);
    const id = pathId(request);
    const wish = body(request, staffChange);
    const was = await changeStaff(academy, id, wish);
    if (was === 'nobody') throw new HttpError(404, texts.personIsNotHere);
    if (was === 'last') throw fieldError(wish.active ? 'role' : 'active', texts.needsAnOwner, 409);
    const changed = (await unscoped.person(academy.id, id))!;
    const told = changeWords(was, wish, changed.name);
    if (told) await note(academy, { kind: 'changed', told, person: person.id });
    if (!wish.active) {
      await endFeeds(academy, id, v7);
      for (const sid of await unscoped.endSessions(id)) events.publish(authSessionEnded, sid);
    } else publishPerson(events, id);
    response.json({ id });
  });

  routes.post('/people/:id/hand-over', async (request, response) => {
    const { academy, person } = currentUser(request);
    const from = pathId(request);
    const { to } = body(request, handOver);
    const all = await staff(academy);
    const giver = orNotFound(
      all.find(({ id }) => id === from),
      'person',
    );
    const taker = all.find(({ id, active }) => id === to && active);
    if (!taker || taker.role === 'assistant' || to === from) throw fieldError('to', texts.takerMustBe);
    const lessons = await handOverLessons(academy, from, to);
    const told = texts.handedOver(lessons, giver.name, taker.name).slice(0, 120);
    await note(academy, { kind: 'changed', told, person: person.id });
    response.json({ lessons });
  });

  return routes;
}

/** Who was asked to work here, and what went out by mail. */
export function invitationRoutes(unscoped: UnscopedStore, mailer: Mailer, publicUrl: string): Router {
  const routes = Router();

  routes.get('/invitations', async (request, response) => {
    response.json(await invitations(currentUser(request).academy));
  });

  /** The link is shown once to whoever invites, and goes out by mail as well. */
  routes.post('/invitations', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const wish = body(request, newInvitation);
    if (await invitationById(academy, wish.id)) throw new HttpError(409, texts.invitationWasMade);
    if (await unscoped.personByEmail(wish.email)) throw fieldError('email', texts.addressHasAnAccount, 409);
    const token = newSecret();
    const expiresAt = new Date(Date.now() + invitationMs);
    await addInvitation(academy, wish, hashOf(token), expiresAt, person.id);
    await mailer.send(academy, {
      to: wish.email,
      kind: 'invitation',
      by: person.id,
      ...invitationMail(
        { name: wish.name, academy: academyRow.name, by: person.name, role: wish.role },
        `${publicUrl}/join/${token}`,
      ),
    });
    const made: MadeShare = { id: wish.id, token, expiresAt: expiresAt.toISOString() };
    response.status(201).json(made);
  });

  routes.post('/invitations/:id/end', async (request, response) => {
    const { academy } = currentUser(request);
    const invitation = orNotFound(await invitationById(academy, pathId(request)), 'invitation');
    await endInvitation(academy, invitation.id);
    response.status(201).json({ id: invitation.id });
  });

  routes.get('/mails', async (request, response) => {
    const { academy } = currentUser(request);
    response.json({ simulated: mailer.simulated, mails: await mails(academy, mailsShown) });
  });

  return routes;
}
