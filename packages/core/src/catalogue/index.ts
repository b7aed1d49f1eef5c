import { ballLinks } from './causes.ball';
import { bodyLinks } from './causes.body';
import { overhandLinks } from './causes.overhand';
import { windmillLinks } from './causes.windmill';
import { drills } from './drills';
import { overhandFlaws } from './flaws.overhand';
import { windmillFlaws } from './flaws.windmill';
import { limits } from './limits';
import { symptoms } from './symptoms';
import type { Discipline, Drill, Flaw, Limit, Link, LinkTable, Phase, Symptom } from './types';

export * from './types';
export { drills } from './drills';
export { limits } from './limits';
export { norms } from './norms';
export { pitchLimits } from './pitchLimits';
export { symptoms } from './symptoms';

/** Named by every stored trace, so that an old one never changes when the catalogue does. */
export const catalogueVersion = '1';

export const flaws: readonly Flaw[] = [...overhandFlaws, ...windmillFlaws];

const linksOf = (table: LinkTable): Link[] =>
  Object.entries(table).flatMap(([cause, effects]) =>
    Object.entries(effects).map(([effect, weight]) => ({ cause, effect, weight })),
  );

export const links: readonly Link[] = [overhandLinks, windmillLinks, bodyLinks, ballLinks].flatMap(linksOf);

export const phases: Readonly<Record<Discipline, readonly Phase[]>> = {
  overhand: ['setup', 'lift', 'glide', 'plant', 'turn', 'release', 'finish'],
  windmill: ['setup', 'load', 'drive', 'circle', 'plant', 'through', 'finish'],
};

/** Anything that can be graded. */
export type Node = (Flaw & { type: 'flaw' }) | (Limit & { type: 'limit' }) | (Symptom & { type: 'symptom' });

/** Flaws, then limits, then symptoms: the order in which ties are broken. */
const nodes: readonly Node[] = [
  ...flaws.map((flaw) => ({ ...flaw, type: 'flaw' as const })),
  ...limits.map((limit) => ({ ...limit, type: 'limit' as const })),
  ...symptoms.map((symptom) => ({ ...symptom, type: 'symptom' as const })),
];

const nodeById = new Map(nodes.map((node) => [node.id, node]));
const drillById = new Map(drills.map((drill) => [drill.id, drill]));

/** Undefined for an id that is not in the catalogue. */
export const nodeOf = (id: string): Node | undefined => nodeById.get(id);
export const drillOf = (id: string): Drill | undefined => drillById.get(id);
/** The id itself where the catalogue has no such node, so that an old record can still be read. */
export const nodeName = (id: string): string => nodeById.get(id)?.name ?? id;

export const flawsFor = (discipline: Discipline): readonly Flaw[] =>
  discipline === 'overhand' ? overhandFlaws : windmillFlaws;

/** What can be graded for a discipline: its own flaws, and every limit and symptom. */
export const nodesFor = (discipline: Discipline): readonly Node[] =>
  nodes.filter((node) => node.type !== 'flaw' || node.discipline === discipline);

export const drillsFor = (discipline: Discipline): readonly Drill[] =>
  drills.filter((drill) => drill.discipline === 'both' || drill.discipline === discipline);

/** Mass of the usual ball of a discipline, grams. */
export const usualBall: Readonly<Record<Discipline, number>> = { overhand: 145, windmill: 188 };
