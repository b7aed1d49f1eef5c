import type { AcademyRow } from '../academies';

type Settings = Record<string, string | number | null>;

/** What holds for an academy beside its tables, by column. */
export const settingsOf = (row: AcademyRow): Settings => ({
  name: row.name,
  zone: row.zone,
  equipment: JSON.stringify(row.equipment),
  week_throws: row.weekThrows,
  build_up_weeks: row.buildUpWeeks,
  ramp_percent: row.rampPercent,
  carry_days: row.carryDays,
  all_hard: Number(row.allHard),
  growth_note: Number(row.growthNote),
  retention_years: row.retentionYears,
});

const numeric = new Set([
  'week_throws',
  'build_up_weeks',
  'ramp_percent',
  'carry_days',
  'all_hard',
  'growth_note',
  'retention_years',
]);

const isZone = (zone: unknown): boolean => {
  try {
    return typeof zone === 'string' && Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
};

/** The same from an archive, as far as it is what it should be; the rest stays as it is here. */
export function settingsFrom(given: Readonly<Record<string, unknown>>): Settings {
  const read: Settings = {};
  if (typeof given['name'] === 'string' && given['name'].trim()) read['name'] = given['name'].slice(0, 120);
  if (isZone(given['zone'])) read['zone'] = given['zone'] as string;
  for (const name of numeric) {
    const value = given[name];
    if (Number.isInteger(value) && (value as number) >= 0 && (value as number) < 10_000)
      read[name] = value as number;
  }
  try {
    const equipment: unknown = JSON.parse(String(given['equipment']));
    if (Array.isArray(equipment) && equipment.every((thing) => typeof thing === 'string'))
      read['equipment'] = JSON.stringify(equipment);
  } catch {
    // What the academy has stays as it is.
  }
  return read;
}
