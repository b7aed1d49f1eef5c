import { BlobSource, Input, MATROSKA, MP4, QTFF, VideoSampleSink, WEBM, type VideoSample } from 'mediabunny';
import { TrackingError, type Draw } from './tracker';
import { texts } from './texts';

export interface Picture {
  /** Of the file, s. */
  time: number;
  draw: Draw;
}

/** Pictures of a film with their own times. */
export interface Pictures {
  /** Width and height as the film is seen, px. */
  size: readonly [number, number];
  /** Pictures that are shown at times. */
  at: (times: readonly number[]) => AsyncGenerator<Picture>;
  /** Every picture of a span, s. */
  every: (from: number, to: number) => AsyncGenerator<Picture>;
}

const undecodable = texts.cannotDecode;

/** What the page can do for a browser that decodes nothing in a worker: shows a frame, and hands it over. */
export interface Shown {
  size: () => Promise<readonly [number, number]>;
  /** The frame shown at a time; its own time comes with it. */
  at: (time: number) => Promise<{ time: number; picture: ImageBitmap }>;
  /** The frame after the one that is shown; null behind the last. */
  next: () => Promise<{ time: number; picture: ImageBitmap } | null>;
}

const drawn = ({ time, picture }: { time: number; picture: ImageBitmap }): Picture => ({
  time,
  draw: (pen) => pen.drawImage(picture, 0, 0),
});

const sought = (page: Shown, time: number) =>
  page.at(time).catch(() => {
    throw new TrackingError(undecodable);
  });

/** Frames that the page shows one after the other: slower, as each is sought. */
async function shownBy(page: Shown): Promise<Pictures> {
  return {
    size: await page.size(),
    async *at(times) {
      for (const time of times) {
        const frame = await sought(page, time);
        yield drawn(frame);
        frame.picture.close();
      }
    },
    async *every(from, to) {
      let frame: { time: number; picture: ImageBitmap } | null = await sought(page, from);
      while (frame && frame.time <= to) {
        yield drawn(frame);
        frame.picture.close();
        frame = await page.next();
      }
    },
  };
}

/**
 * Frames one after the other on one canvas of their own size. A frame that is drawn by itself stays in a cache of the
 * browser, some megabytes of every one.
 */
function stage(): (sample: VideoSample) => Promise<OffscreenCanvas> {
  const canvas = new OffscreenCanvas(1, 1);
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  let pixels = new ImageData(1, 1);
  return async (sample) => {
    const frame = sample.toVideoFrame();
    try {
      const { width, height } = frame.visibleRect!;
      if (pixels.width !== width || pixels.height !== height) {
        pixels = new ImageData(width, height);
        Object.assign(canvas, { width, height });
      }
      await frame.copyTo(pixels.data, { format: 'RGBA' });
      pen.putImageData(pixels, 0, 0);
      return canvas;
    } finally {
      frame.close();
    }
  };
}

/** Draws a frame as the film is seen: a phone that was held upright says by how much its pictures are turned. */
function drawUpright(
  pen: OffscreenCanvasRenderingContext2D,
  frame: OffscreenCanvas,
  sample: VideoSample,
): void {
  const { displayWidth: width, displayHeight: height, rotation } = sample;
  const [wide, high] = rotation % 180 === 0 ? [width, height] : [height, width];
  pen.translate(width / 2, height / 2);
  pen.rotate((rotation * Math.PI) / 180);
  pen.drawImage(frame, -wide / 2, -high / 2, wide, high);
}

const pictureTrack = (file: File) =>
  new Input({ formats: [MP4, QTFF, WEBM, MATROSKA], source: new BlobSource(file) }).getPrimaryVideoTrack();

/** How the pictures of a film are written, such as `avc` or `hevc`; null where that cannot be told. */
export const codecOf = async (file: File): Promise<string | null> =>
  (await pictureTrack(file).catch(() => null))?.codec ?? null;

async function decoded(file: File): Promise<Pictures | null> {
  if (typeof VideoDecoder === 'undefined') return null;
  const track = await pictureTrack(file);
  if (!track) throw new TrackingError(texts.hasNoPicture(file.name));
  if (!(await track.canDecode())) return null;
  const sink = new VideoSampleSink(track);
  const staged = stage();
  async function* pictures(samples: AsyncGenerator<VideoSample | null, void, unknown>) {
    try {
      for (;;) {
        const { done, value: sample } = await samples.next().catch(() => {
          throw new TrackingError(undecodable);
        });
        if (done) return;
        if (!sample) continue;
        const frame = await staged(sample);
        try {
          yield {
            time: sample.timestamp,
            draw: (pen: OffscreenCanvasRenderingContext2D) => drawUpright(pen, frame, sample),
          };
        } finally {
          sample.close();
        }
      }
    } finally {
      await samples.return();
    }
  }
  return {
    size: [track.displayWidth, track.displayHeight],
    at: (times) => pictures(sink.samplesAtTimestamps(times)),
    every: (from, to) => pictures(sink.samples(from, to + 1e-6)),
  };
}

/** Pictures of a film: decoded here, or shown by the page where the browser cannot. */
export async function picturesOf(file: File, page: Shown): Promise<Pictures> {
  const here = await decoded(file).catch((error: unknown) => {
    if (error instanceof TrackingError) throw error;
    // The page may still be able to show it.
    return null;
  });
  return here ?? shownBy(page);
}
