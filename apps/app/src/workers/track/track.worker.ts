import type { CurveResult } from '@wrightonic/contract';
import {
  capital,
  cropAt,
  cropRound,
  FieldError,
  findThrows,
  wholePicture,
  type Crop,
  type Discipline,
  type Hand,
  readFilm,
  mapOf,
  isRead,
  keptSequence,
  markedJoints,
  readKeypointFile,
  readLab,
  readTrc,
  sequence,
  type BodyJoint,
  type FilmedThrow,
  type KeypointFrame,
  type MarkerMap,
  type MotionKept,
  type ThrowsReading,
  type TrackedFilm,
  type Whom,
} from '@wrightonic/core';
import { expose } from 'comlink';
import { codecOf, picturesOf, type Picture, type Pictures, type Shown } from './film';
import { tracker, TrackingError, type Tracker } from './tracker';
import { texts } from './texts';

export interface TrackWish {
  file: File;
  discipline: Discipline;
  throws: Hand;
  /** How much slower the file plays than it was filmed. */
  slowed: number;
  /** What is looked at, s of the file. */
  span: readonly [number, number];
  /** Where the one who throws stands at the beginning of the span, px. */
  who: readonly [number, number] | null;
  /** What was tracked before it was stopped. */
  kept: TrackedFilm | null;
}

/** Which marker lies at which joint, with what is read by it; joints that lack a marker, or words where it is no such file. */
export type LabAnswer =
  | { wrong: string }
  | { names: string[]; map: MarkerMap; lacking: BodyJoint[] }
  | {
      names: string[];
      map: MarkerMap;
      reading: ThrowsReading;
      motion: MotionKept;
      result: CurveResult;
      /** Frames a second, and how long it is, s. */
      rate: number;
      seconds: number;
    };

export type TrackWord =
  | { step: 'fetching' | 'finding' | 'following'; share: number }
  | { step: 'frames'; throw: number; frames: KeypointFrame[] }
  | { step: 'throws'; tracked: TrackedFilm };

/** Frames a second of the first look at a film. */
const coarseRate = 12;
/** Between two of its frames a body moves on further. */
const coarseRoom = 1.3;
/** Joints are told of in portions of so many frames, and how far it is so often, ms. */
const portion = 10;
const tellEvery = 250;

/** Tells now and then. */
function seldom(tell: (word: TrackWord) => unknown): (word: TrackWord) => void {
  let at = -Infinity;
  return (word) => {
    if (performance.now() - at < tellEvery) return;
    at = performance.now();
    void tell(word);
  };
}

let wanted = 0;
class Stopped extends Error {}

/** Follows one body from picture to picture. */
class Follower {
  private crop: Crop;
  constructor(
    private readonly own: Tracker,
    private readonly size: readonly [number, number],
    private readonly slowed: number,
    private readonly room: number,
    from: Crop | null,
  ) {
    this.crop = from ?? wholePicture(size);
  }
  look({ time, draw }: Picture): KeypointFrame {
    const keypoints = this.own.joints(draw, this.crop);
    const next = cropRound(keypoints, this.size);
    this.crop = next ? wider(next, this.room) : wholePicture(this.size);
    return { t: time / this.slowed, keypoints };
  }
}

const wider = ({ x, y, side }: Crop, by: number): Crop => ({
  x: x - ((by - 1) * side) / 2,
  y: y - ((by - 1) * side) / 2,
  side: by * side,
});

interface Work {
  ask: number;
  wish: TrackWish;
  own: Tracker;
  pictures: Pictures;
  heard: (word: TrackWord) => unknown;
}

async function find({
  ask,
  wish,
  own,
  pictures,
  heard,
}: Work): Promise<{ tracked: TrackedFilm; coarse: KeypointFrame[] }> {
  const { span, slowed, who, discipline, throws } = wish;
  const step = slowed / coarseRate;
  const times = Array.from(
    { length: Math.floor((span[1] - span[0]) / step) + 1 },
    (_, i) => span[0] + i * step,
  );
  const follower = new Follower(own, pictures.size, slowed, coarseRoom, who && cropAt(who, pictures.size));
  const coarse: KeypointFrame[] = [];
  let seen = 0;
  const tell = seldom(heard);
  for await (const picture of pictures.at(times)) {
    if (ask !== wanted) throw new Stopped();
    const frame = follower.look(picture);
    if (!coarse.length || frame.t > coarse.at(-1)!.t) coarse.push(frame);
    tell({ step: 'finding', share: ++seen / times.length });
  }
  const found = findThrows(coarse, { discipline, throws });
  return {
    tracked: { size: pictures.size, throws: found.map((each) => ({ ...each, frames: [], whole: false })) },
    coarse,
  };
}

/** Every picture of a throw, from where it was left. */
async function follow(
  work: Work,
  tracked: TrackedFilm,
  n: number,
  coarse: readonly KeypointFrame[],
): Promise<void> {
  const { ask, wish, own, pictures, heard } = work;
  const { slowed } = wish;
  const one = tracked.throws[n]!;
  const last = one.frames.at(-1) ?? coarse.findLast(({ t }) => t <= one.from);
  const start = last && cropRound(last.keypoints, pictures.size);
  const follower = new Follower(own, pictures.size, slowed, 1, start || null);
  const from = one.frames.length ? one.frames.at(-1)!.t + 1e-4 : one.from;
  const all = tracked.throws.reduce((sum, each) => sum + each.to - each.from, 0);
  const before = tracked.throws.slice(0, n).reduce((sum, each) => sum + each.to - each.from, 0);
  let told: KeypointFrame[] = [];
  const tellHowFar = seldom(heard);
  const tell = () => {
    if (told.length) void heard({ step: 'frames', throw: n, frames: told });
    told = [];
  };
  for await (const picture of pictures.every(from * slowed, one.to * slowed)) {
    if (ask !== wanted) {
      tell();
      throw new Stopped();
    }
    const frame = follower.look(picture);
    if (frame.t <= (one.frames.at(-1)?.t ?? -1)) continue;
    one.frames.push(frame);
    told.push(frame);
    if (told.length >= portion) tell();
    tellHowFar({ step: 'following', share: (before + frame.t - one.from) / all });
  }
  tell();
  one.whole = true;
}

const failed = texts.filmNotFollowed;

const calls = {
  /** Tracks the throws of a film. @returns null once it was stopped; words where it cannot be done */
  async track(
    ask: number,
    wish: TrackWish,
    page: Shown,
    heard: (word: TrackWord) => unknown,
  ): Promise<TrackedFilm | null | { wrong: string }> {
    wanted = ask;
    try {
      const own = await tracker((share) => void heard({ step: 'fetching', share }));
      const pictures = await picturesOf(wish.file, page);
      const work: Work = { ask, wish, own, pictures, heard };
      const { tracked, coarse } = wish.kept ? { tracked: wish.kept, coarse: [] } : await find(work);
      void heard({ step: 'throws', tracked });
      for (const [n, each] of tracked.throws.entries())
        if (!each.whole) await follow(work, tracked, n, coarse);
      return tracked;
    } catch (error) {
      if (error instanceof Stopped) return null;
      if (error instanceof FieldError) return { wrong: `${capital(error.text)}.` };
      if (error instanceof TrackingError) return { wrong: error.message };
      // oxlint-disable-next-line no-console -- the cause is to be found nowhere else
      console.error(error);
      return { wrong: failed };
    }
  },
  stop: (): void => void wanted++,
  codec: codecOf,
  /** The throws of a file of tracked points; words where it is none. */
  points: async (file: File, who: Pick<TrackWish, 'discipline' | 'throws'>) => {
    try {
      const { fps, size, frames } = readKeypointFile(await file.text());
      const every = Math.max(1, Math.round(fps / coarseRate));
      const found = findThrows(
        frames.filter((_, i) => i % every === 0),
        who,
      );
      const within = ({ from, to }: FilmedThrow) => frames.filter(({ t }) => t >= from && t <= to);
      const throws = found.map((one) => ({ ...one, frames: within(one), whole: true }));
      return { fps, seconds: frames.at(-1)!.t, tracked: { size, throws } satisfies TrackedFilm };
    } catch (error) {
      if (error instanceof FieldError) return { wrong: `${error.field}: ${error.text}` };
      throw error;
    }
  },
  /** What markers of a lab say, by the first of the sheets of names that fits, else by their names. */
  lab: (
    text: string,
    maps: readonly MarkerMap[],
    who: Pick<TrackWish, 'discipline' | 'throws'>,
    whom: Whom,
  ): LabAnswer => {
    try {
      const file = readTrc(text);
      const names = [...file.markers.keys()];
      const own = mapOf(names, maps);
      const lacking = markedJoints.filter((joint) => !own[joint]?.length);
      if (lacking.length) return { names, map: own, lacking };
      const { reading, speeds, motion } = readLab(file, { ...who, map: own }, whom);
      const [one] = reading.throws;
      const { plant, release } = one && isRead(one) ? one.events : {};
      const found = sequence(speeds, { ...whom, plant: plant?.t, release: release?.t });
      const seconds = file.times.at(-1)! - file.times[0]!;
      return { names, map: own, reading, motion, result: keptSequence(found), rate: file.rate, seconds };
    } catch (error) {
      if (error instanceof FieldError) return { wrong: `${error.field}: ${error.text}` };
      if (error instanceof RangeError) return { wrong: error.message };
      throw error;
    }
  },
  /** Events, figures and grades of what was tracked. */
  read: (...asked: Parameters<typeof readFilm>): ThrowsReading => readFilm(...asked),
};
export type TrackCalls = typeof calls;

expose(calls);
