import {
  checkKeypoints,
  motionMeasureOf,
  type KeypointFrame,
  type MotionFigure,
  type ThrowsReading,
} from '../motion';
import { isRead } from '../motion/several';
import { FieldError } from '../units/fieldError';
import { writeTable } from './csv';
import { texts } from './texts';

/** Tracked points as other tools write and read them. */
export interface KeypointFile {
  fps: number;
  /** Width and height of the picture, px. */
  size: readonly [number, number];
  frames: readonly KeypointFrame[];
}

/**
 * Reads tracked points: `{"fps", "size", "frames": [{"t", "keypoints": [[x, y, score] × 17]}]}`.
 *
 * @throws FieldError with the field that is wrong; `file` where it is no such file at all
 * @example readKeypointFile(JSON.stringify(filmed.clip)).fps // 60
 */
export function readKeypointFile(text: string): KeypointFile {
  let file: Partial<KeypointFile> | null;
  try {
    file = JSON.parse(text) as Partial<KeypointFile> | null;
  } catch {
    throw new FieldError('file', texts.fileIsNoJson);
  }
  const { fps, size, frames } = file ?? {};
  if (typeof fps !== 'number') throw new FieldError('fps', texts.fpsIsRequired);
  const sides = Array.isArray(size) ? (size as unknown[]) : [];
  if (sides.length !== 2 || !sides.every((side) => Number.isFinite(side) && (side as number) > 0))
    throw new FieldError('size', texts.sizeMustBe);
  if (!Array.isArray(frames)) throw new FieldError('frames', 'is required');
  checkKeypoints({ discipline: 'overhand', throws: 'R', view: 'front', fps, size: size!, frames });
  return { fps, size: size!, frames };
}

/**
 * Tracked points as text that `readKeypointFile` reads; places to a hundredth of a pixel.
 *
 * @example readKeypointFile(writeKeypointFile(filmed.clip)).frames.length === filmed.clip.frames.length // true
 */
export function writeKeypointFile({ fps, size, frames }: KeypointFile): string {
  const short = (value: number) => Math.round(value * 100) / 100;
  const whole = frames.map(({ t, keypoints }) => ({
    t: Math.round(t * 1e6) / 1e6,
    keypoints: keypoints.map((point) => point.map(short)),
  }));
  return JSON.stringify({ fps, size, frames: whole });
}

/**
 * Events and figures of a tracked film as a table: each throw by itself, and the medians.
 *
 * @example writeReading({ throws: [], measures: [], evidence: [], missing: [] }).startsWith('throw,what,id,name') // true
 */
export function writeReading(reading: ThrowsReading): string {
  const figure = (which: string, { id, value, plusMinus, unit }: MotionFigure) =>
    [which, 'figure', id, motionMeasureOf(id)?.name ?? id, value, plusMinus, unit] as const;
  const rows = reading.throws.flatMap((each, n) => {
    if (!isRead(each)) return [];
    const which = String(n + 1);
    return [
      ...Object.entries(each.events).map(
        ([event, { t, plusMinusMs }]) => [which, 'event', event, event, t, plusMinusMs / 1000, 's'] as const,
      ),
      ...each.measures.map((one) => figure(which, one)),
    ];
  });
  return writeTable(
    ['throw', 'what', 'id', 'name', 'value', texts.plusOrMinus, 'unit'],
    [...rows, ...reading.measures.map((one) => figure('median', one))],
  );
}
