import {
  ipKeyGenerator,
  rateLimit,
  type ClientRateLimitInfo,
  type Options,
  type Store,
} from 'express-rate-limit';
import type { Request, RequestHandler } from 'express';
import { HttpError } from './httpError';

const quarterHour = 15 * 60_000;
/** More visitors than this are not told apart: the oldest counts are forgotten. */
const mostVisitors = 20_000;

/** Counts by visitor, bounded however many there are. */
export class BoundedStore implements Store {
  /** Each limit has its own store, so one request may count in several. */
  readonly localKeys = true;
  private readonly counts = new Map<string, { hits: number; until: number }>();
  private windowMs = quarterHour;

  constructor(private readonly maxVisitors = mostVisitors) {}

  init({ windowMs }: Options): void {
    this.windowMs = windowMs;
  }

  increment(key: string): ClientRateLimitInfo {
    const now = Date.now();
    const known = this.counts.get(key);
    const count = known && known.until > now ? known : { hits: 0, until: now + this.windowMs };
    count.hits++;
    // Moved to the end: what was counted longest ago goes first.
    this.counts.delete(key);
    this.counts.set(key, count);
    if (this.counts.size > this.maxVisitors) this.counts.delete(this.counts.keys().next().value!);
    return { totalHits: count.hits, resetTime: new Date(count.until) };
  }

  decrement(key: string): void {
    const count = this.counts.get(key);
    if (count && count.hits > 0) count.hits--;
  }

  resetKey(key: string): void {
    this.counts.delete(key);
  }
}

const visitorOf = (request: Request): string => ipKeyGenerator(request.ip ?? '');

interface Limit {
  /** Requests in a quarter of an hour. */
  limit: number;
  words: string;
  /** Only what was refused counts; a database that is away uses up nobody's limit. */
  missesOnly?: boolean;
  keyOf?: (request: Request) => string;
}

const limited = ({ limit, words, missesOnly = false, keyOf = visitorOf }: Limit): RequestHandler =>
  rateLimit({
    windowMs: quarterHour,
    limit,
    store: new BoundedStore(),
    keyGenerator: keyOf,
    skipSuccessfulRequests: missesOnly,
    requestWasSuccessful: (_request, response) => response.statusCode < 400 || response.statusCode >= 500,
    validate: { creationStack: false },
    handler: () => {
      throw new HttpError(429, words);
    },
  });

/** Whoever tries secrets is slowed down; whoever has one is not. */
export const missLimit = (words: string): RequestHandler => limited({ limit: 60, words, missesOnly: true });

/** As much as a family taps in a quarter of an hour, and far more; a script that fills the tables stops there. */
export const tapLimit = (): RequestHandler =>
  limited({ limit: 400, words: 'Too much at once. What you ticked stays on the device and is sent later.' });

/** The open door of the demo. */
export const demoLimit = (): RequestHandler =>
  limited({ limit: 600, words: 'The demo was opened too often from here. Wait a quarter of an hour.' });

const wrongPasswords = 'Too many wrong passwords. Wait a quarter of an hour.';

const emailOf = (request: Request): string =>
  `${visitorOf(request)} ${(request.body as { email: string }).email.toLowerCase()}`;

/** Whoever forgot a password asks once or twice; only after the body was checked. */
export const resetLimits = (): RequestHandler[] => [
  limited({ limit: 30, words: 'Too many links were asked for. Wait a quarter of an hour.' }),
  limited({
    limit: 5,
    words: 'A link for this address is on its way. Wait a quarter of an hour before you ask again.',
    keyOf: emailOf,
  }),
];

/** Ten wrong passwords for one e-mail address, and forty from one visitor. Only after the body was checked. */
export const signInLimits = (): RequestHandler[] => [
  limited({ limit: 40, words: wrongPasswords, missesOnly: true }),
  limited({
    limit: 10,
    words: wrongPasswords,
    missesOnly: true,
    keyOf: emailOf,
  }),
];
