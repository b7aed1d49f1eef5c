import { newShare, shareEnd, weekSheet, type MadeShare, type WeekSheet } from '@wrightonic/contract';
import { Router, type Request } from 'express';
import { mustInstruct } from '../auth/session';
import { weekCalendar } from '../print/weekCalendar';
import { weekPdf } from '../print/weekPdf';
import type { Doorkeeper } from '../store/academies';
import { aheadOf } from '../store/ahead';
import { athlete } from '../store/athletes';
import { bookOf } from '../store/drills';
import { Academy } from '../store/scope';
import { addShare, endShare, shareById, sharesOf } from '../store/shares';
import { venueDay } from '../store/venueDay';
import { body, found, pathId, who } from './input';
import { newestPlan } from './planRecord';
import { Refused } from './refused';
import { hashOf, missLimit, newSecret } from './secrets';

/** Links of an athlete: made, listed and taken back by those who instruct. */
export function shareRoutes(): Router {
  const routes = Router();
  routes.get('/athletes/:id/shares', async (request, response) => {
    const { academy } = who(request);
    const { id } = found(await athlete(academy, pathId(request)), 'athlete');
    response.json(await sharesOf(academy, id));
  });
  routes.post('/athletes/:id/shares', mustInstruct, async (request, response) => {
    const { academy, person } = who(request);
    const wish = body(request, newShare);
    const { id } = found(await athlete(academy, pathId(request)), 'athlete');
    if (await shareById(academy, wish.id))
      throw new Refused(409, 'This link was made already, and its address is told only once. Make another.');
    const token = newSecret();
    const expiresAt = new Date(Date.now() + wish.days * 86_400_000);
    await addShare(academy, id, wish, hashOf(token), expiresAt, person.id);
    const made: MadeShare = { id: wish.id, token, expiresAt: expiresAt.toISOString() };
    response.status(201).json(made);
  });
  routes.post('/shares/:id/end', mustInstruct, async (request, response) => {
    const { academy, person } = who(request);
    const { id } = body(request, shareEnd);
    const share = found(await shareById(academy, pathId(request)), 'link');
    await endShare(academy, share.id, id, person.id);
    response.status(201).json({ id });
  });
  return routes;
}

/** What a link opens, for whoever has it: the week of one athlete, and nothing else. */
export function sharedRoutes(door: Doorkeeper): Router {
  const routes = Router();
  const limit = missLimit('Too many addresses that lead nowhere. Wait a quarter of an hour.');

  async function opened(request: Request): Promise<{
    sheet: WeekSheet;
    expiresAt: Date;
    url: string;
    zone: string;
    lessons: { date: string; minutes: number | null; title: string }[];
  }> {
    const token = String(request.params['token']);
    const share = await door.share(hashOf(token), new Date());
    const home = share && (await door.academy(share.academyId));
    if (!share || !home)
      throw new Refused(404, 'This link leads nowhere: it has run out or was taken back. Ask for a new one.');
    const academy = new Academy(door.db, home.id);
    const book = await bookOf(academy);
    const [person, planned, ahead] = await Promise.all([
      athlete(academy, share.athleteId),
      newestPlan(academy, share.athleteId, book),
      aheadOf(academy, share.athleteId, venueDay(new Date(), home.zone), home.zone),
    ]);
    return {
      sheet: weekSheet(found(person, 'athlete'), planned.plan, planned.assignment, home.name, book),
      expiresAt: share.expiresAt,
      url: `${request.protocol}://${request.get('host')}/s/${token}`,
      zone: home.zone,
      lessons: ahead.filter(({ kind }) => kind === 'lesson'),
    };
  }

  routes.get('/shared/:token', limit, async (request, response) => {
    const { sheet, expiresAt } = await opened(request);
    response.setHeader('x-robots-tag', 'noindex');
    response.json({ ...sheet, expiresAt: expiresAt.toISOString() });
  });
  routes.get('/shared/:token/week.pdf', limit, async (request, response) => {
    const { sheet, url } = await opened(request);
    response.setHeader('content-type', 'application/pdf');
    response.setHeader('content-disposition', `inline; filename="week-${sheet.from ?? 'open'}.pdf"`);
    response.send(await weekPdf(sheet, url));
  });
  routes.get('/shared/:token/week.ics', limit, async (request, response) => {
    const { sheet, url, lessons } = await opened(request);
    response.setHeader('content-type', 'text/calendar; charset=utf-8');
    response.send(weekCalendar(sheet, lessons, url));
  });
  return routes;
}
