import type { DeletionRecord, NewDeletion, RetentionPage } from '@wrightonic/contract';
import { v7 } from 'uuid';
import type { PersonRow, UnscopedStore } from './academies';
import type { Academy } from './scope';

/** So long a deletion can be taken back, days. */
export const daysToTakeBack = 14;
const dayMs = 86_400_000;
const yearMs = 365.25 * dayMs;
/** Where nobody else may confirm, the same person does, on another day, ms. */
const alonePause = 20 * 3_600_000;

interface DeletionRow {
  id: string;
  athlete_id: string;
  given_name: string;
  family_name: string;
  reason: string;
  at: Date;
  by_person: string;
  by: string;
  confirmed_by: string | null;
  due_at: Date | null;
}

/** Deletions that were neither done nor taken back, oldest first. */
async function openDeletions(academy: Academy): Promise<DeletionRow[]> {
  const query = academy.from('deletions', 'd');
  academy.join(query, 'athletes', 'a', 'id', 'd.athlete_id');
  return academy
    .join(query, 'people', 'p', 'id', 'd.by_person')
    .leftJoin({ c: 'deletion_confirms' }, (join) =>
      join.on('c.academy_id', 'd.academy_id').andOn('c.deletion_id', 'd.id'),
    )
    .leftJoin({ q: 'people' }, (join) => join.on('q.academy_id', 'd.academy_id').andOn('q.id', 'c.by_person'))
    .leftJoin({ e: 'deletion_ends' }, (join) =>
      join.on('e.academy_id', 'd.academy_id').andOn('e.deletion_id', 'd.id'),
    )
    .whereNull('e.id')
    .orderBy('d.at')
    .select(
      'd.id',
      'd.athlete_id',
      'a.given_name',
      'a.family_name',
      'd.reason',
      'd.at',
      'd.by_person',
      'p.name as by',
      'q.name as confirmed_by',
      'c.due_at',
    );
}

/** Whether somebody else than the one who asked may confirm. */
async function othersMay(academy: Academy, by: string): Promise<boolean> {
  const others: string[] = await academy
    .from('people')
    .whereIn('role', ['owner', 'instructor'])
    .whereNull('deactivated_at')
    .whereNot({ id: by })
    .pluck('id');
  return others.length > 0;
}

async function confirmOf(
  academy: Academy,
  row: DeletionRow,
  person: PersonRow,
  now: Date,
): Promise<DeletionRecord['confirm']> {
  if (row.by_person !== person.id) return { may: true };
  if (await othersMay(academy, person.id))
    return { may: false, why: 'Another instructor or owner has to confirm it.' };
  return now.getTime() - row.at.getTime() >= alonePause
    ? { may: true }
    : { may: false, why: 'You are the only one who may confirm. Come back tomorrow and confirm it then.' };
}

export async function deletions(academy: Academy, person: PersonRow, now: Date): Promise<DeletionRecord[]> {
  const rows = await openDeletions(academy);
  return Promise.all(
    rows.map(async (row) => ({
      id: row.id,
      athlete: { id: row.athlete_id, name: `${row.given_name} ${row.family_name}` },
      reason: row.reason,
      at: row.at.toISOString(),
      by: row.by,
      confirmedBy: row.confirmed_by,
      dueAt: row.due_at?.toISOString() ?? null,
      confirm: await confirmOf(academy, row, person, now),
    })),
  );
}

/** Asks for a deletion; the athlete goes out of the lists at once. False when one is open already. */
export function askForDeletion(
  academy: Academy,
  athleteId: string,
  { id, reason }: NewDeletion,
  by: string,
): Promise<boolean> {
  return academy.transaction(async (trx) => {
    await trx.lock();
    const open = await openDeletions(trx);
    if (open.some((each) => each.athlete_id === athleteId && each.id !== id)) return false;
    const at = new Date();
    await trx.add('deletions', { id, athlete_id: athleteId, reason, at, by_person: by });
    await trx.change('athletes', athleteId, { archived_at: at });
    return true;
  });
}

/** From now on nothing of the athlete can be opened by a link, and in two weeks it is gone. */
export function confirmDeletion(
  academy: Academy,
  deletion: DeletionRecord,
  by: string,
  now: Date,
): Promise<Date> {
  const due = new Date(now.getTime() + daysToTakeBack * dayMs);
  return academy.transaction(async (trx) => {
    await trx.add('deletion_confirms', {
      id: v7(),
      deletion_id: deletion.id,
      due_at: due,
      at: now,
      by_person: by,
    });
    const of = { athlete_id: deletion.athlete.id };
    const shares: string[] = await trx.from('shares').where(of).pluck('id');
    const ended: string[] = await trx.from('share_ends').whereIn('share_id', shares).pluck('share_id');
    await trx.add(
      'share_ends',
      shares
        .filter((share) => !ended.includes(share))
        .map((share_id) => ({ id: v7(), share_id, at: now, by_person: by })),
    );
    const reports: string[] = await trx.from('reports').where(of).pluck('id');
    const over: string[] = await trx.from('report_ends').whereIn('report_id', reports).pluck('report_id');
    await trx.add(
      'report_ends',
      reports
        .filter((report) => !over.includes(report))
        .map((report_id) => ({ id: v7(), report_id, at: now, by_person: by })),
    );
    return due;
  });
}

/** Takes a deletion back: the athlete is in the lists again, links stay ended. */
export const takeBackDeletion = (academy: Academy, deletion: DeletionRecord, by: string): Promise<void> =>
  academy.transaction(async (trx) => {
    await trx.add('deletion_ends', { id: v7(), deletion_id: deletion.id, at: new Date(), by_person: by });
    await trx.change('athletes', deletion.athlete.id, { archived_at: null });
  });

/** What is due to be deleted, over all academies. */
export async function dueDeletions(
  { db }: UnscopedStore,
  now: Date,
): Promise<{ academyId: string; athleteId: string }[]> {
  const rows = await db({ c: 'deletion_confirms' })
    .join({ d: 'deletions' }, (join) =>
      join.on('d.academy_id', 'c.academy_id').andOn('d.id', 'c.deletion_id'),
    )
    .leftJoin({ e: 'deletion_ends' }, (join) =>
      join.on('e.academy_id', 'd.academy_id').andOn('e.deletion_id', 'd.id'),
    )
    .whereNull('e.id')
    .where('c.due_at', '<=', now)
    .select('d.academy_id', 'd.athlete_id');
  return rows.map((row) => ({ academyId: row.academy_id, athleteId: row.athlete_id }));
}

/** Since when an athlete is out of the lists; null where they are not. */
export async function archivedSince(academy: Academy, athleteId: string): Promise<string | null> {
  const row = await academy.from('athletes').where({ id: athleteId }).first('archived_at');
  return row?.archived_at ? row.archived_at.toISOString() : null;
}

export const setArchived = (academy: Academy, athleteId: string, archived: boolean): Promise<number> =>
  academy.change('athletes', athleteId, { archived_at: archived ? new Date() : null });

interface NamedRow {
  id: string;
  given_name: string;
  family_name: string;
}
const nameOf = ({ given_name, family_name }: NamedRow): string => `${given_name} ${family_name}`;

/** Athletes out of the lists, and those of whom nothing was heard for the years after which they are proposed. */
export async function retentionOf(
  academy: Academy,
  years: number | null,
  now: Date,
): Promise<Omit<RetentionPage, 'deletions'>> {
  const asked: string[] = (await openDeletions(academy)).map(({ athlete_id }) => athlete_id);
  const archived: (NamedRow & { archived_at: Date })[] = await academy
    .from('athletes')
    .whereNotNull('archived_at')
    .whereNotIn('id', asked)
    .orderBy('archived_at', 'desc')
    .select('id', 'given_name', 'family_name', 'archived_at');
  return {
    years,
    archived: archived.map((row) => ({
      id: row.id,
      name: nameOf(row),
      archivedAt: row.archived_at.toISOString(),
    })),
    proposed:
      years === null ? [] : await withoutContact(academy, new Date(now.getTime() - years * yearMs), asked),
  };
}

/** Athletes of whom nothing was written down since; a lesson, a look, a session, a throw or a tick at home is contact. */
async function withoutContact(
  academy: Academy,
  since: Date,
  asked: readonly string[],
): Promise<RetentionPage['proposed']> {
  const newest = await Promise.all(
    (['looks', 'sessions', 'throws', 'home_sets', 'body_sizes'] as const).map(
      (table): Promise<{ athlete_id: string; at: Date }[]> =>
        academy.from(table).groupBy('athlete_id').select('athlete_id').max({ at: 'at' }),
    ),
  );
  const lessons: { athlete_id: string; at: Date }[] = await academy
    .from('lessons')
    .groupBy('athlete_id')
    .select('athlete_id')
    .max({ at: 'starts_at' });
  const last = new Map<string, Date>();
  for (const { athlete_id, at } of [...newest.flat(), ...lessons])
    if (at > (last.get(athlete_id) ?? new Date(0))) last.set(athlete_id, at);
  const rows: NamedRow[] = await academy
    .from('athletes')
    .whereNotIn('id', asked as string[])
    .orderBy(['given_name', 'family_name'])
    .select('id', 'given_name', 'family_name');
  return rows
    .filter(({ id }) => (last.get(id) ?? new Date(0)) < since)
    .map((row) => ({
      id: row.id,
      name: nameOf(row),
      lastContact: last.get(row.id)?.toISOString() ?? null,
    }));
}
