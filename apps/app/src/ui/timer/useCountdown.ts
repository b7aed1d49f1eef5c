import { useEffect, useState } from 'react';
import { now } from '../../offline/clock';
import { useAppSelector } from '../../store/store';
import { beep } from './sounds';
import { selectSound } from '../../store/selectors';

const tickMs = 100;

const secondsTo = (until: number | null): number =>
  until === null ? 0 : Math.max(0, Math.ceil((until - now().getTime()) / 1000));

/**
 * Whole seconds until a moment, and a beep when it comes.
 *
 * @param until milliseconds since 1970 by the clock of the log; null when nothing runs
 * @returns 0 when nothing runs
 */
export function useCountdown(until: number | null): number {
  const sound = useAppSelector(selectSound);
  // Drawn anew with each tick; what is left is always of now, so that a new moment counts at once.
  const [, tick] = useState(0);
  const left = secondsTo(until);
  const running = left > 0;
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => {
      tick((n) => n + 1);
      if (secondsTo(until) > 0) return;
      clearInterval(timer);
      if (sound) beep();
    }, tickMs);
    return () => clearInterval(timer);
  }, [until, running, sound]);
  return left;
}
