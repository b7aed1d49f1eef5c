import type { DrillCue } from '../cues';
import type { DrillPage } from '../pages';
import type { Drill } from '../types';

/** A drill that is told from beginning to end in one piece, as academies write their own and hand them on. */
export interface OwnDrill extends Drill {
  page: DrillPage;
  cues: DrillCue;
  /** Id of the drill of the catalogue whose figure shows the set-up; null for none. */
  figure: string | null;
}

type Written = Pick<OwnDrill, 'id' | 'name' | 'targets' | 'dose' | 'what' | 'cue' | 'page' | 'cues'> &
  Partial<OwnDrill>;
type Shared = Pick<OwnDrill, 'discipline' | 'thread' | 'stage'>;

/**
 * Completes drills that need nothing but the room for them: dry, at any place, from seven years on.
 *
 * @example bareOf({ stage: 'feel' }, []) // []
 */
export const bareOf = (shared: Shared, written: readonly Written[]): readonly OwnDrill[] =>
  written.map((drill) => ({
    ...shared,
    equipment: [],
    places: ['home', 'field', 'cage', 'gym'],
    throws: 0,
    effort: null,
    strength: false,
    minAge: 7,
    avoidWithPainIn: [],
    easier: null,
    harder: null,
    caution: null,
    figure: drill.id,
    ...drill,
  }));
