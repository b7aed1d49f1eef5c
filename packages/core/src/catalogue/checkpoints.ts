import { overhandFlaws } from './flaws.overhand';
import { windmillFlaws } from './flaws.windmill';
import { limits } from './limits';
import { symptoms } from './symptoms';
import type { Discipline, Flaw, Limit, Phase, Symptom, Thread } from './types';

export const flaws: readonly Flaw[] = [...overhandFlaws, ...windmillFlaws];

export const phases: Readonly<Record<Discipline, readonly Phase[]>> = {
  overhand: ['setup', 'lift', 'glide', 'plant', 'turn', 'release', 'finish'],
  windmill: ['setup', 'load', 'drive', 'circle', 'plant', 'through', 'finish'],
};

/** Grades in words, by severity. */
export const severityNames = ['clean', 'slight', 'obvious', 'severe'] as const;

export const phaseNames: Readonly<Record<string, string>> = {
  setup: 'Set-up',
  lift: 'Lift',
  glide: 'Glide',
  load: 'Load',
  drive: 'Drive',
  circle: 'Circle',
  plant: 'Plant',
  turn: 'Turn',
  through: 'Through',
  release: 'Release',
  finish: 'Finish',
};

export const threadNames: Readonly<Record<Thread, string>> = { lower: 'Lower half', arm: 'Arm action' };

/** Anything that can be graded. */
export type Node = (Flaw & { type: 'flaw' }) | (Limit & { type: 'limit' }) | (Symptom & { type: 'symptom' });

/** Flaws, then limits, then symptoms: the order in which ties are broken. */
const nodes: readonly Node[] = [
  ...flaws.map((flaw) => ({ ...flaw, type: 'flaw' as const })),
  ...limits.map((limit) => ({ ...limit, type: 'limit' as const })),
  ...symptoms.map((symptom) => ({ ...symptom, type: 'symptom' as const })),
];

const nodeById = new Map(nodes.map((node) => [node.id, node]));

/**
 * Undefined for an id that is not in the catalogue.
 *
 * @example nodeOf('oh.lift-stall')?.name // 'Momentum dies at the top'
 */
export const nodeOf = (id: string): Node | undefined => nodeById.get(id);
/**
 * The id itself where the catalogue has no such node, so that an old record can still be read.
 *
 * @example nodeName('oh.gone-by-now') // 'oh.gone-by-now'
 */
export const nodeName = (id: string): string => nodeById.get(id)?.name ?? id;

/**
 * The flaws of a delivery in the order of its phases.
 *
 * @example flawsFor('windmill')[0].id // 'wm.rushed-start'
 */
export const flawsFor = (discipline: Discipline): readonly Flaw[] =>
  discipline === 'overhand' ? overhandFlaws : windmillFlaws;

/**
 * What can be graded for a discipline: its own flaws, and every limit and symptom.
 *
 * @example nodesFor('overhand').some(({ id }) => id === 'lim.balance') // true
 */
export const nodesFor = (discipline: Discipline): readonly Node[] =>
  nodes.filter((node) => node.type !== 'flaw' || node.discipline === discipline);
