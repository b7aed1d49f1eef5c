import { ipKeyGenerator, rateLimit, type Store } from 'express-rate-limit';
import type { Request, RequestHandler } from 'express';
import { quarterHour } from '../peers/counts';
import { HttpError } from './httpError';
import { texts } from './texts';

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

const wrongPasswords = texts.tooManyWrongPasswords;

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
    return this.misses(name, texts.tooManyWrongAddresses);
  }

  /** As much as a family taps in a quarter of an hour, and far more; a script that fills the tables stops there. */
  taps(name: string): RequestHandler {
    const words = texts.tooMuchAtOnce;
    return this.limited({ name, limit: 400, words });
  }

  /** The open door of the demo. */
  demo(): RequestHandler {
    const words = texts.demoOpenedTooOften;
    return this.limited({ name: 'demo', limit: 600, words });
  }

  /** Whoever forgot a password asks once or twice; only after the body was checked. */
  resets(): RequestHandler[] {
    return [
      this.limited({
        name: 'resets-of-visitor',
        limit: 30,
        words: texts.tooManyLinks,
      }),
      this.limited({
        name: 'resets-of-address',
        limit: 5,
        words: texts.linkIsOnItsWay,
        keyOf: emailOf,
      }),
    ];
  }

  /** Ten wrong passwords for one e-mail address, and forty from one visitor. Only after the body was checked. */
  signIns(): RequestHandler[] {
    const misses = { words: wrongPasswords, missesOnly: true };
    return [
      this.limited({ ...misses, name: 'passwords-of-visitor', limit: 40 }),
      this.limited({ ...misses, name: 'passwords-of-address', limit: 10, keyOf: emailOf }),
    ];
  }
}
