import { useEffect, useRef, useState } from 'react';

/** The last frame stands for so long before it begins again, s. */
const rest = 0.6;

const wantsStillness = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/**
 * Goes through frames round and round, by the clock; still from the beginning on a device that asks for it.
 *
 * @param rate frames a second, as shown
 * @param show puts a frame on the screen
 */
export function usePlay(count: number, rate: number, first: number, show: (frame: number) => void) {
  const [playing, setPlaying] = useState(() => !wantsStillness());
  const at = useRef(first);
  const latest = useRef(show);
  useEffect(() => {
    latest.current = show;
  });
  useEffect(() => {
    if (!playing) return;
    let wanted = 0;
    const began = performance.now() - (at.current * 1000) / rate;
    const turn = count + rest * rate;
    const next = (now: number) => {
      const frame = Math.min(count - 1, Math.floor((((now - began) / 1000) * rate) % turn));
      if (frame !== at.current) {
        at.current = frame;
        latest.current(frame);
      }
      wanted = requestAnimationFrame(next);
    };
    wanted = requestAnimationFrame(next);
    return () => cancelAnimationFrame(wanted);
  }, [playing, count, rate]);
  return {
    playing,
    toggle: () => setPlaying(!playing),
    step: (by: number) => {
      setPlaying(false);
      at.current = (at.current + by + count) % count;
      latest.current(at.current);
    },
  };
}
