import { simulatedLine, type RadarReading } from '@wrightonic/contract';
import { useEffect, useEffectEvent, useState } from 'react';

/** A browser gives up a line that the server refused; it is tried again after this, ms. */
const againMs = 5_000;

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
    let source: EventSource;
    let again: ReturnType<typeof setTimeout> | undefined;
    const open = () => {
      source = new EventSource(address);
      source.onopen = () => setState('open');
      source.onerror = () => {
        setState('lost');
        if (source.readyState === EventSource.CLOSED) again = setTimeout(open, againMs);
      };
      source.addEventListener('reading', (event) => hear(JSON.parse(event.data as string) as RadarReading));
    };
    open();
    return () => {
      clearTimeout(again);
      source.close();
    };
  }, [address]);
  return state;
}
