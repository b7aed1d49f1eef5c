import { may, whoMay, type Act } from '@wrightonic/core';
import type { RequestHandler } from 'express';
import { match } from 'path-to-regexp';
import type { AuditKind } from '@wrightonic/contract';
import { HttpError } from '../http/httpError';

/** What a route asks of whoever calls it, and what is written into the audit when it was done. */
export interface RouteAct {
  act: Act;
  kind?: AuditKind;
  told?: string;
}

const read: RouteAct = { act: 'read' };
const unseen = (act: Act): RouteAct => ({ act });
const changed = (act: Act, told: string): RouteAct => ({ act, kind: 'changed', told });
const exported = (act: Act, told: string): RouteAct => ({ act, kind: 'exported', told });

/**
 * Every route for whoever is signed in, with what it asks for. What is not named here nobody may call, so that a new
 * route is closed until somebody says whom it is for.
 */
export const routeActs: Readonly<Record<string, RouteAct>> = {
  'GET /athletes': read,
  'GET /athletes/:id': read,
  'GET /athletes/:id/look': read,
  'GET /athletes/:id/trace': read,
  'GET /athletes/:id/build': read,
  'GET /athletes/:id/work': read,
  'GET /athletes/:id/prove': read,
  'GET /athletes/:id/course': read,
  'GET /athletes/:id/open-session': read,
  'GET /athletes/:id/shares': read,
  'GET /athletes/:id/traces': read,
  'GET /athletes/:id/offers': read,
  'GET /athletes/:id/screens': read,
  'GET /athletes/:id/throws': read,
  'GET /athletes/:id/clips': read,
  'GET /athletes/:id/curves': read,
  'GET /athletes/:id/photo': read,
  'GET /athletes/:id/profile': read,
  'GET /athletes/:id/reports': read,
  'GET /athletes/:id/report.pdf': exported('read', 'opened the report'),
  'GET /looks/:id/history': read,
  'GET /pictures/:id': read,
  'GET /templates': read,
  'GET /planning': read,
  'GET /lexicon': read,
  'GET /norms': read,
  'GET /marker-sheets': read,
  'GET /camps': read,
  'GET /camps/:id': read,
  'GET /camps/:id/days/:date': read,
  'GET /camps/:id/planning': read,
  'GET /camps/:id/after': read,
  'GET /camps/:id/papers/:what': read,
  'GET /camps/:id/links': read,
  'GET /account': unseen('own'),
  'PUT /account/password': changed('own', 'changed the password'),
  'DELETE /account/sessions/:session': unseen('own'),
  'POST /account/second-factor': unseen('own'),
  'PUT /account/second-factor': unseen('own'),
  'POST /account/second-factor/end': changed('own', 'turned the second factor off'),
  'GET /people': unseen('people'),
  'PUT /people/:id': unseen('people'),
  'POST /people/:id/hand-over': unseen('people'),
  'GET /invitations': unseen('people'),
  'POST /invitations': { act: 'people', kind: 'invited', told: 'invited somebody' },
  'POST /invitations/:id/end': changed('people', 'took an invitation back'),
  'GET /mails': unseen('people'),
  'GET /audit': unseen('audit'),
  'GET /audit.csv': exported('audit', 'exported the audit'),
  // Written down before the first byte leaves: somebody may break off in the middle.
  'GET /athletes/:id/archive.zip': unseen('export'),
  'GET /archive.zip': unseen('academy'),
  'GET /tables/:name.csv': unseen('export'),
  'POST /archives/preview': unseen('export'),
  'POST /archives': changed('export', 'brought in an archive'),
  'GET /retention': unseen('remove'),
  'PUT /retention': changed('rules', 'changed after how many years athletes are proposed for deletion'),
  'PUT /athletes/:id/archived': changed('coach', 'archived the athlete or took it back'),
  'POST /athletes/:id/deletion': { act: 'remove', kind: 'deleted', told: 'asked for a deletion' },
  'POST /deletions/:id/confirm': unseen('remove'),
  'POST /deletions/:id/end': { act: 'remove', kind: 'deleted', told: 'took a deletion back' },
  'POST /athletes/:id/weekly-line': changed('share', 'sent the week to a guardian'),
  'GET /drills': read,
  'GET /stage-proposals': read,
  'GET /lessons': read,
  'GET /day': read,
  'GET /calls': read,
  'GET /links': read,
  'GET /progress': read,
  'GET /worth': read,
  'GET /devices': read,
  'GET /radar/simulated/stream': read,
  'GET /radar/:id/stream': read,
  'GET /change-feed/stream': read,
  'POST /log': unseen('log'),
  'POST /lessons': changed('log', 'added a lesson'),
  'POST /feeds': unseen('own'),
  'POST /athletes': changed('coach', 'added an athlete'),
  'POST /athletes/import': changed('coach', 'imported athletes'),
  'PUT /athletes/:id': changed('coach', 'changed the athlete'),
  'PUT /athletes/:id/photo': changed('coach', 'put up a photo'),
  'DELETE /athletes/:id/photo': changed('coach', 'took the photo down'),
  'POST /athletes/:id/sizes': changed('coach', 'measured the athlete'),
  'POST /athletes/:id/injuries': changed('health', 'recorded an injury'),
  'POST /injuries/:id/clearances': { act: 'health', kind: 'cleared', told: 'recorded a clearance' },
  'POST /athletes/:id/throws/import': changed('coach', 'imported throws'),
  'POST /athletes/:id/traces': changed('coach', 'accepted a trace'),
  'POST /athletes/:id/plans': changed('coach', 'built a plan'),
  'POST /athletes/:id/targets': changed('coach', 'set a target'),
  'POST /athletes/:id/reopened': changed('coach', 'reopened a ladder'),
  'POST /athletes/:id/games/import': unseen('coach'),
  'POST /athletes/:id/games': changed('coach', 'added games'),
  'POST /plans/:id/template': changed('coach', 'kept a ladder as a template'),
  'POST /plans/:id/week': unseen('coach'),
  'POST /plans/:id/assignments': changed('coach', 'assigned a week'),
  'PUT /plans/:id/drills/:drill': changed('coach', 'swapped a drill'),
  'PUT /plans/:id/drills/:drill/place': changed('coach', 'moved a drill'),
  'POST /plans/:id/drills': changed('coach', 'added a drill to a plan'),
  'POST /plans/:id/stage-moves': changed('coach', 'moved a stage'),
  'POST /stage-moves': changed('coach', 'moved stages'),
  'POST /clips/:id/pictures': changed('coach', 'put up a frame of a clip'),
  'PUT /pictures/:id': changed('coach', 'showed or hid a frame'),
  'POST /drills/import': unseen('coach'),
  'POST /drills': changed('coach', 'changed the academy’s drills'),
  'POST /devices': changed('coach', 'added a device'),
  'POST /devices/:id/end': changed('coach', 'removed a device'),
  'POST /camps': changed('coach', 'added a camp'),
  'PUT /camps/:id/setup': changed('coach', 'changed a camp'),
  'POST /camps/:id/members': changed('coach', 'changed who comes to a camp'),
  'POST /camps/:id/archive': changed('coach', 'archived a camp or took it back'),
  'POST /camps/:id/plans': changed('coach', 'planned a camp'),
  'PUT /camps/:id/plans': changed('coach', 'changed the plan of a camp'),
  'POST /camps/:id/plans/restore': changed('coach', 'went back to an earlier plan of a camp'),
  'POST /camps/:id/planning/stop': unseen('coach'),
  'POST /camps/:id/follow-ups': changed('coach', 'made follow-up plans after a camp'),
  'GET /camps/:id/tables/:what': exported('contacts', 'exported a table of a camp'),
  'POST /camps/:id/links': changed('share', 'made a link of a camp'),
  'POST /camps/:id/links/:link/end': changed('share', 'ended a link of a camp'),
  'GET /camps/:id/helpers': unseen('coach'),
  'POST /camps/:id/helpers': { act: 'coach', kind: 'invited', told: 'added a helper of a camp' },
  'GET /camps/:id/sign-ups': unseen('contacts'),
  'POST /camps/:id/sign-ups/:signUp/end': changed('coach', 'answered a sign-up'),
  'POST /athletes/:id/shares': changed('share', 'made a link for the family'),
  'POST /shares/:id/end': changed('share', 'ended a link'),
  'POST /athletes/:id/reports': changed('share', 'made a link to a report'),
  'POST /reports/:id/end': changed('share', 'ended a link to a report'),
  'PUT /planning': changed('rules', 'changed the planning rules'),
  'POST /lexicon': changed('rules', 'changed the words of the academy'),
  'POST /norms': changed('rules', 'changed the norms of the academy'),
  'POST /links': changed('rules', 'changed a link between flaws'),
};

const byMethod = new Map<string, { route: RouteAct; fits: (path: string) => boolean }[]>();
for (const [name, route] of Object.entries(routeActs)) {
  const [method, path] = name.split(' ') as [string, string];
  const fits = match(path, { decode: false });
  byMethod.set(method, [...(byMethod.get(method) ?? []), { route, fits: (asked) => fits(asked) !== false }]);
}

/** What a request asks for; null where no route is named for it. */
export function routeActOf(method: string, path: string): RouteAct | null {
  return byMethod.get(method)?.find(({ fits }) => fits(path))?.route ?? null;
}

const refusalOf = (act: Act): string =>
  whoMay(act).includes('instructor')
    ? 'Assistants can look and log. Ask an instructor for this.'
    : 'Only an owner of the academy can do this. Ask one of them.';

declare module 'express-serve-static-core' {
  interface Request {
    /** What the route asks for, once it was allowed. */
    routeAct?: RouteAct;
  }
}

/** Lets through what the table names and the role of whoever is signed in may do. */
export const allowedOnly: RequestHandler = (request, _response, next) => {
  const route = routeActOf(request.method === 'HEAD' ? 'GET' : request.method, request.path);
  if (!route) throw new HttpError(404, `There is nothing at ${request.method} ${request.path}.`);
  if (!may(request.signedIn!.person.role, route.act)) throw new HttpError(403, refusalOf(route.act));
  request.routeAct = route;
  next();
};
