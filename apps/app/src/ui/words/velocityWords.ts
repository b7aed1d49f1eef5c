import { velocityIn, type EffortCurve, type VelocityUnit } from '@wrightonic/core';

/** A velocity, m/s, with its unit. */
export const said = (value: number, unit: VelocityUnit, digits = 1): string =>
  `${velocityIn(value, unit).toFixed(digits)} ${unit}`;

/** A change of velocity, m/s, with its sign and unit. */
export const signed = (value: number, unit: VelocityUnit, digits = 1): string => {
  const size = velocityIn(Math.abs(value), unit).toFixed(digits);
  const sign = value < 0 ? '−' : '+';
  // What rounds to nothing went neither way.
  return `${Number(size) === 0 ? '' : sign}${size} ${unit}`;
};

export function effortSentence(effort: EffortCurve | null, unit: VelocityUnit): string {
  if (!effort) return 'Three efforts with three throws each, such as 60, 80 and 100, draw this line.';
  const climb = `Ten points of effort are worth ${said(effort.slopePer10, unit)}.`;
  if (effort.d === null || effort.severity === null)
    return `${climb} Two efforts at least 15 points apart would show whether the last twenty pay.`;
  const share = `100 gives ${(100 * effort.d).toFixed(1)} % more than 80`;
  if (effort.severity === 0) return `${climb} ${share}: it climbs as it should.`;
  return `${climb} ${share}: the extra effort goes in at the wrong place.`;
}
