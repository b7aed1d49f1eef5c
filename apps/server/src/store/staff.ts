import type { InvitationRecord, NewInvitation, StaffChange, StaffRecord } from '@wrightonic/contract';
import { v7 } from 'uuid';
import type { Academy } from './scope';
import type { InvitationsRow, PeopleRow } from './tables';

/*
 * Who works at an academy.
 */

/** Everybody, those who may sign in first. */
export async function staff(academy: Academy): Promise<StaffRecord[]> {
  const [rows, lessons, seen] = await Promise.all([
    academy.from('people').orderByRaw('deactivated_at is not null, role, name') as Promise<PeopleRow[]>,
    academy
      .from('lessons')
      .where('starts_at', '>', new Date())
      .groupBy('instructor_id')
      .select('instructor_id')
      .count({ n: '*' }) as Promise<{ instructor_id: string; n: number }[]>,
    academy
      .from('audit_events')
      .where({ kind: 'signed in' })
      .groupBy('person_id')
      .select('person_id')
      .max({ at: 'at' }) as Promise<{ person_id: string; at: Date }[]>,
  ]);
  const lessonsOf = new Map(lessons.map(({ instructor_id, n }) => [instructor_id, Number(n)]));
  const seenOf = new Map(seen.map(({ person_id, at }) => [person_id, at.toISOString()]));
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    email: row.email,
    role: row.role,
    active: row.deactivated_at === null,
    campId: row.camp_id,
    secondFactor: row.totp_secret !== null,
    lessons: lessonsOf.get(row.id) ?? 0,
    seenAt: seenOf.get(row.id) ?? null,
  }));
}

/**
 * Changes what somebody may do. The last owner stays one: whoever changes two owners at once waits for the other.
 *
 * @returns what they were before; `nobody` when there is no such person, `last` when no owner would be left
 */
export function changeStaff(
  academy: Academy,
  id: string,
  { role, active }: StaffChange,
): Promise<StaffChange | 'nobody' | 'last'> {
  return academy.transaction(async (trx) => {
    await trx.lock();
    const row: PeopleRow | undefined = await trx.from('people').where({ id }).first();
    if (!row) return 'nobody';
    const was = { role: row.role, active: row.deactivated_at === null };
    const others: string[] = await trx
      .from('people')
      .where({ role: 'owner' })
      .whereNull('deactivated_at')
      .whereNot({ id })
      .pluck('id');
    if (was.role === 'owner' && was.active && !(role === 'owner' && active) && others.length === 0)
      return 'last';
    await trx.change('people', id, {
      role,
      deactivated_at: active ? null : (row.deactivated_at ?? new Date()),
    });
    return was;
  });
}

/** Lessons to come of one person become those of another; answers with how many. */
export const handOverLessons = (academy: Academy, from: string, to: string): Promise<number> =>
  academy
    .from('lessons')
    .where({ instructor_id: from })
    .where('starts_at', '>', new Date())
    .update({ instructor_id: to });

export async function invitations(academy: Academy): Promise<InvitationRecord[]> {
  const query = academy.from('invitations', 'i');
  const rows: (InvitationsRow & { by: string })[] = await academy
    .join(query, 'people', 'p', 'id', 'i.by_person')
    .leftJoin({ e: 'invitation_ends' }, (join) =>
      join.on('e.academy_id', 'i.academy_id').andOn('e.invitation_id', 'i.id'),
    )
    .whereNull('e.id')
    .orderBy('i.at', 'desc')
    .select('i.*', 'p.name as by');
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    email: row.email,
    role: row.role,
    at: row.at.toISOString(),
    by: row.by,
    expiresAt: row.expires_at.toISOString(),
  }));
}

export const invitationById = (academy: Academy, id: string): Promise<{ id: string } | undefined> =>
  academy.from('invitations').where({ id }).first('id');

export const addInvitation = (
  academy: Academy,
  { id, name, email, role }: NewInvitation,
  tokenHash: string,
  expiresAt: Date,
  by: string,
): Promise<void> =>
  academy.add('invitations', {
    id,
    name,
    email: email.toLowerCase(),
    role,
    token_hash: tokenHash,
    expires_at: expiresAt,
    at: new Date(),
    by_person: by,
  });

export const endInvitation = (academy: Academy, invitation: string): Promise<void> =>
  academy.add('invitation_ends', { id: v7(), invitation_id: invitation, person_id: null, at: new Date() });
