import {
  check,
  newReport,
  reportQuery,
  shareEnd,
  type MadeShare,
  type Report,
  type ReportPage,
  type ReportWish,
} from '@wrightonic/contract';
import {
  changeOver,
  comparableSessions,
  comparedIds,
  compareLooks,
  dayAt,
  gradesAlong,
  mondayOf,
  nextWords,
  nodeName,
  reportWords,
} from '@wrightonic/core';
import { Router, type Request, type Response } from 'express';
import type { SignedIn } from '../auth/authSession';
import { reportPdf } from '../print/reportPdf';
import type { UnscopedStore } from '../store/academies';
import { athlete } from '../store/athletes';
import { addReport, endReport, keptReport, reportById, reportsOf } from '../store/reports';
import { Academy } from '../store/scope';
import { athleteFields, longReach } from './athletePage';
import { fieldError, HttpError } from './httpError';
import { body, currentUser, orNotFound, pathId } from './input';
import { askedBy } from './keptAnswer';
import type { Limits } from './limits';
import { hashOf, newSecret } from './secrets';
import { texts } from './texts';

const dayMs = 86_400_000;

const fields = ['athlete', 'looks', 'velocities', 'course', 'plan', 'pain'] as const;

/** What a report says now. */
async function reportOf(signedIn: SignedIn, athleteId: string, wish: ReportWish): Promise<Report> {
  const { academyRow, person } = signedIn;
  const page = orNotFound(await athleteFields(askedBy(signedIn), athleteId, fields, longReach), 'athlete');
  const { discipline, givenName, throws } = page.athlete;
  const looks = page.looks.filter(({ finished }) => finished);
  // Where neither is chosen it is the first and the newest, as far as there are two.
  const neither = wish.before === null && wish.after === null;
  const lookOf = (field: 'before' | 'after') => {
    const id = wish[field];
    if (neither) return (field === 'after' ? looks.at(-1) : looks.length > 1 ? looks[0] : null) ?? null;
    if (id === null) return null;
    const found = looks.find((look) => look.id === id);
    if (!found) throw fieldError(field, texts.isNoFinishedLook);
    return found;
  };
  const [before, after] = [lookOf('before'), lookOf('after')];
  if (before && after && before.date > after.date) throw fieldError('before', texts.mustBeEarlierLook);
  const today = dayAt(new Date(), academyRow.zone);
  const from = before?.date ?? page.velocities[0]?.date ?? today;
  const like = comparableSessions(page.velocities);
  const { homeWeeks, target } = page.course;
  const home = homeWeeks.filter(({ week }) => week >= mondayOf(from));
  const compared = before && after && compareLooks(before.findings, after.findings, comparedIds(discipline));
  return {
    academy: academyRow.name,
    givenName,
    throws,
    discipline,
    on: today,
    unit: person.velocityUnit,
    words: reportWords({
      givenName,
      discipline,
      before,
      after,
      velocity: changeOver(page.velocities, from, today),
      unit: person.velocityUnit,
      home,
    }),
    before: before && { date: before.date, grades: gradesAlong(discipline, before.findings) },
    after: after && { date: after.date, grades: gradesAlong(discipline, after.findings) },
    velocity: like.map(({ date, usual, top }) => ({ date, usual, top })),
    target,
    changes:
      wish.names && compared
        ? compared.points.map(({ id, ...point }) => ({ name: nodeName(id), ...point }))
        : [],
    home: home.map(({ week, assigned, done, late }) => ({ week, assigned, done, late })),
    next: nextWords({
      lock: page.pain.lock,
      threads: page.plan?.threads ?? [],
      relookOn: page.plan?.relookOn ?? null,
      lookedOn: looks.at(-1)?.date ?? null,
      target,
      today,
      unit: person.velocityUnit,
      names: wish.names,
    }),
  };
}

/** What a report says of everything there is, named as an instructor reads it: for whoever takes an athlete along. */
export const newestReport = (signedIn: SignedIn, athleteId: string): Promise<Report> =>
  reportOf(signedIn, athleteId, { before: null, after: null, names: true });

async function sendPdf(response: Response, report: Report): Promise<void> {
  const pdf = await reportPdf(report);
  response.setHeader('content-type', 'application/pdf');
  response.setHeader('content-disposition', 'inline; filename="progress.pdf"');
  response.send(pdf);
}

/** Progress reports: on paper, and behind links for a family. */
export function reportRoutes(): Router {
  const routes = Router();
  routes.get('/athletes/:id/report.pdf', async (request, response) => {
    const signedIn = currentUser(request);
    const id = pathId(request);
    orNotFound(await athlete(signedIn.academy, id), 'athlete');
    const { value, problems } = check(reportQuery, request.query);
    if (problems) throw new HttpError(422, problems.map(({ message }) => message).join('; '), problems);
    await sendPdf(response, await reportOf(signedIn, id, { ...value, names: value.names === '1' }));
  });
  routes.get('/athletes/:id/reports', async (request, response) => {
    const { academy } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    response.json(await reportsOf(academy, id));
  });
  routes.post('/athletes/:id/reports', async (request, response) => {
    const signedIn = currentUser(request);
    const wish = body(request, newReport);
    const { id } = orNotFound(await athlete(signedIn.academy, pathId(request)), 'athlete');
    if (await reportById(signedIn.academy, wish.id)) throw new HttpError(409, texts.reportWasMade);
    const token = newSecret();
    const expiresAt = new Date(Date.now() + wish.days * dayMs);
    const report = await reportOf(signedIn, id, wish);
    await addReport(signedIn.academy, id, wish, report, hashOf(token), expiresAt, signedIn.person.id);
    const made: MadeShare = { id: wish.id, token, expiresAt: expiresAt.toISOString() };
    response.status(201).json(made);
  });
  routes.post('/reports/:id/end', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = body(request, shareEnd);
    const report = orNotFound(await reportById(academy, pathId(request)), 'report');
    await endReport(academy, report.id, id, person.id);
    response.status(201).json({ id });
  });
  return routes;
}

/** What the link of a report opens, for whoever has it. */
export function openReportRoutes(unscoped: UnscopedStore, limits: Limits): Router {
  const routes = Router();
  const limit = limits.addresses('reports');
  const opened = async (request: Request): Promise<ReportPage> => {
    const found = await unscoped.report(hashOf(String(request.params['token'])), new Date());
    const report = found && (await keptReport(new Academy(unscoped.db, found.academyId), found.id));
    if (!found || !report) throw new HttpError(404, texts.linkNoLongerWorks);
    return { ...report, expiresAt: found.expiresAt.toISOString() };
  };
  routes.get('/progress-reports/:token', limit, async (request, response) => {
    response.setHeader('x-robots-tag', 'noindex');
    response.json(await opened(request));
  });
  routes.get('/progress-reports/:token/report.pdf', limit, async (request, response) => {
    response.setHeader('x-robots-tag', 'noindex');
    await sendPdf(response, await opened(request));
  });
  return routes;
}
