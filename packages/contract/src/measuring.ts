import {
  clipViews,
  type ClipView,
  clipEvents,
  screenTestOf,
  screenTools,
  segments,
  type ClipEvent,
  type DrawnCurve,
  type Flight,
  markedJoints,
  type MarkerMap,
  type ScreenTool,
  type Sequence,
} from '@wrightonic/core';
import Joi from 'joi';
import { flight } from './flight';
import { severity } from './headless';
import { motionTaken, type MotionTaken } from './motionTaken';
import { id, line, note, zone } from './shared';

/** How a camera stood to the delivery. */
export { clipViews, type ClipView };
export const drawingKinds = ['angle', 'line', 'length', 'scale', 'ground'] as const;
export type DrawingKind = (typeof drawingKinds)[number];
/** Points a drawing of each kind has. */
export const pointsOf: Readonly<Record<DrawingKind, number>> = {
  angle: 3,
  line: 2,
  length: 2,
  scale: 2,
  ground: 2,
};

/** A place on a picture, 0 to 1 from its upper left corner. */
export type PicturePoint = [x: number, y: number];

export interface CurvePeak {
  segment: string;
  value: number;
  /** s */
  time: number;
}

/** What is kept of a reading of speed curves; the file itself stays where it is. */
export type CurveResult = Pick<
  Sequence,
  | 'rate'
  | 'cutoff'
  | 'order'
  | 'gaps'
  | 'gains'
  | 'handedOn'
  | 'evidence'
  | 'missing'
  | 'notes'
  | 'plant'
  | 'release'
> & {
  peaks: CurvePeak[];
  lines: DrawnCurve[];
  /** The same of the speeds forward, m/s; left out where the file has none. */
  linear?: { peaks: CurvePeak[]; order: Sequence['order']; gaps: Sequence['gaps']; lines: DrawnCurve[] };
};

interface Bodies {
  'screen-begun': { athleteId: string; zone: string };
  /** `value` null takes a try back; the newest of each test, side and number counts. */
  'screen-try': {
    screenId: string;
    test: string;
    side: 'lead' | 'trail' | 'throwing' | 'glove' | 'none';
    n: 1 | 2;
    value: number | null;
    pain: boolean;
    /** What it was read with; left out where nobody said. */
    tool?: ScreenTool;
    /** What was read, where the value is worked out of it: deg, or kg and reps. */
    parts?: [number, number];
    /** Measured again right after a stretch: kept beside the tries, never one of them. */
    retest?: true;
  };
  'screen-finished': { screenId: string };
  /** A throw outside of a session of drills, charted or not. */
  pitch: {
    athleteId: string;
    zone: string;
    /** m/s; null when not measured. */
    velocity: number | null;
    effort: number | null;
    pitch: string;
    ballG: number;
    type: 'game' | 'practice';
    distanceM: number | null;
    /** −1 to 1 from edge to edge of the zone, as the pitcher sees it; null when nobody charted it. */
    aim: PicturePoint | null;
    arrived: PicturePoint | null;
    flight?: Flight;
  };
  'clip-opened': {
    athleteId: string;
    zone: string;
    name: string;
    size: number;
    /** SHA-256 of the first megabyte. */
    hash: string;
    seconds: number;
    /** Of the picture, px. */
    width: number;
    height: number;
    /** Frames a second as the file plays, and as the camera took them. */
    fps: number;
    captureFps: number;
    view: ClipView;
    square: boolean;
  };
  'clip-told': { clipId: string; fps: number; captureFps: number; view: ClipView; square: boolean };
  /** `time` null takes a mark back. */
  'clip-mark': { clipId: string; event: ClipEvent; time: number | null };
  /** The newest of each `drawing` counts; `points` null takes it away. */
  'clip-drawing': {
    clipId: string;
    drawing: string;
    type: DrawingKind;
    time: number;
    points: PicturePoint[] | null;
    /** Name of a derived measure, or empty. */
    measure: string;
    /** Of a scale, cm. */
    lengthCm: number | null;
  };
  /** The newest of a clip counts; `markers` where a lab's markers were read, by what they were. */
  'clip-motion': { clipId: string; markers?: MarkerMap } & MotionTaken;
  'curves-read': { athleteId: string; zone: string; name: string; result: CurveResult };
}

type Logged = { id: string; at: string };
export type MeasuringEvent = { [K in keyof Bodies]: Logged & { kind: K } & Bodies[K] }[keyof Bodies];

/** Names as a lab gives them to its markers; wide enough that no sheet holds up what was measured by it. */
const markerNames = Joi.array().items(line(200).required()).min(1).max(64);
const markerMap = Joi.object<MarkerMap>(
  Object.fromEntries(markedJoints.map((joint) => [joint, markerNames.required()])),
);
const point = (from: number, to: number) =>
  Joi.array().ordered(Joi.number().min(from).max(to).required(), Joi.number().min(from).max(to).required());
const seconds = Joi.number().min(0).max(36_000);
const rate = Joi.number().min(1).max(20_000);
const segment = Joi.valid(...segments);
const eventFields = {
  fps: rate.required(),
  captureFps: rate.required(),
  view: Joi.valid(...clipViews).required(),
  square: Joi.boolean().required(),
};

const chainParts = {
  peaks: Joi.array()
    .items(
      Joi.object({
        segment: segment.required(),
        value: Joi.number().required(),
        time: Joi.number().required(),
      }),
    )
    .max(5)
    .required(),
  order: Joi.array().items(segment).max(5).required(),
  gaps: Joi.array()
    .items(
      Joi.object({
        from: segment.required(),
        to: segment.required(),
        ms: Joi.number().required(),
        plusMinusMs: Joi.number().min(0).required(),
      }),
    )
    .max(5)
    .required(),
  lines: Joi.array()
    .items(
      Joi.object({
        segment: segment.required(),
        points: Joi.array()
          .items(Joi.array().ordered(Joi.number().required(), Joi.number().allow(null).required()))
          .max(300)
          .required(),
      }),
    )
    .max(5)
    .required(),
};

const curveResult = Joi.object({
  ...chainParts,
  rate: rate.required(),
  cutoff: rate.required(),
  linear: Joi.object(chainParts),
  gains: Joi.object().pattern(Joi.string().max(20), Joi.number()).max(6).required(),
  handedOn: Joi.object().pattern(segment, Joi.number()).required(),
  evidence: Joi.array()
    .items(
      Joi.object({ flaw: line(60).required(), severity: severity.required(), why: line(300).required() }),
    )
    .max(10)
    .required(),
  missing: Joi.array().items(segment).max(5).required(),
  notes: Joi.array().items(line(300)).max(30).required(),
  plant: Joi.number().allow(null).required(),
  release: Joi.number().allow(null).required(),
});

const screenTry = {
  screenId: id.required(),
  test: Joi.string()
    .max(40)
    .custom((value: string, helpers) => (screenTestOf(value) ? value : helpers.error('any.invalid')))
    .messages({ 'any.invalid': '{{#label}} is not the id of a test' })
    .required(),
  side: Joi.valid('lead', 'trail', 'throwing', 'glove', 'none').required(),
  n: Joi.valid(1, 2).required(),
  value: Joi.number().min(-1000).max(1000).allow(null).required(),
  pain: Joi.boolean().required(),
  tool: Joi.valid(...screenTools),
  parts: Joi.array().ordered(
    Joi.number().min(0).max(1000).required(),
    Joi.number().min(0).max(1000).required(),
  ),
  retest: Joi.valid(true),
};

export const measuringBodies: { [K in keyof Bodies]: Record<string, Joi.Schema> } = {
  'screen-begun': { athleteId: id.required(), zone: zone.required() },
  'screen-try': screenTry,
  'screen-finished': { screenId: id.required() },
  pitch: {
    athleteId: id.required(),
    zone: zone.required(),
    velocity: Joi.number().min(2).max(55).allow(null).required(),
    effort: Joi.number().integer().min(10).max(100).allow(null).required(),
    pitch: line(30).required(),
    ballG: Joi.number().min(50).max(2000).required(),
    type: Joi.valid('game', 'practice').required(),
    distanceM: Joi.number().min(1).max(150).allow(null).required(),
    aim: point(-2, 2).allow(null).required(),
    arrived: point(-4, 4).allow(null).required(),
    flight,
  },
  'clip-opened': {
    athleteId: id.required(),
    zone: zone.required(),
    name: line(200).required(),
    size: Joi.number().integer().min(1).max(1e12).required(),
    hash: Joi.string()
      .pattern(/^[0-9a-f]{64}$/, 'SHA-256')
      .required(),
    seconds: seconds.required(),
    width: Joi.number().integer().min(1).max(20_000).required(),
    height: Joi.number().integer().min(1).max(20_000).required(),
    ...eventFields,
  },
  'clip-told': { clipId: id.required(), ...eventFields },
  'clip-mark': {
    clipId: id.required(),
    event: Joi.valid(...clipEvents).required(),
    time: seconds.allow(null).required(),
  },
  'clip-drawing': {
    clipId: id.required(),
    drawing: id.required(),
    type: Joi.valid(...drawingKinds).required(),
    time: seconds.required(),
    points: Joi.array().items(point(0, 1)).min(2).max(3).allow(null).required(),
    measure: note(60).required(),
    lengthCm: Joi.number().min(1).max(400).allow(null).required(),
  },
  'clip-motion': { clipId: id.required(), markers: markerMap, ...motionTaken },
  'curves-read': {
    athleteId: id.required(),
    zone: zone.required(),
    name: line(200).required(),
    result: curveResult.required(),
  },
};

export interface PictureShown {
  shown: boolean;
}
export const pictureShown = Joi.object<PictureShown>({ shown: Joi.boolean().required() }).required();

/** What goes with the bytes of a marked frame. */
export interface PictureQuery {
  id: string;
  time: number;
  note: string;
}
export const pictureQuery = Joi.object<PictureQuery>({
  id: id.required(),
  time: seconds.required(),
  note: note(200).required(),
}).required();

/** Largest marked frame that is kept, bytes. */
export const largestPicture = 4_000_000;
