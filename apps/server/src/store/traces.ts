import type { TraceRecord } from '@wrightonic/contract';
import { parsed, type Academy } from './scope';

export type StoredTrace = TraceRecord & { athleteId: string };

const fromRow = (row: Record<string, any>): StoredTrace => ({
  id: row.id,
  athleteId: row.athlete_id,
  lookId: row.look_id,
  at: row.at.toISOString(),
  by: row.by,
  result: parsed(row.result),
  chosen: { lower: row.chosen_lower, arm: row.chosen_arm },
  reason: row.reason,
});

function traces(academy: Academy, where: Record<string, unknown>) {
  const query = academy.from('traces', 't').where(where);
  return academy
    .join(query, 'people', 'p', 'id', 't.by_person')
    .orderBy([
      { column: 't.at', order: 'desc' },
      { column: 't.id', order: 'desc' },
    ])
    .select('t.*', 'p.name as by');
}

export async function newestTrace(academy: Academy, athleteId: string): Promise<StoredTrace | null> {
  const row = await traces(academy, { 't.athlete_id': athleteId }).first();
  return row ? fromRow(row) : null;
}

export async function traceById(academy: Academy, id: string): Promise<StoredTrace | null> {
  const row = await traces(academy, { 't.id': id }).first();
  return row ? fromRow(row) : null;
}

export interface TraceState {
  id: string;
  athleteId: string;
  lookId: string;
  lower: string | null;
  arm: string | null;
}

/** Of every athlete, oldest first, without the results. */
export async function traceStates(academy: Academy): Promise<TraceState[]> {
  const rows = await academy
    .from('traces')
    .orderBy(['at', 'id'])
    .select('id', 'athlete_id', 'look_id', 'chosen_lower', 'chosen_arm');
  return rows.map((row: Record<string, any>) => ({
    id: row.id,
    athleteId: row.athlete_id,
    lookId: row.look_id,
    lower: row.chosen_lower,
    arm: row.chosen_arm,
  }));
}

export const addTrace = (academy: Academy, trace: Omit<StoredTrace, 'by'>, by: string): Promise<void> =>
  academy.add('traces', {
    id: trace.id,
    athlete_id: trace.athleteId,
    look_id: trace.lookId,
    catalogue: trace.result.catalogue,
    result: JSON.stringify(trace.result),
    chosen_lower: trace.chosen.lower,
    chosen_arm: trace.chosen.arm,
    reason: trace.reason,
    at: new Date(trace.at),
    by_person: by,
  });
