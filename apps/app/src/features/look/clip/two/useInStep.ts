import { useEffect, useRef, useState } from 'react';
import { withinFrame } from '../../../../ui/video/useMoves';
import type { Side } from './useSide';

/** Where each side stands when the clock of both is at 0, s of its file. */
export type Origins = readonly [number, number];

/** Further apart than this while they play, the second is put right, s of true time. */
const apart = 0.04;
/** Share of true speed. */
const speed = 0.25;

/** Where both sides are wanted, in true time, and the way there. */
function useWanted(films: readonly [Side, Side], origins: Origins, onTime: (time: number) => void) {
  const busy = useRef(false);
  const wanted = useRef({ time: 0, there: true });
  const latest = useRef({ films, origins });
  useEffect(() => {
    latest.current = { films, origins };
  });
  const seek = (n: 0 | 1, t: number) => {
    const { films: both, origins: from } = latest.current;
    return both[n].known?.seek(from[n] + t * both[n].slowed + withinFrame);
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
      onTime(next);
    }
    busy.current = false;
  };
  return { wanted, seek, go };
}

/** Two sides, one of them a film at least, by one clock of true time, however slowly each of them plays. */
export function useInStep(films: readonly [Side, Side], origins: Origins) {
  const [time, setTime] = useState(0);
  const [playing, setPlaying] = useState(false);
  const { wanted, seek, go } = useWanted(films, origins, setTime);
  const ready = films.every(({ known }) => known !== null);
  const [first, second] = origins;
  useEffect(() => {
    // Lined up anew, or loaded just now: both are shown where they are wanted.
    if (ready) void go(wanted.current.time);
    // oxlint-disable-next-line react/exhaustive-deps -- `go` is made anew with each drawing; its inputs are these.
  }, [ready, first, second]);
  /** The side whose video the other one follows. */
  const led = films[0].video ? 0 : 1;
  const timeOf = (n: 0 | 1, element: HTMLVideoElement) =>
    (element.currentTime - origins[n]) / films[n].slowed;
  const pause = () => {
    films.forEach(({ video }) => video?.current?.pause());
    setPlaying(false);
    const element = films[led].video?.current;
    if (element) void go(timeOf(led, element));
  };
  const play = () => {
    const [leader, other] = [films[led].video!.current!, films[1 - led]!.video?.current];
    const videos = [leader, ...(other ? [other] : [])];
    films.forEach(({ video, slowed }) =>
      video?.current
        ? Object.assign(video.current, { playbackRate: Math.min(16, speed * slowed), muted: true })
        : undefined,
    );
    setPlaying(true);
    void Promise.all(videos.map((video) => video.play())).then(() => {
      const n = (1 - led) as 0 | 1;
      const follow = () => {
        if (leader.paused || videos.some((video) => video.ended)) return pause();
        const now = timeOf(led, leader);
        // A figure is put where the film is; a film plays by itself and is put right.
        if (!other) void seek(n, now);
        else if (Math.abs(timeOf(n, other) - now) > apart)
          other.currentTime = origins[n] + now * films[n].slowed;
        wanted.current = { time: now, there: true };
        setTime(now);
        requestAnimationFrame(follow);
      };
      requestAnimationFrame(follow);
    }, pause);
  };
  /** The finer of both steps, s of true time. */
  const step = Math.min(...films.map(({ known, slowed }) => 1 / ((known?.rate ?? 30) * slowed)));
  return {
    ready,
    time,
    playing,
    play,
    pause,
    go: (to: number) => void go(to),
    step,
    /** From where both are wanted, not from where they have got to: of quick taps none is lost. */
    stepBy: (steps: number) => void go(wanted.current.time + steps * step),
  };
}
