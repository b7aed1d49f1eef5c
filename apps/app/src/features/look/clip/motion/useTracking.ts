import type { ClipRecord, LookPage, PicturePoint } from '@wrightonic/contract';
import type { PictureSide, TrackedFilm } from '@wrightonic/core';
import { useEffect, useRef, useState } from 'react';
import type { KeptTrack } from '../../../../offline/database';
import { tracks } from '../../../../offline/tracks';
import { trackInWorker, type TrackWord } from '../../../../workers/track';

/** A longer film is looked at around the frame that is shown, s of true time. */
const longest = 40;
const around = 12;

export interface Running {
  step: 'fetching' | 'finding' | 'following';
  /** 0 to 1. */
  share: number;
}

export interface Tracking {
  /** What was followed; undefined until the device was asked for it. */
  kept: KeptTrack | null | undefined;
  running: Running | null;
  wrong: string;
  /** What is looked at, when it is not the whole film, s of the file. */
  part: readonly [number, number] | null;
  begin: () => void;
  goOn: () => void;
  stop: () => void;
  /** Where the one who throws stands, a share of the picture; to be tapped while `picking`. */
  who: PicturePoint | null;
  picking: boolean;
  setPicking: (on: boolean) => void;
  pick: (place: PicturePoint) => void;
  setTowards: (side: PictureSide) => void;
}

interface Wanted {
  athlete: LookPage['athlete'];
  file: File;
  clip: ClipRecord | undefined;
  time: number;
}

/** How much slower a file plays than it was filmed. */
export const slowedBy = ({ fps, captureFps }: Pick<ClipRecord, 'fps' | 'captureFps'>): number =>
  Math.max(1, captureFps / fps);

/** Joints of a film, tracked on this device and kept on it. */
export function useTracking({ athlete, file, clip, time }: Wanted): Tracking {
  const id = clip?.id;
  const [kept, setKept] = useState<KeptTrack | null>();
  const [running, setRunning] = useState<Running | null>(null);
  const [wrong, setWrong] = useState('');
  const [who, setWho] = useState<PicturePoint | null>(null);
  const [picking, setPicking] = useState(false);
  const stopping = useRef<(() => void) | null>(null);
  useEffect(() => {
    let gone = false;
    if (id) void tracks.get(id).then((track) => (gone ? undefined : setKept(track ?? null)));
    return () => {
      gone = true;
      stopping.current?.();
    };
  }, [id]);
  const slowed = clip ? slowedBy(clip) : 1;
  const part =
    clip && clip.seconds / slowed > longest
      ? ([
          Math.max(0, time - (around / 2) * slowed),
          Math.min(clip.seconds, time + (around / 2) * slowed),
        ] as const)
      : null;

  const run = async (before: TrackedFilm | null) => {
    if (!clip || stopping.current) return;
    setWrong('');
    setPicking(false);
    setRunning({ step: 'fetching', share: 0 });
    const towards = before ? (kept?.towards ?? null) : null;
    let tracked = before;
    const keep = (now: TrackedFilm) => {
      tracked = now;
      const track = { id: clip.id, tracked: now, towards };
      setKept(track);
      void tracks.put(track);
    };
    const heard = (word: TrackWord) => {
      if (word.step === 'throws') keep(word.tracked);
      else if (word.step === 'frames' && tracked)
        keep({
          ...tracked,
          throws: tracked.throws.map((one, n) =>
            n === word.throw ? { ...one, frames: [...one.frames, ...word.frames] } : one,
          ),
        });
      else if (word.step !== 'frames') setRunning(word);
    };
    const job = trackInWorker(
      {
        file,
        discipline: athlete.discipline,
        throws: athlete.throws,
        slowed,
        span: part ?? [0, clip.seconds],
        who: who && [who[0] * clip.width, who[1] * clip.height],
        kept: before,
      },
      heard,
    );
    stopping.current = job.stop;
    const answer = await job.answer;
    stopping.current = null;
    setRunning(null);
    if (answer && 'wrong' in answer) setWrong(answer.wrong);
    else if (answer) keep(answer);
  };
  return {
    kept: clip ? kept : null,
    running,
    wrong,
    part,
    begin: () => void run(null),
    goOn: () => void run(kept?.tracked ?? null),
    stop: () => stopping.current?.(),
    who,
    picking,
    setPicking,
    pick: (place) => {
      setWho(place);
      setPicking(false);
    },
    setTowards: (towards) => {
      if (!kept) return;
      const track = { ...kept, towards };
      setKept(track);
      void tracks.put(track);
    },
  };
}
