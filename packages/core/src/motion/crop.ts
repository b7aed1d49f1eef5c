import type { KeypointFrame } from './keypoints';

/** A square of a picture, px; it may reach beyond the picture. */
export interface Crop {
  x: number;
  y: number;
  side: number;
}

/** A joint this sure helps to say where the body is. */
const sureEnough = 0.2;
/** The square is this much larger than what it is put round, so that the body may move on within it. */
const room = 1.25;
/** Fewer sure joints than this are not a body. */
const fewest = 6;
/** A body is no smaller in the picture than this share of its shorter side. */
const smallest = 0.12;

/**
 * The whole picture, in the square that holds it.
 *
 * @param size width and height of the picture, px
 * @example wholePicture([960, 540]) // { x: 0, y: -210, side: 960 }
 */
export function wholePicture([width, height]: readonly [number, number]): Crop {
  const side = Math.max(width, height);
  return { x: (width - side) / 2, y: (height - side) / 2, side };
}

/**
 * Where to look for a body in the next frame: the square round the joints of this one.
 *
 * @param keypoints joints in pixels of the whole picture
 * @param size width and height of the picture, px
 * @returns null where too few joints are seen; the whole picture is looked at then
 * @example cropRound([], [960, 540]) // null
 */
export function cropRound(
  keypoints: KeypointFrame['keypoints'],
  size: readonly [number, number],
): Crop | null {
  const seen = keypoints.filter(([, , score]) => score > sureEnough);
  if (seen.length < fewest) return null;
  const [xs, ys] = [seen.map(([x]) => x), seen.map(([, y]) => y)];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const side = room * Math.max(right - left, bottom - top, smallest * Math.min(...size));
  return { x: (left + right - side) / 2, y: (top + bottom - side) / 2, side };
}

/**
 * A square round a place that somebody pointed at, as high as a body that stands there may be.
 *
 * @param place in pixels
 * @example cropAt([480, 270], [960, 540]).side // 540
 */
export function cropAt([x, y]: readonly [number, number], size: readonly [number, number]): Crop {
  const side = Math.min(...size);
  return { x: x - side / 2, y: y - side / 2, side };
}
