import type { EventOf, FindingDetail, FindingRecord, LookRecord } from '@wrightonic/contract';
import { dayAt, type Findings, type Severity } from '@wrightonic/core';
import type { Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { FindingsRow, LooksRow } from './tables';

export type StoredLook = LookRecord & { athleteId: string };

/** A grade, with what stands beside it; it points to the one before. */
export async function storeGrade(
  academy: Academy,
  event: EventOf<'finding'> | EventOf<'look-corrected'>,
  reason: string | null,
  by: string,
): Promise<void> {
  const was = await academy
    .from('findings')
    .where({ look_id: event.lookId, node: event.node })
    .where('id', '<', event.id)
    .orderBy('id', 'desc')
    .first('id');
  await academy.add('findings', {
    ...loggedBy(event, by),
    look_id: event.lookId,
    node: event.node,
    severity: event.severity,
    value: event.value ?? null,
    derived: event.derived ?? null,
    error: event.error ?? null,
    note: event.note ?? null,
    source: event.source ?? null,
    reason,
    replaces: was?.id ?? null,
  });
}

/** Keeps what was told of a look; the look itself stands as it was told last. */
export const storeLookTold = (academy: Academy, event: EventOf<'look-told'>, by: string): Promise<void> =>
  academy.transaction(async (trx) => {
    await trx.add('look_tellings', {
      ...loggedBy(event, by),
      look_id: event.lookId,
      zone: event.zone,
      looked_at: new Date(event.lookedAt),
      place: event.place,
      view: event.view,
      thrown: event.thrown,
      looked_by: event.lookedBy,
    });
    const newest = await trx
      .from('look_tellings')
      .where({ look_id: event.lookId })
      .orderBy([
        { column: 'at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .first('zone', 'looked_at', 'place', 'view', 'thrown', 'looked_by');
    const { zone, ...row } = newest!;
    await trx.change('looks', event.lookId, { ...row, date: dayAt(row.looked_at, zone) });
  });

/** In the order in which they were taken; one that is under way comes last, whatever its day. */
const byTaking = 'e.id is null, coalesce(l.looked_at, l.at), l.id';
const newestTaken = 'e.id is null desc, coalesce(l.looked_at, l.at) desc, l.id desc';

const detailOf = (row: FindingsRow): FindingDetail => ({
  ...(row.value === null ? {} : { value: row.value }),
  ...(row.derived === null ? {} : { derived: row.derived }),
  ...(row.error === null ? {} : { error: row.error }),
  ...(row.note === null ? {} : { note: row.note }),
  ...(row.source === null ? {} : { source: row.source }),
});

interface Graded {
  findings: Findings;
  details: Record<string, FindingDetail>;
}

/** The newest grade of each checkpoint, look by look; a grade that was taken back is gone. */
async function gradesOf(academy: Academy, looks: readonly string[]): Promise<Map<string, Graded>> {
  const rows = await academy
    .from('findings')
    .whereIn('look_id', looks as string[])
    .orderBy('id')
    .select('look_id', 'node', 'severity', 'value', 'derived', 'error', 'note', 'source');
  const byLook = new Map(
    looks.map((id) => [id, { findings: {} as Record<string, Severity>, details: {} as Graded['details'] }]),
  );
  for (const row of rows) {
    const { findings, details } = byLook.get(row.look_id)!;
    if (row.severity === null) delete findings[row.node];
    else findings[row.node] = row.severity;
    const detail = detailOf(row);
    if (Object.keys(detail).length) details[row.node] = detail;
    else delete details[row.node];
  }
  return byLook;
}

/** The newest findings of looks. */
export async function findingsOfLooks(
  academy: Academy,
  looks: readonly string[],
): Promise<Map<string, Findings>> {
  const graded = await gradesOf(academy, looks);
  return new Map([...graded].map(([id, { findings }]) => [id, findings]));
}

/** Every grade of a look as it was given, oldest first. */
export async function lookHistory(academy: Academy, lookId: string): Promise<FindingRecord[]> {
  const query = academy.from('findings', 'f').where({ 'f.look_id': lookId });
  const rows = await academy
    .join(query, 'people', 'p', 'id', 'f.by_person')
    .orderBy('f.id')
    .select('f.*', 'p.name as by');
  return rows.map((row: FindingsRow & { by: string }) => ({
    id: row.id,
    node: row.node,
    severity: row.severity,
    at: row.at.toISOString(),
    by: row.by,
    ...detailOf(row),
    ...(row.reason ? { note: row.reason } : {}),
  }));
}

async function looksWhere(
  academy: Academy,
  where: Record<string, unknown>,
  limit?: number,
): Promise<StoredLook[]> {
  const query = academy.from('looks', 'l').where(where);
  academy
    .join(query, 'people', 'p', 'id', 'l.by_person')
    .leftJoin({ e: 'look_ends' }, (join) =>
      join.on('e.academy_id', 'l.academy_id').andOn('e.look_id', 'l.id'),
    );
  if (limit) query.orderByRaw(newestTaken).limit(limit);
  else query.orderByRaw(byTaking);
  const rows = await query.select('l.*', 'p.name as by', 'e.id as ended');
  if (limit) rows.reverse();
  const graded = await gradesOf(
    academy,
    rows.map((row: { id: string }) => row.id),
  );
  return rows.map((row: LooksRow & { by: string; ended: string | null }) => ({
    id: row.id,
    athleteId: row.athlete_id,
    kind: row.kind,
    at: (row.looked_at ?? row.at).toISOString(),
    date: row.date,
    place: row.place,
    view: row.view,
    thrown: row.thrown,
    by: row.looked_by || row.by,
    finished: row.ended !== null,
    ...graded.get(row.id)!,
  }));
}

/** Oldest first; all, or so many of the newest. */
export const looksOf = (academy: Academy, athleteId: string, limit?: number): Promise<StoredLook[]> =>
  looksWhere(academy, { 'l.athlete_id': athleteId }, limit);

export const look = async (academy: Academy, id: string): Promise<StoredLook | null> =>
  (await looksWhere(academy, { 'l.id': id }))[0] ?? null;
