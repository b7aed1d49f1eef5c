import type { CampLinkRecord, CampSignUp, NewCampLink, SignUpRecord } from '@wrightonic/contract';
import { parsed, type Academy } from './scope';
import type { CampLinksRow, CampSignUpsRow } from './tables';

export const addCampLink = (
  academy: Academy,
  campId: string,
  { id, kind, athleteId }: NewCampLink,
  tokenHash: string,
  expiresAt: Date,
  by: string,
): Promise<void> =>
  academy.add('camp_links', {
    id,
    camp_id: campId,
    kind,
    athlete_id: athleteId,
    token_hash: tokenHash,
    expires_at: expiresAt,
    at: new Date(),
    by_person: by,
  });

export const campLinkById = (academy: Academy, id: string): Promise<CampLinksRow | undefined> =>
  academy.from('camp_links').where({ id }).first();

export async function campLinksOf(academy: Academy, campId: string): Promise<CampLinkRecord[]> {
  const [rows, ends]: [CampLinksRow[], { link_id: string }[]] = await Promise.all([
    academy.from('camp_links').where({ camp_id: campId }).orderBy(['at', 'id']),
    academy.from('camp_link_ends').where({ camp_id: campId }).select('link_id'),
  ]);
  const ended = new Set(ends.map(({ link_id }) => link_id));
  return rows.map(({ id, kind, athlete_id, expires_at }) => ({
    id,
    kind: kind as CampLinkRecord['kind'],
    athleteId: athlete_id,
    expiresAt: expires_at.toISOString(),
    ended: ended.has(id),
  }));
}

export const endCampLink = (
  academy: Academy,
  campId: string,
  linkId: string,
  id: string,
  by: string,
): Promise<void> =>
  academy.add('camp_link_ends', { id, camp_id: campId, link_id: linkId, at: new Date(), by_person: by });

/** Sign-ups of a camp that nobody has taken or left out yet. */
export async function openSignUps(academy: Academy, campId: string): Promise<SignUpRecord[]> {
  const [rows, ends]: [CampSignUpsRow[], { sign_up_id: string }[]] = await Promise.all([
    academy.from('camp_sign_ups').where({ camp_id: campId }).orderBy(['at', 'id']),
    academy.from('camp_sign_up_ends').where({ camp_id: campId }).select('sign_up_id'),
  ]);
  const ended = new Set(ends.map(({ sign_up_id }) => sign_up_id));
  return rows.flatMap((row) =>
    ended.has(row.id) ? [] : [{ ...parsed<CampSignUp>(row.body), id: row.id, at: row.at.toISOString() }],
  );
}

export const addSignUp = (
  academy: Academy,
  campId: string,
  linkId: string,
  { id, ...body }: CampSignUp,
): Promise<void> =>
  academy.add('camp_sign_ups', {
    id,
    camp_id: campId,
    link_id: linkId,
    body: JSON.stringify(body),
    at: new Date(),
  });

export const endSignUp = (
  academy: Academy,
  campId: string,
  signUpId: string,
  { id, athleteId }: { id: string; athleteId: string | null },
  by: string,
): Promise<void> =>
  academy.add('camp_sign_up_ends', {
    id,
    camp_id: campId,
    sign_up_id: signUpId,
    athlete_id: athleteId,
    at: new Date(),
    by_person: by,
  });
