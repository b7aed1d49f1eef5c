import { randomBytes } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { athleteParts, emptyAthlete, type AuthSessionState } from '@wrightonic/contract';
import { dayAt, drills } from '@wrightonic/core';
import { v7 } from 'uuid';
import { hashPassword } from '../src/auth/password';
import { listen } from '../src/http/listen';
import { server, type ServerOptions } from '../src/http/server';
import { UnscopedStore } from '../src/store/academies';
import { connect } from '../src/store/database';
import { migrate } from '../src/store/migrate';

export const password = 'a password of the tests';
const everything = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];

/** A database in which nothing is, in the MariaDB that the test script started. */
export async function emptyDatabase() {
  const given = process.env['DATABASE_URL'];
  if (!given) throw new Error('DATABASE_URL is not set: run these tests with npm test');
  const name = `wrightonic_${randomBytes(6).toString('hex')}`;
  const first = connect(given);
  await first.raw(`create database ${name}`);
  await first.destroy();
  const url = new URL(given);
  url.pathname = `/${name}`;
  const db = connect(url.href);
  return {
    url: url.href,
    db,
    end: async () => {
      // A test may have taken its own connections away.
      const last = connect(given);
      await last.raw(`drop database ${name}`);
      await Promise.all([db.destroy(), last.destroy()]);
    },
  };
}

/** A database that every suite copies its tables from: to migrate takes eight times as long as to copy. */
const template = 'wrightonic_template';

/** The statements that make the tables of this version, and the tables in which rows stand from the beginning. */
async function schema(): Promise<{ statements: string[]; filled: string[] }> {
  const given = new URL(process.env['DATABASE_URL']!);
  const first = connect(given.href);
  await first.raw(`create database if not exists ${template}`);
  await first.destroy();
  given.pathname = `/${template}`;
  const db = connect(given.href);
  // Where two suites start at once, one waits for the other.
  await migrate(db);
  const tables: string[] = await db('information_schema.tables')
    .where('table_schema', template)
    .pluck('table_name');
  const made = (table: string) => db.raw(`show create table ??`, [table]);
  const statements = (await Promise.all(tables.map(made))).map(([[row]]) => row['Create Table']);
  const rows = await Promise.all(tables.map((table) => db(table).first(db.raw('1'))));
  await db.destroy();
  return { statements, filled: tables.filter((_, i) => rows[i]) };
}

/** Asked for once: the suites of one process share what it has loaded. */
let known: ReturnType<typeof schema> | undefined;

/** A database at this version in which no academy is. */
async function migratedDatabase() {
  known ??= schema();
  const { statements, filled } = await known;
  const made = await emptyDatabase();
  await made.db.transaction(async (one) => {
    await one.raw('set foreign_key_checks = 0');
    for (const statement of statements) await one.raw(statement);
    for (const table of filled) await one.raw(`insert into ?? select * from ${template}.??`, [table, table]);
    await one.raw('set foreign_key_checks = 1');
  });
  return made;
}

/** A server on a database that may be another's as well. */
async function serving(
  { url, db, end }: Awaited<ReturnType<typeof emptyDatabase>>,
  options: Partial<ServerOptions>,
) {
  const { web, close } = await server({ db, secret: 'of the tests', ...options });
  const listening = await listen(web, 0, '127.0.0.1');
  const base = `http://127.0.0.1:${(listening.address() as AddressInfo).port}/api`;
  return {
    url,
    db,
    base,
    web,
    unscoped: new UnscopedStore(db),
    end: async () => {
      listening.closeAllConnections();
      await new Promise((done) => listening.close(done));
      await close();
      await end();
    },
  };
}

/** A server on a database of its own. */
export const testServer = async (options: Partial<ServerOptions> = {}) =>
  serving(await migratedDatabase(), options);

/** Another server on the database of one. */
export function serverBeside({ url }: TestServer, options: Partial<ServerOptions>): Promise<TestServer> {
  const db = connect(url);
  return serving({ url, db, end: () => db.destroy() }, options);
}
export type TestServer = Awaited<ReturnType<typeof testServer>>;

/** Founds an academy with one person of each role. */
export async function academy({ unscoped }: TestServer, name: string) {
  const id = v7();
  const passwordHash = await hashPassword(password);
  await unscoped.found(
    { id, name, zone: 'Europe/London', demo: false, equipment: everything },
    (['owner', 'instructor', 'assistant'] as const).map((role) => ({
      id: v7(),
      email: `${role}@${name}.example`,
      name: `${role} of ${name}`,
      passwordHash,
      role,
      hand: 'R' as const,
      velocityUnit: 'mph' as const,
      approach: emptyAthlete.approach,
    })),
  );
  return { id, email: (role: 'owner' | 'instructor' | 'assistant') => `${role}@${name}.example` };
}

export interface Answer<T = any> {
  status: number;
  body: T;
}

/** A browser: keeps its cookie and sends its token. */
export function browser({ base }: TestServer) {
  let cookie = '';
  let token = '';
  const call = async <T = any>(method: string, path: string, body?: unknown): Promise<Answer<T>> => {
    const response = await fetch(`${base}${path}`, {
      method,
      headers: {
        cookie,
        'x-csrf-token': token,
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const set = response.headers.getSetCookie().find((each) => each.startsWith('wrightonic='));
    if (set) cookie = set.split(';')[0]!;
    const text = await response.text();
    return { status: response.status, body: (text ? JSON.parse(text) : null) as T };
  };
  const upload = async (
    path: string,
    bytes: Buffer,
    type = 'image/png',
    method = 'POST',
  ): Promise<Answer> => {
    const response = await fetch(`${base}${path}`, {
      method,
      headers: { cookie, 'x-csrf-token': token, 'content-type': type },
      body: new Uint8Array(bytes),
    });
    return { status: response.status, body: await response.json() };
  };
  /** The same browser, whose requests reach another server. */
  const at = (other: TestServer) => {
    const there = browser(other);
    there.adopt({ cookie, token });
    return there;
  };
  const adopt = (mine: { cookie: string; token: string }) => void ({ cookie, token } = mine);
  const knock = async () => {
    const { body } = await call<AuthSessionState>('GET', '/session');
    token = body.csrf;
    return body;
  };
  /** Any way in: whoever comes out signed in has the token of their session. */
  const enter = async (path: string, body: unknown): Promise<Answer<AuthSessionState>> => {
    await knock();
    const answer = await call<AuthSessionState>('POST', path, body);
    if (answer.status < 300) token = answer.body.csrf;
    return answer;
  };
  const signIn = (email: string, secret = password, code = '') =>
    enter('/session', { email, password: secret, ...(code ? { code } : {}) });
  /** An athlete with everything that is read for any verb. */
  const whole = async <T = any>(id: string): Promise<Answer<T>> => {
    const parts = await Promise.all(
      Object.keys(athleteParts).map((part) =>
        call('GET', `/athletes/${id}${part === 'head' ? '' : `/${part}`}`),
      ),
    );
    const wrong = parts.find(({ status }) => status !== 200);
    return wrong ?? { status: 200, body: Object.assign({}, ...parts.map(({ body }) => body)) };
  };
  return {
    knock,
    at,
    adopt,
    whole,
    call,
    signIn,
    enter,
    upload,
    raw: (path: string, headers: Record<string, string> = {}) =>
      fetch(`${base}${path}`, { headers: { cookie, ...headers } }),
    get: <T = any>(path: string) => call<T>('GET', path),
    post: <T = any>(path: string, body: unknown) => call<T>('POST', path, body),
    put: <T = any>(path: string, body: unknown) => call<T>('PUT', path, body),
    delete: (path: string) => call('DELETE', path),
    /** What it sends with every request. */
    credentials: () => ({ cookie, token }),
    /** Forgets the token, as a page of somebody else would not have it. */
    forget: () => (token = ''),
  };
}
export type Browser = ReturnType<typeof browser>;

export const form = (more: Record<string, unknown> = {}) => ({
  ...emptyAthlete,
  id: v7(),
  givenName: 'Wren',
  familyName: 'Ablethorpe',
  birthdate: '2011-05-23',
  heightCm: 178,
  massKg: 70,
  equipment: ['wall'],
  ...more,
});

const event = (kind: string, rest: Record<string, unknown>) => ({
  id: v7(),
  at: new Date().toISOString(),
  kind,
  ...rest,
});
/** Makes events of the log. */
export const logs = {
  event,
  look: (athleteId: string, findings: Record<string, number>) => {
    const begun = event('look-begun', { athleteId, look: 'quick', zone: 'Europe/London', place: 'Cage 1' });
    return {
      id: begun.id,
      events: [
        begun,
        ...Object.entries(findings).map(([node, severity]) =>
          event('finding', { lookId: begun.id, node, severity }),
        ),
        event('look-finished', { lookId: begun.id }),
      ],
    };
  },
  /** A session on a day; what it holds is told by the clock. */
  session: (athleteId: string, planId: string | null, date: string) => ({
    ...event('session-begun', { athleteId, planId, zone: 'Europe/London', date }),
    at: date === dayAt(new Date(), 'Europe/London') ? new Date().toISOString() : `${date}T15:00:00.000Z`,
  }),
};
