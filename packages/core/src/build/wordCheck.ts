import { FieldError } from '../units/fieldError';
import {
  catalogueBook,
  contradictions,
  cueTags,
  lexicon,
  ownWords,
  type CueTag,
  type DrillBook,
  type Voice,
} from '../catalogue';
import { hintsBelow } from '../safety';
import type { Approach } from '../trace';
import { drillDetail } from './drillDetail';
import { texts } from './texts';

/** What an athlete has been told, and by whom. */
export interface Instruction {
  by: string;
  text: string;
}

/** A tag that an instruction asks for, or asks not to do. */
export interface Asked {
  tag: CueTag;
  not: boolean;
}

export interface Clash {
  a: Instruction;
  b: Instruction;
  why: string;
  /** The plan's own word for it. */
  instead: string;
}

export interface WordCheck {
  clashes: Clash[];
  hints: string[];
}

export interface WordInput {
  approach: Partial<Approach>;
  notes: readonly Instruction[];
  /** Ids of drills that were given. */
  drills: readonly string[];
  /** Years; without it the hints for young athletes are given. */
  age?: number | undefined;
  /** The academy's own; the catalogue's when left out. */
  lexicon?: Lexicon;
  book?: DrillBook;
}

const negations = new Set(['never', 'not', 'no', 'dont', 'without', 'avoid', 'stop', 'less']);
const small = new Set([
  'the',
  'your',
  'a',
  'an',
  'at',
  'of',
  'to',
  'with',
  'it',
  'is',
  'and',
  'his',
  'her',
  'their',
]);

/** Words in small letters, without what joins them; ends of sentences and clauses stay. */
const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replaceAll(/[’']/g, '')
    .split(/([.,;:!?]|\s+)/)
    .map((word) => word.trim())
    .filter((word) => word !== '' && !small.has(word));

const endings = ['s', 'es', 'ed', 'ing', 'd'];

/** Whether a word is a form of another: push, pushes, pushing; drive, driving. */
function isForm(word: string, of: string): boolean {
  if (word === of) return true;
  const stem = of.endsWith('e') ? of.slice(0, -1) : of;
  const doubled = of + of.at(-1);
  return endings.some((end) => word === of + end || word === stem + end || word === doubled + end);
}

const isBreak = (word: string): boolean => /^[.,;:!?]$/.test(word);

/** Where a phrase stands: its words in order, at most two others between, within one clause. */
function placeOf(words: readonly string[], phrase: readonly string[], from = 0): number {
  for (let start = from; start < words.length; start++) {
    if (!isForm(words[start]!, phrase[0]!)) continue;
    let at = start;
    const allFollow = phrase.slice(1).every((next) => {
      for (let step = 1; step <= 3; step++) {
        const word = words[at + step];
        if (word === undefined || isBreak(word)) return false;
        if (isForm(word, next)) {
          at += step;
          return true;
        }
      }
      return false;
    });
    if (allFollow) return start;
  }
  return -1;
}

/** A word such as "never" at most three words before, in the same clause. */
function isNegated(words: readonly string[], at: number): boolean {
  for (let back = 1; back <= 3; back++) {
    const word = words[at - back];
    if (word === undefined || isBreak(word)) return false;
    if (negations.has(word)) return true;
  }
  return false;
}

/** A phrase that an academy adds to a tag, or takes from it. */
export interface LexiconEdit {
  tag: CueTag;
  phrase: string;
  removed: boolean;
}
export type Lexicon = Readonly<Record<CueTag, readonly string[]>>;

/**
 * The catalogue's lexicon with what an academy made of it; edits oldest first, the newest of a phrase counts.
 *
 * @example lexiconWith([{ tag: 'push', phrase: 'drive off', removed: false }]).push.includes('drive off') // true
 */
export function lexiconWith(edits: readonly LexiconEdit[]): Lexicon {
  const own = Object.fromEntries(cueTags.map((tag) => [tag, [...lexicon[tag]]])) as Record<CueTag, string[]>;
  for (const { tag, phrase, removed } of edits) {
    // Of a tag that the catalogue has no more.
    if (!Object.hasOwn(own, tag)) continue;
    own[tag] = own[tag].filter((each) => each !== phrase);
    if (!removed) own[tag].push(phrase);
  }
  return own;
}

/**
 * What a free note asks for, by the lexicon; "never push" asks not to push.
 *
 * @example asksFor('Never push off the rubber') // [ { tag: 'push', not: true } ]
 */
export function asksFor(text: string, known: Lexicon = lexicon): Asked[] {
  const words = wordsOf(text);
  return cueTags.flatMap((tag): Asked[] => {
    const found = known[tag].flatMap((phrase) => {
      const parts = phrase.split(' ').filter((part) => !small.has(part));
      const at = placeOf(words, parts);
      // A phrase that begins with its own negation is no negation of itself.
      return at < 0 ? [] : [parts[0] !== 'never' && isNegated(words, at)];
    });
    if (found.length === 0) return [];
    return [{ tag, not: found.every(Boolean) }];
  });
}

/** What an approach asks for by itself. */
const asksOfApproach = ({ leave, lift, hips }: Partial<Approach>): CueTag[] => [
  ...(leave ? [leave === 'drive' ? ('push' as const) : ('fall' as const)] : []),
  ...(lift === 'drift' ? ['drift' as const] : []),
  ...(hips ? [hips === 'close' ? ('close hips' as const) : ('hold hips half' as const)] : []),
];

const opposite = (tag: CueTag): CueTag | undefined => {
  const pair = contradictions.find((each) => each.includes(tag));
  return pair && (pair[0] === tag ? pair[1] : pair[0]);
};

/**
 * What a drill asks for against what the approach asks for; null where nothing pulls apart.
 *
 * @example pullsAgainst('hip-snap', { leave: 'fall' }) // null
 */
export function pullsAgainst(
  id: string,
  approach: Partial<Approach>,
  book: DrillBook = catalogueBook,
): CueTag | null {
  const own = asksOfApproach(approach);
  return (book.cues(id)?.tags ?? []).find((tag) => own.includes(opposite(tag)!)) ?? null;
}

interface CheckedInstruction extends Instruction {
  asks: readonly Asked[];
  own: boolean;
}

/** Why two instructions pull apart; null where they do not. */
function apart(a: CheckedInstruction, b: CheckedInstruction): { why: string; tags: [CueTag, CueTag] } | null {
  for (const one of a.asks)
    for (const other of b.asks) {
      if (one.tag === other.tag && one.not !== other.not)
        return { why: texts.oneAsksTheOtherNot(one.tag), tags: [one.tag, other.tag] };
      if (!one.not && !other.not && opposite(one.tag) === other.tag)
        return { why: `“${one.tag}” and “${other.tag}” conflict`, tags: [one.tag, other.tag] };
    }
  return null;
}

/**
 * Everything that an athlete has been told, instruction against instruction and against the plan's approach: what
 * pulls apart, who said it, and the plan's own word. Under `fall` "push" and "jump" said to a young athlete raise a hint.
 *
 * @throws RangeError when a drill is unknown; the message names the field
 * @example checkWords({ approach: {}, notes: [], drills: [], age: 14 }) // { clashes: [], hints: [] }
 */
export function checkWords({
  approach,
  notes,
  drills,
  age,
  lexicon: known = lexicon,
  book = catalogueBook,
}: WordInput): WordCheck {
  const own = asksOfApproach(approach);
  const plan: CheckedInstruction[] = own.map((tag) => ({
    by: 'the plan',
    text: ownWords[tag],
    asks: [{ tag, not: false }],
    own: true,
  }));
  drills.forEach((id, n) => {
    const drill = book.drill(id);
    if (!drill) throw new FieldError(`drills.${n}`, texts.thereIsNoDrill(id));
    const tags = book.cues(id)?.tags ?? [];
    plan.push({
      by: texts.theDrill(drill.name),
      text: drill.cue,
      asks: tags.map((tag) => ({ tag, not: false })),
      own: false,
    });
  });
  const instructions: CheckedInstruction[] = notes.map(({ by, text }) => ({
    by,
    text,
    asks: asksFor(text, known),
    own: false,
  }));
  const all = [...instructions, ...plan];
  const clashes = all.flatMap((a, n) =>
    all.slice(n + 1).flatMap((b): Clash[] => {
      if (a.own && b.own) return [];
      const found = apart(a, b);
      if (!found) return [];
      const keep =
        found.tags.find((tag) => own.includes(tag)) ?? own.find((tag) => found.tags.includes(opposite(tag)!));
      return [
        {
          a: { by: a.by, text: a.text },
          b: { by: b.by, text: b.text },
          why: found.why,
          instead: ownWords[keep ?? found.tags[1]],
        },
      ];
    }),
  );
  const hints =
    approach.leave === 'fall' && (age === undefined || age < hintsBelow)
      ? instructions.flatMap(({ by, text }) => {
          const word = wordsOf(text).find((each) => isForm(each, 'push') || isForm(each, 'jump'));
          return word && asksFor(text, known).some(({ tag, not }) => tag === 'push' && !not)
            ? [texts.becomesAJump(by, word, ownWords.fall)]
            : [];
        })
      : [];
  return { clashes, hints };
}

/**
 * The voice of the one line that is said while working: an explanation is none.
 *
 * @example shortVoice('detail') // 'plain'
 */
export const shortVoice = (voice: Voice): Voice => (voice === 'detail' ? 'plain' : voice);

/**
 * The cue of a drill in an athlete's voice; `detail` is a full explanation of several lines.
 *
 * @example cueIn('hip-snap', 'plain') // 'Snap the belt buckle to the target and stop it.'
 */
export function cueIn(id: string, voice: Voice, book: DrillBook = catalogueBook): string {
  const drill = book.drill(id);
  if (!drill) return '';
  if (voice === 'detail') return drillDetail(id, book);
  return voice === 'plain' ? drill.cue : (book.cues(id)?.[voice] ?? drill.cue);
}
