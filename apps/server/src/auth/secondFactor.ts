import { randomBytes } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import { hashOf } from '../http/secrets';
import type { PersonRow, UnscopedStore } from '../store/academies';
import { takeRecoveryCode, takeStep } from '../store/accounts';

/** A code of the step before and of the next one fits too: clocks of phones are seldom right to the second. */
const window = 1;
const stepSeconds = 30;
/** As many codes as lie ready for the day on which the phone is lost. */
const recoveryCodes = 10;

const generator = (secret: string, label: string): TOTP =>
  new TOTP({
    issuer: 'Wrightonic',
    label,
    algorithm: 'SHA1',
    digits: 6,
    period: stepSeconds,
    secret: Secret.fromBase32(secret),
  });

export const newTotpSecret = (): string => new Secret({ size: 20 }).base32;

/** What an authenticator app reads from a code on the screen. */
export const totpUri = (secret: string, email: string): string => generator(secret, email).toString();

/** The step that a code belongs to; null when it belongs to none of now. */
export function stepOf(secret: string, code: string, now = Date.now()): number | null {
  if (!/^\d{6}$/.test(code)) return null;
  const delta = generator(secret, '').validate({ token: code, window, timestamp: now });
  return delta === null ? null : Math.floor(now / 1000 / stepSeconds) + delta;
}

/** Codes to be kept on paper, in two groups that are easy to read, and what is stored of them. */
export function newRecoveryCodes(): { codes: string[]; hashes: string[] } {
  const codes = Array.from({ length: recoveryCodes }, () => {
    const text = randomBytes(8).toString('hex');
    return `${text.slice(0, 8)}-${text.slice(8)}`;
  });
  return { codes, hashes: codes.map(hashOf) };
}

/** Whether a code opens the account: one of the authenticator, or a recovery code; each works once. */
export async function secondFactorFits(
  unscoped: UnscopedStore,
  person: PersonRow,
  code: string,
): Promise<boolean> {
  const step = stepOf(person.totpSecret!, code);
  if (step !== null) return takeStep(unscoped, person, step);
  return /^[0-9a-f]{8}-[0-9a-f]{8}$/i.test(code)
    ? takeRecoveryCode(unscoped, person, hashOf(code.toLowerCase()))
    : false;
}
