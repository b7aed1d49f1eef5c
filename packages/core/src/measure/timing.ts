import { texts } from './texts';

/** Events that can be marked in a clip, both disciplines, in the order in which they usually come. */
export const clipEvents = [
  'load',
  'peak-lift',
  'hands-break',
  'push-off',
  'arm-top',
  'first-touch',
  'plant',
  'hips-turn',
  'trunk-turn',
  'hand-top',
  'lay-back',
  'through',
  'release',
  'back-foot-off',
] as const;
export type ClipEvent = (typeof clipEvents)[number];

export interface Interval {
  from: ClipEvent;
  to: ClipEvent;
  ms: number;
  /** Half a frame at each end. */
  plusMinusMs: number;
}

export interface TimingWarning extends Interval {
  why: string;
  /** Frames a second above which this interval could be judged; null when both fell in one frame. */
  judgeableAboveFps: number | null;
}

/**
 * Time between every two marked events, in frame order, with what the camera leaves open.
 *
 * @param fps frames a second, above 0
 * @param events frame numbers from 0
 * @example timing(240, { plant: 100, release: 136 }).intervals[0] // { from: 'plant', to: 'release', ms: 150, plusMinusMs: 4.166666666666667 }
 */
export function timing(
  fps: number,
  events: Partial<Record<ClipEvent, number>>,
): { intervals: Interval[]; warnings: TimingWarning[] } {
  const marked = clipEvents
    .filter((event) => events[event] !== undefined)
    .map((event) => ({ event, frame: events[event]! }))
    .sort((a, b) => a.frame - b.frame);
  const plusMinusMs = 1000 / fps;
  const intervals = marked.flatMap((a, i) =>
    marked.slice(i + 1).map((b) => ({
      from: a.event,
      to: b.event,
      ms: ((b.frame - a.frame) * 1000) / fps,
      plusMinusMs,
    })),
  );
  // In frames, not in ms, so that rounding cannot tip an interval of exactly two frames.
  const warnings = intervals
    .filter(({ from, to }) => events[to]! - events[from]! <= 2)
    .map((interval) => {
      const judgeableAboveFps = interval.ms > 0 ? 2000 / interval.ms : null;
      const above =
        judgeableAboveFps === null ? 'a faster camera' : texts.moreThanFramesSecond(judgeableAboveFps);
      return {
        ...interval,
        judgeableAboveFps,
        why: texts.tooFewFrames(interval.from, interval.to, fps, above),
      };
    });
  return { intervals, warnings };
}
