import type { Whom } from '../catalogue';
import type { Markers } from '../formats/trc';
import type { Segment, SpeedCurves } from '../measure/curves';
import type { ClipEvent } from '../measure/timing';
import type { Motion, MotionJoint } from './figure';
import { minus, placeAt, size, type Place } from './geometry';
import { rateOf } from './instants';
import { keptOf, type MotionKept } from './kept';
import { bodyOfMarkers, type Marked } from './markers';
import { readMotion } from './read';
import type { ThrowsReading } from './several';

/** What the turn of each part is seen by. The markers of a wrist end the forearm: its turn stands for the hand's. */
const turns = {
  pelvis: ['trailHip', 'leadHip'],
  trunk: ['throwingShoulder', 'gloveShoulder'],
  arm: ['throwingShoulder', 'throwingElbow'],
  hand: ['throwingElbow', 'throwingWrist'],
} as const satisfies Partial<Record<Segment, readonly [MotionJoint, MotionJoint]>>;
const goes = {
  pelvis: 'hips',
  trunk: 'shoulders',
  arm: 'throwingElbow',
  hand: 'throwingWrist',
} as const satisfies Partial<Record<Segment, MotionJoint>>;
const parts = Object.keys(turns) as (keyof typeof turns)[];

/** Speeds take what is faster than angles do: the same low-pass that speed curves have, Hz. */
const speedCutoff = 20;

const cross = (a: Place, b: Place): Place => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** How fast a line turns in space, deg/s: from the sample before to the one after. */
function turning(motion: Motion, [from, to]: readonly [MotionJoint, MotionJoint]): Float64Array {
  const { rate, frames, start } = motion;
  const lines = Array.from({ length: frames }, (_, i): Place => {
    const t = start + i / rate;
    return minus(placeAt(motion, to, t), placeAt(motion, from, t));
  });
  return Float64Array.from(lines, (_, i) => {
    const [a, b] = [Math.max(0, i - 1), Math.min(frames - 1, i + 1)];
    const [before, after] = [lines[a]!, lines[b]!];
    const along = before[0] * after[0] + before[1] * after[1] + before[2] * after[2];
    return ((Math.atan2(size(cross(before, after)), along) * 180) / Math.PI / (b - a)) * rate;
  });
}

/**
 * Speeds of the parts of a body from its markers: how fast each turns in space, and how fast it goes forward.
 *
 * @throws FieldError as `motionOfMarkers` does
 * @example Object.keys(markerSpeeds(readTrc(trc), { discipline: 'overhand', throws: 'R' }).turning) // [ 'pelvis', 'trunk', 'arm', 'hand' ]
 */
export function markerSpeeds(file: Markers, who: Marked): SpeedCurves {
  const { motion, heightMm } = bodyOfMarkers(file, who, () => speedCutoff);
  const { start, rate, frames, at } = motion;
  const metres = heightMm / 1000 / 100;
  return {
    time: Float64Array.from({ length: frames }, (_, i) => start + i / rate),
    turning: Object.fromEntries(parts.map((part) => [part, turning(motion, turns[part])])),
    forward: Object.fromEntries(
      parts.map((part) => [part, rateOf(at[goes[part]].fwd, rate).map((each) => each * metres)]),
    ),
  };
}

/** What markers of a lab say of one delivery. */
export interface LabReading {
  reading: ThrowsReading;
  speeds: SpeedCurves;
  /** The body, so that it can be drawn. */
  motion: MotionKept;
}

/**
 * Events, figures and grades in space, the speeds of the parts, and the body itself.
 *
 * @throws FieldError as `motionOfMarkers` does, and where nobody throws
 * @example readLab(readTrc(trc), { discipline: 'overhand', throws: 'R' }, { discipline: 'overhand', level: 'college' }).reading.throws.length // 1
 */
export function readLab(file: Markers, who: Marked, whom: Whom): LabReading {
  const { motion } = bodyOfMarkers(file, who);
  const one = readMotion(motion, whom);
  const instants = Object.fromEntries(
    (Object.keys(one.events) as ClipEvent[]).map((event) => [event, one.events[event]!.t]),
  );
  const places = Object.values(motion.at).flatMap(({ up }) => [...up]);
  const seen = places.filter((each) => !Number.isNaN(each)).length / places.length;
  return {
    reading: {
      throws: [{ ...one, seen, swapped: 0 }],
      measures: one.measures.map((figure) => ({
        ...figure,
        range: [figure.value, figure.value],
        throws: 1,
        scatter: null,
      })),
      evidence: one.evidence,
      missing: one.missing,
    },
    speeds: markerSpeeds(file, who),
    motion: keptOf(motion, instants),
  };
}
