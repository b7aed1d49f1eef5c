import type { MotionKept } from '../motion/kept';
import { gradeMeasured, nodeName, nodeOf, symptoms, type Severity, type Whom } from '../catalogue';
import { daysBetween } from '../units';
import type { EventGrade } from './clip';
import { effortCurve } from './effort';
import { fade } from './fade';
import { highOutliers } from './highOutliers';
import { missFigures, type Missed, type MissSide } from './misses';
import { marginWords, type ScreenResult } from './screen';
import type { Evidence } from './sequence';
import { areAlike, sessionGroups, velocityFigures, type TimedThrow } from './velocity';
import { texts } from './texts';

/** A grade that something measured proposes for the next look. */
export interface Offer {
  node: string;
  severity: Severity;
  from: 'screen' | 'throws' | 'clip' | 'curves';
  /** The day it was measured. */
  date: string;
  value: number | null;
  /** What the measure may be off by, in the unit of the value, where that is known. */
  error?: number | null;
  why: string;
  /** Of a tracked body: the clip, where in its file it was measured, s, and the body as it was then. */
  seen?: { clip: string; time: number | null; body: MotionKept };
}

/** Throws older than this say nothing about today's delivery, and a screen nothing about today's body, days. */
export const throwsCount = 42;
export const screenCounts = 180;

/** As much of a reason as stands beside a grade, characters. */
const longestWhy = 500;

type ChartedThrow = TimedThrow & { sides: readonly Missed[] | null };

const missWords: Readonly<Record<string, MissSide>> = {
  'sym.miss-high': 'high',
  'sym.miss-low': 'low',
  'sym.miss-arm-side': 'arm',
  'sym.miss-glove-side': 'glove',
};
const opposite: Record<MissSide, MissSide> = { high: 'low', low: 'high', arm: 'glove', glove: 'arm' };

/**
 * The symptoms that the throws of the last six weeks show, clean ones included wherever there were enough throws.
 *
 * @example throwOffers([], '2026-05-01') // []
 */
export function throwOffers(throws: readonly ChartedThrow[], today: string): Offer[] {
  const recent = throws.filter(({ date }) => date <= today && daysBetween(date, today) <= throwsCount);
  const newest = recent.reduce((last, { date }) => (date > last ? date : last), '');
  const offers: Offer[] = [];
  const add = (node: string, severity: Severity, date: string, value: number | null, why: string) =>
    offers.push({ node, severity, from: 'throws', date, value, why });
  const aimed = recent.flatMap(({ sides }) => (sides === null ? [] : [sides]));
  const figures = missFigures(aimed);
  const on = (side: MissSide) => aimed.filter((sides) => sides.includes(side)).length;
  for (const { id } of symptoms) {
    const side = missWords[id];
    if (!side) continue;
    const axis = on(side) + on(opposite[side]);
    if (axis < 6) continue;
    const severity = figures.symptoms[id as keyof typeof figures.symptoms];
    add(id, severity, newest, null, texts.missesWent(on(side), axis, side));
  }
  const session = sessionGroups(recent).at(-1);
  const spread = session && velocityFigures(session.velocities);
  // Throws that are not alike say nothing about luck or fading.
  if (session && !(spread && !areAlike(spread))) {
    const { date, velocities } = session;
    const flashed = highOutliers(velocities);
    if (flashed)
      add(
        'sym.flash-gap',
        flashed.severity,
        date,
        null,
        texts.throwsStandOut(flashed.count, velocities.length),
      );
    const faded = fade(velocities);
    if (faded) add('sym.velo-fade', faded.severity, date, null, texts.lastThirdKept(faded.ratio));
  }
  const effort = effortCurve(recent);
  if (effort && effort.severity !== null)
    add('sym.intent-flat', effort.severity, newest, null, texts.fullEffortGivesMore(effort.d!));
  return offers;
}

/**
 * The limits of a screen that were judged.
 *
 * @example screenOffers(screened, '2026-05-01', '2026-05-02').map(({ node, severity }) => [node, severity]) // [ [ 'lim.balance', 2 ] ]
 */
export const screenOffers = ({ limits }: ScreenResult, date: string, today: string): Offer[] =>
  daysBetween(date, today) > screenCounts
    ? []
    : limits.flatMap(({ id, severity, value, margin, error }) => {
        const node = nodeOf(id);
        if (severity === null || node?.type !== 'limit') return [];
        const room =
          margin === null || id === 'lim.power' || node.unit === 'grade'
            ? ''
            : `, ${marginWords(margin, node.unit)}`;
        return [
          {
            node: id,
            severity,
            from: 'screen' as const,
            date,
            value,
            error,
            why: `${Number(value.toFixed(1))} ${node.unit}${room}`,
          },
        ];
      });

/**
 * What a reading of speed curves says of checkpoints.
 *
 * @example curveOffers([], '2026-05-01') // []
 */
export const curveOffers = (evidence: readonly Evidence[], date: string): Offer[] =>
  evidence.map(({ flaw, severity, why }) => ({
    node: flaw,
    severity,
    from: 'curves',
    date,
    value: null,
    why,
  }));

/**
 * Measures of a clip, graded for the level.
 *
 * @example clipOffers([], { ...whom, level: 'high-school', sex: null, norms }, '2026-05-01') // []
 */
export const clipOffers = (
  measures: readonly { checkpoint: string; value: number }[],
  whom: Whom,
  date: string,
): Offer[] =>
  measures.flatMap(({ checkpoint, value }) => {
    const node = nodeOf(checkpoint);
    if (node?.type !== 'flaw' || node.discipline !== whom.discipline) return [];
    const graded = gradeMeasured(checkpoint, value, whom);
    if (!graded) return [];
    const { low, high, unit } = graded.norm;
    return [
      {
        node: checkpoint,
        severity: graded.severity,
        from: 'clip' as const,
        date,
        value,
        why: texts.outsideTheUsual(nodeName(checkpoint), value, unit, low, high),
      },
    ];
  });

/**
 * Marked moments of a clip, graded with their frame error; what the camera cannot tell offers nothing.
 *
 * @example eventOffers([], '2026-05-01') // []
 */
export const eventOffers = (graded: readonly EventGrade[], date: string): Offer[] =>
  graded.flatMap(({ checkpoint, value, error, severity, what }) =>
    severity === null
      ? []
      : [
          {
            node: checkpoint,
            severity,
            from: 'clip' as const,
            date,
            value,
            error,
            why: `${Math.round(value)} ms ± ${Math.round(error)} from ${what}`,
          },
        ],
  );

/**
 * One offer for each checkpoint: the newest, and of one day the worst.
 *
 * @example newestOffers([]) // []
 */
export function newestOffers(offers: readonly Offer[]): Offer[] {
  const best = new Map<string, Offer>();
  for (const offer of offers) {
    const known = best.get(offer.node);
    if (!known || offer.date > known.date || (offer.date === known.date && offer.severity > known.severity))
      best.set(offer.node, offer);
  }
  return [...best.values()];
}

/**
 * What an offer leaves beside the grade once it is taken: value, what it may be off by, grade, where from and why.
 *
 * @example detailOfOffer({ node: 'lim.balance', value: 9, severity: 2, from: 'screen', date: monday, why: 'Balance 9 s' }).source // 'screen'
 */
export const detailOfOffer = ({ value, error, severity, from, why }: Offer) => ({
  ...(value === null ? {} : { value }),
  ...(typeof error === 'number' ? { error } : {}),
  derived: severity,
  source: from,
  note: why.slice(0, longestWhy),
});
