import { simulatedLine, type AthletePage, type RadarReading } from '@wrightonic/contract';
import { doubtOf, heldAbove, type Doubt, type LineReading } from '@wrightonic/core';
import { useRef, useState } from 'react';
import type { Session } from '../useSession';
import { useLines } from './useLines';
import { useRadar } from './useRadar';

export interface HeldReading extends RadarReading {
  doubt: Doubt;
}

/** More than this nobody sorts out in the middle of a set. */
const mostHeld = 3;

/**
 * What a radar line makes of the drill under way: readings become throws by themselves, doubtful ones wait for a tap.
 *
 * @param drill a throwing drill; null while nothing is thrown
 */
export function useReadings(page: AthletePage, session: Session, drill: string | null) {
  const { line } = useLines();
  const [held, setHeld] = useState<HeldReading[]>([]);
  const before = useRef<LineReading | null>(null);
  const { athlete, velocities } = page;
  const best = velocities.length ? Math.max(...velocities.map(({ top }) => top)) : null;
  const limit = heldAbove(athlete.discipline, athlete.age, best);
  const source = line === simulatedLine ? 'simulated' : 'radar';
  const take = (reading: RadarReading) => {
    if (drill) session.inSession().measured(drill, reading, source);
  };
  const state = useRadar({
    line: drill ? line : null,
    athleteId: athlete.id,
    effort: (drill && session.effortOf(drill)) || 90,
    onReading: (reading) => {
      const now = { velocity: reading.velocity, at: Date.parse(reading.at) };
      const doubt = doubtOf(now, { heldAbove: limit, best, before: before.current });
      before.current = now;
      if (doubt) setHeld((waiting) => [...waiting, { ...reading, doubt }].slice(-mostHeld));
      else take(reading);
    },
  });
  const drop = ({ id }: HeldReading) => setHeld((waiting) => waiting.filter((each) => each.id !== id));
  return {
    line: drill ? line : null,
    state,
    limit,
    held,
    keep: (reading: HeldReading) => {
      drop(reading);
      take(reading);
    },
    drop,
  };
}

export type Readings = ReturnType<typeof useReadings>;
