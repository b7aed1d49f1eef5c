import type { AthleteForm, Profile } from '@wrightonic/contract';
import { v7 } from 'uuid';
import { parsed, type Academy } from './scope';

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
});

const number = (value: unknown): number | null => (value === null ? null : Number(value));

const fromRow = (row: Record<string, any>): AthleteRow => ({
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
});

export async function athletes(academy: Academy): Promise<AthleteRow[]> {
  const rows = await academy.from('athletes').orderBy(['given_name', 'family_name', 'id']);
  return rows.map(fromRow);
}

export async function athlete(academy: Academy, id: string): Promise<AthleteRow | null> {
  const row = await academy.from('athletes').where({ id }).first();
  return row ? fromRow(row) : null;
}

export const addAthlete = (academy: Academy, form: AthleteRow): Promise<void> =>
  academy.add('athletes', { id: form.id, ...toRow(form) });

/** Changes an athlete and keeps what stood there before; false when there is no such athlete. */
export function changeAthlete(academy: Academy, id: string, form: AthleteForm, by: string): Promise<boolean> {
  return academy.whole(async (whole) => {
    const was = await athlete(whole, id);
    if (!was) return false;
    await whole.change('athletes', id, toRow(form));
    await audit(whole, 'athlete changed', id, was, by);
    return true;
  });
}

export function changeProfile(academy: Academy, personId: string, profile: Profile): Promise<void> {
  return academy.whole(async (whole) => {
    const was = await whole.from('people').where({ id: personId }).first('hand', 'velocity_unit', 'approach');
    await whole.change('people', personId, {
      hand: profile.hand,
      velocity_unit: profile.velocityUnit,
      approach: JSON.stringify(profile.approach),
    });
    await audit(whole, 'profile changed', personId, was, personId);
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
