/** Moves a video frame by frame by the timestamps of its own frames, where the browser tells them. */
export interface Frames {
  /** Timestamp of the frame that is shown, s. */
  shown: () => number;
  /** Shows the frame at a time; answers with its timestamp. */
  seek: (time: number) => Promise<number>;
  /** Forwards or back by whole frames. */
  step: (frames: number) => Promise<number>;
  /** Whether timestamps are the file's own; else they are counted from the typed rate. */
  exact: boolean;
}

/** So long nothing is told of a frame that is the one shown already, ms and turns of the screen: a busy machine has fewer. */
const patience = 150;
const turns = 6;
/** A page that is not seen has no turns, ms. */
const unseen = 2000;

/** Not every browser tells of frames. */
type Timed = Omit<HTMLVideoElement, 'requestVideoFrameCallback' | 'cancelVideoFrameCallback'> & {
  requestVideoFrameCallback?: (
    callback: (now: number, frame: { mediaTime: number; presentedFrames: number }) => void,
  ) => number;
  cancelVideoFrameCallback?: (handle: number) => void;
};

function seekTo(video: Timed, time: number, shown: number): Promise<number> {
  const end = Number.isFinite(video.duration) ? video.duration : time;
  return new Promise((done) => {
    let asked: number | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let turn: number | undefined;
    const finish = (at: number) => {
      clearTimeout(timer);
      if (turn !== undefined) cancelAnimationFrame(turn);
      if (asked !== undefined) video.cancelVideoFrameCallback?.(asked);
      done(at);
    };
    if (video.requestVideoFrameCallback)
      asked = video.requestVideoFrameCallback((_now, { mediaTime }) => {
        asked = undefined;
        finish(mediaTime);
      });
    video.addEventListener(
      'seeked',
      () => {
        if (!video.requestVideoFrameCallback) return finish(video.currentTime);
        // No new frame is told of when it is the same one.
        const same = () => finish(shown);
        timer = setTimeout(() => {
          timer = setTimeout(same, unseen);
          let left = turns;
          const wait = () => {
            if (left-- > 0) turn = requestAnimationFrame(wait);
            else same();
          };
          wait();
        }, patience);
      },
      { once: true },
    );
    video.currentTime = Math.max(0, Math.min(time, end));
  });
}

/** The timestamp of the frame that comes after one, however long it lets wait for itself; the same where none comes. */
async function frameAfter(video: Timed, after: number): Promise<number> {
  const isLater = (at: number) => at > after + 1e-6;
  const end = Number.isFinite(video.duration) ? video.duration : after + 1;
  let ahead = after;
  for (let wait = 1 / 60; !isLater(ahead); wait *= 1.6) {
    ahead = await seekTo(video, after + wait, after);
    if (after + wait >= end) break;
  }
  if (!isLater(ahead)) return after;
  // Whatever lies just before is the frame in between, until that is the one we came from.
  for (;;) {
    const middle = await seekTo(video, (after + ahead) / 2, ahead);
    if (isLater(middle) && middle < ahead - 1e-6) ahead = middle;
    else {
      const before = await seekTo(video, ahead - 0.0005, ahead);
      if (!isLater(before) || before >= ahead - 1e-6) return ahead;
      ahead = before;
    }
  }
}

/** @param rate frames a second of the file, as far as it is known */
export function framesOf(video: Timed, rate: () => number): Frames {
  const exact = video.requestVideoFrameCallback !== undefined;
  let now = 0;
  const seek = async (time: number) => (now = await seekTo(video, time, now));
  const step = async (frames: number): Promise<number> => {
    const gap = 1 / rate();
    if (!exact) return seek((Math.round(now * rate()) + frames + 0.5) / rate());
    if (frames > 1 || frames < -1) return seek(now + (frames + 0.5) * gap);
    const from = now;
    if (frames < 0) return seek(from - 0.05 * gap);
    // The next frame may be nearer or further than usual.
    for (let ahead = 0.55; ahead < 4; ahead += 0.5) {
      const at = await seek(from + ahead * gap);
      if (at > from + 1e-6 || from + ahead * gap >= video.duration) return at;
    }
    return seek((await frameAfter(video, from)) + 0.0005);
  };
  return { shown: () => now, seek, step, exact };
}

/** Rates that cameras have; a measured one this near is taken for it. */
const usual = [15, 24, 25, 29.97, 30, 48, 50, 59.94, 60, 90, 100, 119.88, 120, 200, 239.76, 240, 480, 960];

/** Frames a second of a file, from the timestamps of its first frames; null where the browser does not tell them. */
export async function measuredRate(video: Timed): Promise<number | null> {
  if (!video.requestVideoFrameCallback) return null;
  const first = await seekTo(video, 0, 0);
  let [at, count] = [first, 0];
  for (; count < 4; count++) {
    const after = await frameAfter(video, at);
    if (after <= at + 1e-6 || after >= video.duration - 0.002) break;
    at = after;
  }
  await seekTo(video, 0, at);
  if (count === 0) return null;
  const rate = count / (at - first);
  const near = usual.reduce((best, each) => (Math.abs(each - rate) < Math.abs(best - rate) ? each : best));
  return Math.abs(near - rate) < 0.02 * near ? near : Math.round(rate * 100) / 100;
}
