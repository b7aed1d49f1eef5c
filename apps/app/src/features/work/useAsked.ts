import type { RepSide, SpotOrder } from '@wrightonic/core';
import { useState } from 'react';
import { now } from '../../offline/clock';

/** What was asked since the page was opened, by drill: effort, side, called spots, a ladder of efforts. */
export function useAsked() {
  const [efforts, setEfforts] = useState<Readonly<Record<string, number>>>({});
  const [orders, setOrders] = useState<Readonly<Record<string, { order: SpotOrder | null; at: string }>>>({});
  const [sides, setSides] = useState<Readonly<Record<string, RepSide>>>({});
  /** Efforts that are climbed with three throws each; null when nobody does. */
  const [ladder, setLadder] = useState<{ drill: string; efforts: number[] } | null>(null);
  return {
    efforts,
    orders,
    sides,
    ladder,
    setLadder,
    askFor: (drill: string, effort: number) => setEfforts({ ...efforts, [drill]: effort }),
    startOn: (drill: string, side: RepSide) => setSides({ ...sides, [drill]: side }),
    callSpots: (drill: string, order: SpotOrder | null) =>
      setOrders({ ...orders, [drill]: { order, at: now().toISOString() } }),
  };
}
