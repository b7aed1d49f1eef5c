import { FieldError } from '../units/fieldError';
import {
  catalogueVersion,
  links as catalogueLinks,
  nodeName,
  nodeOf,
  nodesFor,
  type Discipline,
  type Link,
  type Node,
} from '../catalogue';
import { causeGraph } from './graph';
import { texts } from './texts';

/** An academy's own word on one link: another weight, a link that the catalogue does not have, or none. */
export interface LinkEdit {
  cause: string;
  effect: string;
  /** In (0, 1); null switches the link off. */
  weight: number | null;
}

/** The links that hold, under a name that a stored trace carries. */
export interface LinkSet {
  version: string;
  links: readonly Link[];
}

export const catalogueLinkSet: LinkSet = { version: catalogueVersion, links: catalogueLinks };

/** A weight is at least and at most this, so that no cause is certain and none is nothing. */
export const leastWeight = 0.01;
export const mostWeight = 0.99;

const keyOf = ({ cause, effect }: Pick<Link, 'cause' | 'effect'>): string => `${cause} ${effect}`;

/**
 * The catalogue's links with an academy's edits over them.
 *
 * @param edits oldest first; of one link the newest counts. Their number is part of the version.
 * @example academyLinks([]).version // '2'
 */
export function academyLinks(edits: readonly LinkEdit[]): LinkSet {
  if (edits.length === 0) return catalogueLinkSet;
  const own = new Map(edits.map((edit) => [keyOf(edit), edit]));
  const known = new Set(catalogueLinks.map(keyOf));
  const added = [...own.values()].filter((edit) => !known.has(keyOf(edit)));
  const links = [...catalogueLinks, ...added].flatMap((link): Link[] => {
    const { weight } = own.get(keyOf(link)) ?? link;
    return weight === null ? [] : [{ cause: link.cause, effect: link.effect, weight }];
  });
  return { version: `${catalogueVersion}+${edits.length}`, links };
}

/** A link as an academy holds it. */
export interface LinkState {
  cause: string;
  effect: string;
  /** Null is off. */
  weight: number | null;
  /** Of the catalogue; null for a link of the academy's own. */
  given: number | null;
}

/**
 * Every link of a discipline: those of the catalogue, the changed, the own and the switched off.
 *
 * @example linkStates([], 'overhand').length > 0 // true
 */
export function linkStates(edits: readonly LinkEdit[], discipline: Discipline): LinkState[] {
  const known = new Set(nodesFor(discipline).map(({ id }) => id));
  const now = new Map(academyLinks(edits).links.map((link) => [keyOf(link), link.weight]));
  const given = new Map(catalogueLinks.map((link) => [keyOf(link), link.weight]));
  const all = new Map([...catalogueLinks, ...edits].map((link) => [keyOf(link), link]));
  return [...all.values()]
    .filter(({ cause, effect }) => known.has(cause) && known.has(effect))
    .map((link) => ({
      cause: link.cause,
      effect: link.effect,
      weight: now.get(keyOf(link)) ?? null,
      given: given.get(keyOf(link)) ?? null,
    }));
}

const isTactical = (node: Node): boolean => node.type === 'flaw' && node.kind === 'tactical';

/**
 * What the ball shows causes nothing, and what is tactical is never traced.
 *
 * @example mayCause(nodeOf('oh.lift-stall')) // true
 */
export const mayCause = (node: Node): boolean => node.type !== 'symptom' && !isTactical(node);
/**
 * The delivery causes no limit of the body.
 *
 * @example mayFollow(nodeOf('lim.balance')) // false
 */
export const mayFollow = (node: Node): boolean => node.type !== 'limit' && !isTactical(node);

/** The disciplines that a node belongs to. */
function disciplinesOf(id: string): readonly Discipline[] {
  const node = nodeOf(id);
  return node?.type === 'flaw' ? [node.discipline] : ['overhand', 'windmill'];
}

/**
 * What speaks against an edit by itself, field by field; nothing for one that may be tried against the other links.
 */
function wrongWith({ cause, effect, weight }: LinkEdit): { field: keyof LinkEdit; message: string } | null {
  const [from, to] = [nodeOf(cause), nodeOf(effect)];
  if (!from) return { field: 'cause', message: texts.thereIsNo(cause) };
  if (!to) return { field: 'effect', message: texts.thereIsNo(effect) };
  if (from.type === 'symptom') return { field: 'cause', message: texts.causesNothing(from.name) };
  if (to.type === 'limit')
    return {
      field: 'effect',
      message: texts.limitHasNoCause(to.name),
    };
  for (const [field, node] of [
    ['cause', from],
    ['effect', to],
  ] as const)
    if (isTactical(node)) return { field, message: texts.isTactical(node.name) };
  if (cause === effect) return { field: 'effect', message: texts.nothingIsItsOwnCause };
  if (!disciplinesOf(cause).some((discipline) => disciplinesOf(effect).includes(discipline)))
    return { field: 'effect', message: texts.areOfTwoDeliveries(from.name, to.name) };
  if (weight !== null && !(weight >= leastWeight && weight <= mostWeight))
    return { field: 'weight', message: texts.mustBeWithin(leastWeight, mostWeight) };
  return null;
}

/**
 * The links with one more edit.
 *
 * @throws RangeError when the edit itself is wrong; the message begins with the field
 * @throws CycleError when the links would run in a circle
 * @example withEdit([], { cause: 'oh.lift-stall', effect: 'oh.lead-leg-opens', weight: 0.4, reason: 'Seen' }).version // '2+1'
 */
export function withEdit(edits: readonly LinkEdit[], edit: LinkEdit): LinkSet {
  const wrong = wrongWith(edit);
  if (wrong) throw new FieldError(wrong.field, wrong.message);
  const set = academyLinks([...edits, edit]);
  for (const discipline of disciplinesOf(edit.effect)) causeGraph(discipline, [], set.links);
  return set;
}

/**
 * A circle of links in words: each causes the next, and the last the first.
 *
 * @example cycleWords(['oh.lift-stall', 'oh.lead-leg-opens']) // 'This would close a circle: “Momentum dies at the top” causes “Lead leg opens early”.'
 */
export const cycleWords = (cycle: readonly string[]): string =>
  texts.thisWouldCloseCircle(cycle.map((id) => `“${nodeName(id)}”`).join(' causes '));
