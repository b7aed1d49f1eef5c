import { happensOf, nodeOf, saidOf, type Voice } from '../catalogue';
import { capital } from '../units';
import type { Root, Trace } from './trace';
import { listed } from './words';

export interface PlainWords {
  athlete: string;
  /** For whoever stands at the fence: the same, and the words to use. */
  parent: string;
}

const fractions: readonly [number, string][] = [
  [0.9, 'nearly all'],
  [0.7, 'about three quarters'],
  [0.58, 'about two thirds'],
  [0.42, 'about half'],
  [0.29, 'about a third'],
  [0.2, 'about a quarter'],
  [0, 'a part'],
];

/**
 * What a root brings about, largest first, symptoms and flaws alike; only what can be said plainly, and nothing that is
 * left alone.
 */
const brings = (root: Root | undefined, left: Trace['left']): string[] =>
  (root?.explains ?? [])
    .filter(({ id, credit }) => id !== root!.id && credit >= 0.05 && !left.some((each) => each.id === id))
    .flatMap(({ id }) => happensOf(id) ?? []);

function whatHappens(id: string, root: Root | undefined, left: Trace['left'], voice: Voice): string {
  const happens = happensOf(id)!;
  const more = brings(root, left);
  if (voice === 'detail' && root && more.length) {
    const [, share] = fractions.find(([from]) => root.share >= from)!;
    return `Right now ${happens}, and ${share} of what was seen comes from it: ${listed(more.slice(0, 3))}.`;
  }
  return more.length ? `Right now ${happens}, and because of that ${more[0]}.` : `Right now ${happens}.`;
}

/**
 * Two sentences without jargon for the athlete and for the parent, about the focus that weighs most.
 *
 * @param chosen the focus of each thread
 * @returns null without a focus
 * @example plainWords(traced, { lower: null, arm: null }, 'plain') // null
 */
export function plainWords(
  { roots, reasons, left }: Pick<Trace, 'roots' | 'reasons' | 'left'>,
  chosen: { lower: string | null; arm: string | null },
  voice: Voice,
): PlainWords | null {
  const scoreOf = (id: string) => roots.find((root) => root.id === id)?.score ?? 0;
  const first = (id: string) => Number(reasons.some((each) => each.id === id && each.why === 'stress'));
  const [id] = [chosen.lower, chosen.arm]
    .filter((each) => each !== null)
    .sort((a, b) => first(b) - first(a) || scoreOf(b) - scoreOf(a));
  const words = id === undefined ? undefined : saidOf(id);
  if (id === undefined || !words) return null;
  const happens = whatHappens(
    id,
    roots.find((root) => root.id === id),
    left,
    voice,
  );
  const cue = voice === 'detail' ? words.plain : words[voice];
  const work =
    nodeOf(id)?.type === 'limit'
      ? `This comes before any new way of throwing: ${cue[0]!.toLowerCase()}${cue.slice(1)}`
      : capital(cue);
  return {
    athlete: `${happens} ${work}`,
    parent:
      nodeOf(id)?.type === 'limit'
        ? `${happens} ${work}`
        : `${happens} Please use this cue at home: “${cue}”`,
  };
}
