import {
  areAlike,
  changeBetween,
  effortCurve,
  fade,
  highOutliers,
  missFigures,
  velocityFigures,
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
import { said } from '../../../ui/words/velocityWords';

const luckWords = ['', 'twenty days', 'a hundred days', 'a thousand days'];

/** What a session's like throws say, each in a sentence. */
export function sessionSentences({ velocities, simulated }: LikeThrows, unit: VelocityUnit): string[] {
  const figures = velocityFigures(velocities);
  if (!figures) return [`Needs 5 throws with the same effort, pitch and ball; ${velocities.length} so far.`];
  if (!areAlike(figures))
    return [
      `No verdict: these ${figures.n} throws run from ${said(Math.min(...velocities), unit)} to ${said(figures.top, unit)} and are not alike. Record the effort of each throw, and its pitch.`,
    ];
  const sentences = [
    ...(simulated
      ? [`Simulated: ${simulated} of these ${figures.n} velocities come from the simulated line.`]
      : []),
    `Usual ${said(figures.usual, unit)}, top ${said(figures.top, unit)}, scatter ± ${said(figures.robustSd, unit)} over ${figures.n} like throws.`,
  ];
  const flashed = highOutliers(velocities);
  if (!flashed)
    sentences.push(`Ten like throws would tell a flash from luck; there are ${velocities.length}.`);
  else if (flashed.severity === 0)
    sentences.push(
      `Nothing stands out: the best of ${figures.n} is ${said(flashed.gap, unit)} above usual, no more than luck allows.`,
    );
  else
    sentences.push(
      `${flashed.count} of ${figures.n} ${flashed.count === 1 ? 'stands' : 'stand'} out: the best is ${said(flashed.gap, unit)} above usual. Luck alone does that once in ${luckWords[flashed.severity]}. The arm has it; the movement does not repeat it yet.`,
    );
  const faded = fade(velocities);
  if (!faded) sentences.push(`Fifteen like throws would show whether it fades.`);
  else
    sentences.push(
      faded.severity === 0
        ? `It holds: the last third kept ${(100 * faded.ratio).toFixed(0)} % of the first.`
        : `It fades: the last third kept ${(100 * faded.ratio).toFixed(0)} % of the first.`,
    );
  return sentences;
}

export function trendSentence(trend: Trend | null, unit: VelocityUnit): string {
  if (!trend) return 'Four sessions with five like throws each make a trend.';
  const range = `${said(trend.low, unit)} to ${said(trend.high, unit)}`;
  const slope = `${trend.perMonth >= 0 ? '+' : ''}${said(trend.perMonth, unit)} a month (${range}, 90 %)`;
  if (trend.real) return `${slope}, over ${trend.sessions} sessions in ${trend.days} days: more than noise.`;
  return trend.days < 21
    ? `${slope}: ${trend.days} days are too short to call it.`
    : `${slope}: not more than noise yet.`;
}

/** Whether the newest of several sessions of like throws differs from the one before by more than noise. */
export function changeSentence(like: readonly SessionVelocity[], unit: VelocityUnit): string | null {
  const alike = like.filter(areAlike);
  const [before, after] = alike.slice(-2);
  const found = before && after && changeBetween(before, after, alike);
  if (!found) return null;
  const { change, needed, real } = found;
  return `${change >= 0 ? '+' : ''}${said(change, unit)} since the session before${real ? ': a real change' : ''}. Anything over ${said(needed, unit)} is a real change.`;
}

const sideWords: Record<MissSide, string> = {
  high: 'high',
  low: 'low',
  arm: 'to the arm side',
  glove: 'to the glove side',
};
const severityWords = ['', 'slightly', 'clearly', 'severely'];

export function missSentence(figures: MissFigures): string {
  const { n, misses, unknown, symptoms } = figures;
  if (n === 0) return 'Aim at a spot and tap where each throw went; twenty show where the misses go.';
  const hits = `${n - misses} of ${n} on target.${unknown ? ` ${unknown} of the ${misses} misses have no side recorded.` : ''}`;
  const found = (
    [
      ['high', symptoms['sym.miss-high']],
      ['low', symptoms['sym.miss-low']],
      ['arm', symptoms['sym.miss-arm-side']],
      ['glove', symptoms['sym.miss-glove-side']],
    ] as const
  ).filter(([, severity]) => severity > 0);
  if (found.length === 0) return `${hits} The misses go to no side more than luck allows.`;
  return `${hits} The misses go ${found
    .map(
      ([side, severity]) =>
        `${severityWords[severity]} ${sideWords[side]} (${(100 * figures.shares[side]!).toFixed(0)} %)`,
    )
    .join(' and ')}.`;
}

export const figuresOf = (throws: readonly (TimedThrow & { sides: readonly Missed[] | null })[]) => ({
  misses: missFigures(throws.flatMap(({ sides }) => (sides === null ? [] : [sides]))),
  effort: effortCurve(throws),
  trend: velocityTrend(throws),
});
