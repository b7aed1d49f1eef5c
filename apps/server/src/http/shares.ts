import {
  check,
  homeBatch,
  homeEvent,
  newShare,
  shareEnd,
  weekSheet,
  type HomeAnswer,
  type HomeEvent,
  type LogAnswer,
  type MadeShare,
  type SharedPage,
  type WeekSheet,
} from '@wrightonic/contract';
import { addDays, lockWords, throwLimits, throwStateOf, type ThrowState, dayAt } from '@wrightonic/core';
import { Router, type Request } from 'express';
import { mustInstruct } from '../auth/session';
import { weekCalendar } from '../print/weekCalendar';
import { weekPdf } from '../print/weekPdf';
import type { AcademyRow, Doorkeeper } from '../store/academies';
import { aheadOf } from '../store/ahead';
import { athlete, type AthleteRow } from '../store/athletes';
import { painHistories, throwState } from '../store/pain';
import { cuesOf, levelsChosen } from '../store/choices';
import { bookOf } from '../store/drills';
import { homeOf, storeHome, type AtHome } from '../store/home';
import { Academy } from '../store/scope';
import { addShare, endShare, shareById, sharesOf } from '../store/shares';
import { throwDays } from '../store/state/counts';
import { limitsInputOf, limitsLookBack } from './athletePage';
import type { Hub } from './hub';
import { body, found, pathId, sentId, who } from './input';
import { tellNews } from './news';
import { newestPlan } from './planRecord';
import { Refused } from './refused';
import { changing } from './stateOf';
import { missLimit, tapLimit } from './limits';
import { hashOf, newSecret } from './secrets';

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

/** As far back as the page behind a link tells what was done. */
const homeDays = 14;

interface Opened {
  home: AtHome;
  sheet: WeekSheet;
  person: AthleteRow;
  academyRow: AcademyRow;
  pain: ThrowState;
  expiresAt: Date;
  url: string;
  today: string;
}

/** What a link opens, for whoever has it: the week of one athlete, and nothing else. */
export function sharedRoutes(door: Doorkeeper, hub: Hub, publicUrl: string): Router {
  const routes = Router();
  const limit = missLimit('Too many addresses that lead nowhere. Wait a quarter of an hour.');

  async function opened(request: Request): Promise<Opened> {
    const token = String(request.params['token']);
    const share = await door.share(hashOf(token), new Date());
    const academyRow = share && (await door.academy(share.academyId));
    if (!share || !academyRow)
      throw new Refused(404, 'This link leads nowhere: it has run out or was taken back. Ask for a new one.');
    const academy = new Academy(door.db, academyRow.id);
    const book = await bookOf(academy);
    const [row, { plan, assignment }, pain, levels, cues] = await Promise.all([
      athlete(academy, share.athleteId),
      newestPlan(academy, share.athleteId, book),
      throwState(academy, share.athleteId, academyRow.zone),
      levelsChosen(academy, share.athleteId),
      cuesOf(academy, share.athleteId),
    ]);
    const person = found(row, 'athlete');
    return {
      home: {
        academy,
        athleteId: share.athleteId,
        shareId: share.id,
        zone: academyRow.zone,
        book,
        doseOf: (drill, date) =>
          assignment?.items.find((item) => item.drill === drill && item.date === date)?.dose,
      },
      sheet: weekSheet(person, {
        plan,
        assignment,
        academy: academyRow.name,
        lock: pain.lock,
        levels: levels.get(share.athleteId) ?? {},
        cues,
        book,
      }),
      person,
      academyRow,
      pain,
      expiresAt: share.expiresAt,
      url: `${publicUrl}/s/${token}`,
      today: dayAt(new Date(), academyRow.zone),
    };
  }

  async function page(opened: Opened): Promise<SharedPage> {
    const { home, sheet, person, academyRow, pain, expiresAt, today } = opened;
    const asOf = new Date().toISOString();
    const since = addDays(today, -limitsLookBack);
    const [throws, done] = await Promise.all([
      throwDays(home.academy, home.athleteId, since),
      homeOf(home.academy, home.athleteId, since, home.zone),
    ]);
    const { maxToday, leftToday, thrownToday, restUntil, because } = throwLimits(
      limitsInputOf(person, academyRow, pain, [...throws, ...done.throws], today),
    );
    const first = [sheet.from ?? today, addDays(today, -homeDays)].sort()[0]!;
    const recent = <T extends { date: string }>(all: T[]) => all.filter(({ date }) => date >= first);
    return {
      ...sheet,
      expiresAt: expiresAt.toISOString(),
      today,
      asOf,
      zone: home.zone,
      pain,
      home: {
        sets: recent(done.record.sets),
        pain: recent(done.record.pain),
        games: recent(done.record.games),
      },
      limits: { maxToday, leftToday, thrownToday, restUntil, because },
    };
  }

  /** What locks a throwing set that was ticked: pain that was marked before, and not cleared. */
  async function lockedAt({ academy, athleteId, zone, book }: AtHome, event: HomeEvent) {
    if (event.kind !== 'set-ticked' || !book.drill(event.drill)?.throws) return null;
    const history = (await painHistories(academy, zone, athleteId)).get(athleteId);
    const until = <T extends { at: string }>(all: readonly T[] = []) =>
      all.filter(({ at }) => at <= event.at);
    return throwStateOf(until(history?.reports), until(history?.clearances)).lock;
  }

  /** Stores one event, or says for good why not. */
  async function take(
    { home, academyRow }: Pick<Opened, 'home' | 'academyRow'>,
    event: unknown,
  ): Promise<LogAnswer> {
    const id = sentId(event);
    const checked = check(homeEvent, event);
    if (checked.problems)
      return { id, stored: false, why: checked.problems.map((p) => p.message).join('; ') };
    const locked = await lockedAt(home, checked.value);
    if (locked) return { id, stored: false, why: lockWords(locked) };
    const store = (academy: Academy) => storeHome({ ...home, academy }, checked.value);
    if (checked.value.kind === 'pain-marked')
      await changing({ academy: home.academy, home: academyRow }, [home.athleteId], ['pain'], store);
    else await store(home.academy);
    return { id, stored: true };
  }

  routes.get('/shared/:token', limit, async (request, response) => {
    response.setHeader('x-robots-tag', 'noindex');
    response.json(await page(await opened(request)));
  });
  routes.post('/shared/:token/log', limit, tapLimit(), async (request, response) => {
    const link = await opened(request);
    const { home } = link;
    const { events } = body(request, homeBatch);
    const answers: LogAnswer[] = [];
    for (const event of events) answers.push(await take(link, event));
    tellNews(hub, home.academy.id, home.athleteId);
    const answer: HomeAnswer = { answers, at: new Date().toISOString() };
    response.json(answer);
  });
  // Put on a phone's home screen, the page opens with its own link.
  routes.get('/shared/:token/app.webmanifest', limit, async (request, response) => {
    const { sheet } = await opened(request);
    const address = `/s/${String(request.params['token'])}`;
    response.setHeader('content-type', 'application/manifest+json');
    response.json({
      name: `${sheet.givenName}’s week`,
      short_name: sheet.givenName,
      id: address,
      start_url: address,
      scope: address,
      display: 'standalone',
      background_color: '#F5F1E8',
      theme_color: '#F5F1E8',
      icons: [{ src: '/seam.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
    });
  });
  routes.get('/shared/:token/week.pdf', limit, async (request, response) => {
    const { sheet, url } = await opened(request);
    response.setHeader('content-type', 'application/pdf');
    response.setHeader('content-disposition', `inline; filename="week-${sheet.from ?? 'open'}.pdf"`);
    response.send(await weekPdf(sheet, url));
  });
  routes.get('/shared/:token/week.ics', limit, async (request, response) => {
    const { home, sheet, url, today } = await opened(request);
    const ahead = await aheadOf(home.academy, home.athleteId, today, home.zone);
    response.setHeader('content-type', 'text/calendar; charset=utf-8');
    response.send(
      weekCalendar(
        sheet,
        ahead.filter(({ kind }) => kind === 'lesson'),
        url,
      ),
    );
  });
  return routes;
}
