import type { ClipRecord } from '@wrightonic/contract';
import { cleaned, drawTracked, type Hand, type MotionKept, type MovingDrawing } from '@wrightonic/core';
import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import type { FrameSetter } from '../../../../ui/body/MovingFigure';
import { framesOf, measuredRate } from '../../../../ui/video/frames';
import { slowedBy, useKept } from '../motion/useTracking';
import { whyUnplayed } from '../unplayed';
import { texts } from './texts';

interface Whose {
  name: string;
  throws: Hand;
}

/** A film of this device. */
export interface PickedFilm extends Whose {
  kind: 'film';
  file: File;
  /** What is known of it; null for a film that nobody opened on the bench yet. */
  clip: ClipRecord | null;
}

/** A body that was tracked before, wherever its film is. */
export interface PickedMotion extends Whose {
  kind: 'motion';
  clip: ClipRecord;
  motion: MotionKept;
}

export type Picked = PickedFilm | PickedMotion;

/** Whatever stands on one side: how it is gone to a time of its own, s. */
interface Known {
  seek: (time: number) => Promise<unknown>;
  /** Frames a second. */
  rate: number;
  seconds: number;
  /** Width over height. */
  shape: number;
}

export interface Side {
  /** Null for a figure. */
  video: RefObject<HTMLVideoElement | null> | null;
  url: string | null;
  figure: { moving: MovingDrawing; setter: RefObject<FrameSetter | null> } | null;
  known: Known | null;
  /** Why it cannot be played, in words. */
  wrong: string | null;
  /** How much slower it plays than it was filmed. */
  slowed: number;
  /** Height of the body as a share of the picture's; null where it is not known. */
  body: number | null;
  loaded: () => void;
  refused: () => void;
}

const usualRate = 30;
/** A figure is drawn so often, and so large. */
const figureRate = 120;
export const figureSize = { width: 240, height: 300 };

/** A film of two: its video, its rates, and how high its body stands in the picture where it was tracked here. */
function useFilm(picked: Picked): Side {
  const film = picked.kind === 'film' ? picked : null;
  const video = useRef<HTMLVideoElement>(null);
  const [url] = useState(() => film && URL.createObjectURL(film.file));
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);
  const [known, setKnown] = useState<Known | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const refused = async () =>
    film && setWrong(await whyUnplayed(film.file, texts.cannotBeReadAs(sideName(film))));
  const { clip, throws } = picked;
  const loaded = async () => {
    const element = video.current!;
    if (!element.videoWidth) return refused();
    const rate = clip?.fps ?? (await measuredRate(element)) ?? usualRate;
    const { seek } = framesOf(element, () => rate);
    await seek(0);
    const shape = element.videoWidth / element.videoHeight;
    setKnown({ seek, rate, seconds: Number.isFinite(element.duration) ? element.duration : 0, shape });
  };
  const { kept } = useKept(film ? clip?.id : undefined);
  const body = useMemo(() => {
    const frames = kept?.tracked.throws.find(({ whole }) => whole)?.frames;
    if (!frames || !clip) return null;
    const { size } = kept!.tracked;
    const tracked = {
      discipline: 'overhand',
      throws,
      view: 'front',
      fps: clip.captureFps,
      size,
      frames,
    } as const;
    return cleaned(tracked).height / size[1];
  }, [kept, clip, throws]);
  return {
    video,
    url,
    figure: null,
    known,
    wrong,
    slowed: clip ? slowedBy(clip) : 1,
    body,
    loaded: () => void loaded(),
    refused: () => void refused(),
  };
}

/** A tracked body as our own figure; null for a film. */
function useFigure(picked: Picked): Side | null {
  const setter = useRef<FrameSetter>(null);
  const motion = picked.kind === 'motion' ? picked.motion : null;
  const { throws } = picked;
  return useMemo(() => {
    if (!motion) return null;
    const seconds = (motion.frames.length - 1) / motion.rate;
    const moving = drawTracked(
      motion,
      { ...figureSize, hand: throws },
      { from: 0, seconds, rate: figureRate },
    );
    const seek = async (time: number) =>
      setter.current?.show(Math.max(0, Math.min(moving.count - 1, Math.round(time * figureRate))));
    return {
      video: null,
      url: null,
      figure: { moving, setter },
      known: { seek, rate: motion.rate, seconds, shape: figureSize.width / figureSize.height },
      wrong: null,
      slowed: 1,
      body: null,
      loaded: () => undefined,
      refused: () => undefined,
    };
  }, [motion, throws]);
}

/** One side of two: a film, or a body that was tracked. */
export function useSide(picked: Picked): Side {
  const film = useFilm(picked);
  return useFigure(picked) ?? film;
}

/** How a side is called. */
export const sideName = (picked: Picked): string =>
  `${picked.name}, ${picked.kind === 'film' ? picked.file.name : texts.tracked(picked.clip.name)}`;
