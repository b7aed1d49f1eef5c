import { wilson } from '../measure/wilson';
import { texts } from './texts';

/** Whose words a cue is: the drill’s, the instructor’s, or the athlete’s own. */
export const cueOwners = ['drill', 'instructor', 'athlete'] as const;
export type CueOwner = (typeof cueOwners)[number];

/** Longest cue, letters: it has to fit into a breath. */
export const longestCue = 120;
/** More live cues than these in one session are too many to think of. */
export const mostCuesASession = 2;

/** A cue as it was chosen for a drill; it stays until another is. */
export interface UsedCue {
  id: string;
  drill: string;
  text: string;
  whose: CueOwner;
  /** ISO instant. */
  at: string;
}

/** Reps of a drill that followed one cue; `cue` is null for those before anybody chose one. */
export interface CueCount {
  drill: string;
  cue: string | null;
  clean: number;
  missed: number;
}

export interface CueLine {
  text: string;
  whose: CueOwner;
  /** When it was first chosen, ISO instant; null for the drill’s own words from the beginning. */
  since: string | null;
  clean: number;
  missed: number;
  /** Clean share with its two-sided 90 % Wilson interval, 0..1; null without reps. */
  share: number | null;
  low: number;
  high: number;
  /** It is the one that is used now. */
  live: boolean;
}

/** Two-sided 90 % point of the normal distribution. */
const z90 = 1.6449;

const plain = (text: string): string => text.trim().toLowerCase().replaceAll(/\s+/g, ' ');

/**
 * The cue of a drill that is used now; undefined where nobody chose one.
 *
 * @example liveCue('hip-snap', []) // undefined
 */
export const liveCue = <C extends Pick<UsedCue, 'drill'>>(drill: string, cues: readonly C[]): C | undefined =>
  cues.findLast((cue) => cue.drill === drill);

/**
 * Every cue of one drill with the reps that followed it, in the order in which they were first used. The same words are
 * one cue, however often they were chosen.
 *
 * @param cues oldest first
 * @param own the drill’s own words
 * @example cueHistory('hip-snap', [], [], 'Hips first').length // 1
 */
export function cueHistory(
  drill: string,
  cues: readonly UsedCue[],
  counts: readonly CueCount[],
  own: string,
): CueLine[] {
  const ofDrill = cues.filter((cue) => cue.drill === drill);
  const live = plain(ofDrill.at(-1)?.text ?? own);
  const textOf = new Map(ofDrill.map(({ id, text }) => [id, plain(text)]));
  const lines = new Map<string, Pick<CueLine, 'text' | 'whose' | 'since' | 'clean' | 'missed'>>();
  lines.set(plain(own), { text: own, whose: 'drill', since: null, clean: 0, missed: 0 });
  for (const { text, whose, at } of ofDrill)
    if (!lines.has(plain(text))) lines.set(plain(text), { text, whose, since: at, clean: 0, missed: 0 });
  for (const { drill: of, cue, clean, missed } of counts) {
    if (of !== drill) continue;
    // Reps of a cue that was taken back belong to nobody's words.
    const line = lines.get(cue === null ? plain(own) : (textOf.get(cue) ?? ''));
    if (!line) continue;
    line.clean += clean;
    line.missed += missed;
  }
  return [...lines].map(([key, line]) => {
    const n = line.clean + line.missed;
    const { lower, upper } = wilson(line.clean, n, z90);
    return { ...line, share: n ? line.clean / n : null, low: lower, high: upper, live: key === live };
  });
}

/**
 * “8 of 20 clean (40 %, 24 to 58)”.
 *
 * @example cueCountWords({ clean: 8, missed: 12, share: 0.4, low: 0.24, high: 0.58 }) // '8 of 20 clean (40 %, 24 to 58)'
 */
export function cueCountWords({ clean, missed, share, low, high }: CueLine): string {
  if (share === null) return texts.noRepsYetShort;
  const percent = (part: number) => Math.round(100 * part);
  return texts.cleanOfAll(clean, missed, percent(share), percent(low), percent(high));
}
