import type { ClipRecord } from '@wrightonic/contract';
import { cleaned, type Hand } from '@wrightonic/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { framesOf, measuredRate, type Frames } from '../../../../ui/video/frames';
import { slowedBy, useKept } from '../motion/useTracking';

export interface Picked {
  file: File;
  /** What is known of it; null for a film that nobody opened on the bench yet. */
  clip: ClipRecord | null;
  /** Whose. */
  name: string;
  throws: Hand;
}

const usualRate = 30;

/** A film of two: its video, its rates, and how high its body stands in the picture where it was tracked here. */
export function useFilm({ file, clip, throws }: Picked) {
  const video = useRef<HTMLVideoElement>(null);
  const [url] = useState(() => URL.createObjectURL(file));
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  const [known, setKnown] = useState<{ frames: Frames; rate: number; seconds: number; shape: number } | null>(
    null,
  );
  const [wrong, setWrong] = useState(false);
  const loaded = async () => {
    const element = video.current!;
    if (!element.videoWidth) return setWrong(true);
    const rate = clip?.fps ?? (await measuredRate(element)) ?? usualRate;
    const frames = framesOf(element, () => rate);
    await frames.seek(0);
    const shape = element.videoWidth / element.videoHeight;
    setKnown({ frames, rate, seconds: Number.isFinite(element.duration) ? element.duration : 0, shape });
  };
  const { kept } = useKept(clip?.id);
  const body = useMemo(() => {
    const frames = kept?.tracked.throws.find(({ whole }) => whole)?.frames;
    if (!frames || !clip) return null;
    const { size } = kept!.tracked;
    const film = {
      discipline: 'overhand',
      throws,
      view: 'front',
      fps: clip.captureFps,
      size,
      frames,
    } as const;
    return cleaned(film).height / size[1];
  }, [kept, clip, throws]);
  return {
    video,
    url,
    known,
    wrong,
    /** How much slower it plays than it was filmed. */
    slowed: clip ? slowedBy(clip) : 1,
    /** Of the body, as a share of the picture's height; null where it is not known. */
    body,
    loaded: () => void loaded(),
    refused: () => setWrong(true),
  };
}
export type Film = ReturnType<typeof useFilm>;
