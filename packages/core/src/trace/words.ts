import { nodeName, nodeOf } from '../catalogue';
import type { FocusReason } from './focus';
import type { Root, Trace } from './trace';

const one = (value: number): string => value.toFixed(1);

/** Names in a row, as in speech: "a", "a and b", "a, b and c". */
export function listed(names: readonly string[]): string {
  if (names.length < 2) return names.join('');
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

const lowered = (id: string): string => {
  const name = nodeName(id);
  return name[0]!.toLowerCase() + name.slice(1);
};

/** The chain of a root in one sentence, largest parts first. */
export function chainWords(root: Root, total: number): string {
  const others = root.explains.filter(({ id, credit }) => id !== root.id && credit >= 0.05);
  const head = `${nodeName(root.id)} explains ${one(root.score)} of the ${one(total)} points marked`;
  if (others.length === 0) return `${head}: itself.`;
  const named = others.slice(0, 5).map(({ id }) => lowered(id));
  const rest = others.length - named.length;
  return `${head}: itself, ${listed(rest > 0 ? [...named, `${rest} more`] : named)}.`;
}

/** Why a focus is proposed. */
export function focusWords(reason: FocusReason, trace: Trace): string {
  const node = nodeOf(reason.id);
  const root = trace.roots.find(({ id }) => id === reason.id);
  const share = `${Math.round((root?.share ?? 0) * 100)} % of the picture`;
  const thread = reason.thread === 'lower' ? 'lower half' : 'arm action';
  if (reason.why === 'stress' && node?.type === 'flaw')
    return `First, because it is severe and loads the ${node.stresses}; it explains ${share}.`;
  return `It explains ${share}, more than anything else in the ${thread}.`;
}

/** What the body may not allow yet, one sentence for each limit. */
export function bodyWords(bodyFirst: Trace['bodyFirst']): string[] {
  return [...new Set(bodyFirst.map(({ limit }) => limit))].map((limit) => {
    const held = bodyFirst
      .filter((each) => each.limit === limit)
      .map(({ flaw, share }) => `${Math.round(share * 100)} % of “${nodeName(flaw)}”`);
    return `The body may not get there yet: ${lowered(limit)} explains ${listed(held)}.`;
  });
}
