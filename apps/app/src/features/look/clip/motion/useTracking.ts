import type { ClipRecord, LookPage, PicturePoint } from '@wrightonic/contract';
import type { PictureSide, TrackedFilm } from '@wrightonic/core';
import { useEffect, useRef, useState } from 'react';
import type { KeptTrack } from '../../../../offline/database';
import { tracks } from '../../../../offline/tracks';
import { trackInWorker, type TrackWish, type TrackWord } from '../../../../workers/track';

/** A longer film is looked at around the frame that is shown, s of true time. */
const longest = 40;
const around = 12;
/** What was followed is kept so often, ms. */
const saveEvery = 2_000;

export interface Running {
  step: 'fetching' | 'finding' | 'following';
  /** 0 to 1. */
  share: number;
}

/** How far it is, told to whoever shows it and to nobody else: the bench is not drawn anew for it. */
export interface Progress {
  get: () => Running;
  set: (running: Running) => void;
  subscribe: (heard: () => void) => () => void;
}

function progressOf(): Progress {
  let now: Running = { step: 'fetching', share: 0 };
  const listening = new Set<() => void>();
  return {
    get: () => now,
    set: (running) => {
      now = running;
      listening.forEach((heard) => heard());
    },
    subscribe: (heard) => {
      listening.add(heard);
      return () => void listening.delete(heard);
    },
  };
}

export interface Tracking {
  /** What was followed; undefined until the device was asked for it. */
  kept: KeptTrack | null | undefined;
  busy: boolean;
  progress: Progress;
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
  /** Shows the place of the film where the hand is fastest. */
  onTracked: (time: number) => void;
}

/** How much slower a file plays than it was filmed. */
export const slowedBy = ({ fps, captureFps }: Pick<ClipRecord, 'fps' | 'captureFps'>): number =>
  Math.max(1, captureFps / fps);

const partOf = (clip: ClipRecord | undefined, time: number): Tracking['part'] => {
  const slowed = clip ? slowedBy(clip) : 1;
  if (!clip || clip.seconds / slowed <= longest) return null;
  const half = (around / 2) * slowed;
  return [Math.max(0, time - half), Math.min(clip.seconds, time + half)];
};

/** What was followed in a clip, as this device keeps it. */
export function useKept(id: string | undefined) {
  const [kept, setKept] = useState<KeptTrack | null>();
  useEffect(() => {
    let gone = false;
    if (id) void tracks.get(id).then((track) => (gone ? undefined : setKept(track ?? null)));
    return () => {
      gone = true;
    };
  }, [id]);
  const keep = (track: KeptTrack) => {
    setKept(track);
    void tracks.put(track);
  };
  return { kept: id ? kept : null, keep };
}

/** Whether every throw was followed to its end. */
export const isWhole = (kept: KeptTrack | null | undefined): boolean =>
  kept ? kept.tracked.throws.length > 0 && kept.tracked.throws.every(({ whole }) => whole) : false;

/** What was followed so far, with what comes: kept on the device every now and then, so that nothing of it is lost. */
function gathering(
  { id, towards }: Pick<KeptTrack, 'id' | 'towards'>,
  before: TrackedFilm | null,
  save: boolean,
) {
  let tracked = before;
  let savedAt = 0;
  const track = (): KeptTrack | null => tracked && { id, tracked, towards };
  return {
    track,
    add: (word: Extract<TrackWord, { step: 'throws' | 'frames' }>) => {
      if (word.step === 'throws') tracked = word.tracked;
      else tracked?.throws[word.throw]!.frames.push(...word.frames);
      if (!save || Date.now() - savedAt < saveEvery) return;
      savedAt = Date.now();
      const now = track();
      if (now) void tracks.put(now);
    },
  };
}

/** Joints of a film, tracked on this device and kept on it. */
export function useTracking({ athlete, file, clip, time, onTracked }: Wanted): Tracking {
  const { kept, keep } = useKept(clip?.id);
  const [progress] = useState(progressOf);
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState('');
  const [who, setWho] = useState<PicturePoint | null>(null);
  const [picking, setPicking] = useState(false);
  const stopping = useRef<(() => void) | null>(null);
  useEffect(() => () => stopping.current?.(), []);
  const part = partOf(clip, time);

  const run = async (clip: ClipRecord, before: TrackedFilm | null) => {
    if (stopping.current) return;
    setWrong('');
    setPicking(false);
    setBusy(true);
    progress.set({ step: 'fetching', share: 0 });
    // What was followed to its end stays until another one is there.
    const again = !before && isWhole(kept);
    const towards = before || again ? (kept?.towards ?? null) : null;
    const gathered = gathering({ id: clip.id, towards }, before, !again);
    const wish: TrackWish = {
      file,
      discipline: athlete.discipline,
      throws: athlete.throws,
      slowed: slowedBy(clip),
      span: part ?? [0, clip.seconds],
      who: who && [who[0] * clip.width, who[1] * clip.height],
      kept: before,
    };
    const job = trackInWorker(wish, (word) =>
      word.step === 'throws' || word.step === 'frames' ? gathered.add(word) : progress.set(word),
    );
    stopping.current = job.stop;
    const answer = await job.answer;
    stopping.current = null;
    setBusy(false);
    if (answer && 'wrong' in answer) setWrong(answer.wrong);
    const tracked = answer && 'throws' in answer ? answer : null;
    const track = tracked ? { id: clip.id, tracked, towards } : again ? null : gathered.track();
    if (track) keep(track);
    const [first] = tracked?.throws ?? [];
    if (first) onTracked(first.fastest * wish.slowed);
  };
  return {
    kept,
    busy,
    progress,
    wrong,
    part,
    begin: () => (clip ? void run(clip, null) : undefined),
    goOn: () => (clip ? void run(clip, kept?.tracked ?? null) : undefined),
    stop: () => stopping.current?.(),
    who,
    picking,
    setPicking,
    pick: (place) => {
      setWho(place);
      setPicking(false);
    },
    setTowards: (towards) => (kept ? keep({ ...kept, towards }) : undefined),
  };
}
