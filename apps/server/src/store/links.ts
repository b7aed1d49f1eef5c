import type { EventOf, LinkEditRecord, NewLinkEdit, StrikeRecord } from '@wrightonic/contract';
import { nodesFor, type Discipline, type LinkEdit } from '@wrightonic/core';
import { missingParent, type Academy } from './scope';
import { loggedBy } from './loggedBy';

/** The academy's own word on links, oldest first. */
export async function linkEdits(academy: Academy): Promise<LinkEdit[]> {
  return academy.from('link_edits').orderBy(['at', 'id']).select('cause', 'effect', 'weight');
}

/** The same with who said so, when and why. */
export async function linkHistory(academy: Academy): Promise<LinkEditRecord[]> {
  const query = academy.from('link_edits', 'e');
  const rows = await academy
    .join(query, 'people', 'p', 'id', 'e.by_person')
    .orderBy(['e.at', 'e.id'])
    .select('e.id', 'e.cause', 'e.effect', 'e.weight', 'e.reason', 'e.at', 'p.name as by');
  return rows.map((row: { at: Date }) => ({ ...row, at: row.at.toISOString() }) as LinkEditRecord);
}

/**
 * Adds an edit unless `fits` throws over the edits that stand; nobody else's edit comes in between. Sending it twice
 * adds nothing.
 */
export const addLinkEdit = (
  academy: Academy,
  { id, cause, effect, weight, reason }: NewLinkEdit,
  by: string,
  fits: (edits: readonly LinkEdit[]) => void,
): Promise<void> =>
  academy.transaction(async (trx) => {
    await trx.lock();
    if (await trx.from('link_edits').where({ id }).first('id')) return;
    fits(await linkEdits(trx));
    await trx.add('link_edits', { id, cause, effect, weight, reason, at: new Date(), by_person: by });
  });

/** A link of another delivery than the athlete's has nothing to belong to. */
export async function storeStrike(
  academy: Academy,
  { athleteId, cause, effect, struck, reason, ...event }: EventOf<'link-struck'>,
  by: string,
): Promise<void> {
  const athlete = await academy.from('athletes').where({ id: athleteId }).first('discipline');
  const known = new Set(athlete ? nodesFor(athlete.discipline as Discipline).map(({ id }) => id) : []);
  if (!known.has(cause) || !known.has(effect)) throw missingParent('no such link of this athlete');
  await academy.add('link_strikes', {
    ...loggedBy(event, by),
    athlete_id: athleteId,
    cause,
    effect,
    struck,
    reason,
  });
}

/** Links struck for an athlete and taken up again, oldest first. */
export async function strikesOf(academy: Academy, athleteId: string): Promise<StrikeRecord[]> {
  const query = academy.from('link_strikes', 's').where({ 's.athlete_id': athleteId });
  const rows = await academy
    .join(query, 'people', 'p', 'id', 's.by_person')
    .orderBy(['s.at', 's.id'])
    .select('s.id', 's.cause', 's.effect', 's.struck', 's.reason', 's.at', 'p.name as by');
  return rows.map((row: { struck: number; at: Date }) => ({
    ...row,
    struck: Boolean(row.struck),
    at: row.at.toISOString(),
  })) as StrikeRecord[];
}
