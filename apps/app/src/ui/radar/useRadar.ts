import type { RadarReading } from '@wrightonic/contract';
import { simulatedLine } from '@wrightonic/contract/fixed';
import { useEffect, useEffectEvent, useState } from 'react';
import ReconnectingEventSource from 'reconnecting-eventsource';

/** A line that was lost is tried again after this at the latest, ms. */
const longestWait = 5_000;

export type LineState = 'opening' | 'open' | 'lost';

interface Wish {
  /** Null: velocities are typed. */
  line: string | null;
  athleteId: string;
  /** What a pretend athlete is asked for, percent. */
  effort: number;
  onReading: (reading: RadarReading) => void;
}

const addressOf = (line: string, athleteId: string, effort: number): string =>
  line === simulatedLine
    ? `/api/radar/${line}/stream?athlete=${athleteId}&effort=${effort}`
    : `/api/radar/${line}/stream`;

/** Listens to a radar line for as long as it is wanted; a line that drops out is taken up again. */
export function useRadar({ line, athleteId, effort, onReading }: Wish): LineState {
  const [state, setState] = useState<LineState>('opening');
  const hear = useEffectEvent(onReading);
  const address = line ? addressOf(line, athleteId, effort) : null;
  useEffect(() => {
    if (!address) return;
    const source = new ReconnectingEventSource(address, { max_retry_time: longestWait });
    source.onopen = () => setState('open');
    source.onerror = () => setState('lost');
    source.addEventListener('reading', (event) => hear(JSON.parse(event.data as string) as RadarReading));
    return () => source.close();
  }, [address]);
  return state;
}
