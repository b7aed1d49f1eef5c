import { rng } from '@wrightonic/core/simulate';
import { v7 } from 'uuid';
import { fixtures } from './fixtures';
import { routesOf } from './routes';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures({ camp: true });
});
afterAll(() => set.here.end());

const random = rng(Number(process.env['FUZZ_SEED'] ?? 20261128));
const pick = <T>(all: readonly T[]): T => all[random.integer(0, all.length - 1)]!;

/** What nobody means to send. */
const odd: readonly unknown[] = [
  null,
  true,
  '',
  ' ',
  'x'.repeat(5_000),
  '\ud800',
  'a\udfffb',
  '\u0000',
  '9999-12-31',
  '9999-12-31T23:59:59.999Z',
  '0000-00-00',
  '2026-02-30',
  '-271821-04-20',
  -1,
  0,
  0.1,
  1e308,
  -1e308,
  2 ** 53,
  [],
  [[[['a']]]],
  [null],
  {},
  { toString: 1 },
  { toString: 'x', valueOf: null },
  { length: 3 },
  { $ne: 1 },
  "'; drop table athletes; --",
  '../../etc/passwd',
  '%00',
  '🂡'.repeat(400),
  v7(),
];

/** A body with one to three of its parts made odd, at any depth. */
function spoiled(body: unknown): unknown {
  if (typeof body !== 'object' || body === null || random.unit() < 0.08) return pick(odd);
  const copy = structuredClone(body) as Record<string, unknown>;
  const keys = Object.keys(copy);
  for (let n = random.integer(1, 3); n > 0; n--) {
    const key =
      random.unit() < 0.12 || keys.length === 0 ? pick(['__proto__', 'id', 'extra', 'at']) : pick(keys);
    const value = random.unit() < 0.5 ? spoiled(copy[key]) : pick(odd);
    Object.defineProperty(copy, key, { value, enumerable: true, configurable: true, writable: true });
  }
  return copy;
}

/** Texts that a path may hold in place of an id. */
const ids = [
  '7',
  'null',
  '%E0%A4%A',
  '%00',
  'a'.repeat(300),
  '..%2f..',
  '%F0%9F%82%A1',
  "';--",
  '[object Object]',
];

const types = [
  'application/json',
  'application/json',
  'application/json',
  'application/json; charset=klingon',
  'text/plain',
  'image/png',
  'application/x-www-form-urlencoded',
  'multipart/form-data',
];
const encodings = ['', '', '', '', '', 'gzip', 'klingon', 'br'];

function addressOf(path: string): string {
  const known = Object.values(set.theirs);
  const filled = path.replace(/:\w+/g, () => (random.unit() < 0.7 ? pick(known) : pick(ids)));
  if (random.unit() < 0.6) return filled;
  const query = [
    'id=1',
    'from=9999-12-31',
    'from[]=x',
    'days=1e9',
    'athlete[a]=b',
    'effort=%F0%28',
    'every=1',
  ];
  return `${filled}?${pick(query)}&${pick(query)}`;
}

/** What a route takes; several where it has none, so that something is always there to spoil. */
function bodyOf(method: string, path: string): string {
  const made = set.bodies[`${method} ${path}`]?.();
  const body = made ?? pick(Object.values(set.bodies))();
  if (random.unit() < 0.06) return pick(['{', '[', '"', '{"a":}', '\u0000', 'null', '1e999', '[1,]']);
  return JSON.stringify(spoiled(body)) ?? 'null';
}

/** Of each route; `npm run fuzz` asks for many more, with another seed. */
const requests = Number(process.env['FUZZ_REQUESTS'] ?? 50);
const atOnce = 50;
/** What packs, hashes or prints takes its time for each request: a few of these say as much. */
const heavy = /archive\.zip$|^\/archives|\.pdf$|^\/(founding|join|password-resets|account)/;
const heavyShare = 0.1;
/** An address can be bad in fewer ways than a body. */
const addressShare = 0.3;
/** A stream is open for as long as somebody listens; what is told to it is no request. */
const streams = (path: string) => path.endsWith('/stream');

it('answers bad requests on every route, and none with a failure of its own', async () => {
  const { cookie, token } = set.owner.credentials();
  const failures: string[] = [];
  const routes = routesOf(set.here.web).filter(([, path]) => !streams(path));
  expect(routes.length).toBeGreaterThan(50);
  for (const [method, path] of routes) {
    const one = async () => {
      const address = path.startsWith('/api') ? path.slice(4) : addressOf(path);
      const body = method === 'GET' ? undefined : bodyOf(method, path);
      const encoding = pick(encodings);
      const response = await fetch(`${set.here.base}${address}`, {
        method,
        headers: {
          cookie: path.startsWith('/session') ? '' : cookie,
          'x-csrf-token': token,
          ...(body === undefined ? {} : { 'content-type': pick(types) }),
          ...(body === undefined || !encoding ? {} : { 'content-encoding': encoding }),
        },
        ...(body === undefined ? {} : { body }),
      });
      await response.arrayBuffer();
      if (response.status >= 500 && response.status !== 503)
        failures.push(`${response.status} ${method} ${address} ${body?.slice(0, 300)}`);
    };
    const share = heavy.test(path) ? heavyShare : method === 'GET' ? addressShare : 1;
    const wanted = Math.ceil(requests * share);
    for (let n = 0; n < wanted; n += atOnce)
      await Promise.all(Array.from({ length: Math.min(atOnce, wanted - n) }, one));
  }
  expect(failures.slice(0, 10)).toEqual([]);
}, 600_000);
