import {
  flawsFor,
  nodeName,
  nodesFor,
  phaseNames,
  phases,
  saidOf,
  type Discipline,
  type Severity,
  type Stage,
} from '../catalogue';
import { lockedAtHomeWords } from '../home';
import type { ThrowLock } from '../safety';
import type { Findings } from '../trace';
import { listed } from '../trace/words';
import { velocityIn, type VelocityUnit } from '../units';
import { compareLooks, type Comparison } from './compare';
import type { DatedLook } from './history';
import { homeTotal, type WorkDone } from './homeWork';
import type { SpanChange } from './overSpan';

/** How a phase moved between two looks, by what was looked at both times. */
interface PhaseSum {
  phase: string;
  before: number;
  after: number;
}

/**
 * Checkpoints of a discipline in the order in which a comparison shows them: flaws by their phase, then the rest.
 *
 * @example comparedIds('overhand').length > 60 // true
 */
export const comparedIds = (discipline: Discipline): string[] => [
  ...flawsFor(discipline).map(({ id }) => id),
  ...nodesFor(discipline)
    .filter(({ type }) => type !== 'flaw')
    .map(({ id }) => id),
];

function phaseSums(discipline: Discipline, { points }: Comparison): PhaseSum[] {
  const phaseOf = new Map(flawsFor(discipline).map(({ id, phase }) => [id, phase]));
  const both = points.filter(({ before, after }) => before !== null && after !== null);
  return phases[discipline].map((phase) => {
    const here = both.filter(({ id }) => phaseOf.get(id) === phase);
    const sum = (of: 'before' | 'after') => here.reduce((all, point) => all + point[of]!, 0);
    return { phase: phaseNames[phase]!.toLowerCase(), before: sum('before'), after: sum('after') };
  });
}

/**
 * What two looks say together, in one sentence: in which phases it got better, in which worse, and the sum of both.
 *
 * @param comparison of looks of that discipline
 * @example sumWords('overhand', compareLooks({ 'oh.lift-stall': 3, 'oh.short-stride': 0 }, { 'oh.lift-stall': 1, 'oh.short-stride': 1 }, comparedIds('overhand'))) // 'Better in lift, worse in glide: 3 points in all before, 2 after.'
 */
export function sumWords(discipline: Discipline, comparison: Comparison): string {
  const sums = phaseSums(discipline, comparison);
  const named = (of: readonly PhaseSum[]) => listed(of.map(({ phase }) => phase));
  const better = sums.filter(({ before, after }) => after < before);
  const worse = sums.filter(({ before, after }) => after > before);
  const parts = [
    ...(better.length ? [`better in ${named(better)}`] : []),
    ...(worse.length ? [`worse in ${named(worse)}`] : []),
  ];
  const { before, after } = comparison.sum;
  const head = parts.length ? parts.join(', ') : 'no phase moved';
  return `${head[0]!.toUpperCase()}${head.slice(1)}: ${before} points in all before, ${after} after.`;
}

/** What a report is made of. */
export interface ReportInput {
  givenName: string;
  discipline: Discipline;
  /** Two finished looks; null where there is no such look. */
  before: DatedLook | null;
  after: DatedLook | null;
  velocity: SpanChange;
  unit: VelocityUnit;
  /** Weeks since the earlier look. */
  home: readonly WorkDone[];
}

export interface ReportWords {
  movement: string;
  velocity: string;
  /** Null where nothing was assigned. */
  home: string | null;
}

/** What was a flaw at one of two looks, and looked at both times. */
const inQuestion = ({ points }: Comparison) =>
  points.filter(({ before, after }) => before !== null && after !== null && (before > 0 || after > 0));

function movementWords({ givenName, discipline, before, after }: ReportInput): string {
  if (!after) return `${givenName}’s delivery has not been looked at yet.`;
  if (!before || before.date === after.date)
    return `There is one look so far, of ${after.date}; the next one will show what changed.`;
  const all = inQuestion(compareLooks(before.findings, after.findings, comparedIds(discipline)));
  if (all.length === 0)
    return `Since ${before.date} nothing in ${givenName}’s delivery that was looked at both times needed work.`;
  const better = all.filter(({ change }) => change === 'better').length;
  const slipped = all.filter(({ change }) => change === 'slipped').length;
  const [count, their] = [all.length, `in ${givenName}’s delivery`];
  const gained =
    count === 1
      ? `The one thing ${their} that needed work is ${better ? 'better than' : 'no better than'} on ${before.date}`
      : better === 0
        ? `None of ${count} things ${their} is better than on ${before.date} yet`
        : `${better === count ? `All ${count}` : `${better} of ${count}`} things ${their} ${better === 1 ? 'is' : 'are'} better than on ${before.date}`;
  const lost = slipped ? `; ${slipped} slipped and ${slipped === 1 ? 'needs' : 'need'} work again` : '';
  return `${gained}${lost}.`;
}

function velocityWords({ givenName, velocity, unit }: ReportInput): string {
  const said = (value: number) => `${velocityIn(value, unit).toFixed(1)} ${unit}`;
  if (velocity.change === null)
    return velocity.verdict === 'one session'
      ? `${givenName}’s velocity was measured on one day so far; a second one will show whether it changed.`
      : `${givenName}’s velocity has not been measured yet.`;
  const { from, to, needed } = velocity.change;
  const figures = `from ${said(from.usual)} to ${said(to.usual)}`;
  const pretend = velocity.simulated ? ' Some of it was simulated and says nothing about the athlete.' : '';
  const words = {
    faster: `${givenName} usually throws faster than on ${from.date}: ${figures}, a real change.`,
    slower: `${givenName} usually throws slower than on ${from.date}: ${figures}, a real change.`,
    unchanged: `${givenName}’s usual velocity is about the same as on ${from.date} (${figures}; anything over ${velocityIn(needed, unit).toFixed(1)} ${unit} is a real change).`,
  };
  return `${words[velocity.verdict]}${pretend}`;
}

function homeWords({ givenName, home }: ReportInput): string | null {
  const { assigned, done, late, clean, missed } = homeTotal(home);
  if (assigned === 0) return null;
  const ticked = `${givenName} did ${done} of ${assigned} sets at home`;
  const counted = clean + missed ? `; ${clean} of ${clean + missed} counted reps were clean` : '';
  return `${ticked}${late ? `, ${late} of them late` : ''}${counted}.`;
}

/**
 * What a report says, without the name of any flaw, for whoever pays and whoever drives. Days stand as YYYY-MM-DD.
 *
 * @example reportWords({ givenName: 'Wren', discipline: 'overhand', before: null, after: null, velocity: changeOver([], '2026-01-01', '2026-02-01'), unit: 'mph', home: [] }).velocity // 'Wren’s velocity has not been measured yet.'
 */
export const reportWords = (input: ReportInput): ReportWords => ({
  movement: movementWords(input),
  velocity: velocityWords(input),
  home: homeWords(input),
});

/** What comes next, as far as it is known. */
export interface NextInput {
  lock: Pick<ThrowLock, 'site'> | null;
  /** Of the plan that is running; empty without one. */
  threads: readonly { focus: string; stage: Stage }[];
  relookOn: string | null;
  /** The newest finished look. */
  lookedOn: string | null;
  target: { velocity: number; by: string | null } | null;
  /** YYYY-MM-DD, as all days are here. */
  today: string;
  unit: VelocityUnit;
  /** Whether flaws may be named. */
  names: boolean;
}

/**
 * What to do next, line by line: what locks throws, one cue for each focus, the next look, the target.
 *
 * @example nextWords({ lock: null, threads: [], relookOn: null, lookedOn: null, target: null, today: '2026-01-01', unit: 'mph', names: false }) // [ 'Next: a plan from the newest look.' ]
 */
export function nextWords(input: NextInput): string[] {
  const { lock, threads, relookOn, lookedOn, target, today, unit, names } = input;
  const work = threads.map(({ focus, stage }) => {
    const cue = saidOf(focus)?.plain ?? 'Keep working on the drills of the week.';
    return names ? `Work on: ${nodeName(focus)} (${stage}). ${cue}` : cue;
  });
  const until = target?.by ? (target.by < today ? `; it was set for ${target.by}` : ` by ${target.by}`) : '';
  const aim = target && `Target: ${velocityIn(target.velocity, unit).toFixed(1)} ${unit}${until}.`;
  const ahead = relookOn && (!lookedOn || lookedOn < relookOn);
  const look = ahead && (relookOn < today ? 'The next look is due.' : `Next look: ${relookOn}.`);
  return [
    ...(lock ? [lockedAtHomeWords(lock)] : []),
    ...(work.length ? work : ['Next: a plan from the newest look.']),
    ...(look && work.length ? [look] : []),
    ...(aim ? [aim] : []),
  ];
}

/**
 * The grades of a look along the seam, without a name: one for each checkpoint in order, null where nobody looked.
 *
 * @example gradesAlong('overhand', {}).every((grade) => grade === null) // true
 */
export const gradesAlong = (discipline: Discipline, findings: Findings): (Severity | null)[] =>
  flawsFor(discipline).map(({ id }) => findings[id] ?? null);

/**
 * The same as findings again, for a seam to be drawn.
 *
 * @example findingsAlong('overhand', gradesAlong('overhand', { 'oh.lift-stall': 2 })) // { 'oh.lift-stall': 2 }
 */
export const findingsAlong = (discipline: Discipline, grades: readonly (Severity | null)[]): Findings =>
  Object.fromEntries(
    flawsFor(discipline).flatMap(({ id }, n): [string, Severity][] => {
      const grade = grades[n];
      return grade === null || grade === undefined ? [] : [[id, grade]];
    }),
  );
