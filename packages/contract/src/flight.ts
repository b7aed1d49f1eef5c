import { flightFields, flightRanges, type Flight } from '@wrightonic/core';
import Joi from 'joi';

/** Spin and movement of a throw; what nobody measured is left out. */
export const flight = Joi.object<Flight>(
  Object.fromEntries(
    flightFields.map((field) => [
      field,
      Joi.number().min(flightRanges[field][0]).max(flightRanges[field][1]),
    ]),
  ),
).min(1);

const cmPerInch = 2.54;

/** The same as a device or a table says it: breaks in inches, toward the arm side and upward. */
export interface FlightReading {
  spin_rpm?: number;
  spin_axis?: number;
  break_arm_in?: number;
  break_up_in?: number;
}

const inches = ([atLeast, atMost]: readonly [number, number]) =>
  Joi.number()
    .min(Math.ceil(atLeast / cmPerInch))
    .max(Math.floor(atMost / cmPerInch));

export const toldFlight: Record<keyof FlightReading, Joi.NumberSchema> = {
  spin_rpm: Joi.number().min(flightRanges.spinRpm[0]).max(flightRanges.spinRpm[1]),
  spin_axis: Joi.number().min(flightRanges.spinAxis[0]).max(flightRanges.spinAxis[1]),
  break_arm_in: inches(flightRanges.armCm),
  break_up_in: inches(flightRanges.upCm),
};

/** What was told, in our own units; undefined where nothing was. */
export function flightOf(reading: FlightReading): Flight | undefined {
  const found: Flight = {
    ...(reading.spin_rpm === undefined ? {} : { spinRpm: reading.spin_rpm }),
    ...(reading.spin_axis === undefined ? {} : { spinAxis: reading.spin_axis }),
    ...(reading.break_arm_in === undefined ? {} : { armCm: reading.break_arm_in * cmPerInch }),
    ...(reading.break_up_in === undefined ? {} : { upCm: reading.break_up_in * cmPerInch }),
  };
  return Object.keys(found).length ? found : undefined;
}
