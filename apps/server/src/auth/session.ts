import type { RequestHandler } from 'express';
import { ConnectSessionKnexStore } from 'connect-session-knex';
import { csrfSync } from 'csrf-sync';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import session from 'express-session';
import { Refused } from '../http/refused';
import { Academy } from '../store/scope';
import type { AcademyRow, Doorkeeper, PersonRow } from '../store/academies';

declare module 'express-session' {
  interface SessionData {
    personId?: string;
    academyId?: string;
  }
}

/** Whoever is signed in, on the request. */
export interface SignedIn {
  person: PersonRow;
  home: AcademyRow;
  academy: Academy;
}

declare module 'express-serve-static-core' {
  interface Request {
    signedIn?: SignedIn;
  }
}

const weeks = 4;

/** Whoever called has been told by their callback; the same failure once more, heard by nobody, would end the server. */
const told = (work: Promise<unknown>): Promise<never> => work.catch(() => undefined) as Promise<never>;

/** A session lives on while it is used; to write that down once an hour is enough, and no answer waits for it. */
class CalmStore extends ConnectSessionKnexStore {
  private readonly touched = new Map<string, number>();

  override get(...given: Parameters<ConnectSessionKnexStore['get']>) {
    return told(super.get(...given));
  }

  override set(...given: Parameters<ConnectSessionKnexStore['set']>) {
    return told(super.set(...given));
  }

  override destroy(...given: Parameters<ConnectSessionKnexStore['destroy']>) {
    return told(super.destroy(...given));
  }

  override async touch(...[sid, data, done]: Parameters<ConnectSessionKnexStore['touch']>): Promise<void> {
    const last = this.touched.get(sid) ?? 0;
    if (Date.now() - last < 3_600_000) return done?.();
    if (this.touched.size > 10_000) this.touched.clear();
    this.touched.set(sid, Date.now());
    await told(super.touch(sid, data, done));
  }
}

export const webSession = (door: Doorkeeper, secret: string): RequestHandler =>
  session({
    name: 'wrightonic',
    secret,
    resave: false,
    saveUninitialized: false,
    store: new CalmStore({ knex: door.db, tableName: 'web_sessions', createTable: false }),
    cookie: {
      httpOnly: true,
      sameSite: 'strict',
      secure: 'auto',
      maxAge: weeks * 7 * 24 * 3_600_000,
    },
  });

/** The token of the session comes back in a header with every request that changes something. */
export const csrf = csrfSync({ getTokenFromRequest: (request) => request.get('x-csrf-token') });

/** Ten wrong passwords for one address in a quarter of an hour are enough. */
export const signInLimit = (): RequestHandler =>
  rateLimit({
    windowMs: 15 * 60_000,
    limit: 10,
    skipSuccessfulRequests: true,
    keyGenerator: (request) => {
      const email = String((request.body as { email?: unknown } | undefined)?.email ?? '').toLowerCase();
      return `${ipKeyGenerator(request.ip ?? '')} ${email}`;
    },
    handler: () => {
      throw new Refused(429, 'Too many wrong passwords for this address. Wait a quarter of an hour.');
    },
  });

/** Finds out who is signed in; a person who is gone is nobody. */
export const knowPerson =
  (door: Doorkeeper): RequestHandler =>
  async (request, _response, next) => {
    const { personId, academyId } = request.session;
    if (personId && academyId) {
      const [person, home] = await Promise.all([door.person(academyId, personId), door.academy(academyId)]);
      if (person && home) request.signedIn = { person, home, academy: new Academy(door.db, home.id) };
    }
    next();
  };

export const mustBeSignedIn: RequestHandler = (request, _response, next) => {
  if (!request.signedIn) throw new Refused(401, 'Sign in first.');
  next();
};

/** What holds for every athlete of the academy is the owner's word. */
export const mustOwn: RequestHandler = (request, _response, next) => {
  if (request.signedIn?.person.role !== 'owner')
    throw new Refused(403, 'This holds for the whole academy. Ask its owner to change it.');
  next();
};

/** Assistants look and log; what is planned is the instructors'. */
export const mustInstruct: RequestHandler = (request, _response, next) => {
  if (request.signedIn?.person.role === 'assistant')
    throw new Refused(403, 'Assistants can look and log. Ask an instructor to change this.');
  next();
};
