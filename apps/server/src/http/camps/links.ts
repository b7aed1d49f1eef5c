import {
  campSignUp,
  newCampHelper,
  newCampLink,
  shareEnd,
  signUpEnd,
  type MadeShare,
  type SignUpPage,
} from '@wrightonic/contract';
import { Router, type Request } from 'express';
import { hashPassword } from '../../auth/password';
import { campPdf } from '../../print/campPdf';
import type { UnscopedStore } from '../../store/academies';
import {
  addCampLink,
  addSignUp,
  campLinkById,
  campLinksOf,
  endCampLink,
  endSignUp,
  openSignUps,
} from '../../store/campLinks';
import { addHelper, helpersOf, membersOf, newestSetup } from '../../store/camps';
import { Academy } from '../../store/scope';
import { publishCamp } from '../changeFeed';
import type { EventBus } from '../../peers/eventBus';
import { fieldError, HttpError } from '../httpError';
import { body, currentUser, orNotFound, pathId } from '../input';
import type { Limits } from '../limits';
import { hashOf, newSecret } from '../secrets';
import { printedCamp } from './after';
import { texts } from './texts';

const dayMs = 86_400_000;

/** Links of a camp, and who signed up behind them. */
export function campLinkRoutes(): Router {
  const routes = Router();
  routes.get('/camps/:id/links', async (request, response) => {
    const { academy } = currentUser(request);
    const id = pathId(request);
    orNotFound(await newestSetup(academy, id), 'camp');
    response.json(await campLinksOf(academy, id));
  });
  routes.post('/camps/:id/links', async (request, response) => {
    const { academy, person } = currentUser(request);
    const id = pathId(request);
    const wish = body(request, newCampLink);
    orNotFound(await newestSetup(academy, id), 'camp');
    if (wish.kind === 'card')
      orNotFound(
        (await membersOf(academy, id)).some(({ athleteId }) => athleteId === wish.athleteId),
        texts.athleteOfCamp,
      );
    if (await campLinkById(academy, wish.id)) throw new HttpError(409, texts.linkWasMade);
    const token = newSecret();
    const expiresAt = new Date(Date.now() + wish.days * dayMs);
    await addCampLink(academy, id, wish, hashOf(token), expiresAt, person.id);
    const made: MadeShare = { id: wish.id, token, expiresAt: expiresAt.toISOString() };
    response.status(201).json(made);
  });
  routes.post('/camps/:id/links/:link/end', async (request, response) => {
    const { academy, person } = currentUser(request);
    const [campId, linkId] = [pathId(request), pathId(request, 'link')];
    const { id } = body(request, shareEnd);
    const link = orNotFound(await campLinkById(academy, linkId), 'link');
    if (link.camp_id !== campId) throw new HttpError(404, texts.linkOfAnotherCamp);
    await endCampLink(academy, campId, link.id, id, person.id);
    response.status(201).json({ id });
  });
  routes.get('/camps/:id/helpers', async (request, response) => {
    const { academy } = currentUser(request);
    const id = pathId(request);
    orNotFound(await newestSetup(academy, id), 'camp');
    response.json(await helpersOf(academy, id));
  });
  routes.post('/camps/:id/helpers', async (request, response) => {
    const { academy } = currentUser(request);
    const id = pathId(request);
    const { password, ...helper } = body(request, newCampHelper);
    orNotFound(await newestSetup(academy, id), 'camp');
    if ((await helpersOf(academy, id)).some((known) => known.id === helper.id))
      return void response.status(201).json({ id: helper.id });
    if (!(await addHelper(academy, id, helper, await hashPassword(password))))
      throw fieldError('email', texts.addressIsTaken, 409);
    response.status(201).json({ id: helper.id });
  });
  routes.get('/camps/:id/sign-ups', async (request, response) => {
    const { academy } = currentUser(request);
    const id = pathId(request);
    orNotFound(await newestSetup(academy, id), 'camp');
    response.json(await openSignUps(academy, id));
  });
  routes.post('/camps/:id/sign-ups/:signUp/end', async (request, response) => {
    const { academy, person } = currentUser(request);
    const [campId, signUpId] = [pathId(request), pathId(request, 'signUp')];
    const end = body(request, signUpEnd);
    orNotFound(
      (await openSignUps(academy, campId)).some(({ id }) => id === signUpId),
      'sign-up',
    );
    await endSignUp(academy, campId, signUpId, end, person.id);
    response.status(201).json({ id: end.id });
  });
  return routes;
}

/** What the links of a camp open, for whoever has one. */
export function openCampRoutes(unscoped: UnscopedStore, events: EventBus, limits: Limits): Router {
  const routes = Router();
  const limit = limits.addresses('camp links');
  const opened = async (request: Request, kind: 'sign-up' | 'card') => {
    const link = await unscoped.campLink(hashOf(String(request.params['token'])), kind, new Date());
    const academyRow = link && (await unscoped.academy(link.academyId));
    if (!link || !academyRow) throw new HttpError(404, texts.linkNoLongerWorks);
    return { link, academyRow, academy: new Academy(unscoped.db, academyRow.id) };
  };
  routes.get('/camp-sign-up/:token', limit, async (request, response) => {
    const { link, academyRow, academy } = await opened(request, 'sign-up');
    const { name, venue, firstDay, lastDay } = orNotFound(
      await newestSetup(academy, link.campId),
      'camp',
    ).setup;
    response.setHeader('x-robots-tag', 'noindex');
    const page: SignUpPage = { academy: academyRow.name, name, venue, firstDay, lastDay };
    response.json(page);
  });
  routes.post('/camp-sign-up/:token', limit, limits.taps('sign-ups'), async (request, response) => {
    const { link, academy } = await opened(request, 'sign-up');
    const signUp = body(request, campSignUp);
    await addSignUp(academy, link.campId, link.id, signUp);
    publishCamp(events, academy.id, link.campId);
    response.status(201).json({ id: signUp.id });
  });
  routes.get('/camp-cards/:token', limit, async (request, response) => {
    const { link, academyRow, academy } = await opened(request, 'card');
    const printed = await printedCamp({ academy, academyRow, velocityUnit: 'mph' }, link.campId, true);
    response.setHeader('x-robots-tag', 'noindex');
    response.setHeader('content-type', 'application/pdf');
    response.setHeader('content-disposition', 'inline; filename="camp-card.pdf"');
    response.send(await campPdf(printed, 'cards', link.athleteId));
  });
  return routes;
}
