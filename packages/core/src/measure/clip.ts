import { nodeOf, type Discipline, type Severity } from '../catalogue';
import type { ClipEvent } from './timing';

/** How a clip keeps time: a slow-motion file plays at another rate than it was taken. */
export interface ClipClock {
  /** Frames a second as the file plays. */
  fps: number;
  /** Frames a second as the camera took them. */
  captureFps: number;
}

/**
 * True time between two moments of a file, ms, and what the camera leaves open (half a frame at each end).
 *
 * @example clipInterval(0, 0.5, { fps: 30, captureFps: 240 }) // { ms: 62.5, plusMinusMs: 4.166666666666667 }
 */
export const clipInterval = (
  from: number,
  to: number,
  { fps, captureFps }: ClipClock,
): { ms: number; plusMinusMs: number } => ({
  ms: (to - from) * 1000 * (fps / captureFps),
  plusMinusMs: 1000 / captureFps,
});

/**
 * The frame that a moment of a file falls into.
 *
 * @example frameAt(0.5, 30) // 15
 */
export const frameAt = (time: number, fps: number): number => Math.round(time * fps);

export const clipViews = ['side', 'front', 'behind', 'above', 'other'] as const;
/** From where a clip was taken. */
export type ClipView = (typeof clipViews)[number];

export interface ClipMeasure {
  id: string;
  name: string;
  type: 'angle' | 'line' | 'length';
  /** The event on whose frame it is taken; null where any frame will do. */
  event: ClipEvent | null;
  /** What a body can show, degrees or cm; anything else is most likely drawn wrongly. */
  range: readonly [number, number];
  /** It can be seen from above alone: a turn about the vertical never shows from the side. */
  fromAbove?: true;
}

const lengths = [30, 260] as const;
const kneeAngles = [60, 180] as const;
const turns = [0, 90] as const;

/** What can be derived from drawings, for the look. */
export const clipMeasures: Readonly<Record<Discipline, readonly ClipMeasure[]>> = {
  overhand: [
    { id: 'stride', name: 'Stride (length)', type: 'length', event: 'plant', range: lengths },
    {
      id: 'knee-at-plant',
      name: 'Lead knee at plant (hip, knee, ankle)',
      type: 'angle',
      event: 'plant',
      range: kneeAngles,
    },
    {
      id: 'knee-at-release',
      name: 'Lead knee at release (hip, knee, ankle)',
      type: 'angle',
      event: 'release',
      range: kneeAngles,
    },
    {
      id: 'separation',
      name: 'Hip line against shoulder line at plant',
      type: 'angle',
      event: 'plant',
      range: turns,
      fromAbove: true,
    },
    { id: 'trunk-at-release', name: 'Trunk tilt at release', type: 'line', event: 'release', range: [0, 80] },
    { id: 'back-shin', name: 'Shin of the back leg', type: 'line', event: null, range: [0, 85] },
    { id: 'front-foot', name: 'Front-foot angle', type: 'angle', event: 'plant', range: [0, 120] },
    {
      id: 'elbow-height',
      name: 'Elbow against the shoulder line',
      type: 'angle',
      event: null,
      range: [0, 180],
    },
  ],
  windmill: [
    { id: 'stride', name: 'Stride (length)', type: 'length', event: 'plant', range: lengths },
    {
      id: 'knee-at-plant',
      name: 'Front knee at landing (hip, knee, ankle)',
      type: 'angle',
      event: 'plant',
      range: kneeAngles,
    },
    { id: 'front-foot', name: 'Front-foot angle at landing', type: 'angle', event: 'plant', range: [0, 120] },
    {
      id: 'hips-at-release',
      name: 'Hip line at release',
      type: 'angle',
      event: 'release',
      range: [0, 110],
      fromAbove: true,
    },
    { id: 'trunk-at-release', name: 'Trunk tilt at release', type: 'line', event: 'release', range: [0, 80] },
    { id: 'back-shin', name: 'Shin of the back leg', type: 'line', event: null, range: [0, 85] },
  ],
};

const flatViews: readonly ClipView[] = ['side', 'front', 'behind'];

/**
 * Whether a measure can be seen from where the clip was taken.
 *
 * @example seenFrom({ fromAbove: true }, 'side') // false
 */
export const seenFrom = ({ fromAbove }: Pick<ClipMeasure, 'fromAbove'>, view: ClipView): boolean =>
  !fromAbove || !flatViews.includes(view);

/** What speaks against a drawing being the measure that somebody names it. */
export interface DrawnDoubt {
  /** `event`: it is on another frame than its event, or the event is not marked; `range`: no body shows this. */
  kind: 'event' | 'range';
  /** Where the event is marked, s; null where it is not, or for another doubt. */
  marked: number | null;
}

/**
 * What to ask before a drawing counts as a measure.
 *
 * @param drawing the frame it was drawn on, s, and its figure in the unit of the measure; null without one
 * @param clip the marked events, s, and the frames a second of the file
 * @example drawnDoubts({ event: null, range: [0, 90] }, { time: 0.5, value: 40 }, { marks: {}, fps: 30 }) // []
 */
export function drawnDoubts(
  { event, range: [low, high] }: ClipMeasure,
  drawing: { time: number; value: number | null },
  clip: { marks: Partial<Record<ClipEvent, number>>; fps: number },
): DrawnDoubt[] {
  const doubts: DrawnDoubt[] = [];
  const marked = event === null ? undefined : clip.marks[event];
  if (
    event !== null &&
    (marked === undefined || frameAt(marked, clip.fps) !== frameAt(drawing.time, clip.fps))
  )
    doubts.push({ kind: 'event', marked: marked ?? null });
  if (drawing.value !== null && !(drawing.value >= low && drawing.value <= high))
    doubts.push({ kind: 'range', marked: null });
  return doubts;
}

/**
 * Checkpoints that the named drawings of a clip measure, with their values in the unit of the measure.
 *
 * @param drawn value of each named drawing, degrees or cm
 * @param heightCm of the athlete; without it the stride stays without a share
 * @param view from where the clip was taken: what cannot be seen from there measures nothing
 * @example derivedMeasures({}, 180, 'side') // []
 */
export function derivedMeasures(
  drawn: Readonly<Record<string, number>>,
  heightCm: number | null,
  view: ClipView,
): { checkpoint: string; value: number }[] {
  const found: { checkpoint: string; value: number }[] = [];
  const add = (checkpoints: readonly string[], value: number | null) => {
    if (value !== null && Number.isFinite(value))
      found.push(...checkpoints.map((checkpoint) => ({ checkpoint, value })));
  };
  const of = (name: string): number | null => drawn[name] ?? null;
  /** A knee angle of 180 degrees is a straight leg, which bends by nothing. */
  const bend = (name: string): number | null => (of(name) === null ? null : 180 - of(name)!);
  const [stride, atPlant, atRelease] = [of('stride'), bend('knee-at-plant'), bend('knee-at-release')];
  add(['oh.short-stride', 'wm.short-drive'], stride === null || !heightCm ? null : (100 * stride) / heightCm);
  add(
    ['oh.no-post', 'oh.lead-leg-soft'],
    atPlant === null || atRelease === null ? null : atPlant - atRelease,
  );
  const above = seenFrom({ fromAbove: true }, view);
  add(['oh.low-separation'], above ? of('separation') : null);
  add(['wm.locked-knee', 'wm.collapsed-front'], atPlant);
  add(['wm.foot-closed'], of('front-foot'));
  add(['wm.hips-slam'], above ? of('hips-at-release') : null);
  return found;
}

/** Grades that marked moments give by themselves: from one event to another, ms. House defaults. */
const timed: readonly {
  checkpoint: string;
  from: ClipEvent;
  to: ClipEvent;
  /** Above these it is slight, obvious, severe. */
  steps: readonly [number, number, number];
  what: string;
}[] = [
  {
    checkpoint: 'oh.early-hand',
    from: 'hand-top',
    to: 'plant',
    steps: [60, 110, 160],
    what: 'hand at its top before plant',
  },
];

/** What seconds lose as fractions, ms: exactly 60 ms is not more than 60. */
const rounding = 1e-6;

export interface EventGrade {
  checkpoint: string;
  /** ms; negative when the first event came after the second. */
  value: number;
  /** What the camera leaves open, ms: half a frame at each end. */
  error: number;
  /** Null where the camera is too coarse to tell: the time is smaller than its own error. */
  severity: Severity | null;
  what: string;
}

/**
 * What the marked moments of a clip say of checkpoints, with their frame error.
 *
 * @example eventGrades({}, { fps: 30, captureFps: 240 }, 'overhand') // []
 */
export const eventGrades = (
  marks: Partial<Record<ClipEvent, number>>,
  clock: ClipClock,
  discipline: Discipline,
): EventGrade[] =>
  timed.flatMap(({ checkpoint, from, to, steps, what }) => {
    const node = nodeOf(checkpoint);
    if (node?.type !== 'flaw' || node.discipline !== discipline) return [];
    if (marks[from] === undefined || marks[to] === undefined) return [];
    const { ms, plusMinusMs } = clipInterval(marks[from], marks[to], clock);
    const severity =
      Math.abs(ms) < plusMinusMs ? null : (steps.filter((step) => ms > step + rounding).length as Severity);
    return [{ checkpoint, value: ms, error: plusMinusMs, severity, what }];
  });

export interface ClipIntervalFound {
  from: ClipEvent;
  to: ClipEvent;
  ms: number;
  plusMinusMs: number;
  /** Set where the camera is too coarse for this interval: frames a second above which it could be judged. */
  needsAboveFps: number | null;
}

/**
 * From each marked moment to the next, and from plant to release; by the clip's own timestamps.
 *
 * @example clipIntervals({ plant: 1, release: 1.5 }, { fps: 30, captureFps: 240 }).length // 1
 */
export function clipIntervals(
  marks: Partial<Record<ClipEvent, number>>,
  clock: ClipClock,
): ClipIntervalFound[] {
  const marked = (Object.entries(marks) as [ClipEvent, number][]).sort((a, b) => a[1] - b[1]);
  const pairs = marked.slice(1).map((to, i): [[ClipEvent, number], [ClipEvent, number]] => [marked[i]!, to]);
  const [plant, release] = [marks.plant, marks.release];
  const known = pairs.some(([[from], [to]]) => from === 'plant' && to === 'release');
  if (plant !== undefined && release !== undefined && plant <= release && !known)
    pairs.push([
      ['plant', plant],
      ['release', release],
    ]);
  return pairs.map(([[from, a], [to, b]]) => {
    const { ms, plusMinusMs } = clipInterval(a, b, clock);
    // Timestamps are rounded to whole milliseconds at worst: to the nearest frame they are not.
    const frames = Math.round(ms / plusMinusMs);
    const coarse = frames <= 2;
    return {
      from,
      to,
      ms,
      plusMinusMs,
      needsAboveFps: coarse ? (frames > 0 ? (2 * clock.captureFps) / frames : Infinity) : null,
    };
  });
}
