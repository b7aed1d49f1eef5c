import type { Academy } from './scope';

/** A new address of somebody’s calendar; whatever they had before leads nowhere any more. */
export async function renewFeed(
  academy: Academy,
  id: string,
  tokenHash: string,
  personId: string,
  newId: () => string,
): Promise<void> {
  await academy.transaction(async (trx) => {
    await trx.lock();
    await endFeeds(trx, personId, newId);
    await trx.add('feeds', { id, person_id: personId, token_hash: tokenHash, at: new Date() });
  });
}

/** No address of somebody's calendar leads anywhere any more. */
export async function endFeeds(academy: Academy, personId: string, newId: () => string): Promise<void> {
  const at = new Date();
  const open: string[] = await academy
    .from('feeds', 'f')
    .where({ 'f.person_id': personId })
    .leftJoin({ e: 'feed_ends' }, (join) =>
      join.on('e.academy_id', 'f.academy_id').andOn('e.feed_id', 'f.id'),
    )
    .whereNull('e.id')
    .pluck('f.id');
  await academy.add(
    'feed_ends',
    open.map((feed) => ({ id: newId(), feed_id: feed, at })),
  );
}

export const feedById = (academy: Academy, id: string): Promise<{ id: string } | undefined> =>
  academy.from('feeds').where({ id }).first('id');
