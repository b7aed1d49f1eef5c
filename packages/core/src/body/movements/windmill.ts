import type { Arm } from '../skeleton';
import type { Stance } from '../stances';
import { again, delivery, here, like, to, type Movement, type Step } from './step';

const hanging: Arm = { upper: [90, -80], fore: [80, -70] };
const noBall = { ball: false } as const;
const armless = { ...noBall, throwing: hanging, glove: hanging } as const;
const begun: readonly Step[] = delivery('windmill', 'setup', 'drive');
const last: readonly Step[] = delivery('windmill', 'follow', 'finish');
const thrown: readonly Step[] = delivery('windmill', 'through', 'finish');

/** Where the throwing arm goes on its circle. */
const arm = {
  down: { upper: [10, -84], fore: [0, -76] },
  front: { upper: [6, 0], fore: [4, 10] },
  top: { upper: [120, 78], fore: [30, 74] },
  back: { upper: [176, 12], fore: [172, 2] },
  hip: { upper: [150, -76], fore: [16, -66] },
  after: { upper: [4, -24], fore: [-10, 46] },
} as const satisfies Record<string, Arm>;

/** A circle of the arm alone. */
const circled = (stance: Stance): Movement => [
  to(like(stance, { throwing: arm.down }), 0, 0.4),
  to(like(stance, { throwing: arm.front }), 0.5),
  here(0.45, 0.1),
  to(like(stance, { throwing: arm.back }), 0.4),
  to(like(stance, { throwing: arm.hip }), 0.35),
  to(like(stance, { ...noBall, throwing: arm.after }), 0.4, 0.5),
];
const standing = like('windmillStart', armless);
const kneeUp = like('softStep', { lead: { thigh: [6, -24], shin: [180, -74], toes: 40 } });
const walked = [
  to(standing, 0, 0.3),
  to(kneeUp, 0.4),
  to('softStep', 0.4),
  to(
    like('softStep', {
      trail: { thigh: [0, -50], shin: [180, -60], toes: 20 },
      lead: { thigh: [180, -86], shin: [180, -84] },
    }),
    0.4,
  ),
  to(
    like('softStep', {
      lead: { thigh: [174, -72], shin: [182, -58] },
      trail: { thigh: [2, -66], shin: [180, -86] },
    }),
    0.4,
  ),
];

/** How a windmill pitcher moves through each stance. */
export const windmillMovements: Partial<Readonly<Record<Stance, Movement>>> = {
  circle: circled('circle'),
  kneelingThrow: circled('kneelingThrow'),
  circleBall: [...begun, here(0.22), ...delivery('windmill', 'plant', 'finish')],
  drive: [to('windmillStart', 0, 0.4), to('load', 0.8, 0.2), here(0.5), to('windmillLanding', 0.5, 1)],
  driveBall: [
    ...delivery('windmill', 'setup', 'swing'),
    here(0.4, 0.1),
    ...delivery('windmill', 'circle', 'finish'),
  ],
  load: [
    to('windmillStart', 0, 0.4),
    here(0.9, 0.3),
    to(like('drive', armless), 0.4),
    to('quietLanding', 0.4, 1),
  ],
  windmillLanding: [
    to('windmillStart', 0, 0.4),
    to('load', 0.8),
    to('drive', 0.5),
    to('circle', 0.3),
    here(0.3, 1.4),
  ],
  windmillLandingBall: [...begun, ...delivery('windmill', 'circle', 'circle'), here(0.32), ...thrown],
  through: [to('windmillLandingBall', 0, 0.6), here(0.3), ...last],
  throughEmpty: [to('quietLanding', 0, 0.6), here(0.5, 1.2)],
  kneesTogether: [to('quietLanding', 0, 0.6), here(0.5, 1.2)],
  windmillFinish: [to('windmillLanding', 0, 0.5), to('throughEmpty', 0.35), here(0.4, 1)],
  windmillStart: [
    here(0, 1),
    to(
      like('windmillStart', { trunk: { lean: -2 }, throwing: { upper: [10, -58], fore: [-20, 14] } }),
      0.8,
      0.3,
    ),
    again(0.8, 0.4),
    to('load', 0.8, 0.3),
  ],
  quietLanding: [
    to(standing, 0, 0.4),
    to(like('load', armless), 0.7),
    to(like('drive', armless), 0.5),
    here(0.4, 1.3),
  ],
  softStep: [to(standing, 0, 0.4), to(kneeUp, 0.5), here(0.5, 1.3)],
};

const heelUp = { lead: { thigh: [2, -40], shin: [180, -70], toes: 45, heel: 50 } } as const;

/** Drills that go otherwise than others from the same stance. */
export const ownWindmillMovements: Readonly<Record<string, Movement>> = {
  'pause-and-go': [...begun, ...delivery('windmill', 'circle', 'circle'), here(0.32, 1.2), ...thrown],
  'heel-press-circle': [
    to(like('windmillLandingBall', { throwing: arm.down }), 0, 0.4),
    to(like('windmillLandingBall', { throwing: arm.front, ...heelUp }), 0.45),
    here(0.35),
    ...delivery('windmill', 'plant', 'finish'),
  ],
  'heel-press-snap': [to(like('windmillLandingBall', heelUp), 0, 0.6), here(0.35), ...last],
  'half-turn-hold': [
    to('windmillLandingBall', 0, 0.6),
    here(0.3),
    to(like('throughEmpty', { throwing: arm.after }), 0.4, 1),
  ],
  'elbow-lead-throw': [
    to('windmillLandingBall', 0, 0.5),
    to(
      like('through', { pelvis: { turn: 20 }, throwing: { upper: [120, -80], fore: [186, -30] } }),
      0.4,
      0.3,
    ),
    here(0.25),
    ...last,
  ],
  'knee-squeeze-throw': [to('windmillLandingBall', 0, 0.5), to('through', 0.35), here(0.4, 1)],
  'hips-then-hand': [
    here(0, 0.7),
    to(like('windmillLanding', { pelvis: { turn: 46 }, trunk: { turn: 30 } }), 0.5, 0.2),
    to(like('throughEmpty', { pelvis: { turn: 50 } }), 0.3),
    to(like('throughEmpty', { pelvis: { turn: 56 }, throwing: arm.after }), 0.4, 0.6),
  ],
  'hips-then-hand-step': [
    ...delivery('windmill', 'setup', 'drive', noBall),
    here(0.4),
    ...delivery('windmill', 'plant', 'finish', noBall),
  ],
  'half-way-walk': [...walked, to('quietLanding', 0.5), here(0.5, 1)],
  'drag-walk': [...walked, to('quietLanding', 0.5), here(0.5, 1)],
};
