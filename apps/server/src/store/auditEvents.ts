import type { AuditEntry, AuditKind, AuditPage } from '@wrightonic/contract';
import { v7 } from 'uuid';
import type { UnscopedStore } from './academies';
import type { Academy } from './scope';
import type { AuditEventsRow } from './tables';

/** Who did what is kept for so long, days. */
const daysKept = 365;
const dayMs = 86_400_000;

export interface AuditNote {
  kind: AuditKind;
  told: string;
  subject?: string | null;
  person: string | null;
}

/** Writes down that somebody did something. */
export const note = (academy: Academy, { kind, told, subject = null, person }: AuditNote): Promise<void> =>
  academy.add('audit_events', {
    id: v7(),
    kind,
    told,
    subject,
    person_id: person,
    at: new Date(),
    day: null,
  });

/** Writes down that somebody opened an athlete, once a day. */
export const noteSeen = (academy: Academy, person: string, subject: string, day: string): Promise<void> =>
  academy.add('audit_events', {
    id: v7(),
    kind: 'saw',
    told: 'opened the athlete',
    subject,
    person_id: person,
    at: new Date(),
    day,
  });

export interface AuditWish {
  kind?: AuditKind;
  person?: string;
  athlete?: string;
  /** Days of the venue as instants. */
  from?: Date;
  to?: Date;
}

/** Newest first. */
export async function auditPage(
  academy: Academy,
  { kind, person, athlete, from, to }: AuditWish,
  atMost: number,
): Promise<AuditPage> {
  const query = academy
    .from('audit_events', 'a')
    .leftJoin({ p: 'people' }, (join) => join.on('p.academy_id', 'a.academy_id').andOn('p.id', 'a.person_id'))
    .leftJoin({ t: 'athletes' }, (join) => join.on('t.academy_id', 'a.academy_id').andOn('t.id', 'a.subject'))
    .orderBy([
      { column: 'a.at', order: 'desc' },
      { column: 'a.id', order: 'desc' },
    ])
    .limit(atMost + 1)
    .select('a.*', 'p.name as by', 't.given_name', 't.family_name');
  if (kind) query.where('a.kind', kind);
  if (person) query.where('a.person_id', person);
  if (athlete) query.where('a.subject', athlete);
  if (from) query.where('a.at', '>=', from);
  if (to) query.where('a.at', '<', to);
  const rows: (AuditEventsRow & {
    by: string | null;
    given_name: string | null;
    family_name: string | null;
  })[] = await query;
  const entries = rows.slice(0, atMost).map((row): AuditEntry => ({
    id: row.id,
    at: row.at.toISOString(),
    kind: row.kind as AuditKind,
    told: row.told,
    by: row.by,
    athlete:
      row.given_name === null ? null : { id: row.subject!, name: `${row.given_name} ${row.family_name}` },
  }));
  return { entries, more: rows.length > atMost };
}

/** Takes out, in every academy, what was kept for long enough. */
export async function forgetOldAudit({ db }: UnscopedStore, now: Date): Promise<void> {
  const before = new Date(now.getTime() - daysKept * dayMs);
  await db('audit_events').where('at', '<', before).delete();
  await db('audit').where('at', '<', before).delete();
}
