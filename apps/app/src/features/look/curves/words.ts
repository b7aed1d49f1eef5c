import type { CurveResult } from '@wrightonic/contract';

const shares = { pelvis: 'Pelvis', trunk: 'Trunk' } as const;

type Chain = Pick<CurveResult, 'peaks' | 'order' | 'gaps'>;

/** Order, peaks and gaps, in sentences. */
function chainWords({ peaks, order, gaps }: Chain, say: (value: number) => string): string[] {
  const words = [
    `${order.join(', then ')}: ${peaks.map(({ segment, value }) => `${segment} ${say(value)}`).join(', ')}.`,
  ];
  if (gaps.length)
    words.push(
      `${gaps.map(({ from, to, ms, plusMinusMs }) => `${from} to ${to} ${ms.toFixed(0)} ± ${plusMinusMs.toFixed(1)} ms`).join('; ')}.`,
    );
  return words;
}

/** What the speeds forward say, each thing in a sentence; nothing where the file has none. */
export const linearWords = ({ linear }: CurveResult): string[] =>
  linear?.peaks.length ? chainWords(linear, (value) => `${value.toFixed(1)} m/s`) : [];

/** What speed curves say, each thing in a sentence. */
export function curveWords({ gains, handedOn, ...chain }: CurveResult): string[] {
  const words = chainWords(chain, (value) => `${value.toFixed(0)} deg/s`);
  const gained = Object.entries(gains);
  if (gained.length)
    words.push(`Gains: ${gained.map(([pair, gain]) => `${pair} ${gain.toFixed(2)}`).join(', ')}.`);
  for (const segment of ['pelvis', 'trunk'] as const) {
    const share = handedOn[segment];
    if (share !== undefined)
      words.push(
        `${shares[segment]} has ${(100 * share).toFixed(0)} % of its forward speed left at release: ${share < 0.5 ? 'it handed on what it had' : 'it did not slow down enough'}.`,
      );
  }
  return words;
}
