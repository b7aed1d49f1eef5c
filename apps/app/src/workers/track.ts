import type { ThrowsReading, TrackedFilm } from '@wrightonic/core';
import { proxy, transfer, wrap, type Remote } from 'comlink';
import { framesOf, measuredRate } from '../ui/video/frames';
import type { Shown } from './track/film';
import type { LabAnswer, TrackCalls, TrackWish, TrackWord } from './track/track.worker';
import { texts } from './texts';

export type { LabAnswer, TrackWish, TrackWord };

/** Kept from film to film: it holds the tracker. */
let worker: { own: Worker; calls: Remote<TrackCalls> } | null = null;
let asked = 0;

function started() {
  const own = new Worker(new URL('./track/track.worker.ts', import.meta.url));
  return { own, calls: wrap<TrackCalls>(own) };
}

/** Shows frames of a film for a worker that cannot decode it; only then is a video made. */
function showing(file: File): Shown & { close: () => void } {
  let made: Promise<{ video: HTMLVideoElement; frames: ReturnType<typeof framesOf> }> | null = null;
  const open = async () => {
    const video = document.createElement('video');
    Object.assign(video, { muted: true, playsInline: true, preload: 'auto', src: URL.createObjectURL(file) });
    await new Promise<void>((done, fail) => {
      video.addEventListener('loadeddata', () => done(), { once: true });
      video.addEventListener('error', () => fail(new Error('not decoded')), { once: true });
    });
    const rate = (await measuredRate(video)) ?? 30;
    return { video, frames: framesOf(video, () => rate) };
  };
  const ready = () => (made ??= open());
  const handed = async (video: HTMLVideoElement, time: number) => {
    const picture = await createImageBitmap(video);
    return transfer({ time, picture }, [picture]);
  };
  return {
    size: async () => {
      const { video } = await ready();
      return [video.videoWidth, video.videoHeight];
    },
    at: async (time) => {
      const { video, frames } = await ready();
      return handed(video, await frames.seek(time));
    },
    next: async () => {
      const { video, frames } = await ready();
      const before = frames.shown();
      const time = await frames.step(1);
      return time > before + 1e-6 ? handed(video, time) : null;
    },
    close: () =>
      void made?.then(
        ({ video }) => {
          URL.revokeObjectURL(video.src);
          video.removeAttribute('src');
        },
        () => undefined,
      ),
  };
}

const running = () => (worker ??= started());

/** Settles when the worker breaks down, which answers nobody any more. */
const broken = (own: Worker): Promise<void> =>
  new Promise((done) => {
    own.addEventListener(
      'error',
      () => {
        own.terminate();
        worker = null;
        done();
      },
      { once: true },
    );
  });

/** How the pictures of a film are written, such as `avc` or `hevc`; null where that cannot be told. */
export function codecInWorker(file: File): Promise<string | null> {
  const { own, calls } = running();
  return Promise.race([calls.codec(file), broken(own).then(() => null)]);
}

/** Events, figures and grades of what was tracked, worked out beside the interface. */
export const readInWorker = (...asked: Parameters<TrackCalls['read']>): Promise<ThrowsReading> =>
  running().calls.read(...asked);

/** The throws of a file of tracked points. */
export const pointsInWorker = (...asked: Parameters<TrackCalls['points']>) =>
  running().calls.points(...asked);

/** What markers of a lab say. */
export const labInWorker = (...asked: Parameters<TrackCalls['lab']>): Promise<LabAnswer> =>
  running().calls.lab(...asked);

/**
 * Tracks the throws of a film beside the interface.
 *
 * @param heard progress, and joints as they come, so that nothing of them is lost when it is stopped
 * @returns the tracked throws; null once it was stopped; words where it cannot be done
 */
export function trackInWorker(
  wish: TrackWish,
  heard: (word: TrackWord) => void,
): { answer: Promise<TrackedFilm | null | { wrong: string }>; stop: () => void } {
  const { own, calls } = running();
  const ask = ++asked;
  const page = showing(wish.file);
  const failed = broken(own).then(() => ({ wrong: texts.trackerEnded }));
  const answer = Promise.race([calls.track(ask, wish, proxy(page), proxy(heard)), failed]).finally(
    page.close,
  );
  return {
    answer,
    stop: () => void calls.stop(),
  };
}
