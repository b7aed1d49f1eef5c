import { clipViews, type ClipRecord } from '@wrightonic/contract';
import type { ClipEvent } from '@wrightonic/core';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { v7 } from 'uuid';
import { log } from '../../../offline/log';
import { useAppDispatch, type Dispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { framesOf, measuredRate, type Frames } from '../../../ui/video/frames';
import { useMoves } from '../../../ui/video/useMoves';
import { whyUnplayed } from './unplayed';
import { texts } from './texts';

const usualRate = 30;

interface Wanted {
  athleteId: string;
  file: File;
  hash: string;
  clips: readonly ClipRecord[];
  onUnreadable: (why: string) => void;
}

export type ClipState = ReturnType<typeof useClip>;
/** As much of it as the reading of joints needs. */
export interface FilmState extends Pick<ClipState, 'clip' | 'time' | 'mark'> {
  seek: (to: number) => void;
  /** Of a film; points alone have no picture. */
  each?: ClipState['each'];
}

/** A clip that was just filmed learns its length by going to its end. */
async function knowsLength(element: HTMLVideoElement): Promise<void> {
  if (Number.isFinite(element.duration)) return;
  await new Promise<void>((done) => {
    element.addEventListener('seeked', () => done(), { once: true });
    element.currentTime = 1e7;
  });
}

/** What is written down of a file; both rates are the one it was measured at until somebody says otherwise. */
const fileOf = ({ name, size }: File, hash: string, element: HTMLVideoElement, rate: number) => ({
  name: name.slice(0, 200) || 'clip',
  size,
  hash,
  seconds: Number.isFinite(element.duration) ? element.duration : 0,
  width: element.videoWidth,
  height: element.videoHeight,
  fps: rate,
  captureFps: rate,
  view: clipViews[0],
  square: true,
});

interface Player {
  ready: boolean;
  /** A move is under way. */
  isBusy: () => boolean;
  onTime: (time: number) => void;
  onPause: (time: number) => void;
}

/** Plays a video from where it stands; the frame that is shown is the one where it stops. */
function usePlaying(video: RefObject<HTMLVideoElement | null>, { ready, isBusy, onTime, onPause }: Player) {
  /** As a share of true speed; null while it stands. */
  const [playing, setPlaying] = useState<number | null>(null);
  return {
    playing,
    play: (rate: number) => {
      const element = video.current;
      if (!element || !ready || isBusy()) return;
      Object.assign(element, { playbackRate: rate });
      const follow = () => {
        if (element.paused) return;
        onTime(element.currentTime);
        requestAnimationFrame(follow);
      };
      void element.play().then(() => {
        setPlaying(rate);
        follow();
      });
    },
    pause: () => {
      const element = video.current;
      if (!element) return;
      element.pause();
      setPlaying(null);
      onPause(element.currentTime);
    },
  };
}

/** What is written down of a clip: its rates, its marks and what is drawn over it. */
export function clipLog(dispatch: Dispatch, athleteId: string, clip: ClipRecord | undefined) {
  const tell = (change: Partial<Pick<ClipRecord, 'fps' | 'captureFps' | 'view' | 'square'>>) => {
    if (!clip) return;
    const { id, fps, captureFps, view, square } = clip;
    dispatch(log(athleteId, 'clip-told', { clipId: id, fps, captureFps, view, square, ...change }));
  };
  const mark = (event: ClipEvent, at: number | null) => {
    if (clip) dispatch(log(athleteId, 'clip-mark', { clipId: clip.id, event, time: at }));
  };
  const draw = (drawing: Omit<ClipRecord['drawings'][number], 'id'> & { id?: string }) => {
    if (!clip) return;
    const { id: own = v7(), type, time: at, points, measure, lengthCm } = drawing;
    dispatch(
      log(athleteId, 'clip-drawing', {
        clipId: clip.id,
        drawing: own,
        type,
        time: at,
        points,
        measure,
        lengthCm,
      }),
    );
  };
  const erase = ({ id, type, time: at, measure, lengthCm }: ClipRecord['drawings'][number]) => {
    if (clip)
      dispatch(
        log(athleteId, 'clip-drawing', {
          clipId: clip.id,
          drawing: id,
          type,
          time: at,
          points: null,
          measure,
          lengthCm,
        }),
      );
  };
  return { tell, mark, draw, erase };
}

/** A clip that is open: its video, where it stands, and what is marked in it. */
export function useClip({ athleteId, file, hash, clips, onUnreadable }: Wanted) {
  const dispatch = useAppDispatch();
  const { academy } = useMe();
  const video = useRef<HTMLVideoElement>(null);
  const [url] = useState(() => URL.createObjectURL(file));
  const [frames, setFrames] = useState<Frames | null>(null);
  const [time, setTime] = useState(0);
  const clip = clips.find((each) => each.hash === hash && each.size === file.size);
  const known = useRef(clip);
  useEffect(() => {
    known.current = clip;
  }, [clip]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);

  const { isBusy, seek, step, each } = useMoves(frames, setTime);

  /** Once the browser knows what the file is. */
  const loaded = async () => {
    const element = video.current!;
    if (!element.videoWidth || !element.videoHeight)
      return onUnreadable(await whyUnplayed(file, texts.hasNoPictureOnly(file.name)));
    await knowsLength(element);
    const rate = (await measuredRate(element)) ?? known.current?.fps ?? usualRate;
    const made = framesOf(element, () => known.current?.fps ?? rate);
    if (!known.current)
      dispatch(
        log(athleteId, 'clip-opened', {
          athleteId,
          zone: academy.zone,
          ...fileOf(file, hash, element, rate),
        }),
      );
    setTime(await made.seek(0));
    setFrames(made);
  };
  const playing = usePlaying(video, {
    ready: frames !== null,
    isBusy,
    onTime: setTime,
    onPause: seek,
  });
  return {
    video,
    url,
    ready: frames !== null,
    time,
    clip,
    exact: frames?.exact ?? true,
    loaded: () => void loaded(),
    ...playing,
    seek,
    step,
    each: <T>(times: readonly number[], make: (video: HTMLVideoElement, at: number) => Promise<T>) =>
      each(time, times, (at) => make(video.current!, at)),
    ...clipLog(dispatch, athleteId, clip),
  };
}
