import { dayAt } from '@wrightonic/core';
import type { CurveRecord, EventOf } from '@wrightonic/contract';
import { parsed, type Academy } from './scope';
import { loggedBy } from './loggedBy';
import type { CurveReadingsRow } from './tables';

export const storeCurves = (academy: Academy, event: EventOf<'curves-read'>, by: string): Promise<void> =>
  academy.add('curve_readings', {
    ...loggedBy(event, by),
    athlete_id: event.athleteId,
    zone: event.zone,
    date: dayAt(new Date(event.at), event.zone),
    name: event.name,
    result: JSON.stringify(event.result),
  });

/** Newest first. */
export async function curvesOf(academy: Academy, athleteId: string, limit = 50): Promise<CurveRecord[]> {
  const query = academy.from('curve_readings', 'c').where({ 'c.athlete_id': athleteId });
  academy.join(query, 'people', 'p', 'id', 'c.by_person');
  const rows = await query.orderBy('c.id', 'desc').limit(limit).select('c.*', 'p.name as by');
  return rows.map((row: CurveReadingsRow & { by: string }) => ({
    id: row.id,
    date: row.date,
    by: row.by,
    name: row.name,
    result: parsed(row.result),
  }));
}
