import { texts } from './texts';

/** Lengths and weights as somebody writes them: feet, inches and pounds, or metric. */
export type SizeUnit = 'us' | 'metric';
/** What a size is of; it is kept in cm or in kg. */
export type SizeKind = 'length' | 'mass';

const cmPerInch = 2.54;
const kgPerPound = 0.45359237;

/** @example kgOfPounds(100) // 45.359237 */
export const kgOfPounds = (pounds: number): number => pounds * kgPerPound;
/** @example poundsOfKg(45.359237) // 100 */
export const poundsOfKg = (kg: number): number => kg / kgPerPound;

export type ReadSize = { value: number | null; wrong?: never } | { value?: never; wrong: string };

const number = (text: string): number => Number(text.replace(',', '.'));
const rounded = (value: number): number => Math.round(value * 100) / 100;

/** Feet and inches: 6'1", 6 ft 1, 6-1; or inches alone: 73 in, 73". */
const feetForm = /^(\d+)\s*(?:'|’|′|ft\.?|feet|-|\s)\s*(?:(\d+(?:[.,]\d+)?)\s*(?:"|”|″|''|in\.?|inches)?)?$/i;
const inchForm = /^(\d+(?:[.,]\d+)?)\s*(?:"|”|″|''|in\.?|inches)$/i;
const metreForm = /^(\d+[.,]\d+)\s*m$/i;
const cmForm = /^(\d+(?:[.,]\d+)?)\s*(?:cm)?$/i;
const poundForm = /^(\d+(?:[.,]\d+)?)\s*(?:lbs?\.?|pounds)?$/i;
const kgForm = /^(\d+(?:[.,]\d+)?)\s*(?:kg)?$/i;

/**
 * A length as it was typed, cm; null for nothing. A unit that is written out goes before the one that is usual.
 *
 * @param unit what a number without a unit is in; in `us` one below 10 is feet, any other inches
 * @example readLength('6\'1"', 'us') // { value: 185.42 }
 */
export function readLength(text: string, unit: SizeUnit): ReadSize {
  const typed = text.trim();
  if (typed === '') return { value: null };
  const feet = feetForm.exec(typed);
  if (feet) {
    const inches = feet[2] === undefined ? 0 : number(feet[2]);
    if (inches >= 12) return { wrong: texts.tooManyInches(feet[2]) };
    return { value: rounded((Number(feet[1]) * 12 + inches) * cmPerInch) };
  }
  const inch = inchForm.exec(typed);
  if (inch) return { value: rounded(number(inch[1]!) * cmPerInch) };
  const metres = metreForm.exec(typed);
  if (metres) return { value: rounded(number(metres[1]!) * 100) };
  const plain = cmForm.exec(typed);
  if (!plain) return { wrong: unit === 'us' ? texts.heightInFeet : texts.heightInCm };
  const value = number(plain[1]!);
  if (unit === 'metric' || /cm$/i.test(typed)) return { value: rounded(value) };
  return { value: rounded((value < 10 ? value * 12 : value) * cmPerInch) };
}

/**
 * A weight as it was typed, kg; null for nothing.
 *
 * @example readMass('185', 'us') // { value: 83.91 }
 */
export function readMass(text: string, unit: SizeUnit): ReadSize {
  const typed = text.trim();
  if (typed === '') return { value: null };
  const own = unit === 'us' ? poundForm.exec(typed) : kgForm.exec(typed);
  if (own) return { value: rounded(unit === 'us' ? kgOfPounds(number(own[1]!)) : number(own[1]!)) };
  const other = unit === 'us' ? kgForm.exec(typed) : poundForm.exec(typed);
  if (other) return { value: rounded(unit === 'us' ? number(other[1]!) : kgOfPounds(number(other[1]!))) };
  return { wrong: unit === 'us' ? texts.massInPounds : texts.massInKg };
}

/**
 * `6'1"`, or `185 cm`.
 *
 * @example sayLength(180.34, 'us') // '5\'11"'
 */
export function sayLength(cm: number, unit: SizeUnit): string {
  if (unit === 'metric') return `${Number(cm.toFixed(1))} cm`;
  const inches = Math.round((cm / cmPerInch) * 2) / 2;
  return `${Math.floor(inches / 12)}'${inches % 12}"`;
}

/**
 * `165 lb`, or `75 kg`.
 *
 * @example sayMass(83.9, 'metric') // '83.9 kg'
 */
export const sayMass = (kg: number, unit: SizeUnit): string =>
  unit === 'metric' ? `${Number(kg.toFixed(1))} kg` : `${Math.round(poundsOfKg(kg))} lb`;

/**
 * A size in the unit that is liked.
 *
 * @param value cm or kg
 * @example saySize(180.34, 'length', 'us') // '5\'11"'
 */
export const saySize = (value: number, kind: SizeKind, unit: SizeUnit): string =>
  (kind === 'length' ? sayLength : sayMass)(value, unit);

/**
 * A message whose figures are in cm or kg, in the units that are liked.
 *
 * @example inLikedUnit('must be 80 to 230', 'length', 'us') // 'must be 2\'7.5" to 7\'6.5"'
 */
export const inLikedUnit = (message: string, kind: SizeKind, unit: SizeUnit): string =>
  unit === 'metric'
    ? message
    : message.replace(/\b(\d+(?:\.\d+)?)(?: (?:cm|kg))?\b/g, (_, figure: string) =>
        saySize(Number(figure), kind, unit),
      );

/**
 * What a figure of a test is shown in, and how it is turned there and back: inches and pounds where they are liked.
 *
 * @example shownUnit('cm', 'us').unit // 'in'
 */
export function shownUnit(
  unit: string,
  liked: SizeUnit,
): { unit: string; show: (value: number) => number; read: (shown: number) => number } {
  const one = (value: number) => Math.round(value * 10) / 10;
  if (liked === 'us' && unit === 'cm')
    return { unit: 'in', show: (cm) => one(cm / cmPerInch), read: (inches) => rounded(inches * cmPerInch) };
  if (liked === 'us' && unit === 'kg')
    return { unit: 'lb', show: (kg) => one(poundsOfKg(kg)), read: (pounds) => rounded(kgOfPounds(pounds)) };
  return { unit, show: one, read: (value) => value };
}
