import type { Account } from '@wrightonic/contract';
import { v7 } from 'uuid';
import type { PersonRow, UnscopedStore } from './academies';
import { again } from './again';
import { isDuplicate, type Academy } from './scope';

/*
 * Accounts: how somebody gets in for the first time, gets in again, and what keeps others out. Whoever holds a secret of
 * a link is nobody yet, so these ask across academies.
 */

/** Sessions of one person as they are kept. */
export interface StoredSession {
  sid: string;
  agent: string;
  since: number;
}

export interface OpenInvitation {
  academyId: string;
  id: string;
  name: string;
  email: string;
  role: PersonRow['role'];
  by: string;
}

/** What an invitation leads to; null when it was used, taken back, ran out, or never was. */
export async function openInvitation(
  { db }: UnscopedStore,
  tokenHash: string,
  now: Date,
): Promise<OpenInvitation | null> {
  const row = await db({ i: 'invitations' })
    .join({ p: 'people' }, (join) => join.on('p.academy_id', 'i.academy_id').andOn('p.id', 'i.by_person'))
    .leftJoin({ e: 'invitation_ends' }, (join) =>
      join.on('e.academy_id', 'i.academy_id').andOn('e.invitation_id', 'i.id'),
    )
    .where({ 'i.token_hash': tokenHash })
    .where('i.expires_at', '>', now)
    .whereNull('e.id')
    .first('i.academy_id', 'i.id', 'i.name', 'i.email', 'i.role', 'p.name as by');
  return row
    ? { academyId: row.academy_id, id: row.id, name: row.name, email: row.email, role: row.role, by: row.by }
    : null;
}

/**
 * Makes the account that an invitation was for. Of two who use it at once one finds it used.
 *
 * @returns the account's id; `used` when somebody was first, `taken` when the address has an account by now
 */
export async function useInvitation(
  { db }: UnscopedStore,
  invitation: OpenInvitation,
  account: { name: string; passwordHash: string; approach: string },
): Promise<{ id: string } | 'used' | 'taken'> {
  const { academyId: academy_id, id: invitation_id, email, role } = invitation;
  const id = v7();
  try {
    await again(() =>
      db.transaction(async (t) => {
        await t('people').insert({
          academy_id,
          id,
          email: email.toLowerCase(),
          name: account.name,
          password_hash: account.passwordHash,
          role,
          approach: account.approach,
        });
        const end = { academy_id, id: v7(), invitation_id, person_id: id, at: new Date() };
        await t('invitation_ends').insert(end);
      }),
    );
    return { id };
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    return (await db('people').where({ email: email.toLowerCase() }).first('id')) ? 'taken' : 'used';
  }
}

export async function addReset(
  { db }: UnscopedStore,
  person: PersonRow,
  tokenHash: string,
  expiresAt: Date,
): Promise<void> {
  await db('password_resets').insert({
    academy_id: person.academyId,
    id: v7(),
    person_id: person.id,
    token_hash: tokenHash,
    expires_at: expiresAt,
    at: new Date(),
  });
}

/** Whose password a link resets; null when it was used or ran out. */
export async function openReset(
  { db }: UnscopedStore,
  tokenHash: string,
  now: Date,
): Promise<{ academyId: string; personId: string } | null> {
  const row = await db('password_resets')
    .where({ token_hash: tokenHash })
    .where('expires_at', '>', now)
    .whereNull('used_at')
    .first('academy_id', 'person_id');
  return row ? { academyId: row.academy_id, personId: row.person_id } : null;
}

/** Sets the password that a link was sent for; every other link of the person ends with it. False when it was used meanwhile. */
export async function useReset(
  { db }: UnscopedStore,
  tokenHash: string,
  of: { academyId: string; personId: string },
  passwordHash: string,
): Promise<boolean> {
  const mine = { academy_id: of.academyId, person_id: of.personId };
  return again(() =>
    db.transaction(async (t) => {
      const used = await t('password_resets')
        .where({ ...mine, token_hash: tokenHash })
        .whereNull('used_at')
        .update({ used_at: new Date() });
      if (!used) return false;
      await t('password_resets').where(mine).whereNull('used_at').update({ used_at: new Date() });
      await t('people')
        .where({ academy_id: of.academyId, id: of.personId })
        .update({ password_hash: passwordHash });
      return true;
    }),
  );
}

export const setPassword = (academy: Academy, person: string, passwordHash: string): Promise<number> =>
  academy.change('people', person, { password_hash: passwordHash });

/** Turns the second factor on, with codes for the day on which the phone is lost; or off. */
export function setSecondFactor(
  academy: Academy,
  person: string,
  secret: string | null,
  codeHashes: readonly string[],
): Promise<void> {
  const at = new Date();
  return academy.transaction(async (trx) => {
    await trx.change('people', person, { totp_secret: secret, totp_step: 0 });
    await trx
      .from('recovery_codes')
      .where({ person_id: person })
      .whereNull('used_at')
      .update({ used_at: at });
    await trx.add(
      'recovery_codes',
      codeHashes.map((code_hash) => ({ id: v7(), person_id: person, code_hash, at })),
    );
  });
}

/** Takes the step of a code, once: false when it or a later one was used. */
export const takeStep = async ({ db }: UnscopedStore, person: PersonRow, step: number): Promise<boolean> =>
  (await db('people')
    .where({ academy_id: person.academyId, id: person.id })
    .where('totp_step', '<', step)
    .update({ totp_step: step })) > 0;

/** Takes a recovery code, once. */
export const takeRecoveryCode = async (
  { db }: UnscopedStore,
  person: PersonRow,
  codeHash: string,
): Promise<boolean> =>
  (await db('recovery_codes')
    .where({ academy_id: person.academyId, person_id: person.id, code_hash: codeHash })
    .whereNull('used_at')
    .limit(1)
    .update({ used_at: new Date() })) > 0;

/** Where a person is signed in. */
export async function sessionsOf({ db }: UnscopedStore, personId: string): Promise<StoredSession[]> {
  const rows: { sid: string; sess: string }[] = await db('web_sessions')
    .whereRaw("json_value(sess, '$.personId') = ?", [personId])
    .where('expired', '>', new Date())
    .select('sid', 'sess');
  return rows.map(({ sid, sess }) => {
    const { agent = '', since = 0 } = JSON.parse(sess) as { agent?: string; since?: number };
    return { sid, agent, since };
  });
}

/** What the settings of an account show of it. */
export async function accountOf(academy: Academy, person: PersonRow): Promise<Omit<Account, 'sessions'>> {
  const [{ n }] = await academy
    .from('recovery_codes')
    .where({ person_id: person.id })
    .whereNull('used_at')
    .count({ n: '*' });
  return {
    email: person.email,
    secondFactor: person.totpSecret !== null,
    recoveryCodesLeft: person.totpSecret === null ? 0 : Number(n),
  };
}
