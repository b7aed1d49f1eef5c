import type { ProvePage } from '@wrightonic/contract';
import {
  areAlike,
  comparableSessions,
  velocityChange,
  velocityIn,
  type VelocityUnit,
} from '@wrightonic/core';

export interface Verdict {
  from: string;
  to: string;
  /** In the unit that was asked for. */
  before: number;
  after: number;
  change: number;
  /** A change above this is real. */
  needed: number;
  real: boolean;
  /** Which throws were compared. */
  compared: string;
}

type Session = ProvePage['velocities'][number];

/** Throws of a session in words: "fastball at 90 %, 145 g". */
export const likeWords = ({ effort, pitch, ball }: Session['like']): string =>
  `${pitch} ${effort === null ? 'with no effort recorded' : `at ${effort} %`}, ${ball} g`;

/** What the usual velocity did between the first and the newest session of like throws; null with fewer than two. */
export function velocityVerdict(velocities: ProvePage['velocities'], unit: VelocityUnit): Verdict | null {
  const found = velocityChange(comparableSessions(velocities));
  if (!found) return null;
  const { from, to, change, needed, real } = found;
  return {
    from: from.date,
    to: to.date,
    before: velocityIn(from.usual, unit),
    after: velocityIn(to.usual, unit),
    change: velocityIn(change, unit),
    needed: velocityIn(needed, unit),
    real,
    compared: likeWords(to.like),
  };
}

/** Which of the compared figures are pretend; nothing where none is. */
export function simulatedNote(sessions: readonly Session[]): string {
  const n = sessions.reduce((sum, { simulated }) => sum + simulated, 0);
  return n
    ? `Simulated: ${n} of these velocities come from the simulated line and say nothing about the athlete.`
    : '';
}

/** Why there is no verdict yet. */
export function noVerdictWords(velocities: ProvePage['velocities']): string {
  const last = velocities.at(-1);
  if (!last) return 'No session has five like throws with a velocity yet. Measure five at one effort.';
  if (!areAlike(last))
    return 'No verdict: the throws of the newest session are not alike. Record the effort of each throw.';
  return `One session has throws like the newest ones (${likeWords(last.like)}). A second one will say whether anything changed.`;
}

/** The verdict in one line. */
export function verdictWords({ change, needed, real }: Verdict, unit: VelocityUnit): string {
  const size = Math.abs(change).toFixed(1);
  const by = `${size} ${unit}`;
  const noise = `Anything over ${needed.toFixed(1)} ${unit} is a real change.`;
  if (!real) return `No real change: ${size === '0.0' ? '' : change < 0 ? '−' : '+'}${by}. ${noise}`;
  return `${change > 0 ? 'Really faster' : 'Really slower'} by ${by}. ${noise}`;
}
