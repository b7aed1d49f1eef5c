import type { PastTrace, TraceRecord } from '@wrightonic/contract';
import { callsOf, type Call, type Findings, type Trace } from '@wrightonic/core';
import { findingsOfLooks } from './looks';
import { parsed, type Academy } from './scope';
import type { TracesRow } from './tables';

export type StoredTrace = TraceRecord & { athleteId: string };

/** What traces of the first version did not carry yet. */
const sinceThen: Pick<Trace, 'gains' | 'lookFirst' | 'left' | 'tactical' | 'bodyShares' | 'removedLinks'> = {
  gains: [],
  lookFirst: [],
  left: [],
  tactical: [],
  bodyShares: [],
  removedLinks: [],
};

const fromRow = (row: TracesRow & { by: string }): StoredTrace => ({
  id: row.id,
  athleteId: row.athlete_id,
  lookId: row.look_id,
  at: row.at.toISOString(),
  by: row.by,
  result: { ...sinceThen, ...parsed<Trace>(row.result) },
  findings: row.findings === null ? null : parsed(row.findings),
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

interface CallsOfTrace {
  traceId: string;
  person: string;
  calls: Call[];
}

/** The calls of every trace, of one athlete or of all, each judged by the looks that were finished after its own. */
export async function calls(academy: Academy, athleteId?: string): Promise<CallsOfTrace[]> {
  const one = athleteId === undefined ? {} : { 't.athlete_id': athleteId };
  const rows: TracesRow[] = await academy
    .from('traces', 't')
    .where(one)
    .orderBy(['t.at', 't.id'])
    .select('id', 'athlete_id', 'look_id', 'by_person', 'findings')
    .select('proposed_lower', 'proposed_arm', 'chosen_lower', 'chosen_arm');
  const looks: { id: string; athlete_id: string }[] = await academy
    .from('looks', 'l')
    .join({ e: 'look_ends' }, (join) => join.on('e.academy_id', 'l.academy_id').andOn('e.look_id', 'l.id'))
    .where(athleteId === undefined ? {} : { 'l.athlete_id': athleteId })
    .orderByRaw('coalesce(l.looked_at, l.at), l.id')
    .select('l.id', 'l.athlete_id');
  const findings = await findingsOfLooks(
    academy,
    looks.map(({ id }) => id),
  );
  const byAthlete = new Map<string, string[]>();
  for (const { id, athlete_id } of looks)
    byAthlete.set(athlete_id, [...(byAthlete.get(athlete_id) ?? []), id]);
  return rows.map((row) => {
    const ofAthlete = byAthlete.get(row.athlete_id) ?? [];
    const own = ofAthlete.indexOf(row.look_id);
    const seen: Findings = row.findings === null ? (findings.get(row.look_id) ?? {}) : parsed(row.findings);
    return {
      traceId: row.id,
      person: row.by_person,
      calls: callsOf({
        proposed: { lower: row.proposed_lower, arm: row.proposed_arm },
        chosen: { lower: row.chosen_lower, arm: row.chosen_arm },
        findings: seen,
        later: own < 0 ? [] : ofAthlete.slice(own + 1).map((id) => findings.get(id)!),
      }),
    };
  });
}

/** Every trace of an athlete as it stood, newest first. */
export async function pastTraces(academy: Academy, athleteId: string): Promise<PastTrace[]> {
  const query = academy.from('traces', 't').where({ 't.athlete_id': athleteId });
  academy.join(query, 'people', 'p', 'id', 't.by_person');
  const [rows, judged] = await Promise.all([
    academy
      .join(query, 'looks', 'l', 'id', 't.look_id')
      .orderBy([
        { column: 't.at', order: 'desc' },
        { column: 't.id', order: 'desc' },
      ])
      .select('t.*', 'p.name as by', 'l.date as date'),
    calls(academy, athleteId),
  ]);
  return rows.map((row: TracesRow & { by: string; date: string }) => {
    const { athleteId: _, ...rest } = fromRow(row);
    return { ...rest, date: row.date, calls: judged.find(({ traceId }) => traceId === rest.id)!.calls };
  });
}

export const addTrace = (academy: Academy, trace: Omit<StoredTrace, 'by'>, by: string): Promise<void> =>
  academy.add('traces', {
    id: trace.id,
    athlete_id: trace.athleteId,
    look_id: trace.lookId,
    catalogue: trace.result.catalogue,
    result: JSON.stringify(trace.result),
    findings: JSON.stringify(trace.findings),
    proposed_lower: trace.result.focus.lower,
    proposed_arm: trace.result.focus.arm,
    chosen_lower: trace.chosen.lower,
    chosen_arm: trace.chosen.arm,
    reason: trace.reason,
    at: new Date(trace.at),
    by_person: by,
  });
