import type {
  CampHelper,
  CampListEntry,
  CampPlanRecord,
  CheckIn,
  EventOf,
  MemberRow,
  NewCamp,
  NewChange,
} from '@wrightonic/contract';
import type { CampChange, CampSetup } from '@wrightonic/core';
import { loggedBy } from './loggedBy';
import { parsed, type Academy } from './scope';
import type { CampChangesRow, CampCheckInsRow, CampMembersRow, CampPlansRow } from './tables';

const inOrder = [{ column: 'at' }, { column: 'id' }];
const newestFirst = inOrder.map((each) => ({ ...each, order: 'desc' as const }));

/** The newest row of each subject, of rows in order. */
const newestOf = <T>(rows: readonly T[], subject: (row: T) => string): T[] => [
  ...new Map(rows.map((row) => [subject(row), row])).values(),
];

export interface StoredSetup {
  id: string;
  setup: CampSetup;
}

export function addCamp(
  academy: Academy,
  { id, setupId }: Pick<NewCamp, 'id' | 'setupId'>,
  setup: CampSetup,
  by: string,
  at = new Date(),
): Promise<void> {
  return academy.transaction(async (trx) => {
    await trx.add('camps', { id, at, by_person: by });
    await trx.add('camp_setups', {
      id: setupId,
      camp_id: id,
      before: null,
      body: JSON.stringify(setup),
      at,
      by_person: by,
    });
  });
}

/** Adds a version of something that was made of the newest one; false where another was made of it meanwhile. */
const addVersion = async (
  academy: Academy,
  table: 'camp_setups' | 'camp_plans',
  row: Record<string, unknown> & { id: string },
): Promise<boolean> => (await academy.addNew(table, [row])).has(row.id);

export const addSetup = (
  academy: Academy,
  campId: string,
  { id, before, setup }: { id: string; before: string; setup: CampSetup },
  by: string,
): Promise<boolean> =>
  addVersion(academy, 'camp_setups', {
    id,
    camp_id: campId,
    before,
    body: JSON.stringify(setup),
    at: new Date(),
    by_person: by,
  });

/** The setup of a camp as it stands; null where there is no such camp. */
export async function newestSetup(academy: Academy, campId: string): Promise<StoredSetup | null> {
  const row = await academy.from('camp_setups').where({ camp_id: campId }).orderBy(newestFirst).first();
  return row ? { id: row.id, setup: parsed(row.body) } : null;
}

export async function isArchived(academy: Academy, campId: string): Promise<boolean> {
  const row = await academy.from('camp_archivings').where({ camp_id: campId }).orderBy(newestFirst).first();
  return Boolean(row?.archived);
}

export const archive = (
  academy: Academy,
  campId: string,
  { id, archived }: { id: string; archived: boolean },
  by: string,
): Promise<void> =>
  academy.add('camp_archivings', { id, camp_id: campId, archived, at: new Date(), by_person: by });

/** Every camp, the latest first. */
export async function camps(academy: Academy): Promise<CampListEntry[]> {
  const [setups, members, plans, archivings]: Record<string, unknown>[][] = (await Promise.all([
    academy.from('camp_setups').orderBy(inOrder).select('camp_id', 'body'),
    academy.from('camp_members').orderBy(inOrder).select('camp_id', 'athlete_id', 'coming'),
    academy.from('camp_plans').distinct('camp_id'),
    academy.from('camp_archivings').orderBy(inOrder).select('camp_id', 'archived'),
  ])) as never;
  const planned = new Set(plans!.map((row) => row['camp_id']));
  const archived = new Map(archivings!.map((row) => [row['camp_id'], Boolean(row['archived'])]));
  const coming = newestOf(members!, (row) => `${row['camp_id']} ${row['athlete_id']}`).filter(
    (row) => row['coming'],
  );
  return newestOf(setups!, (row) => row['camp_id'] as string)
    .map((row): CampListEntry => {
      const { name, venue, firstDay, lastDay } = parsed<CampSetup>(row['body']);
      const id = row['camp_id'] as string;
      return {
        id,
        name,
        venue,
        firstDay,
        lastDay,
        athletes: coming.filter((each) => each['camp_id'] === id).length,
        planned: planned.has(id),
        archived: archived.get(id) ?? false,
      };
    })
    .sort((a, b) => (a.firstDay < b.firstDay ? 1 : -1));
}

export const addMembers = (
  academy: Academy,
  campId: string,
  rows: readonly MemberRow[],
  by: string,
  at = new Date(),
): Promise<void> =>
  academy.add(
    'camp_members',
    rows.map((row) => ({
      id: row.id,
      camp_id: campId,
      athlete_id: row.athleteId,
      coming: row.coming,
      from_slot: row.from,
      to_slot: row.to,
      barred: JSON.stringify(row.barred),
      restriction: row.restriction,
      at,
      by_person: by,
    })),
  );

/** Who comes, as it was said last. */
export async function membersOf(academy: Academy, campId: string): Promise<Omit<MemberRow, 'id'>[]> {
  const rows: CampMembersRow[] = await academy
    .from('camp_members')
    .where({ camp_id: campId })
    .orderBy(inOrder);
  return newestOf(rows, (row) => row.athlete_id as string).flatMap((row) =>
    row.coming
      ? [
          {
            athleteId: row.athlete_id,
            coming: true,
            from: row.from_slot,
            to: row.to_slot,
            barred: parsed(row.barred),
            restriction: row.restriction,
          },
        ]
      : [],
  );
}

export const addChange = (academy: Academy, campId: string, change: NewChange, by: string): Promise<void> =>
  academy.add('camp_changes', {
    id: change.id,
    camp_id: campId,
    kind: change.kind,
    subject: change.subject,
    slot: change.slot,
    ends: change.ends,
    at: new Date(),
    by_person: by,
  });

/** What happened while the camp ran, and holds. */
export async function changesOf(academy: Academy, campId: string): Promise<CampChange[]> {
  const rows: CampChangesRow[] = await academy
    .from('camp_changes')
    .where({ camp_id: campId })
    .orderBy(inOrder);
  const ended = new Set(rows.map(({ ends }) => ends));
  return rows.flatMap(({ id, kind, subject, slot, ends }) =>
    ends || ended.has(id) ? [] : [{ id, kind: kind as CampChange['kind'], subject, slot }],
  );
}

export const addPlan = (
  academy: Academy,
  campId: string,
  { id, at, why, setupId, by, ...body }: CampPlanRecord,
  before: string | null,
  byPerson: string,
): Promise<boolean> =>
  addVersion(academy, 'camp_plans', {
    id,
    camp_id: campId,
    before,
    setup_id: setupId,
    why,
    body: JSON.stringify({ ...body, by }),
    at: new Date(at),
    by_person: byPerson,
  });

const planOf = (row: {
  id: string;
  at: Date;
  why: string;
  setup_id: string;
  body: string;
}): CampPlanRecord => ({
  ...parsed<CampPlanRecord>(row.body),
  id: row.id,
  at: row.at.toISOString(),
  why: row.why,
  setupId: row.setup_id,
});

/** The plan that holds, and those before it, newest first. */
export async function plansOf(
  academy: Academy,
  campId: string,
): Promise<{ plan: CampPlanRecord | null; earlier: { id: string; at: string; why: string }[] }> {
  const of = () => academy.from('camp_plans').where({ camp_id: campId }).orderBy(newestFirst);
  const [newest, all]: [CampPlansRow | undefined, Pick<CampPlansRow, 'id' | 'at' | 'why'>[]] =
    await Promise.all([of().first(), of().select('id', 'at', 'why').limit(31)]);
  return {
    plan: newest ? planOf(newest) : null,
    earlier: all.slice(1).map(({ id, at, why }) => ({ id, at: at.toISOString(), why })),
  };
}

export async function planById(academy: Academy, campId: string, id: string): Promise<CampPlanRecord | null> {
  const row = await academy.from('camp_plans').where({ camp_id: campId, id }).first();
  return row ? planOf(row) : null;
}

export const storeCheckIn = (
  academy: Academy,
  event: EventOf<'camp-checked-in'>,
  by: string,
): Promise<void> =>
  academy.add('camp_check_ins', {
    ...loggedBy(event, by),
    camp_id: event.campId,
    athlete_id: event.athleteId,
    date: event.date,
    state: event.state,
    restriction: event.restriction,
    picked_up_by: event.pickedUpBy,
  });

/** The newest word on each athlete and day. */
export async function checkInsOf(academy: Academy, campId: string): Promise<Map<string, CheckIn[]>> {
  const rows: CampCheckInsRow[] = await academy
    .from('camp_check_ins')
    .where({ camp_id: campId })
    .orderBy(inOrder);
  const byAthlete = new Map<string, CheckIn[]>();
  for (const row of newestOf(rows, ({ athlete_id, date }) => `${athlete_id} ${date}`))
    byAthlete.set(row.athlete_id, [
      ...(byAthlete.get(row.athlete_id) ?? []),
      {
        date: row.date,
        state: row.state as CheckIn['state'],
        restriction: row.restriction,
        pickedUpBy: row.picked_up_by,
      },
    ]);
  return byAthlete;
}

/** Accounts of those who help at a camp. */
export const helpersOf = (academy: Academy, campId: string): Promise<CampHelper[]> =>
  academy.from('people').where({ camp_id: campId }).orderBy(['name', 'id']).select('id', 'name', 'email');

/** Makes one; false where the e-mail address is somebody's already. */
export async function addHelper(
  academy: Academy,
  campId: string,
  { id, name, email }: CampHelper,
  passwordHash: string,
): Promise<boolean> {
  const row = {
    id,
    name,
    email: email.toLowerCase(),
    password_hash: passwordHash,
    role: 'assistant',
    approach: JSON.stringify({ leave: null, lift: null, teach: null, hips: null }),
    camp_id: campId,
  };
  return (await academy.addNew('people', [row])).has(id);
}
