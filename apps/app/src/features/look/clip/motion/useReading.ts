import type { ClipRecord, LookPage } from '@wrightonic/contract';
import {
  filmedEvents,
  groundTilt,
  sideView,
  towardsOf,
  type Instants,
  type KeypointClip,
  type PictureSide,
  type ThrowsReading,
  type TrackedFilm,
} from '@wrightonic/core';
import { useEffect, useMemo, useState } from 'react';
import type { KeptTrack } from '../../../../offline/database';
import { useWhom } from '../../../../ui/hooks/useWhom';
import { readInWorker } from '../../../../workers/track';
import { slowedBy } from './useTracking';

type Film = Omit<KeypointClip, 'frames' | 'size'>;

export interface Reading {
  reading: ThrowsReading | null;
  /** On which side of the picture the target is; null where it is along the line, or nothing tells. */
  towards: PictureSide | null;
  film: Film | null;
  /** The throw that is shown, by its place in the film. */
  shown: number;
  show: (n: number) => void;
}

/** How a clip was filmed, as far as joints need it; null where nothing can be read from there. */
function filmOf(
  athlete: LookPage['athlete'],
  { view, captureFps, drawings, width, height }: ClipRecord,
  towards: PictureSide | null,
): Film | null {
  const { discipline, throws, heightCm } = athlete;
  const [a, b] = drawings.find(({ type }) => type === 'ground')?.points ?? [];
  const ground = a && b ? groundTilt(a, b, width / height) : undefined;
  const rest = { discipline, throws, fps: captureFps, heightCm: heightCm ?? undefined, ground };
  if (view === 'front' || view === 'behind') return { ...rest, view };
  return view === 'side' && towards ? { ...rest, view: sideView(towards, throws), towards } : null;
}

/** Events that somebody marked in the clip hold for the throw that they lie in, s of true time. */
function movedIn(
  { marks, ...clip }: ClipRecord,
  athlete: LookPage['athlete'],
  { tracked }: KeptTrack,
): Instants[] {
  const slowed = slowedBy(clip);
  return tracked.throws.map(({ from, to }) =>
    Object.fromEntries(
      filmedEvents[athlete.discipline].flatMap((event) => {
        const at = marks[event];
        return at !== undefined && at / slowed >= from && at / slowed <= to ? [[event, at / slowed]] : [];
      }),
    ),
  );
}

/** What the joints of a film say; worked out anew when an event is moved. */
export function useReading(
  athlete: LookPage['athlete'],
  clip: ClipRecord | undefined,
  kept: KeptTrack | null | undefined,
): Reading {
  const whom = useWhom(athlete);
  // Of what was tracked: a reading of an earlier track says nothing of this one.
  const [answered, setAnswered] = useState<{ of: TrackedFilm; reading: ThrowsReading } | null>(null);
  const towards = useMemo(() => {
    if (!kept) return null;
    const [first] = kept.tracked.throws;
    return kept.towards ?? (first ? towardsOf(first.frames, athlete.throws, first.fastest) : null);
  }, [kept, athlete.throws]);
  const film = useMemo(() => (clip ? filmOf(athlete, clip, towards) : null), [athlete, clip, towards]);
  useEffect(() => {
    const throws = kept?.tracked.throws.filter(({ whole }) => whole) ?? [];
    if (!clip || !kept || !film || throws.length === 0) return;
    let gone = false;
    const tracked = { ...kept.tracked, throws };
    void readInWorker(tracked, film, whom, movedIn(clip, athlete, { ...kept, tracked })).then((answer) => {
      if (!gone) setAnswered({ of: kept.tracked, reading: answer });
    });
    return () => {
      gone = true;
    };
  }, [kept, film, whom, clip, athlete]);
  const [shown, show] = useState(0);
  const reading = kept && answered?.of === kept.tracked ? answered.reading : null;
  return {
    reading,
    towards,
    film,
    shown: Math.min(shown, Math.max(0, (reading?.throws.length ?? 1) - 1)),
    show,
  };
}
