import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';
import { HttpError } from '../http/httpError';
import { texts } from './texts';

/** Hashing takes a processor and much memory each time: two at once, and only so many wait. */
const hashing = pLimit(2);
const mostWaiting = 30;

/** Argon2id with the library's defaults, which follow current guidance. */
export const hashPassword = (password: string): Promise<string> => hash(password);

let unknown: Promise<string> | undefined;

/**
 * Takes as long for an unknown e-mail as for a wrong password, so that neither can be told from outside.
 *
 * @throws Refused when too many wait already
 */
export async function passwordFits(stored: string | null, password: string): Promise<boolean> {
  if (hashing.pendingCount >= mostWaiting) throw new HttpError(503, texts.tooManySigningIn);
  unknown ??= hashPassword('of-nobody');
  // Somebody who came with an archive has no password yet.
  const against = stored || (await unknown);
  const fits = await hashing(() => verify(against, password));
  return Boolean(stored) && fits;
}
