/** One mile an hour in metres a second, exactly. */
export const mph = 0.44704;
/**
 * Velocity from mph to m/s.
 *
 * @example fromMph(100) // 44.704
 */
export const fromMph = (value: number): number => value * mph;
/**
 * Velocity from m/s to mph.
 *
 * @example toMph(44.704) // 100
 */
export const toMph = (value: number): number => value / mph;
/**
 * Velocity from m/s to km/h.
 *
 * @example toKmh(10) // 36
 */
export const toKmh = (value: number): number => value * 3.6;

/**
 * How many digits behind the point two figures need to be told apart, 1 or 2: a change of 1.54 is over a bound of 1.46.
 *
 * @param a in the unit that is written, as `b`
 * @example digitsApart(1.54, 1.46) // 2
 */
export const digitsApart = (a: number, b: number): 1 | 2 => (a.toFixed(1) === b.toFixed(1) ? 2 : 1);

export type VelocityUnit = 'mph' | 'km/h';
/**
 * A velocity in m/s in the unit that the reader likes.
 *
 * @example velocityIn(44.704, 'mph') // 100
 */
export const velocityIn = (value: number, unit: VelocityUnit): number =>
  unit === 'mph' ? toMph(value) : toKmh(value);
/**
 * A velocity typed in the reader's unit, in m/s.
 *
 * @example velocityFrom(90, 'km/h') // 25
 */
export const velocityFrom = (value: number, unit: VelocityUnit): number =>
  unit === 'mph' ? fromMph(value) : value / 3.6;

export * from './day';
export * from './fieldError';
export { isTime, minutesOf, timeOfMinutes, typedInstant, venueInstant, venueTimeOf } from './venueTime';
export * from './sizes';
export * from './weekday';
export * from './capital';
