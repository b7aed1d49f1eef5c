import { daysBetween } from '../../units';
import { texts } from './texts';

/** A lay-off of this many days or more starts with a build-up. */
export const layOffDays = 21;
const mostWeeks = 6;
/** Effort of the first week and of the last, percent; house default. */
const firstEffort = 50;
const lastEffort = 90;

/** Where an athlete stands on the way back to full throwing. */
export interface BuildUp {
  /** 1 is the first. */
  week: number;
  of: number;
  /** Most effort in this week, percent. */
  effort: number;
  /** Of the day's and the week's throws, 0..1. */
  share: number;
  /** Days without throws before it. */
  layOff: number;
}

/**
 * The step of a build-up on a day, or null where none is due. Throws and effort rise from week to week over half the
 * lay-off, two to six weeks, or as many as the academy sets; easy catch comes first.
 *
 * @param throwDays ISO days on which the athlete threw, in any order
 * @param from first day of the plan
 * @param on the day asked about
 * @param weeks the academy's own length
 * @example buildUpOn(['2026-05-01'], '2026-06-12')?.of // 3
 */
export function buildUpOn(
  throwDays: readonly string[],
  from: string,
  on = from,
  weeks?: number | null,
): BuildUp | null {
  const last = throwDays
    .filter((day) => day < from)
    .sort()
    .at(-1);
  if (!last) return null;
  const layOff = daysBetween(last, from);
  if (layOff < layOffDays) return null;
  const of = weeks ?? Math.min(mostWeeks, Math.round(layOff / 7 / 2));
  const week = Math.floor(daysBetween(from, on) / 7) + 1;
  if (week < 1 || week > of) return null;
  const effort = of === 1 ? lastEffort : firstEffort + ((lastEffort - firstEffort) * (week - 1)) / (of - 1);
  return { week, of, effort, share: week / (of + 1), layOff };
}

/**
 * Which week of a build-up it is, and what it allows, in words.
 *
 * @example buildUpWords({ week: 1, of: 3, effort: 50, share: 0.25, layOff: 42 }).slice(0, 23) // 'Build-up, week 1 of 3 a'
 */
export const buildUpWords = ({ week, of, effort, layOff }: BuildUp): string =>
  texts.buildUpWeek(week, of, layOff, effort);
