import { ipKeyGenerator, rateLimit, type Store } from 'express-rate-limit';
import type { Request, RequestHandler } from 'express';
import { quarterHour } from '../peers/counts';
import { HttpError } from './httpError';

const visitorOf = (request: Request): string => ipKeyGenerator(request.ip ?? '');

interface Limit {
  /** Under which it is counted; each limit has its own, so one request may count in several. */
  name: string;
  /** Requests in a quarter of an hour. */
  limit: number;
  words: string;
  /** Only what was refused counts; a database that is away uses up nobody's limit. */
  missesOnly?: boolean;
  keyOf?: (request: Request) => string;
}

const wrongPasswords = 'Too many wrong passwords. Wait a quarter of an hour.';

const emailOf = (request: Request): string =>
  `${visitorOf(request)} ${(request.body as { email: string }).email.toLowerCase()}`;

/** How often visitors may do what costs something, counted where all servers see it. */
export class Limits {
  /** @param storeOf where a limit is counted, by its name */
  constructor(private readonly storeOf: (name: string) => Store) {}

  private limited({ name, limit, words, missesOnly = false, keyOf = visitorOf }: Limit): RequestHandler {
    return rateLimit({
      windowMs: quarterHour,
      limit,
      store: this.storeOf(name),
      keyGenerator: keyOf,
      skipSuccessfulRequests: missesOnly,
      requestWasSuccessful: (_request, response) => response.statusCode < 400 || response.statusCode >= 500,
      validate: { creationStack: false },
      handler: () => {
        throw new HttpError(429, words);
      },
    });
  }

  /** Whoever tries secrets is slowed down; whoever has one is not. */
  misses(name: string, words: string): RequestHandler {
    return this.limited({ name, limit: 60, words, missesOnly: true });
  }

  /** The same for secrets that stand in an address. */
  addresses(name: string): RequestHandler {
    return this.misses(name, 'Too many addresses that lead nowhere. Wait a quarter of an hour.');
  }

  /** As much as a family taps in a quarter of an hour, and far more; a script that fills the tables stops there. */
  taps(name: string): RequestHandler {
    const words = 'Too much at once. What you ticked stays on the device and is sent later.';
    return this.limited({ name, limit: 400, words });
  }

  /** The open door of the demo. */
  demo(): RequestHandler {
    const words = 'The demo was opened too often from here. Wait a quarter of an hour.';
    return this.limited({ name: 'demo', limit: 600, words });
  }

  /** Whoever forgot a password asks once or twice; only after the body was checked. */
  resets(): RequestHandler[] {
    return [
      this.limited({
        name: 'resets of a visitor',
        limit: 30,
        words: 'Too many links were asked for. Wait a quarter of an hour.',
      }),
      this.limited({
        name: 'resets of an address',
        limit: 5,
        words: 'A link for this address is on its way. Wait a quarter of an hour before you ask again.',
        keyOf: emailOf,
      }),
    ];
  }

  /** Ten wrong passwords for one e-mail address, and forty from one visitor. Only after the body was checked. */
  signIns(): RequestHandler[] {
    const misses = { words: wrongPasswords, missesOnly: true };
    return [
      this.limited({ ...misses, name: 'passwords of a visitor', limit: 40 }),
      this.limited({ ...misses, name: 'passwords of an address', limit: 10, keyOf: emailOf }),
    ];
  }
}
