import { useEffect, useRef, useState } from 'react';
import type { Film } from './useFilm';

/** Where each film stands when the clock of both is at 0, s of its file. */
export type Origins = readonly [number, number];

/** Further apart than this while they play, the second is put right, s of true time. */
const apart = 0.04;
/** Share of true speed. */
const speed = 0.25;
const within = 0.0005;

/** Two films by one clock of true time, however slowly each of them plays. */
export function useInStep(films: readonly [Film, Film], origins: Origins) {
  const [time, setTime] = useState(0);
  const [playing, setPlaying] = useState(false);
  const busy = useRef(false);
  /** Where both are wanted, and whether they are there. */
  const wanted = useRef({ time: 0, there: true });
  const latest = useRef({ films, origins });
  useEffect(() => {
    latest.current = { films, origins };
  });
  const seek = (n: 0 | 1, t: number) => {
    const { films: both, origins: from } = latest.current;
    return both[n].known?.frames.seek(from[n] + t * both[n].slowed + within);
  };
  /** Of the places that are asked for meanwhile the last one is gone to. */
  const go = async (to: number) => {
    wanted.current = { time: to, there: false };
    if (busy.current) return;
    busy.current = true;
    while (!wanted.current.there) {
      const next = wanted.current.time;
      wanted.current.there = true;
      await Promise.all([seek(0, next), seek(1, next)]);
      setTime(next);
    }
    busy.current = false;
  };
  const ready = films.every(({ known }) => known !== null);
  const [first, second] = origins;
  useEffect(() => {
    // Lined up anew, or loaded just now: both are shown where they are wanted.
    if (ready) void go(wanted.current.time);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `go` is made anew with each drawing; its inputs are these.
  }, [ready, first, second]);
  const pause = () => {
    films.forEach(({ video }) => video.current?.pause());
    setPlaying(false);
    const element = films[0].video.current;
    if (element) void go((element.currentTime - origins[0]) / films[0].slowed);
  };
  const play = () => {
    const [a, b] = films.map(({ video }) => video.current) as [HTMLVideoElement, HTMLVideoElement];
    films.forEach(({ video, slowed }) =>
      Object.assign(video.current!, { playbackRate: Math.min(16, speed * slowed), muted: true }),
    );
    setPlaying(true);
    void Promise.all([a.play(), b.play()]).then(() => {
      const follow = () => {
        if (a.paused || a.ended || b.ended) return pause();
        const now = (a.currentTime - origins[0]) / films[0].slowed;
        const other = (b.currentTime - origins[1]) / films[1].slowed;
        if (Math.abs(other - now) > apart) b.currentTime = origins[1] + now * films[1].slowed;
        setTime(now);
        requestAnimationFrame(follow);
      };
      requestAnimationFrame(follow);
    }, pause);
  };
  /** The finer of both steps, s of true time. */
  const step = Math.min(...films.map(({ known, slowed }) => 1 / ((known?.rate ?? 30) * slowed)));
  return { ready, time, playing, play, pause, go: (to: number) => void go(to), step };
}
