import type { LookRecord } from '@wrightonic/contract';
import type { Findings, Severity } from '@wrightonic/core';
import type { Academy } from './scope';

export type StoredLook = LookRecord & { athleteId: string };

/** The newest grade of each checkpoint, look by look; a grade that was taken back is gone. */
async function findingsOf(academy: Academy, looks: readonly string[]): Promise<Map<string, Findings>> {
  const rows = await academy
    .from('findings')
    .whereIn('look_id', looks as string[])
    .orderBy('id')
    .select('look_id', 'node', 'severity');
  const byLook = new Map<string, Record<string, Severity>>(looks.map((id) => [id, {}]));
  for (const { look_id, node, severity } of rows) {
    const findings = byLook.get(look_id)!;
    if (severity === null) delete findings[node];
    else findings[node] = severity;
  }
  return byLook;
}

async function looksWhere(academy: Academy, where: Record<string, unknown>): Promise<StoredLook[]> {
  const query = academy.from('looks', 'l').where(where);
  academy.join(query, 'people', 'p', 'id', 'l.by_person');
  const rows = await query
    .leftJoin({ e: 'look_ends' }, (join) =>
      join.on('e.academy_id', 'l.academy_id').andOn('e.look_id', 'l.id'),
    )
    .orderBy(['l.at', 'l.id'])
    .select('l.*', 'p.name as by', 'e.id as ended');
  const findings = await findingsOf(
    academy,
    rows.map((row: { id: string }) => row.id),
  );
  return rows.map((row: Record<string, any>) => ({
    id: row.id,
    athleteId: row.athlete_id,
    kind: row.kind,
    at: row.at.toISOString(),
    date: row.date,
    place: row.place,
    by: row.by,
    finished: row.ended !== null,
    findings: findings.get(row.id)!,
  }));
}

/** Oldest first. */
export const looksOf = (academy: Academy, athleteId: string): Promise<StoredLook[]> =>
  looksWhere(academy, { 'l.athlete_id': athleteId });

export const look = async (academy: Academy, id: string): Promise<StoredLook | null> =>
  (await looksWhere(academy, { 'l.id': id }))[0] ?? null;

export interface LookState {
  athleteId: string;
  id: string;
  date: string;
  finished: boolean;
}

/** The newest look and the newest finished look of every athlete. */
export async function lookStates(academy: Academy): Promise<LookState[]> {
  const rows = await academy
    .from('looks', 'l')
    .leftJoin({ e: 'look_ends' }, (join) =>
      join.on('e.academy_id', 'l.academy_id').andOn('e.look_id', 'l.id'),
    )
    .select('l.athlete_id', 'l.id', 'l.date', 'e.id as ended')
    .orderBy(['l.at', 'l.id']);
  return rows.map((row: Record<string, any>) => ({
    athleteId: row.athlete_id,
    id: row.id,
    date: row.date,
    finished: row.ended !== null,
  }));
}

export const findingsOfLooks = findingsOf;
