import type { AcademyPlanning } from '@wrightonic/contract';
import type { Role } from '@wrightonic/core';
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { again } from './again';
import { alone } from './alone';
import type { AcademiesRow, PeopleRow } from './tables';

export interface AcademyRow {
  id: string;
  name: string;
  zone: string;
  demo: boolean;
  equipment: string[];
  /** Null: three times the day's maximum. */
  weekThrows: number | null;
  /** Null: half the lay-off. */
  buildUpWeeks: number | null;
  rampPercent: number;
  carryDays: number;
  allHard: boolean;
  growthNote: boolean;
  /** Athletes without contact for so many years are proposed for deletion; null: nobody is. */
  retentionYears: number | null;
}

/** What an academy is founded with; the rest has its usual value. */
export type NewAcademy = Pick<AcademyRow, 'id' | 'name' | 'zone' | 'demo' | 'equipment'>;

export interface PersonRow {
  id: string;
  academyId: string;
  email: string;
  name: string;
  passwordHash: string;
  role: Role;
  /** Whoever left can no longer get in; null while they may. */
  deactivatedAt: Date | null;
  /** Of the authenticator; null without a second factor. */
  totpSecret: string | null;
  /** Of somebody who helps at one camp; null for everybody else. */
  campId: string | null;
  hand: 'R' | 'L';
  velocityUnit: 'mph' | 'km/h';
  sizeUnit: 'us' | 'metric';
  zoneView: 'pitcher' | 'catcher';
  dateOrder: 'auto' | 'month-day' | 'day-month';
  hours: 'auto' | '12' | '24';
  goodStrikes: number;
  approach: Record<'leave' | 'lift' | 'teach' | 'hips', string | null>;
}

const person = (row: PeopleRow): PersonRow => ({
  id: row.id,
  academyId: row.academy_id,
  email: row.email,
  name: row.name,
  passwordHash: row.password_hash,
  role: row.role,
  deactivatedAt: row.deactivated_at,
  totpSecret: row.totp_secret,
  campId: row.camp_id,
  hand: row.hand,
  velocityUnit: row.velocity_unit,
  sizeUnit: row.size_unit,
  zoneView: row.zone_view,
  dateOrder: row.date_order,
  hours: row.hours,
  goodStrikes: row.good_strikes,
  approach: JSON.parse(row.approach),
});

const academy = (row: AcademiesRow): AcademyRow => ({
  id: row.id,
  name: row.name,
  zone: row.zone,
  demo: Boolean(row.demo),
  equipment: JSON.parse(row.equipment),
  weekThrows: row.week_throws,
  buildUpWeeks: row.build_up_weeks,
  rampPercent: row.ramp_percent,
  carryDays: row.carry_days,
  allHard: Boolean(row.all_hard),
  growthNote: Boolean(row.growth_note),
  retentionYears: row.retention_years,
});

/** Before anyone is signed in there is no academy to be held to: these few queries look across all of them. */
export class UnscopedStore {
  constructor(readonly db: Knex) {}

  async personByEmail(email: string): Promise<PersonRow | null> {
    const row = await this.db('people').where({ email: email.toLowerCase() }).first();
    return row ? person(row) : null;
  }

  /** Accounts of some addresses, whichever academy they are of. */
  peopleByEmail(emails: readonly string[]): Promise<{ id: string; academyId: string; email: string }[]> {
    return this.db('people')
      .whereIn(
        'email',
        emails.map((email) => email.toLowerCase()),
      )
      .select({ id: 'id', academyId: 'academy_id', email: 'email' });
  }

  /** Those of some hashes of secrets that open something already. */
  async takenHashes(hashes: readonly string[]): Promise<Set<string>> {
    const found = await Promise.all(
      (['shares', 'reports', 'camp_links'] as const).map((table): Promise<string[]> =>
        this.db(table).whereIn('token_hash', hashes).pluck('token_hash'),
      ),
    );
    const keys: string[] = await this.db('devices').whereIn('key_hash', hashes).pluck('key_hash');
    return new Set([...found.flat(), ...keys]);
  }

  async person(academyId: string, id: string): Promise<PersonRow | null> {
    const row = await this.db('people').where({ academy_id: academyId, id }).first();
    return row ? person(row) : null;
  }

  async academy(id: string): Promise<AcademyRow | null> {
    const row = await this.db('academies').where({ id }).first();
    return row ? academy(row) : null;
  }

  /** What a link leads to; null when it ran out, was taken back, or never was. */
  async share(
    tokenHash: string,
    now: Date,
  ): Promise<{ id: string; academyId: string; athleteId: string; expiresAt: Date; names: boolean } | null> {
    const row = await this.db({ s: 'shares' })
      .leftJoin({ e: 'share_ends' }, (join) =>
        join.on('e.academy_id', 's.academy_id').andOn('e.share_id', 's.id'),
      )
      .where({ 's.token_hash': tokenHash })
      .where('s.expires_at', '>', now)
      .whereNull('e.id')
      .first('s.id', 's.academy_id', 's.athlete_id', 's.expires_at', 's.names');
    return row
      ? {
          id: row.id,
          academyId: row.academy_id,
          athleteId: row.athlete_id,
          expiresAt: row.expires_at,
          names: Boolean(row.names),
        }
      : null;
  }

  /** What a link of a camp leads to; null when it ran out, was taken back, or never was. */
  async campLink(
    tokenHash: string,
    kind: 'sign-up' | 'card',
    now: Date,
  ): Promise<{ id: string; academyId: string; campId: string; athleteId: string | null } | null> {
    const row = await this.db({ l: 'camp_links' })
      .leftJoin({ e: 'camp_link_ends' }, (join) =>
        join.on('e.academy_id', 'l.academy_id').andOn('e.link_id', 'l.id'),
      )
      .where({ 'l.token_hash': tokenHash, 'l.kind': kind })
      .where('l.expires_at', '>', now)
      .whereNull('e.id')
      .first('l.id', 'l.academy_id', 'l.camp_id', 'l.athlete_id');
    return row
      ? { id: row.id, academyId: row.academy_id, campId: row.camp_id, athleteId: row.athlete_id }
      : null;
  }

  /** Which report a link opens; null when it ran out, was taken back, or never was. */
  async report(
    tokenHash: string,
    now: Date,
  ): Promise<{ id: string; academyId: string; expiresAt: Date } | null> {
    const row = await this.db({ r: 'reports' })
      .leftJoin({ e: 'report_ends' }, (join) =>
        join.on('e.academy_id', 'r.academy_id').andOn('e.report_id', 'r.id'),
      )
      .where({ 'r.token_hash': tokenHash })
      .where('r.expires_at', '>', now)
      .whereNull('e.id')
      .first('r.id', 'r.academy_id', 'r.expires_at');
    return row ? { id: row.id, academyId: row.academy_id, expiresAt: row.expires_at } : null;
  }

  /** Whose calendar an address is; null when it was renewed, or never was. */
  async feed(tokenHash: string): Promise<{ academyId: string; personId: string } | null> {
    const row = await this.db({ f: 'feeds' })
      .leftJoin({ e: 'feed_ends' }, (join) =>
        join.on('e.academy_id', 'f.academy_id').andOn('e.feed_id', 'f.id'),
      )
      .where({ 'f.token_hash': tokenHash })
      .whereNull('e.id')
      .first('f.academy_id', 'f.person_id');
    return row ? { academyId: row.academy_id, personId: row.person_id } : null;
  }

  /** The device that a key belongs to; null when there is none, or it was taken back. */
  async device(keyHash: string): Promise<{ academyId: string; id: string } | null> {
    const row = await this.db({ d: 'devices' })
      .leftJoin({ e: 'device_ends' }, (join) =>
        join.on('e.academy_id', 'd.academy_id').andOn('e.device_id', 'd.id'),
      )
      .where({ 'd.key_hash': keyHash })
      .whereNull('e.id')
      .first('d.academy_id', 'd.id');
    return row ? { academyId: row.academy_id, id: row.id } : null;
  }

  /** Ends every session of a person; answers with their ids. */
  async endSessions(personId: string): Promise<string[]> {
    const own = () => this.db('web_sessions').whereRaw("json_value(sess, '$.personId') = ?", [personId]);
    const ids: string[] = await own().pluck('sid');
    await own().delete();
    return ids;
  }

  /** Ends one session. */
  endSession(sid: string): Promise<number> {
    return this.db('web_sessions').where({ sid }).delete();
  }

  /** Whether a session is still there and of a person. */
  async sessionLives(sid: string): Promise<boolean> {
    const row = await this.db('web_sessions')
      .where({ sid })
      .where('expired', '>', new Date())
      .whereRaw("json_value(sess, '$.personId') is not null")
      .first('sid');
    return row !== undefined;
  }

  /**
   * The owner of the demo academy, when the demo data is loaded and no real academy stands beside it.
   *
   * @param always also beside real academies
   */
  async demoOwner(always: boolean): Promise<PersonRow | null> {
    if (!always && (await this.db('academies').where({ demo: 0 }).first('id'))) return null;
    const row = await this.db('people')
      .join('academies', 'academies.id', 'people.academy_id')
      .where('academies.demo', 1)
      .where('people.role', 'owner')
      .whereNull('people.deactivated_at')
      .first<PeopleRow | undefined>('people.*');
    return row ? person(row) : null;
  }

  /** Settles what holds for every plan of an academy, and keeps what stood there before. */
  async changePlanning(academyId: string, planning: AcademyPlanning, by: string): Promise<void> {
    const columns = {
      equipment: JSON.stringify(planning.equipment),
      week_throws: planning.weekThrows,
      build_up_weeks: planning.buildUpWeeks,
      ramp_percent: planning.rampPercent,
      carry_days: planning.carryDays,
      all_hard: planning.allHard,
      growth_note: planning.growthNote,
    };
    await again(() =>
      this.db.transaction(async (t) => {
        const was = await t('academies').where({ id: academyId }).forUpdate().first(Object.keys(columns));
        await t('academies').where({ id: academyId }).update(columns);
        await t('audit').insert({
          academy_id: academyId,
          id: v7(),
          action: 'planning changed',
          subject: academyId,
          was: JSON.stringify(was),
          at: new Date(),
          by_person: by,
        });
      }),
    );
  }

  /** Work that only one may do at a time on this database. */
  alone<T>(name: string, work: () => Promise<T>): Promise<T> {
    return alone(this.db, name, work);
  }

  academyIds(): Promise<string[]> {
    return this.db('academies').orderBy('id').pluck('id');
  }

  async isEmpty(): Promise<boolean> {
    return !(await this.db('academies').first('id'));
  }

  async found(
    academy: NewAcademy,
    people: readonly (Pick<
      PersonRow,
      'id' | 'email' | 'name' | 'passwordHash' | 'role' | 'hand' | 'velocityUnit' | 'approach'
    > &
      Partial<Pick<PersonRow, 'sizeUnit'>>)[],
  ): Promise<void> {
    await again(() =>
      this.db.transaction(async (t) => {
        await t('academies').insert({ ...academy, equipment: JSON.stringify(academy.equipment) });
        for (const p of people)
          await t('people').insert({
            academy_id: academy.id,
            id: p.id,
            email: p.email.toLowerCase(),
            name: p.name,
            password_hash: p.passwordHash,
            role: p.role,
            hand: p.hand,
            velocity_unit: p.velocityUnit,
            ...(p.sizeUnit ? { size_unit: p.sizeUnit } : {}),
            approach: JSON.stringify(p.approach),
          });
      }),
    );
  }
}
