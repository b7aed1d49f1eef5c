import type { ProvePage } from '@wrightonic/contract';
import {
  areAlike,
  comparableSessions,
  digitsApart,
  velocityChange,
  velocityIn,
  type VelocityUnit,
} from '@wrightonic/core';
import { texts } from './texts';

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
  `${pitch} ${effort === null ? texts.withNoEffortRecorded : texts.at(effort)}, ${ball} g`;

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
  return n ? texts.simulatedOfTheseVelocities(n) : '';
}

/** Why there is no verdict yet. */
export function noVerdictWords(velocities: ProvePage['velocities']): string {
  const last = velocities.at(-1);
  if (!last) return texts.noSessionHasFive;
  if (!areAlike(last)) return texts.noVerdictTheThrows;
  return texts.oneSessionHasThrows(likeWords(last.like));
}

/** The verdict in one line. */
export function verdictWords({ change, needed, real }: Verdict, unit: VelocityUnit): string {
  const digits = digitsApart(Math.abs(change), needed);
  const size = Math.abs(change).toFixed(digits);
  const by = `${size} ${unit}`;
  const noise = texts.anythingOver(needed.toFixed(digits), unit);
  if (!real) return texts.noRealChange(size === '0.0' ? '' : change < 0 ? '−' : '+', by, noise);
  return texts.reallyFasterBy(change, by, noise);
}
