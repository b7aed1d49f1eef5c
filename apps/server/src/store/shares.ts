import type { NewShare, ShareRecord } from '@wrightonic/contract';
import type { Academy } from './scope';
import type { SharesRow } from './tables';

export async function addShare(
  academy: Academy,
  athleteId: string,
  { id, names = false, forWhom = '' }: NewShare,
  tokenHash: string,
  expiresAt: Date,
  by: string,
): Promise<void> {
  await academy.add('shares', {
    id,
    names,
    for_whom: forWhom,
    athlete_id: athleteId,
    token_hash: tokenHash,
    expires_at: expiresAt,
    at: new Date(),
    by_person: by,
  });
}

export const shareById = (academy: Academy, id: string): Promise<{ id: string } | undefined> =>
  academy.from('shares').where({ id }).first('id');

export const endShare = (academy: Academy, share: string, id: string, by: string): Promise<void> =>
  academy.add('share_ends', { id, share_id: share, at: new Date(), by_person: by });

/** Newest first. */
export async function sharesOf(academy: Academy, athleteId: string): Promise<ShareRecord[]> {
  const query = academy.from('shares', 's').where({ 's.athlete_id': athleteId });
  const rows = await academy
    .join(query, 'people', 'p', 'id', 's.by_person')
    .leftJoin({ e: 'share_ends' }, (join) =>
      join.on('e.academy_id', 's.academy_id').andOn('e.share_id', 's.id'),
    )
    .orderBy('s.at', 'desc')
    .select('s.id', 's.at', 's.expires_at', 's.names', 's.for_whom', 'p.name', 'e.id as ended');
  return rows.map((row: SharesRow & { name: string; ended: string | null }) => ({
    id: row.id,
    at: row.at.toISOString(),
    by: row.name,
    expiresAt: row.expires_at.toISOString(),
    ended: row.ended !== null,
    names: Boolean(row.names),
    forWhom: row.for_whom,
  }));
}
