/**
 * How a value is read off: with a level (a phone laid along a limb), which reads a tilt and no turn about the vertical;
 * with a goniometer, in the position of the test or lying on the back; against marks on the floor; with a tape or a
 * clock; by eye and hand; or from what was lifted.
 */
export const screenTools = [
  'level',
  'goniometer',
  'goniometer-on-back',
  'floor-marks',
  'tape',
  'clock',
  'grade',
  'lift',
] as const;
export type ScreenTool = (typeof screenTools)[number];
export type ScreenSide = 'lead' | 'trail' | 'throwing' | 'glove' | 'none';

/** A figure that is read for a value that is worked out. */
export interface ScreenPart {
  name: string;
  unit: 'deg' | 'kg' | 'reps';
  range: readonly [number, number];
}

/** One test of the physical screen, in the order in which one person gets through them with least getting up. */
export interface ScreenTest {
  id: string;
  name: string;
  position: 'on the back' | 'on the side' | 'face down' | 'seated' | 'standing';
  sides: readonly ScreenSide[];
  unit: string;
  /** Values that a body can show; what lies outside is a slip of the finger. */
  range: readonly [number, number];
  /** Whether the larger of two tries counts. */
  better: 'more' | 'less';
  /** What can read it; the first is the usual one. */
  tools: readonly ScreenTool[];
  /** What is read, where the value is worked out of it. */
  parts?: readonly [ScreenPart, ScreenPart];
  steps: readonly string[];
  caution: string | null;
}

const bothHips = ['lead', 'trail'] as const;

export const screenTests: readonly ScreenTest[] = [
  {
    id: 'hip-abduction',
    name: 'Leg out to the side',
    position: 'on the back',
    sides: ['trail', 'lead'],
    unit: 'deg',
    range: [0, 90],
    better: 'more',
    tools: ['goniometer'],
    steps: [
      'Lie on the back, both legs straight, toes up.',
      'Take the leg out to the side along the floor without turning it.',
      'Stop when the other side of the pelvis begins to move; read the angle between thigh and midline with a goniometer.',
    ],
    caution: null,
  },
  {
    id: 'adductor-length',
    name: 'Inner-thigh length',
    position: 'on the back',
    sides: ['lead', 'trail'],
    unit: 'grade',
    range: [0, 3],
    better: 'less',
    tools: ['grade'],
    steps: [
      'Same position. Let the bent knee fall out to the side, the foot beside the other knee.',
      '0: the thigh comes near the floor. 1: halfway and firm. 2: less than half. 3: hardly leaves upright.',
    ],
    caution: 'No bouncing.',
  },
  {
    id: 'shoulder-arc',
    name: 'Shoulder arc',
    position: 'on the back',
    sides: ['throwing', 'glove'],
    unit: 'deg',
    range: [60, 260],
    better: 'more',
    tools: ['level', 'goniometer'],
    parts: [
      { name: 'Turned back', unit: 'deg', range: [20, 150] },
      { name: 'Turned forward', unit: 'deg', range: [0, 110] },
    ],
    steps: [
      'Lie on the back, arm out at shoulder height, elbow bent to a right angle.',
      'Hold the shoulder blade down. Let the forearm turn back, then forward; read both angles from upright.',
      'Do the same on the other arm. What counts is how far the throwing side falls short of it.',
    ],
    caution: 'Let the arm turn by its weight; never press it down.',
  },
  {
    id: 'abductor-strength',
    name: 'Outer-hip strength',
    position: 'on the side',
    sides: bothHips,
    unit: 'grade',
    range: [0, 3],
    better: 'less',
    tools: ['grade'],
    steps: [
      'Lie on the side, the top leg straight and slightly behind the body.',
      'The athlete lifts it to about four inches above level and holds against your palm above the knee.',
      '0: holds firmly. 1: gives a little. 2: gives way. 3: cannot lift or hold it without a push.',
    ],
    caution: null,
  },
  {
    id: 'hip-extension',
    name: 'Leg back',
    position: 'face down',
    sides: ['trail', 'lead'],
    unit: 'deg',
    range: [-30, 60],
    better: 'more',
    tools: ['level', 'goniometer'],
    steps: [
      'Lie face down, hands under the forehead.',
      'Hold the pelvis flat with one hand and lift the straight thigh with the other.',
      'Stop when the lower back begins to arch; read the thigh from level. Below level is a minus.',
    ],
    caution: 'Stop with any pain in the lower back.',
  },
  {
    id: 'trunk-hold',
    name: 'Front plank',
    position: 'face down',
    sides: ['none'],
    unit: 's',
    range: [0, 600],
    better: 'more',
    tools: ['clock'],
    steps: [
      'Elbows under the shoulders, body in one line from ear to ankle.',
      'The clock stops when the back sags or the hips rise a second time after one reminder.',
    ],
    caution: 'Stop with any pain in the lower back.',
  },
  {
    id: 'hip-ir',
    name: 'Hip turn in',
    position: 'seated',
    sides: bothHips,
    unit: 'deg',
    range: [-20, 90],
    better: 'more',
    tools: ['level', 'goniometer', 'goniometer-on-back'],
    steps: [
      'Sit on the edge of a table, knee at a right angle, the shin hanging: plumb is 0.',
      'Hold the knee where it is and let the foot travel outward; the thigh turns in.',
      'Stop when the pelvis begins to lift. Watch the knee, not the foot.',
      'Lay the phone along the shin and read the angle from plumb. On the back only a goniometer can read it.',
    ],
    caution: 'Never push into a pinch at the front of the hip.',
  },
  {
    id: 'hip-er',
    name: 'Hip turn out',
    position: 'seated',
    sides: bothHips,
    unit: 'deg',
    range: [-20, 100],
    better: 'more',
    tools: ['level', 'goniometer', 'goniometer-on-back'],
    steps: [
      'Same seat: knee at a right angle, the shin hanging.',
      'Hold the knee where it is and bring the foot across the body; the thigh turns out.',
      'Stop when the pelvis begins to lift and read the angle of the shin from plumb.',
    ],
    caution: null,
  },
  {
    id: 'seated-rotation',
    name: 'Upper-back turn',
    position: 'seated',
    sides: bothHips,
    unit: 'deg',
    range: [0, 110],
    better: 'more',
    tools: ['goniometer', 'floor-marks'],
    steps: [
      'Sit tall on a chair and squeeze a ball or a fist between the thighs, so that the pelvis stays.',
      'Stick across the chest, turn the upper back as far as it goes without leaning.',
      'Read the turn of the stick with a goniometer, or against marks on the floor. A level cannot read it.',
    ],
    caution: null,
  },
  {
    id: 'knee-to-wall',
    name: 'Knee to wall',
    position: 'standing',
    sides: ['trail', 'lead'],
    unit: 'cm',
    range: [0, 30],
    better: 'more',
    tools: ['tape'],
    steps: [
      'Toes toward a wall, heel down, knee over the second toe.',
      'Touch the wall with the knee, then move the foot back until it just still does.',
      'Measure from the big toe to the wall.',
    ],
    caution: null,
  },
  {
    id: 'single-leg-hold',
    name: 'One-leg stand',
    position: 'standing',
    sides: bothHips,
    unit: 's',
    range: [0, 180],
    better: 'more',
    tools: ['clock'],
    steps: [
      'Hands on the hips, eyes open, the other foot beside the knee without touching it.',
      'The clock stops when the foot moves, the hands leave the hips, or the other foot touches down.',
    ],
    caution: 'Something to hold on to within reach.',
  },
  {
    id: 'vertical-jump',
    name: 'Jump and reach',
    position: 'standing',
    sides: ['none'],
    unit: 'cm',
    range: [1, 130],
    better: 'more',
    tools: ['tape'],
    steps: [
      'Mark the standing reach beside a wall with chalk on the fingers.',
      'Jump from both feet with an arm swing and touch the wall at the top.',
      'Measure from mark to mark. Full rest between tries.',
    ],
    caution: 'Warm first. Not with knee or back pain.',
  },
  {
    id: 'broad-jump',
    name: 'Broad jump',
    position: 'standing',
    sides: ['none'],
    unit: 'cm',
    range: [20, 400],
    better: 'more',
    tools: ['tape'],
    steps: [
      'Where there is no wall to reach up: toes at a line, jump out from both feet with an arm swing.',
      'Stick the landing; measure from the line to the nearer heel. Full rest between tries.',
    ],
    caution: 'Warm first. Not with knee or back pain.',
  },
  {
    id: 'squat-ratio',
    name: 'Squat',
    position: 'standing',
    sides: ['none'],
    unit: 'x body mass',
    range: [0.1, 4],
    better: 'more',
    tools: ['lift'],
    parts: [
      { name: 'Load', unit: 'kg', range: [5, 400] },
      { name: 'Reps', unit: 'reps', range: [1, 10] },
    ],
    steps: [
      'Adults with taught form only: the load and the reps of a recent hard set of 1 to 10.',
      'The app estimates the most that could be lifted once and sets it against body mass.',
    ],
    caution: 'Never test a one-repetition maximum here.',
  },
];

const testById = new Map(screenTests.map((test) => [test.id, test]));

/**
 * A test of the screen; undefined for an id that is none.
 *
 * @example screenTestOf('no-such-test') // undefined
 */
export const screenTestOf = (id: string): ScreenTest | undefined => testById.get(id);
