import type { NewReport, Report, ReportRecord } from '@wrightonic/contract';
import { parsed, type Academy } from './scope';
import type { ReportsRow } from './tables';

export const addReport = (
  academy: Academy,
  athleteId: string,
  { id }: Pick<NewReport, 'id'>,
  report: Report,
  tokenHash: string,
  expiresAt: Date,
  by: string,
): Promise<void> =>
  academy.add('reports', {
    id,
    athlete_id: athleteId,
    token_hash: tokenHash,
    expires_at: expiresAt,
    body: JSON.stringify(report),
    at: new Date(),
    by_person: by,
  });

export const reportById = (academy: Academy, id: string): Promise<{ id: string } | undefined> =>
  academy.from('reports').where({ id }).first('id');

export const endReport = (academy: Academy, reportId: string, id: string, by: string): Promise<void> =>
  academy.add('report_ends', { id, report_id: reportId, at: new Date(), by_person: by });

/** Newest first. */
export async function reportsOf(academy: Academy, athleteId: string): Promise<ReportRecord[]> {
  const query = academy.from('reports', 'r').where({ 'r.athlete_id': athleteId });
  const rows: (ReportsRow & { name: string; ended: string | null })[] = await academy
    .join(query, 'people', 'p', 'id', 'r.by_person')
    .leftJoin({ e: 'report_ends' }, (join) =>
      join.on('e.academy_id', 'r.academy_id').andOn('e.report_id', 'r.id'),
    )
    .orderBy('r.at', 'desc')
    .select('r.id', 'r.at', 'r.expires_at', 'p.name', 'e.id as ended');
  return rows.map(({ id, at, name, expires_at, ended }) => ({
    id,
    at: at.toISOString(),
    by: name,
    expiresAt: expires_at.toISOString(),
    ended: ended !== null,
  }));
}

/** A report as it was kept. */
export async function keptReport(academy: Academy, id: string): Promise<Report | null> {
  const row = await academy.from('reports').where({ id }).first('body');
  return row ? parsed(row.body) : null;
}
