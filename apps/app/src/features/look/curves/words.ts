import type { CurveResult } from '@wrightonic/contract';

const shares = { pelvis: 'Pelvis', trunk: 'Trunk' } as const;

/** What speed curves say, each thing in a sentence. */
export function curveWords({ peaks, order, gaps, gains, handedOn }: CurveResult): string[] {
  const words = [
    `${order.join(', then ')}: ${peaks.map(({ segment, value }) => `${segment} ${value.toFixed(0)} deg/s`).join(', ')}.`,
  ];
  if (gaps.length)
    words.push(
      `${gaps.map(({ from, to, ms, plusMinusMs }) => `${from} to ${to} ${ms.toFixed(0)} ± ${plusMinusMs.toFixed(1)} ms`).join('; ')}.`,
    );
  const gained = Object.entries(gains);
  if (gained.length)
    words.push(`Gains: ${gained.map(([pair, gain]) => `${pair} ${gain.toFixed(2)}`).join(', ')}.`);
  for (const segment of ['pelvis', 'trunk'] as const) {
    const share = handedOn[segment];
    if (share !== undefined)
      words.push(
        `${shares[segment]} has ${(100 * share).toFixed(0)} % of its forward speed left at release: ${share < 0.5 ? 'it handed on what it had' : 'it keeps too much for itself'}.`,
      );
  }
  return words;
}
