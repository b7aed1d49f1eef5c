import type { Discipline, Flaw, Phase, Thread } from './types';

type Checkpoint = Omit<Flaw, 'discipline' | 'phase'>;

const checkpoint =
  (kind: Flaw['kind']) =>
  (id: string, name: string, thread: Thread, see: string, stresses: Flaw['stresses'] = null): Checkpoint => ({
    id,
    name,
    thread,
    kind,
    stresses,
    see,
  });

export const pattern = checkpoint('pattern');
export const style = checkpoint('style');
export const tactical = checkpoint('tactical');

/**
 * Lays the checkpoints of a discipline out in phase order.
 *
 * @example flawsOf('overhand', {}) // []
 */
export function flawsOf(
  discipline: Discipline,
  byPhase: Partial<Record<Phase, Checkpoint[]>>,
): readonly Flaw[] {
  return Object.entries(byPhase).flatMap(([phase, points]) =>
    points.map((point) => ({ ...point, discipline, phase: phase as Phase })),
  );
}
