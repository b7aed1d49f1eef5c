import type { RequestHandler } from 'express';
import { ConnectSessionKnexStore } from 'connect-session-knex';
import { csrfSync } from 'csrf-sync';
import session from 'express-session';
import { HttpError } from '../http/httpError';
import { Academy } from '../store/scope';
import type { AcademyRow, UnscopedStore, PersonRow } from '../store/academies';
import { texts } from './texts';

declare module 'express-session' {
  interface SessionData {
    personId?: string;
    academyId?: string;
    /** What they signed in with, such as “Chrome on Android”. */
    agent?: string;
    /** A secret of an authenticator that was shown and not confirmed yet. */
    totpSecret?: string;
    /** When its person signed in, milliseconds since 1970. */
    since?: number;
  }
}

/** Whoever is signed in, on the request. */
export interface SignedIn {
  person: PersonRow;
  academyRow: AcademyRow;
  academy: Academy;
}

declare module 'express-serve-static-core' {
  interface Request {
    signedIn?: SignedIn;
  }
}

/** A session that is not used for so long ends, and every session after its longest time. */
const idleMs = 4 * 7 * 24 * 3_600_000;
const longestMs = 90 * 24 * 3_600_000;

/** Whoever called has been told by their callback; the same failure once more, heard by nobody, would end the server. */
const alreadyReported = (work: Promise<unknown>): Promise<never> =>
  work.catch(() => undefined) as Promise<never>;

/** A session lives on while it is used; to write that down once an hour is enough, and no answer waits for it. */
class CalmStore extends ConnectSessionKnexStore {
  private readonly touched = new Map<string, number>();

  override get(...given: Parameters<ConnectSessionKnexStore['get']>) {
    return alreadyReported(super.get(...given));
  }

  override set(...given: Parameters<ConnectSessionKnexStore['set']>) {
    return alreadyReported(super.set(...given));
  }

  override destroy(...given: Parameters<ConnectSessionKnexStore['destroy']>) {
    return alreadyReported(super.destroy(...given));
  }

  override async touch(...[sid, data, done]: Parameters<ConnectSessionKnexStore['touch']>): Promise<void> {
    const last = this.touched.get(sid) ?? 0;
    if (Date.now() - last < 3_600_000) return done?.();
    if (this.touched.size > 10_000) this.touched.clear();
    this.touched.set(sid, Date.now());
    await alreadyReported(super.touch(sid, data, done));
  }
}

/**
 * @param secure people reach the server over TLS alone
 * @returns the handler, and what ends the sweeping of old sessions
 */
export function authSessions(
  unscoped: UnscopedStore,
  secret: string,
  secure: boolean,
): { handler: RequestHandler; close: () => void } {
  const store = new CalmStore({ knex: unscoped.db, tableName: 'web_sessions', createTable: false });
  const handler = session({
    name: 'wrightonic',
    secret,
    resave: false,
    saveUninitialized: false,
    // Whoever comes back keeps their session; it ends when nobody does.
    rolling: true,
    store,
    cookie: {
      httpOnly: true,
      sameSite: 'strict',
      secure: secure || 'auto',
      maxAge: idleMs,
    },
  });
  return { handler, close: () => clearTimeout(store.nextDbCleanup) };
}

const tokenHeader = 'x-csrf-token';

/** The token of the session comes back in a header with every request that changes something. */
export const csrf = csrfSync({ getTokenFromRequest: (request) => request.get(tokenHeader) });

/** What somebody sends who is not signed in: nothing is kept for them, not even a token. */
export const anonymousToken = 'nobody';

/** A page of somebody else cannot send a header of its own; for who is signed in it holds the session's token. */
export const csrfProtection: RequestHandler = (request, response, next) => {
  if (request.session.personId) return csrf.csrfSynchronisedProtection(request, response, next);
  const reads = ['GET', 'HEAD', 'OPTIONS'].includes(request.method);
  if (!reads && !request.get(tokenHeader)) throw new HttpError(403, texts.pageIsOutOfDate);
  next();
};

/** Finds out who is signed in; a person who is gone is nobody. */
export const knowPerson =
  (unscoped: UnscopedStore): RequestHandler =>
  async (request, _response, next) => {
    const { personId, academyId, since = Date.now() } = request.session;
    if (personId && academyId && Date.now() - since < longestMs) {
      const [person, academyRow] = await Promise.all([
        unscoped.person(academyId, personId),
        unscoped.academy(academyId),
      ]);
      if (person && !person.deactivatedAt && academyRow)
        request.signedIn = { person, academyRow, academy: new Academy(unscoped.db, academyRow.id) };
    }
    next();
  };

export const mustBeSignedIn: RequestHandler = (request, _response, next) => {
  if (!request.signedIn) throw new HttpError(401, texts.signInFirst);
  next();
};
