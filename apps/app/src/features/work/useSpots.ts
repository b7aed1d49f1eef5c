import {
  calledSpot,
  spotOrders,
  type CalledSpot,
  type Drill,
  type MissSide,
  type SpotOrder,
} from '@wrightonic/core';
import { useState } from 'react';
import type { Session } from './useSession';

/** The end of a session's id is luck already. */
const seedOf = (sessionId: string): number => parseInt(sessionId.replaceAll('-', '').slice(-7), 16) || 0;

interface Spots {
  order: SpotOrder | null;
  /** The spot for the next throw, or for the one that waits to be charted; null when none are called. */
  called: CalledSpot | null;
  /** A rep was tapped and nobody said where its throw went. */
  open: boolean;
  /** Off, in order, random, off. */
  next: () => void;
  chart: (sides: readonly MissSide[]) => void;
  skip: () => void;
}

/** Spots that are called in a throwing drill, and where the throws at them went. */
export function useSpots(session: Session, drill: Drill): Spots {
  const [skipped, setSkipped] = useState<string | null>(null);
  const { events, sessionId } = session;
  const order = drill.throws ? session.orderOf(drill.id) : null;
  const charted = events
    .filter((event) => event.kind === 'spot-charted')
    .filter((each) => each.drill === drill.id);
  const called = order && calledSpot(order, charted.length, seedOf(sessionId ?? ''));
  const rep = events.findLast((event) => event.kind === 'rep' && event.drill === drill.id);
  const since = session.calledSince(drill.id);
  const open =
    called !== null &&
    rep !== undefined &&
    rep.id !== skipped &&
    (since === null || rep.at > since) &&
    !charted.some(({ repId }) => repId === rep.id);
  return {
    order,
    called,
    open,
    next: () => {
      const all = [null, ...spotOrders];
      session.callSpots(drill.id, all[(all.indexOf(order) + 1) % all.length]!);
    },
    chart: (sides) => {
      if (called && rep) session.inSession().chart(drill.id, rep.id, called, sides);
    },
    skip: () => setSkipped(rep?.id ?? null),
  };
}
