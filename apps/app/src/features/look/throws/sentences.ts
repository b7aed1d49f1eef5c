import {
  areAlike,
  changeBetween,
  digitsApart,
  effortCurve,
  fade,
  highOutliers,
  missFigures,
  velocityFigures,
  velocityIn,
  velocityTrend,
  type LikeThrows,
  type SessionVelocity,
  type MissFigures,
  type Missed,
  type MissSide,
  type TimedThrow,
  type Trend,
  type VelocityUnit,
} from '@wrightonic/core';
import { said, signed } from '../../../ui/words/velocityWords';
import { texts } from './texts';

const luckWords = ['', texts.twentyDays, texts.aHundredDays, texts.aThousandDays];

/** What a session's like throws say, each in a sentence. */
export function sessionSentences({ velocities, simulated }: LikeThrows, unit: VelocityUnit): string[] {
  const figures = velocityFigures(velocities);
  if (!figures) return [texts.needsThrowsWith(velocities.length)];
  if (!areAlike(figures))
    return [
      texts.noVerdictTheseThrows(figures.n, said(Math.min(...velocities), unit), said(figures.top, unit)),
    ];
  const sentences = [
    ...(simulated ? [texts.simulatedOfTheseVelocities(simulated, figures.n)] : []),
    texts.usualTopScatterOver(
      said(figures.usual, unit),
      said(figures.top, unit),
      said(figures.robustSd, unit),
      figures.n,
    ),
  ];
  const flashed = highOutliers(velocities);
  if (!flashed) sentences.push(texts.tenLikeThrows(velocities.length));
  else if (flashed.severity === 0)
    sentences.push(texts.nothingStandsOutBest(figures.n, said(flashed.gap, unit)));
  else
    sentences.push(
      texts.ofOutBestIsAbove(flashed.count, figures.n, said(flashed.gap, unit), luckWords[flashed.severity]),
    );
  const faded = fade(velocities);
  if (!faded) sentences.push(texts.fifteenLikeThrows);
  else
    sentences.push(
      faded.severity === 0
        ? texts.itHoldsTheLast((100 * faded.ratio).toFixed(0))
        : texts.itFadesTheLast((100 * faded.ratio).toFixed(0)),
    );
  return sentences;
}

export function trendSentence(trend: Trend | null, unit: VelocityUnit): string {
  if (!trend) return texts.fourSessionsWithFive;
  const range = texts.to(signed(trend.low, unit), signed(trend.high, unit));
  const slope = texts.aMonth(signed(trend.perMonth, unit), range);
  if (trend.real) return texts.overSessionsInDays(slope, trend.sessions, trend.days);
  return trend.days < 21 ? texts.daysAreTooShort(slope, trend.days) : texts.notMoreThanNoise(slope);
}

/** Whether the newest of several sessions of like throws differs from the one before by more than noise. */
export function changeSentence(like: readonly SessionVelocity[], unit: VelocityUnit): string | null {
  const alike = like.filter(areAlike);
  const [before, after] = alike.slice(-2);
  const found = before && after && changeBetween(before, after, alike);
  if (!found) return null;
  const { change, needed, real } = found;
  const digits = digitsApart(Math.abs(velocityIn(change, unit)), velocityIn(needed, unit));
  return texts.sinceTheSessionBefore(signed(change, unit, digits), real, said(needed, unit, digits));
}

const sideWords: Record<MissSide, string> = {
  high: 'high',
  low: 'low',
  arm: texts.toTheArmSide,
  glove: texts.toTheGloveSide,
};
const severityWords = ['', 'slightly', 'clearly', 'severely'];

export function missSentence(figures: MissFigures): string {
  const { n, misses, unknown, symptoms } = figures;
  if (n === 0) return texts.aimAtASpot;
  const hits = texts.ofOnTarget(n - misses, n, unknown ? texts.ofTheMissesHave(unknown, misses) : '');
  const found = (
    [
      ['high', symptoms['sym.miss-high']],
      ['low', symptoms['sym.miss-low']],
      ['arm', symptoms['sym.miss-arm-side']],
      ['glove', symptoms['sym.miss-glove-side']],
    ] as const
  ).filter(([, severity]) => severity > 0);
  if (found.length === 0) return texts.theMissesGo(hits);
  return texts.theMissesGo2(
    hits,
    found
      .map(
        ([side, severity]) =>
          `${severityWords[severity]} ${sideWords[side]} (${(100 * figures.shares[side]!).toFixed(0)} %)`,
      )
      .join(' and '),
  );
}

export const figuresOf = (throws: readonly (TimedThrow & { sides: readonly Missed[] | null })[]) => ({
  misses: missFigures(throws.flatMap(({ sides }) => (sides === null ? [] : [sides]))),
  effort: effortCurve(throws),
  trend: velocityTrend(throws),
});
