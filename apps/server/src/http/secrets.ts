import { createHash, randomBytes } from 'node:crypto';

/** 192 bits: nobody guesses one. */
const secretBytes = 24;

export const newSecret = (): string => randomBytes(secretBytes).toString('base64url');

/** Only this is kept of a secret; whoever reads the database cannot use it. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
