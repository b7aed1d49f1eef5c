import { check, formMessages, ownDrill } from '@wrightonic/contract';
import { typedFigure } from '../../ui/form/typedFigure';
import { faultsOf, type DrillBook, type OwnDrill } from '@wrightonic/core';
import { texts } from './texts';

/** A drill as it is typed: lists are lines, figures are text. */
export interface DrillDraft extends Pick<
  OwnDrill,
  'discipline' | 'thread' | 'stage' | 'strength' | 'easier' | 'harder' | 'figure'
> {
  id: string;
  name: string;
  targets: string[];
  /** One need a line; either of two things with “or” between. */
  needs: string;
  places: string[];
  dose: string;
  throws: string;
  effortFrom: string;
  effortTo: string;
  minAge: string;
  avoid: string[];
  what: string;
  caution: string;
  /** One a line: its name, a colon, what changes. */
  levels: string;
  cue: string;
  feel: string;
  target: string;
  tags: string[];
  setUp: string;
  /** One a line. */
  steps: string;
  good: string;
  mistakes: string;
  roundFlaw: string | null;
  roundSeen: string;
  holds: string[];
  leavesOut: string | null;
}

/** How each field is called where it is typed. */
export const draftLabels: Readonly<Record<keyof DrillDraft, string>> = {
  id: texts.id,
  name: texts.name,
  discipline: texts.delivery,
  thread: texts.thread,
  stage: texts.stage,
  targets: texts.worksOn,
  needs: texts.needsOnePerLine,
  places: texts.whereItCanBe,
  dose: texts.dose,
  throws: texts.throwsOfTheWhole,
  effortFrom: texts.effortFromPercent,
  effortTo: texts.effortToPercent,
  strength: texts.strengthDrill,
  minAge: texts.fromAge,
  avoid: texts.notWithPainIn,
  easier: texts.nextEasierDrill,
  harder: texts.nextHarderDrill,
  figure: texts.drillWithTheSame,
  what: texts.inOneOrTwo,
  caution: texts.care,
  levels: texts.levelsOnePerLine,
  cue: texts.plain,
  feel: texts.asAFeeling,
  target: texts.asATargetOutside,
  tags: texts.whatTheyAskFor,
  setUp: texts.setUp,
  steps: texts.oneRepOneStep,
  good: texts.whatGoodLooksLike,
  mistakes: texts.commonMistakesOnePer,
  roundFlaw: texts.workaround,
  roundSeen: texts.howTheWorkaroundLooks,
  holds: texts.partsOfTheDelivery,
  leavesOut: texts.leftOutComes,
};

export const emptyDraft: DrillDraft = {
  id: '',
  name: '',
  discipline: 'both',
  thread: 'lower',
  stage: 'feel',
  targets: [],
  needs: '',
  places: ['home', 'field'],
  dose: '3x8',
  throws: '0',
  effortFrom: '',
  effortTo: '',
  strength: false,
  minAge: '9',
  avoid: [],
  easier: null,
  harder: null,
  what: '',
  caution: '',
  levels: '',
  cue: '',
  feel: '',
  target: '',
  tags: [],
  setUp: '',
  steps: '',
  good: '',
  mistakes: '',
  roundFlaw: null,
  roundSeen: '',
  holds: [],
  leavesOut: null,
  figure: null,
};

export function draftOf({ page, cues, effort, equipment, ...drill }: OwnDrill): DrillDraft {
  return {
    ...drill,
    targets: [...drill.targets],
    needs: equipment.map((any) => any.join(' or ')).join('\n'),
    places: [...drill.places],
    throws: String(drill.throws),
    effortFrom: effort ? String(effort.from) : '',
    effortTo: effort ? String(effort.to) : '',
    minAge: String(drill.minAge),
    avoid: [...drill.avoidWithPainIn],
    caution: drill.caution ?? '',
    levels: (drill.levels ?? []).map(({ name, change }) => `${name}: ${change}`).join('\n'),
    feel: cues.feel,
    target: cues.target,
    tags: [...cues.tags],
    setUp: page.setUp,
    steps: page.steps.join('\n'),
    good: page.good,
    mistakes: page.mistakes.join('\n'),
    roundFlaw: page.workaround?.flaw ?? null,
    roundSeen: page.workaround?.seen ?? '',
    holds: [...page.holds],
    leavesOut: page.leavesOut,
  };
}

/** A name as an id that no drill of the book has yet. */
export function idFor(name: string, book: DrillBook): string {
  const plain = name
    .normalize('NFD')
    .replaceAll(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 40)
    .replace(/-$/, '');
  const first = `own-${plain || 'drill'}`;
  let id = first;
  for (let n = 2; book.drill(id); n++) id = `${first}-${n}`;
  return id;
}

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
const figure = (text: string): number | string => typedFigure(text) ?? NaN;

/** “half break: start with the hands half apart”; without a colon nothing is said of what changes. */
function levelOfLine(line: string): { name: string; change: string } {
  const [name, ...change] = line.split(':');
  return { name: name!.trim(), change: change.join(':').trim() };
}

/** What was typed, as a drill; not checked yet. */
const typed = (draft: DrillDraft): object => ({
  id: draft.id,
  name: draft.name.trim(),
  discipline: draft.discipline,
  thread: draft.thread,
  stage: draft.stage,
  targets: draft.targets,
  equipment: linesOf(draft.needs).map((line) => line.split(/ or /).map((thing) => thing.trim())),
  places: draft.places,
  dose: draft.dose.trim(),
  throws: figure(draft.throws),
  effort:
    draft.effortFrom.trim() || draft.effortTo.trim()
      ? { from: figure(draft.effortFrom || draft.effortTo), to: figure(draft.effortTo) }
      : null,
  strength: draft.strength,
  minAge: figure(draft.minAge),
  avoidWithPainIn: draft.avoid,
  easier: draft.easier,
  harder: draft.harder,
  what: draft.what.trim(),
  cue: draft.cue.trim(),
  caution: draft.caution.trim() || null,
  ...(linesOf(draft.levels).length ? { levels: linesOf(draft.levels).map(levelOfLine) } : {}),
  page: {
    setUp: draft.setUp.trim(),
    steps: linesOf(draft.steps),
    good: draft.good.trim(),
    mistakes: linesOf(draft.mistakes),
    workaround: draft.roundFlaw ? { flaw: draft.roundFlaw, seen: draft.roundSeen.trim() } : null,
    holds: draft.holds,
    leavesOut: draft.leavesOut,
  },
  cues: { feel: draft.feel.trim(), target: draft.target.trim(), tags: draft.tags },
  figure: draft.figure,
});

/** Where a field of a drill is typed. */
const places: readonly [RegExp, keyof DrillDraft][] = [
  [/^equipment/, 'needs'],
  [/^effort\.from/, 'effortFrom'],
  [/^effort/, 'effortTo'],
  [/^avoidWithPainIn/, 'avoid'],
  [/^page\.workaround\.seen/, 'roundSeen'],
  [/^page\.workaround/, 'roundFlaw'],
];

const placeOf = (field: string): keyof DrillDraft => {
  const cue = /^cues\.(feel|target|tags)/.exec(field)?.[1];
  if (cue) return cue as keyof DrillDraft;
  const known = places.find(([pattern]) => pattern.test(field))?.[1];
  return known ?? (field.replace(/^page\./, '').split('.')[0] as keyof DrillDraft);
};

export type DraftProblems = Partial<Record<keyof DrillDraft, string>>;

/** The drill that was typed, or what is wrong with it by the field in which it was typed. */
export function drillOfDraft(
  draft: DrillDraft,
  book: DrillBook,
): { drill: OwnDrill; problems?: never } | { drill?: never; problems: DraftProblems } {
  const checked = check(ownDrill, typed(draft) as OwnDrill, formMessages);
  const wrong = checked.problems
    ? checked.problems.map(({ field, text }) => [placeOf(field), text] as const)
    : faultsOf(checked.value, book).map(({ field, why }) => [placeOf(field), why] as const);
  if (wrong.length === 0) return { drill: checked.value! };
  const problems: DraftProblems = {};
  for (const [field, words] of wrong) problems[field] ??= words;
  return { problems };
}
