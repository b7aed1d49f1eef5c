import type { Drill, DrillLevel } from '../catalogue';
import { gate, type Gate, type SessionCount } from './gate';

/** Reps of one drill at one level in one session; the level is null where none was written down. */
export interface LevelCount extends SessionCount {
  session: string;
  level: string | null;
}

export interface LevelMove {
  direction: 'up' | 'back';
  /** Name of the level to go to. */
  to: string;
}

/** How somebody stands in a drill. */
export interface DrillStanding {
  /** Name of the level at which it is worked; null for a drill without levels. */
  level: string | null;
  /** The gate of that level, and whether its newest session hurt. */
  gate: Gate;
  pain: boolean;
  /** The next level, or the one before, where the gate asks for it; it goes before any move of the stage. */
  move: LevelMove | null;
}

type Levelled = Pick<Drill, 'levels'>;

const names = ({ levels }: Levelled): string[] => (levels ?? []).map(({ name }) => name);

/**
 * The name of the level at which a drill is worked: as it was chosen last, else the first; null for a drill without
 * levels. A level that the drill does not have any more counts as never chosen.
 *
 * @example levelNow({ levels: [{ name: 'half', change: '' }, { name: 'full', change: '' }] }, undefined) // 'half'
 */
export function levelNow(drill: Levelled, chosen: string | undefined): string | null {
  const known = names(drill);
  return chosen !== undefined && known.includes(chosen) ? chosen : (known[0] ?? null);
}

/**
 * A level on a sheet: “Level half break: start with the hands half apart.”
 *
 * @example levelWords({ name: 'half break', change: 'start with the hands half apart' }) // 'Level half break: start with the hands half apart'
 */
export const levelWords = ({ name, change }: DrillLevel): string =>
  `Level ${name}: ${change.charAt(0).toLowerCase()}${change.slice(1)}`;

/** Counts at one level, oldest first; reps from before anybody wrote levels down count as the first. */
const countsAt = (drill: Levelled, level: string | null, counts: readonly LevelCount[]): LevelCount[] =>
  level === null ? [...counts] : counts.filter((count) => (count.level ?? names(drill)[0]) === level);

/**
 * The gate of the level at which a drill is worked, and where it leads.
 *
 * @param counts of this drill, oldest first; one for each session and level
 * @example drillStanding({ id: 'hip-snap' }, undefined, []).gate.decision // 'stay'
 */
export function drillStanding(
  drill: Levelled,
  chosen: string | undefined,
  counts: readonly LevelCount[],
): DrillStanding {
  const level = levelNow(drill, chosen);
  const own = countsAt(drill, level, counts);
  const found = gate(own);
  const known = names(drill);
  const at = level === null ? -1 : known.indexOf(level);
  const to = found.decision === 'up' ? known[at + 1] : found.decision === 'back' ? known[at - 1] : undefined;
  return {
    level,
    gate: found,
    pain: own.at(-1)?.pain ?? false,
    move:
      level === null || to === undefined ? null : { direction: found.decision === 'up' ? 'up' : 'back', to },
  };
}

/**
 * Counts of one drill, those of one session and level taken together, oldest first.
 *
 * @example levelCounts([]) // []
 */
export function levelCounts(counts: readonly LevelCount[]): LevelCount[] {
  const bySession = new Map<string, LevelCount>();
  for (const { session, level, clean, missed, pain } of counts) {
    const key = `${session} ${level ?? ''}`;
    const so = bySession.get(key) ?? { session, level, clean: 0, missed: 0, pain };
    bySession.set(key, { ...so, clean: so.clean + clean, missed: so.missed + missed });
  }
  return [...bySession.values()];
}

/**
 * The last sessions of each level: as much as any gate looks back on.
 *
 * @example recentCounts([]) // []
 */
export function recentCounts(counts: readonly LevelCount[], each = 4): LevelCount[] {
  const seen = new Map<string | null, number>();
  return [...counts]
    .reverse()
    .filter(({ level }) => {
      const so = (seen.get(level) ?? 0) + 1;
      seen.set(level, so);
      return so <= each;
    })
    .reverse();
}
