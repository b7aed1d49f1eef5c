/** One mile an hour in metres a second, exactly. */
export const mph = 0.44704;
/** Velocity from mph to m/s. */
export const fromMph = (value: number): number => value * mph;
/** Velocity from m/s to mph. */
export const toMph = (value: number): number => value / mph;
/** Velocity from m/s to km/h. */
export const toKmh = (value: number): number => value * 3.6;

export type VelocityUnit = 'mph' | 'km/h';
/** A velocity in m/s in the unit that the reader likes. */
export const velocityIn = (value: number, unit: VelocityUnit): number =>
  unit === 'mph' ? toMph(value) : toKmh(value);
/** A velocity typed in the reader's unit, in m/s. */
export const velocityFrom = (value: number, unit: VelocityUnit): number =>
  unit === 'mph' ? fromMph(value) : value / 3.6;

/** Whole years between two ISO dates; the age on the day. */
export function ageOn(birthdate: string, date: string): number {
  const [by, bm, bd] = birthdate.split('-').map(Number) as [number, number, number];
  const [y, m, d] = date.split('-').map(Number) as [number, number, number];
  return y - by - (m < bm || (m === bm && d < bd) ? 1 : 0);
}

/** An ISO day some days later, or earlier. */
export function addDays(date: string, days: number): string {
  const at = new Date(`${date}T00:00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
}

/** Whole days from one ISO day to another; negative when the second is earlier. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);
