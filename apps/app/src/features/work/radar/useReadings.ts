import type { WorkPage, RadarReading } from '@wrightonic/contract';
import { simulatedLine } from '@wrightonic/contract/fixed';
import { claimedByRep, doubtOf, doubtfulAbove, type Doubt, type LineReading } from '@wrightonic/core';
import { useRef, useState } from 'react';
import { now } from '../../../offline/clock';
import type { Claimed } from '../sessionActions';
import type { Session } from '../useSession';
import { unclaimedReadings } from './unclaimed';
import { useLines } from '../../../ui/radar/useLines';
import { useRadar } from '../../../ui/radar/useRadar';

/** A reading without a rep: it waits until it is claimed or discarded, and never counts by itself. */
export interface PendingReading extends Claimed, LineReading {
  /** Why it is most likely no throw of this athlete; null when nothing speaks against it. */
  doubt: Doubt | null;
}

/**
 * What a radar line makes of the drill under way: a reading belongs to the rep tapped just before it or next after it;
 * any other is unclaimed.
 *
 * @param drill a throwing drill; null while nothing is thrown
 */
export function useReadings(page: WorkPage, session: Session, drill: string | null) {
  const { line } = useLines();
  const kept = unclaimedReadings(session.sessionId ?? '');
  const [pending, setPending] = useState<PendingReading[]>(kept.read);
  const before = useRef<LineReading | null>(null);
  const { athlete, velocities } = page;
  const best = velocities.length ? Math.max(...velocities.map(({ top }) => top)) : null;
  const limit = doubtfulAbove(athlete.discipline, athlete.age, best);
  const source = line === simulatedLine ? 'simulated' : 'radar';
  const change = (to: (waiting: PendingReading[]) => PendingReading[]) =>
    setPending((waiting) => kept.write(to(waiting)));
  const discard = ({ id }: PendingReading) => change((all) => all.filter((each) => each.id !== id));
  const hear = (reading: RadarReading) => {
    if (!drill) return;
    const heard = { velocity: reading.velocity, at: Date.parse(reading.at) };
    const doubt = doubtOf(heard, { doubtfulAbove: limit, best, before: before.current });
    before.current = heard;
    // Fresh or not by this device's clock, whatever the instrument's says.
    const claimed: PendingReading = {
      id: reading.id,
      ...heard,
      at: now().getTime(),
      source,
      doubt,
      ...(reading.flight ? { flight: reading.flight } : {}),
    };
    if (doubt || !session.inSession().attach(drill, claimed)) change((all) => [...all, claimed]);
  };
  const state = useRadar({
    line: drill ? line : null,
    athleteId: athlete.id,
    effort: (drill && session.effortOf(drill)) || 90,
    onReading: hear,
  });
  return {
    line: drill ? line : null,
    state,
    limit,
    pending,
    /** The reading that the rep tapped now takes; it waits no longer. */
    forRep: (): PendingReading | null => {
      const plausible = pending.filter(({ doubt }) => doubt === null);
      const taken = claimedByRep(plausible, now().getTime());
      if (taken) discard(taken);
      return taken;
    },
    claim: (reading: PendingReading) => {
      discard(reading);
      if (drill) session.inSession().claim(drill, reading);
    },
    discard,
  };
}

export type Readings = ReturnType<typeof useReadings>;
