import { fromMph, type Flight } from '@wrightonic/core';
import Joi from 'joi';
import { check, type Problem } from './check';
import { toldFlight, type FlightReading } from './flight';
import { id, instant, line } from './shared';

/** A reading as it goes along a radar line. */
export interface RadarReading {
  /** The throw that it becomes has the same id, so that it counts once on however many devices. */
  id: string;
  /** m/s */
  velocity: number;
  at: string;
  flight?: Flight;
}

const units = ['mph', 'km/h', 'm/s'] as const;

/** What an instrument sends: one JSON document a line. */
export interface DeviceReading extends FlightReading {
  velocity: number;
  unit: (typeof units)[number];
  /** When it was measured, by the instrument's clock; else when it arrives. */
  at?: string;
  /** What the instrument calls it: sent twice it counts once. */
  ref?: string;
}

/** Whatever is slower or faster is no throw of a ball. */
const ranges: Readonly<Record<DeviceReading['unit'], readonly [least: number, most: number]>> = {
  mph: [3, 150],
  'km/h': [5, 240],
  'm/s': [1.4, 67],
};

export const deviceReading = Joi.object<DeviceReading>({
  velocity: Joi.when('unit', {
    switch: units.map((unit) => ({
      is: unit,
      then: Joi.number().min(ranges[unit][0]).max(ranges[unit][1]).required(),
    })),
    otherwise: Joi.number().required(),
  }),
  unit: Joi.valid(...units).required(),
  at: instant,
  ref: line(60),
  ...toldFlight,
}).required();

/** A reading in m/s. */
export const readingVelocity = ({ velocity, unit }: DeviceReading): number =>
  unit === 'mph' ? fromMph(velocity) : unit === 'km/h' ? velocity / 3.6 : velocity;

/** As much as an instrument may have kept while it had no connection. */
export const mostLines = 200;

/** Reads what an instrument sent; where any line is wrong, what is wrong with each. */
export function deviceReadings(
  text: string,
): { readings: DeviceReading[]; problems?: never } | { problems: Problem[]; readings?: never } {
  const lines = text.split(/\r?\n/).filter((each) => each.trim() !== '');
  const inputProblem = (message: string) => ({ problems: [{ field: 'input', message, text: message }] });
  if (lines.length === 0) return inputProblem('There is no reading: send one JSON document a line.');
  if (lines.length > mostLines)
    return inputProblem(`These are ${lines.length} lines; send at most ${mostLines}.`);
  const problems: Problem[] = [];
  const readings = lines.flatMap((each, n): DeviceReading[] => {
    const at = lines.length > 1 ? `line ${n + 1}: ` : '';
    let value: unknown;
    try {
      value = JSON.parse(each);
    } catch {
      const text = 'this is not a JSON document';
      problems.push({ field: `line ${n + 1}`, message: `${at}${text}`, text });
      return [];
    }
    const checked = check(deviceReading, value);
    if (!checked.problems) return [checked.value];
    problems.push(...checked.problems.map((each) => ({ ...each, message: `${at}${each.message}` })));
    return [];
  });
  return problems.length ? { problems } : { readings };
}

export interface NewDevice {
  id: string;
  name: string;
}

export const newDevice = Joi.object<NewDevice>({
  id: id.required(),
  name: line(60).label('Name').required(),
}).required();

/** Its key does not open the door any more. */
export const deviceEnd = Joi.object<{ id: string }>({ id: id.required() }).required();

export interface DeviceRecord {
  id: string;
  name: string;
  at: string;
  by: string;
  ended: boolean;
  /** When it sent something last; null before the first reading. */
  heard: string | null;
}

/** The key is told once, when the device is made known. */
export interface MadeDevice {
  id: string;
  key: string;
}

/** What a pretend line is made for. */
export interface SimulatedWish {
  athlete: string;
  /** Percent. */
  effort: string;
  /** Milliseconds between throws. */
  every?: string;
}

export const simulatedWish = Joi.object<SimulatedWish>({
  athlete: id.required(),
  effort: Joi.string()
    .pattern(/^(\d\d|100)$/, 'whole percent from 10 to 100')
    .required(),
  every: Joi.string().pattern(/^\d{3,5}$/, 'milliseconds from 100 to 99999'),
}).required();
