import {
  check,
  homeBatch,
  homeEvent,
  newShare,
  shareEnd,
  type HomeResponse,
  type LogResponse,
  type MadeShare,
  type SharedPage,
} from '@wrightonic/contract';
import {
  addDays,
  lockWords,
  throwLimits,
  throwStateOf,
  type ThrowState,
  dayAt,
  weekSheet,
  type HomeEvent,
  type WeekSheet,
  limitsInputOf,
  limitsLookBack,
} from '@wrightonic/core';
import { Router, type Request } from 'express';
import { weekCalendar } from '../print/weekCalendar';
import { weekPdf } from '../print/weekPdf';
import type { AcademyRow, UnscopedStore } from '../store/academies';
import { upcomingOf } from '../store/upcoming';
import { athlete, type AthleteRow } from '../store/athletes';
import { painHistories, throwState } from '../store/pain';
import { cuesOf, levelsChosen } from '../store/choices';
import { bookOf } from '../store/drills';
import { homeOf, storeHome, type AtHome } from '../store/home';
import { Academy } from '../store/scope';
import { addShare, endShare, shareById, sharesOf } from '../store/shares';
import { throwDays } from '../store/state/counts';
import { countHomeDays } from '../store/state/homeDays';
import type { EventBus } from '../peers/eventBus';
import { body, orNotFound, pathId, sentId, currentUser } from './input';
import { publishChange } from './changeFeed';
import { newestPlan } from './planRecord';
import { HttpError } from './httpError';
import { changing } from './stateOf';
import type { Limits } from './limits';
import { hashOf, newSecret } from './secrets';
import { texts } from './texts';

/** Links of an athlete: made, listed and taken back by those who instruct. */
export function shareRoutes(): Router {
  const routes = Router();
  routes.get('/athletes/:id/shares', async (request, response) => {
    const { academy } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    response.json(await sharesOf(academy, id));
  });
  routes.post('/athletes/:id/shares', async (request, response) => {
    const { academy, person } = currentUser(request);
    const wish = body(request, newShare);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    if (await shareById(academy, wish.id)) throw new HttpError(409, texts.linkWasMade);
    const token = newSecret();
    const expiresAt = new Date(Date.now() + wish.days * 86_400_000);
    await addShare(academy, id, wish, hashOf(token), expiresAt, person.id);
    const made: MadeShare = { id: wish.id, token, expiresAt: expiresAt.toISOString() };
    response.status(201).json(made);
  });
  routes.post('/shares/:id/end', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = body(request, shareEnd);
    const share = orNotFound(await shareById(academy, pathId(request)), 'link');
    await endShare(academy, share.id, id, person.id);
    response.status(201).json({ id });
  });
  return routes;
}

/** As far back as the page behind a link tells what was done. */
const homeDays = 14;

interface Opened {
  link: AtHome;
  sheet: WeekSheet;
  person: AthleteRow;
  academyRow: AcademyRow;
  pain: ThrowState;
  expiresAt: Date;
  url: string;
  today: string;
}

/** What a link opens now; an error where it leads nowhere. */
async function opened(unscoped: UnscopedStore, publicUrl: string, request: Request): Promise<Opened> {
  const token = String(request.params['token']);
  const share = await unscoped.share(hashOf(token), new Date());
  const academyRow = share && (await unscoped.academy(share.academyId));
  if (!share || !academyRow) throw new HttpError(404, texts.linkNoLongerWorks);
  const academy = new Academy(unscoped.db, academyRow.id);
  const book = await bookOf(academy);
  const [row, { plan, assignment }, pain, levels, cues] = await Promise.all([
    athlete(academy, share.athleteId),
    newestPlan(academy, share.athleteId, book),
    throwState(academy, share.athleteId, academyRow.zone),
    levelsChosen(academy, share.athleteId),
    cuesOf(academy, share.athleteId),
  ]);
  const person = orNotFound(row, 'athlete');
  return {
    link: {
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
      names: share.names,
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

/** The page of a link, with what is thrown and may be thrown today. */
async function pageOf(opened: Opened): Promise<SharedPage> {
  const { link, sheet, person, academyRow, pain, expiresAt, today } = opened;
  const asOf = new Date().toISOString();
  const since = addDays(today, -limitsLookBack);
  const [throws, done] = await Promise.all([
    throwDays(link.academy, link.athleteId, since),
    homeOf(link.academy, link.athleteId, since, link.zone),
  ]);
  const { maxToday, leftToday, hardToday, easyToday, restUntil, because } = throwLimits({
    ...limitsInputOf(person, academyRow, pain, [...throws, ...done.throws]),
    on: today,
  });
  const first = [sheet.from ?? today, addDays(today, -homeDays)].sort()[0]!;
  const recent = <T extends { date: string }>(all: T[]) => all.filter(({ date }) => date >= first);
  return {
    ...sheet,
    expiresAt: expiresAt.toISOString(),
    today,
    asOf,
    zone: link.zone,
    pain,
    home: {
      sets: recent(done.record.sets),
      pain: recent(done.record.pain),
      games: recent(done.record.games),
    },
    limits: { maxToday, leftToday, hardToday, easyToday, restUntil, because },
  };
}

/** What locks a throwing set that was ticked: pain that was marked before, and not cleared. */
async function lockedAt({ academy, athleteId, zone, book }: AtHome, event: HomeEvent) {
  if (event.kind !== 'set-ticked' || !book.drill(event.drill)?.throws) return null;
  const history = (await painHistories(academy, zone, athleteId)).get(athleteId);
  const until = <T extends { at: string }>(all: readonly T[] = []) => all.filter(({ at }) => at <= event.at);
  return throwStateOf(until(history?.reports), until(history?.clearances)).lock;
}

/** Stores one event, or says for good why not. */
async function take(
  { link, academyRow }: Pick<Opened, 'link' | 'academyRow'>,
  event: unknown,
): Promise<LogResponse> {
  const id = sentId(event);
  const checked = check(homeEvent, event);
  if (checked.problems) return { id, stored: false, why: checked.problems.map((p) => p.message).join('; ') };
  const locked = await lockedAt(link, checked.value);
  if (locked) return { id, stored: false, why: lockWords(locked) };
  const store = (academy: Academy) => storeHome({ ...link, academy }, checked.value);
  const known = checked.value;
  if (known.kind === 'pain-marked')
    await changing({ academy: link.academy, academyRow }, [link.athleteId], ['pain'], store);
  else if (known.kind === 'game-pitched') await store(link.academy);
  else
    await changing({ academy: link.academy, academyRow }, [link.athleteId], [], async (academy) => {
      await store(academy);
      await countHomeDays(academy, link.athleteId, link.zone, [known.date]);
    });
  return { id, stored: true };
}

/** What a link opens, for whoever has it: the week of one athlete, and nothing else. */
export function sharedRoutes(
  unscoped: UnscopedStore,
  events: EventBus,
  limits: Limits,
  publicUrl: string,
): Router {
  const routes = Router();
  const open = (request: Request) => opened(unscoped, publicUrl, request);
  const limit = limits.addresses('shared pages');

  routes.get('/shared/:token', limit, async (request, response) => {
    response.setHeader('x-robots-tag', 'noindex');
    response.json(await pageOf(await open(request)));
  });
  routes.post('/shared/:token/log', limit, limits.taps('shared-pages-taps'), async (request, response) => {
    const link = await open(request);
    const { academy, athleteId } = link.link;
    const batch = body(request, homeBatch);
    const responses: LogResponse[] = [];
    for (const event of batch.events) responses.push(await take(link, event));
    publishChange(events, academy.id, athleteId);
    response.json({ responses, at: new Date().toISOString() } satisfies HomeResponse);
  });
  // Put on a phone's home screen, the page opens with its own link.
  routes.get('/shared/:token/app.webmanifest', limit, async (request, response) => {
    const { sheet } = await open(request);
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
    const { sheet, url } = await open(request);
    response.setHeader('content-type', 'application/pdf');
    response.setHeader('content-disposition', `inline; filename="week-${sheet.from ?? 'open'}.pdf"`);
    response.send(await weekPdf(sheet, url));
  });
  routes.get('/shared/:token/week.ics', limit, async (request, response) => {
    const { link, sheet, url, today } = await open(request);
    const upcoming = await upcomingOf(link.academy, link.athleteId, today, link.zone);
    response.setHeader('content-type', 'text/calendar; charset=utf-8');
    response.send(
      weekCalendar(
        sheet,
        upcoming.filter(({ kind }) => kind === 'lesson'),
        url,
      ),
    );
  });
  return routes;
}
