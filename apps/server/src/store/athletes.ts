import { dayAt } from '@wrightonic/core';
import type { AthleteForm, SentPreferences } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { parsed, type Academy } from './scope';
import type { AthletesRow } from './tables';

export type AthleteRow = AthleteForm & { id: string };

const toRow = (form: AthleteForm) => ({
  given_name: form.givenName,
  family_name: form.familyName,
  discipline: form.discipline,
  throws: form.throws,
  birthdate: form.birthdate,
  height_cm: form.heightCm,
  mass_kg: form.massKg,
  equipment: JSON.stringify(form.equipment),
  approach: JSON.stringify(form.approach),
  note: form.note,
  level: form.level,
  sex: form.sex,
  teams: JSON.stringify(form.teams),
  days: JSON.stringify(form.days),
  voice: form.voice,
  guardians: JSON.stringify(form.guardians),
  allergies: form.allergies,
  league: JSON.stringify(form.league),
});

const number = (value: unknown): number | null => (value === null ? null : Number(value));

const fromRow = (row: AthletesRow): AthleteRow => ({
  id: row.id,
  givenName: row.given_name,
  familyName: row.family_name,
  discipline: row.discipline,
  throws: row.throws,
  birthdate: row.birthdate,
  heightCm: number(row.height_cm),
  massKg: number(row.mass_kg),
  equipment: parsed(row.equipment),
  approach: parsed(row.approach),
  note: row.note,
  level: row.level,
  sex: row.sex,
  teams: parsed(row.teams),
  days: parsed(row.days),
  voice: row.voice,
  guardians: parsed(row.guardians),
  allergies: row.allergies,
  league: parsed(row.league),
});

export async function athletes(academy: Academy): Promise<AthleteRow[]> {
  const rows = await academy.from('athletes').orderBy(['given_name', 'family_name', 'id']);
  return rows.map(fromRow);
}

/** Some athletes, by name. */
export async function athletesOf(academy: Academy, ids: readonly string[]): Promise<AthleteRow[]> {
  const rows = await academy
    .from('athletes')
    .whereIn('id', ids as string[])
    .orderBy(['given_name', 'family_name', 'id']);
  return rows.map(fromRow);
}

export type RosterName = Pick<
  AthleteRow,
  'id' | 'givenName' | 'familyName' | 'discipline' | 'throws' | 'birthdate'
> & {
  /** JSON of the days with time to work. */
  days: string;
};

/** Every athlete of every list, archived ones too. */
export const athleteIds = (academy: Academy): Promise<string[]> =>
  academy.from('athletes').pluck('id') as Promise<string[]>;

/** Athletes by name, with what a line of the roster needs and nothing else; archived ones are left out. */
export const rosterNames = (academy: Academy): Promise<RosterName[]> =>
  academy.from('athletes').whereNull('archived_at').orderBy(['given_name', 'family_name', 'id']).select({
    id: 'id',
    givenName: 'given_name',
    familyName: 'family_name',
    discipline: 'discipline',
    throws: 'throws',
    birthdate: 'birthdate',
    days: 'days',
  });

/** How some athletes are called, by id. */
export async function namesOf(academy: Academy, ids: readonly string[]): Promise<Map<string, string>> {
  if (ids.length === 0) return new Map();
  const rows: { id: string; given_name: string; family_name: string }[] = await academy
    .from('athletes')
    .whereIn('id', ids as string[])
    .select('id', 'given_name', 'family_name');
  return new Map(rows.map((row) => [row.id, `${row.given_name} ${row.family_name}`]));
}

export async function athlete(academy: Academy, id: string): Promise<AthleteRow | null> {
  const row = await academy.from('athletes').where({ id }).first();
  return row ? fromRow(row) : null;
}

/** The size that was written down with an athlete is the first line of the growth. */
const firstSize = (athlete: AthleteRow, at: Date, zone: string, by: string) => ({
  // One to one with its athlete, so that adding twice adds nothing.
  id: athlete.id,
  athlete_id: athlete.id,
  date: dayAt(at, zone),
  height_cm: athlete.heightCm,
  mass_kg: athlete.massKg,
  at,
  by_person: by,
});

/** Adds athletes, all or none. */
export async function addAthletes(
  academy: Academy,
  forms: readonly AthleteRow[],
  zone: string,
  by: string,
  at = new Date(),
): Promise<void> {
  await academy.transaction(async (trx) => {
    await trx.add(
      'athletes',
      forms.map((form) => ({ id: form.id, ...toRow(form) })),
    );
    await trx.add(
      'body_sizes',
      forms
        .filter(({ heightCm, massKg }) => heightCm !== null || massKg !== null)
        .map((form) => firstSize(form, at, zone, by)),
    );
    await trx.add(
      'athlete_states',
      forms.map(({ id }) => ({ athlete_id: id, clean: true })),
    );
  });
}

/** Changes an athlete and keeps what stood there before; false when there is no such athlete. */
export function changeAthlete(
  academy: Academy,
  id: string,
  form: AthleteForm,
  zone: string,
  by: string,
): Promise<boolean> {
  return academy.transaction(async (trx) => {
    const was = await athlete(trx, id);
    if (!was) return false;
    await trx.change('athletes', id, toRow(form));
    await trx.touch('athlete_states', { athlete_id: id });
    if (
      (form.heightCm !== was.heightCm || form.massKg !== was.massKg) &&
      (form.heightCm !== null || form.massKg !== null)
    )
      await trx.add('body_sizes', { ...firstSize({ ...form, id }, new Date(), zone, by), id: v7() });
    await audit(trx, 'athlete changed', id, was, by);
    return true;
  });
}

export function changePreferences(
  academy: Academy,
  personId: string,
  preferences: SentPreferences,
): Promise<void> {
  return academy.transaction(async (trx) => {
    const was = await trx
      .from('people')
      .where({ id: personId })
      .first(
        'hand',
        'velocity_unit',
        'size_unit',
        'zone_view',
        'date_order',
        'hours',
        'good_strikes',
        'approach',
      );
    await trx.change('people', personId, {
      hand: preferences.hand,
      velocity_unit: preferences.velocityUnit,
      size_unit: preferences.sizeUnit,
      zone_view: preferences.zoneView,
      date_order: preferences.dateOrder ?? was.date_order,
      hours: preferences.hours ?? was.hours,
      good_strikes: preferences.goodStrikes,
      approach: JSON.stringify(preferences.approach),
    });
    await audit(trx, 'profile changed', personId, was, personId);
  });
}

const audit = (academy: Academy, action: string, subject: string, was: unknown, by: string): Promise<void> =>
  academy.add('audit', {
    id: v7(),
    action,
    subject,
    was: JSON.stringify(was),
    at: new Date(),
    by_person: by,
  });
