import { auditQuery, check, type AuditPage } from '@wrightonic/contract';
import { addDays, dayAt, venueInstant, writeTable } from '@wrightonic/core';
import { Router, type Request, type RequestHandler } from 'express';
import { LRUCache } from 'lru-cache';
import type { Logger } from 'pino';
import type { SignedIn } from '../auth/authSession';
import { auditPage, note, noteSeen, type AuditWish } from '../store/auditEvents';
import { HttpError } from './httpError';
import { currentUser } from './input';

const shown = 100;
const mostRows = 50_000;
/** Who saw whom today is known here, so that it is not asked of the database with every answer. */
const mostSeen = 20_000;

const athletePath = /^\/athletes\/([0-9a-f-]{36})(\/|$)/;

/** The athlete that a request is about, as far as its address or its body says so. */
function subjectOf({ path, body }: Request): string | null {
  const inPath = athletePath.exec(path)?.[1];
  if (inPath) return inPath;
  const sent = body as { athleteId?: unknown } | undefined;
  return typeof sent?.athleteId === 'string' && /^[0-9a-f-]{36}$/.test(sent.athleteId)
    ? sent.athleteId
    : null;
}

/**
 * Writes down who saw, changed, exported, invited and cleared, once it was done and before the answer leaves, so that
 * nobody has an answer of which nobody knows.
 */
export function audited(log: Logger): RequestHandler {
  const seen = new LRUCache<string, true>({ max: mostSeen });
  const saw = async ({ academy, academyRow, person }: SignedIn, subject: string): Promise<void> => {
    const day = dayAt(new Date(), academyRow.zone);
    const key = `${academy.id} ${person.id} ${subject} ${day}`;
    if (seen.has(key)) return;
    await noteSeen(academy, person.id, subject, day);
    seen.set(key, true);
  };
  return (request, response, next) => {
    const signedIn = request.signedIn!;
    const route = request.routeAct!;
    const told = async (): Promise<void> => {
      if (response.statusCode >= 400) return;
      const subject = subjectOf(request);
      if (route.told && route.kind)
        await note(signedIn.academy, {
          kind: route.kind,
          told: route.told,
          subject,
          person: signedIn.person.id,
        });
      else if (request.method === 'GET' && subject) await saw(signedIn, subject);
    };
    const end = response.end.bind(response) as (...given: unknown[]) => typeof response;
    // A stream is looked at for hours, and a big file has left long before its end.
    if (request.path.endsWith('/stream')) return next();
    response.end = ((...given: unknown[]) => {
      response.end = end as typeof response.end;
      void told()
        .catch((error: unknown) =>
          log.error({ request: request.requestId, code: (error as { code?: string }).code }, 'not audited'),
        )
        .then(() => end(...given));
      return response;
    }) as typeof response.end;
    next();
  };
}

/** The audit itself, for whoever may read it. */
export function auditRoutes(): Router {
  const routes = Router();
  const wishOf = (request: Request): AuditWish => {
    const { value, problems } = check(auditQuery, request.query);
    if (problems) throw new HttpError(422, problems.map(({ message }) => message).join('; '), problems);
    const { zone } = currentUser(request).academyRow;
    return {
      ...(value.kind ? { kind: value.kind } : {}),
      ...(value.person ? { person: value.person } : {}),
      ...(value.athlete ? { athlete: value.athlete } : {}),
      ...(value.from ? { from: venueInstant(value.from, '00:00', zone) } : {}),
      ...(value.to ? { to: venueInstant(addDays(value.to, 1), '00:00', zone) } : {}),
    };
  };
  routes.get('/audit', async (request, response) => {
    const page: AuditPage = await auditPage(currentUser(request).academy, wishOf(request), shown);
    response.json(page);
  });
  routes.get('/audit.csv', async (request, response) => {
    const { entries } = await auditPage(currentUser(request).academy, wishOf(request), mostRows);
    response.setHeader('content-type', 'text/csv; charset=utf-8');
    response.setHeader('content-disposition', 'attachment; filename="audit.csv"');
    response.send(
      writeTable(
        ['at', 'kind', 'by', 'what', 'athlete'],
        entries.map(({ at, kind, by, told, athlete }) => [at, kind, by ?? '', told, athlete?.name ?? '']),
      ),
    );
  });
  return routes;
}
