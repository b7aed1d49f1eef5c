import { median } from 'simple-statistics';
import type { Discipline, Hand } from '../catalogue';
import type { Markers } from '../formats/trc';
import { FieldError } from '../units/fieldError';
import { cutoffs, fillGaps, filtered, longestFilled, proportions } from './clean';
import {
  bodyJointOf,
  roleJoints,
  withMiddles,
  type Motion,
  type MotionJoint,
  type Path,
  type RoleJoint,
} from './figure';
import { minus, size, type Place } from './geometry';
import type { BodyJoint } from './keypoints';
import { texts } from './texts';

/** Which markers lie around a joint; their middle is taken for it. */
export type MarkerMap = Partial<Record<BodyJoint, string[]>>;

const parts: Readonly<Record<string, string>> = {
  Shoulder: 'sho|shoulder|acr|acromion|sjc',
  Elbow: 'elb|elbow|ejc|lel|mel',
  Wrist: 'wri|wrist|wjc|wra|wrb',
  Hip: 'hip|hjc|asi|asis|psi|psis',
  Knee: 'kne|knee|kjc|lkn|mkn',
  Ankle: 'ank|ankle|ajc|lan|man',
};
const joints = Object.keys(parts);
/** Without these nothing can be told. */
export const markedJoints = joints.flatMap((joint) => [`left${joint}`, `right${joint}`]) as BodyJoint[];

/**
 * Guesses from the names of markers which joint each lies at.
 *
 * @example guessMarkers(['L.Shoulder', 'RSHO']).rightShoulder // [ 'RSHO' ]
 */
export function guessMarkers(names: readonly string[]): MarkerMap {
  const map: Record<string, string[]> = {};
  for (const name of names)
    for (const joint of joints) {
      // Labs write whose marker it is before a colon.
      const found = new RegExp(`^(?:.*:)?(left|right|l|r)[ ._-]?(${parts[joint]!})[0-9]*$`, 'i').exec(name);
      if (!found) continue;
      const side = found[1]!.toLowerCase().startsWith('l') ? 'left' : 'right';
      (map[`${side}${joint}`] ??= []).push(name);
    }
  return map as MarkerMap;
}

/**
 * Which marker of a file lies at which joint: by the first sheet whose markers it has, else guessed from the names.
 *
 * @param sheets of labs that are known, the newest first
 * @example mapOf(['a', 'b'], [{ leftHip: ['b'] }]).leftHip // [ 'b' ]
 */
export const mapOf = (names: readonly string[], sheets: readonly MarkerMap[]): MarkerMap =>
  sheets.find((sheet) =>
    Object.values(sheet)
      .flat()
      .every((name) => names.includes(name)),
  ) ?? guessMarkers(names);

const nowhere: Place = [NaN, NaN, NaN];

/** Where a joint is in each frame: the middle of its markers that were seen. */
function trackOf({ markers, times, rate }: Markers, names: readonly string[], cutoff: number): Place[] {
  const all = names.map((name) => {
    const track = markers.get(name);
    if (!track) throw new FieldError('markers', texts.thereIsNoMarker(name));
    return track;
  });
  const axes = [0, 1, 2].map((axis) => {
    const values = Float64Array.from(times, (_, i) => {
      const seen = all.map((track) => track[i]![axis as 0]).filter((each) => !Number.isNaN(each));
      return seen.length ? seen.reduce((sum, each) => sum + each, 0) / seen.length : NaN;
    });
    fillGaps(values, Math.floor(longestFilled * rate + 1e-9));
    return filtered(values, cutoff, rate);
  });
  return times.map((_, i) => [axes[0]![i]!, axes[1]![i]!, axes[2]![i]!]);
}

const known = (values: number[]): number[] => values.filter((each) => !Number.isNaN(each));
const middleOf = (a: Place, b: Place): Place => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2];
const dot = (a: Place, b: Place): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Place, b: Place): Place => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** One axis of the lab, either way. */
const along = (axis: number, sign: number): Place =>
  [0, 1, 2].map((each) => (each === axis ? sign : 0)) as unknown as Place;

/** The axis of the lab along which shoulders lie above ankles. */
function upOf(at: Record<BodyJoint, Place[]>): Place {
  const above = [0, 1, 2].map((axis) =>
    median(
      known(
        at.leftShoulder.map(
          (each, i) => each[axis]! - (at.leftAnkle[i]![axis]! + at.rightAnkle[i]![axis]!) / 2,
        ),
      ),
    ),
  );
  const axis = above.reduce((best, each, i) => (Math.abs(each) > Math.abs(above[best]!) ? i : best), 0);
  return along(axis, Math.sign(above[axis]!));
}

/** The axis of the lab that the body goes along over the ground, from the first frame in which it is seen to the last. */
function forwardOf(hips: readonly Place[], up: Place): Place {
  const seen = hips.filter((each) => !Number.isNaN(each[0]));
  const way = minus(seen.at(-1)!, seen[0]!);
  const flat = minus(way, up.map((each) => each * dot(way, up)) as unknown as Place);
  if (size(flat) < 100) throw new FieldError('markers', texts.bodyHardlyMoves);
  const axis = flat.reduce((best, each, i) => (Math.abs(each) > Math.abs(flat[best]!) ? i : best), 0);
  return along(axis, Math.sign(flat[axis]!));
}

/** Body height, mm, by the lengths of legs and trunk, which a lab sees as they are. */
function heightOf(at: Record<BodyJoint, Place[]>, hips: Place[], shoulders: Place[]): number {
  const length = (a: Place[], b: Place[]) => median(known(a.map((each, i) => size(minus(each, b[i]!)))));
  const bone = (from: 'Hip' | 'Knee', to: 'Knee' | 'Ankle') =>
    (length(at[`left${from}`], at[`left${to}`]) + length(at[`right${from}`], at[`right${to}`])) / 2;
  const { thigh, shank, trunk } = proportions;
  return (bone('Hip', 'Knee') + bone('Knee', 'Ankle') + length(hips, shoulders)) / (thigh + shank + trunk);
}

/** Whose markers they are, and which lie where; guessed from their names where it is left out. */
export interface Marked {
  discipline: Discipline;
  throws: Hand;
  map?: MarkerMap | undefined;
}

/** Hz, by joint. */
type Cutoff = (joint: BodyJoint) => number;
const usual: Cutoff = (joint) => (joint.endsWith('Wrist') ? cutoffs.wrist : cutoffs.body);

/**
 * Markers of a lab as a delivery in space. Up is where the shoulders are, forward where the body goes.
 *
 * @throws FieldError for joints without a marker, and for a body that goes nowhere
 * @example motionOfMarkers(readTrc(trc), { discipline: 'overhand', throws: 'R' }).view // 'space'
 */
export const motionOfMarkers = (file: Markers, who: Marked): Motion => bodyOfMarkers(file, who).motion;

/**
 * The same with the height of the body, mm, and with a low-pass of one's own.
 *
 * @throws FieldError as `motionOfMarkers` does
 * @example bodyOfMarkers(readTrc(trc), { discipline: 'overhand', throws: 'R' }).heightMm > 1000 // true
 */
export function bodyOfMarkers(
  file: Markers,
  { discipline, throws, map = guessMarkers([...file.markers.keys()]) }: Marked,
  cutoff: Cutoff = usual,
): { motion: Motion; heightMm: number } {
  const missing = markedJoints.filter((joint) => !map[joint]?.length);
  if (missing.length)
    throw new FieldError('markers', texts.noMarkerIsKnown(missing, [...file.markers.keys()].join(', ')));
  const at = Object.fromEntries(
    markedJoints.map((joint) => [joint, trackOf(file, map[joint]!, cutoff(joint))]),
  ) as Record<BodyJoint, Place[]>;
  const hips = at.leftHip.map((each, i) => middleOf(each, at.rightHip[i]!));
  const shoulders = at.leftShoulder.map((each, i) => middleOf(each, at.rightShoulder[i]!));
  const up = upOf(at);
  const fwd = forwardOf(hips, up);
  const right = cross(fwd, up);
  const side = throws === 'R' ? right : minus([0, 0, 0], right);
  const heightMm = heightOf(at, hips, shoulders);
  const scale = 100 / heightMm;
  const path = (track: readonly Place[]): Path => ({
    fwd: Float64Array.from(track, (each) => scale * dot(each, fwd)),
    up: Float64Array.from(track, (each) => scale * dot(each, up)),
    side: Float64Array.from(track, (each) => scale * dot(each, side)),
  });
  const roles = Object.fromEntries(
    roleJoints.map((role) => [role, path(at[bodyJointOf(role, throws)])]),
  ) as Record<RoleJoint, Path>;
  const moved = withMiddles({ ...roles, nose: path(file.times.map(() => nowhere)) });
  const motion: Motion = {
    discipline,
    throws,
    view: 'space',
    rate: file.rate,
    start: file.times[0]!,
    frames: file.times.length,
    at: moved,
    jitter: Object.fromEntries(Object.keys(moved).map((joint) => [joint, 0])) as Record<MotionJoint, number>,
    tracked: false,
  };
  return { motion, heightMm };
}
