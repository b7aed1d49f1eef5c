import { nodeName, nodeOf, severityNames, type Severity } from '../catalogue';
import { approachTopics, type Approach } from './approach';
import { bodyShare } from './body';
import { focusFloor, type FocusReason } from './focus';
import type { Left } from './leaveAlone';
import type { Root, Trace } from './trace';

const one = (value: number): string => value.toFixed(1);
/**
 * A share in whole percent.
 *
 * @example percent(0.416) // '42 %'
 */
export const percent = (share: number): string =>
  share > 0 && share < 0.005 ? 'under 1 %' : `${Math.round(share * 100)} %`;

/**
 * Names in a row, as in speech: "a", "a and b", "a, b and c".
 *
 * @example listed(['hips', 'trunk', 'arm']) // 'hips, trunk and arm'
 */
export function listed(names: readonly string[]): string {
  if (names.length < 2) return names.join('');
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** A name in the middle of a sentence; what comes after a comma stands in brackets there. */
const lowered = (id: string): string => {
  const name = nodeName(id);
  return name[0]!.toLowerCase() + name.slice(1).replace(/, (.*)$/, ' ($1)');
};

/**
 * The chain of a root in one sentence, largest parts first.
 *
 * @example chainWords(traced.roots[0], traced.total) // 'Momentum dies at the top accounts for 4.5 of the 7.0 points marked: itself, lead leg opens early and glove pulls the body around.'
 */
export function chainWords(root: Root, total: number): string {
  const others = root.explains.filter(({ id, credit }) => id !== root.id && credit >= 0.05);
  const head = `${nodeName(root.id)} accounts for ${one(root.score)} of the ${one(total)} points marked`;
  if (others.length === 0) return `${head}: itself.`;
  const named = others.slice(0, 5).map(({ id }) => lowered(id));
  const rest = others.length - named.length;
  return `${head}: itself, ${listed(rest > 0 ? [...named, `${rest} more`] : named)}.`;
}

/**
 * Why a focus is proposed.
 *
 * @example focusWords(traced.reasons[0], traced) // 'Accounts for 65 % of what you marked, more than anything else in the lower half.'
 */
export function focusWords(reason: FocusReason, trace: Trace): string {
  const node = nodeOf(reason.id);
  const root = trace.roots.find(({ id }) => id === reason.id);
  const share = `${percent(root?.share ?? 0)} of what you marked`;
  const thread = reason.thread === 'lower' ? 'lower half' : 'arm action';
  if (reason.why === 'stress' && node?.type === 'flaw')
    return `First, because it is severe and loads the ${node.stresses}; it accounts for ${share}.`;
  const stress = reason.stress === undefined ? undefined : nodeOf(reason.stress);
  if (reason.why === 'cause' && stress?.type === 'flaw')
    return `First, because at least half of “${stress.name}” comes from it, which is severe and loads the ${stress.stresses}: fixing the cause makes it safe. It accounts for ${share}.`;
  return `Accounts for ${share}, more than anything else in the ${thread}.`;
}

/**
 * Why a thread has no focus though something was found in it; null where that is not so.
 *
 * @example noFocusWords('lower', traced) // null
 */
export function noFocusWords(thread: FocusReason['thread'], { tooSmall }: Trace): string | null {
  const found = tooSmall.find((each) => each.thread === thread);
  return found
    ? `“${nodeName(found.id)}” leads here and accounts for ${percent(found.share)} of what you marked. Below ${percent(focusFloor)} it is a consequence, not a focus.`
    : null;
}

/**
 * What the body may not allow yet, one sentence for each limit.
 *
 * @example bodyWords([]) // []
 */
export function bodyWords(bodyFirst: Trace['bodyFirst']): string[] {
  return [...new Set(bodyFirst.map(({ limit }) => limit))].map((limit) => {
    const limited = bodyFirst
      .filter((each) => each.limit === limit)
      .map(({ flaw, share }) => `${percent(share)} of “${nodeName(flaw)}”`);
    return `The body may not get there yet: ${lowered(limit)} accounts for ${listed(limited)}.`;
  });
}

/**
 * Body or habit, for one flaw: what the limits that were found explain of it, and what that means for the plan.
 *
 * @example habitWords('oh.lift-stall', []).length > 0 // true
 */
export function habitWords(flaw: string, shares: Trace['bodyShares']): string {
  const limited = shares.filter((each) => each.flaw === flaw);
  if (limited.length === 0) return 'Habit: no limit that was found accounts for any of it.';
  const body = listed(limited.map(({ limit, share }) => `${percent(share)} ${lowered(limit)}`));
  return limited.some(({ share }) => share >= bodyShare)
    ? `Body first: ${body}. Mobility or strength comes first; pattern work stays in the feel and move stages until the re-test.`
    : `Mostly habit: ${body}.`;
}

/** What an approach makes of a flaw that it does not count. */
const sideWords: Readonly<Record<string, string>> = {
  'oh.flat-setup': 'a pitcher who drives off the rubber may set the foot flat',
  'wm.hips-slam': 'hips that close fully are what this approach teaches',
  'oh.lift-stall': 'a stop at the top is taught here, and nothing later suffers from it',
};

/**
 * Why something found is left alone.
 *
 * @example leaveWords({ id: 'oh.lift-stall', why: 'results' }, traced.approach).length > 0 // true
 */
export function leaveWords({ id, why }: Left, approach: Approach): string {
  if (why === 'works')
    return 'It works for this athlete: results are good, nothing that it causes was found, and it loads nothing.';
  const topic = approachTopics[id];
  return topic
    ? `Not counted under “${approach[topic]}”: ${sideWords[id]}.`
    : 'Not counted by this approach.';
}

/**
 * What something that nobody has looked at could change.
 *
 * @example gainWords(1, 4) // 'If you see it, it could account for 25 %.'
 */
export const gainWords = (gain: number, total: number): string =>
  `If you see it, it could account for ${percent(gain / total)}.`;

const gradeWords = (grade: Severity | undefined): string =>
  grade === undefined ? 'not looked at' : severityNames[grade];

/**
 * One thread of the picture: how much of what its effect carries goes to the cause.
 *
 * @example threadLine(traced.flows[0], findings) // 'Momentum dies at the top (severe) accounts for 1.5 points of lead leg opens early (obvious).'
 */
export function threadLine(
  { cause, effect, credit }: Trace['flows'][number],
  findings: Readonly<Record<string, Severity>>,
): string {
  return `${nodeName(cause)} (${gradeWords(findings[cause])}) accounts for ${one(credit)} points of ${lowered(effect)} (${gradeWords(findings[effect])}).`;
}

/**
 * Largest first.
 *
 * @example strongestFirst([{ cause: 'a', effect: 'b', credit: 1 }, { cause: 'a', effect: 'c', credit: 2 }]).map(({ effect }) => effect) // [ 'c', 'b' ]
 */
export const strongestFirst = (flows: Trace['flows']): Trace['flows'] =>
  [...flows].sort((a, b) => b.credit - a.credit);

/**
 * The whole picture in sentences: what it sums to, who explains it, and every thread.
 *
 * @example pictureWords(traced, findings).length // 6
 */
export function pictureWords(trace: Trace, findings: Readonly<Record<string, Severity>>): string[] {
  if (trace.total === 0) return ['Nothing that counts was marked.'];
  const count = trace.roots.length;
  return [
    `${one(trace.total)} points marked on ${count} ${count === 1 ? 'finding' : 'findings'}.`,
    ...trace.roots
      .filter(({ share }) => share >= 0.005)
      .map((root) => `${chainWords(root, trace.total)} That is ${percent(root.share)}.`),
    ...strongestFirst(trace.flows).map((flow) => threadLine(flow, findings)),
  ];
}
