import { setWasmPaths } from '@tensorflow/tfjs-backend-wasm';
import { loadGraphModel, type GraphModel } from '@tensorflow/tfjs-converter';
import { env, io, setBackend, tensor, type Tensor } from '@tensorflow/tfjs-core';
import type { Crop, KeypointFrame } from '@wrightonic/core';
import { texts } from './texts';

/** Where the tracker lies beside the page; the name changes with it. */
const version = '3.0.4';
const base = `/tracker/${version}/`;
const keptAs = `joint-tracker-${version}`;
const modules = { plain: 'tfjs-backend-wasm.wasm', simd: 'tfjs-backend-wasm-simd.wasm' };
/** Side of the square that the model looks at, px. */
const side = 256;
/** Nothing comes for so long: it is given up, ms. */
const patience = 45_000;

/** Told to whoever asked, in words. */
export class TrackingError extends Error {}

/** A file of the tracker: kept on the device once it was fetched. */
async function fetched(name: string, heard: (bytes: number) => void): Promise<ArrayBuffer> {
  const kept = await caches.open(keptAs);
  const known = await kept.match(base + name);
  if (known) return known.arrayBuffer();
  const stop = new AbortController();
  let timer = setTimeout(() => stop.abort(), patience);
  try {
    const answer = await fetch(base + name, { signal: stop.signal });
    if (answer.status === 404) throw new TrackingError(texts.trackerIsNotHere);
    if (!answer.ok || !answer.body) throw new Error(`${answer.status}`);
    const parts: BlobPart[] = [];
    const reader = answer.body.getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      clearTimeout(timer);
      timer = setTimeout(() => stop.abort(), patience);
      parts.push(value as BlobPart);
      heard(value.byteLength);
    }
    const whole = new Blob(parts);
    await kept.put(base + name, new Response(whole));
    return await whole.arrayBuffer();
  } catch (error) {
    if (error instanceof TrackingError) throw error;
    throw new TrackingError(texts.trackerNotFetched);
  } finally {
    clearTimeout(timer);
  }
}

/** Bytes of all that is fetched, for the progress. */
const allBytes = 13_100_000;

async function removeOlder(): Promise<void> {
  for (const name of await caches.keys())
    if (name.startsWith('joint-tracker-') && name !== keptAs) await caches.delete(name);
}

interface GraphFile {
  modelTopology: object;
  weightsManifest: { weights: io.WeightsManifestEntry[] }[];
  format?: string;
}

async function loaded(heard: (share: number) => void): Promise<GraphModel> {
  let bytes = 0;
  const more = (count: number) => heard(Math.min(1, (bytes += count) / allBytes));
  const simd = (await env().getAsync('WASM_HAS_SIMD_SUPPORT')) as boolean;
  const name = simd ? modules.simd : modules.plain;
  const [module, graph, weightData] = await Promise.all([
    fetched(name, more),
    fetched('movenet-thunder.json', more),
    fetched('movenet-thunder.bin', more),
  ]);
  void removeOlder();
  // One thread: the threaded module hangs under the page's rules for scripts.
  env().set('WASM_HAS_MULTITHREAD_SUPPORT', false);
  const url = URL.createObjectURL(new Blob([module], { type: 'application/wasm' }));
  setWasmPaths({
    'tfjs-backend-wasm.wasm': url,
    'tfjs-backend-wasm-simd.wasm': url,
    'tfjs-backend-wasm-threaded-simd.wasm': url,
  });
  if (!(await setBackend('wasm'))) throw new TrackingError(texts.cannotRunTracker);
  URL.revokeObjectURL(url);
  const { modelTopology, weightsManifest } = JSON.parse(new TextDecoder().decode(graph)) as GraphFile;
  const weightSpecs = weightsManifest.flatMap(({ weights }) => weights);
  return loadGraphModel(io.fromMemory({ modelTopology, weightSpecs, weightData }));
}

/** Draws a picture of a film so that places of it, in pixels, are where they are. */
export type Draw = (pen: OffscreenCanvasRenderingContext2D) => void;

export interface Tracker {
  /** The 17 joints of one body within a square of a picture, in pixels of the whole picture. */
  joints: (draw: Draw, crop: Crop) => KeypointFrame['keypoints'];
}

let ready: Promise<Tracker> | null = null;

async function made(heard: (share: number) => void): Promise<Tracker> {
  const model = await loaded(heard);
  const canvas = new OffscreenCanvas(side, side);
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  const pixels = new Int32Array(side * side * 3);
  const joints = (draw: Draw, { x, y, side: wide }: Crop): KeypointFrame['keypoints'] => {
    const scale = side / wide;
    pen.setTransform(1, 0, 0, 1, 0, 0);
    pen.fillStyle = 'black';
    pen.fillRect(0, 0, side, side);
    pen.setTransform(scale, 0, 0, scale, -x * scale, -y * scale);
    draw(pen);
    const { data } = pen.getImageData(0, 0, side, side);
    for (let from = 0, to = 0; from < data.length; from += 4) {
      pixels[to++] = data[from]!;
      pixels[to++] = data[from + 1]!;
      pixels[to++] = data[from + 2]!;
    }
    const input = tensor(pixels, [1, side, side, 3], 'int32');
    const output = model.execute(input) as Tensor;
    const found = output.dataSync();
    input.dispose();
    output.dispose();
    return Array.from({ length: found.length / 3 }, (_, j): [number, number, number] => [
      x + found[3 * j + 1]! * wide,
      y + found[3 * j]! * wide,
      found[3 * j + 2]!,
    ]);
  };
  return { joints };
}

/** The tracker, fetched when it is first asked for. */
export function tracker(heard: (share: number) => void): Promise<Tracker> {
  ready ??= made(heard).catch((error: unknown) => {
    ready = null;
    throw error;
  });
  return ready;
}
