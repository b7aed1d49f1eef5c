import { createHash, randomBytes } from 'node:crypto';
import { rateLimit } from 'express-rate-limit';
import { Refused } from './refused';

/** 192 bits: nobody guesses one. */
const secretBytes = 24;

export const newSecret = (): string => randomBytes(secretBytes).toString('base64url');

/** Only this is kept of a secret; whoever reads the database cannot use it. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** Whoever tries secrets is slowed down; whoever has one is not. */
export const missLimit = (words: string) =>
  rateLimit({
    windowMs: 15 * 60_000,
    limit: 60,
    skipSuccessfulRequests: true,
    handler: () => {
      throw new Refused(429, words);
    },
  });

/** As much as a family taps in a quarter of an hour, and far more; a script that fills the tables stops there. */
export const tapLimit = () =>
  rateLimit({
    windowMs: 15 * 60_000,
    limit: 400,
    handler: () => {
      throw new Refused(429, 'Too much at once. What you ticked stays on the device and is sent later.');
    },
  });
