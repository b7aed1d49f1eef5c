import { postureOf } from '../postures';
import type { Stance } from '../stances';
import { again, delivery, facing, here, like, to, type Movement, type Step } from './step';

const noBall = { ball: false } as const;
const set = like('withBall', noBall);
const toLift = [to(set, 0, 0.4), to('lift', 0.9, 0.2)];
const withBallToLift = [to('withBall', 0, 0.4), to('liftBall', 0.9)];
const glideBall = to(postureOf('overhand', 'glide'), 0.7);
/** From the landing on. */
const thrown: readonly Step[] = delivery('overhand', 'turn', 'finish');
const open = { pelvis: { turn: 86 } } as const;
const gathered = like('closedOpen', { pelvis: { turn: 66, x: 0.2 }, trunk: { turn: -16, lean: -12 } });
const onFrontLeg = like('toeReach', {
  trunk: { lean: 8, turn: 90 },
  trail: { thigh: [180, -66], shin: [180, -40] },
});
/** As it lands, before the hips turn. */
const shut = like('hipSnap', { pelvis: { turn: 6 } });
const wideSet = like('wide', {
  pelvis: { turn: 0 },
  throwing: set.throwing,
  glove: set.glove,
});
const leadUp = like('wide', { lead: { thigh: [12, -30], shin: [180, -80], toes: 40 } });

/** How an overhand pitcher moves through each stance. */
export const overhandMovements: Partial<Readonly<Record<Stance, Movement>>> = {
  lift: [to(set, 0, 0.4), here(0.9, 1), to(set, 0.9, 0.2)],
  liftBall: [to('withBall', 0, 0.4), here(0.9, 0.2), ...delivery('overhand', 'glide', 'finish')],
  drift: [...toLift, here(0.7, 0.9), to('lift', 0.7), to(set, 0.8)],
  glide: [...toLift, here(0.7, 0.8), to('landing', 0.5, 0.9)],
  plantBall: [...withBallToLift, glideBall, here(0.6), ...thrown],
  landing: [...toLift, to('glide', 0.7), here(0.6, 1.2)],
  turnBall: [to('plantBall', 0, 0.8), here(0.3), ...delivery('overhand', 'release', 'finish')],
  releaseBall: [
    ...withBallToLift,
    glideBall,
    ...delivery('overhand', 'plant', 'turn'),
    here(0.12),
    ...delivery('overhand', 'follow', 'finish'),
  ],
  finish: [...withBallToLift, glideBall, ...delivery('overhand', 'plant', 'follow'), here(0.6, 1.4)],
  finishTall: [
    ...toLift,
    to('glide', 0.7),
    to('landing', 0.6),
    to(like('turnBall', noBall), 0.3),
    here(0.5, 1.2),
  ],
  shortLanding: [here(0, 0.9), ...thrown],
  hinged: [...withBallToLift, here(0.8, 0.4), ...delivery('overhand', 'glide', 'finish')],
  wide: [to(wideSet, 0, 0.4), here(0.7, 0.6), to(leadUp, 0.4), ...delivery('overhand', 'plant', 'finish')],
  closedOpen: [here(0, 0.8), to(gathered, 0.5, 0.1), ...thrown],
  wallSeat: [to('lift', 0, 0.4), here(0.9, 0.8), to('drift', 0.5, 0.8)],
  tapAcross: [
    to('lift', 0, 0.3),
    here(0.7, 0.3),
    to('lift', 0.6, 0.3),
    to(like('tapAcross', { lead: { thigh: [60, -60], shin: [70, -70], toes: 80, heel: 0 } }), 0.7, 0.3),
    to('lift', 0.6),
  ],
  pickUp: [to('lift', 0, 0.4), here(0.9, 0.3), to('lift', 0.9, 0.4)],
  toeReach: [to(onFrontLeg, 0, 0.4), here(1, 0.5), to(onFrontLeg, 1)],
  standing: [to(facing, 0, 0.5), here(0.8, 1.2)],
  withBall: [
    here(0, 0.6),
    to(
      like('withBall', {
        throwing: { upper: [175, -52], fore: [185, -50] },
        glove: { upper: [8, -40], fore: [20, -10] },
      }),
      0.7,
      0.6,
    ),
    again(0.7),
  ],
  hipSnap: [to(shut, 0, 0.7), here(0.25, 0.9), to(shut, 0.8)],
  stickSnap: [
    to(like('stickSnap', { pelvis: { turn: 6 } }), 0, 0.6),
    here(0.25, 0.5),
    to(
      like('stickSnap', {
        trunk: { turn: 84, lean: 4 },
        throwing: { upper: [266, -24], fore: [260, 50] },
        glove: { upper: [94, -24], fore: [100, 50] },
      }),
      0.4,
      0.8,
    ),
  ],
  ballAtEar: [to('withBall', 0, 0.4), here(0.8, 0.9), to('withBall', 0.8)],
  playingCatch: [
    to('withBall', 0, 0.4),
    to(like('withBall', { lead: { thigh: [40, -50], shin: [180, -84] } }), 0.5),
    here(0.5),
    ...thrown,
  ],
};

/** Drills that go otherwise than others from the same stance. */
export const ownOverhandMovements: Readonly<Record<string, Movement>> = {
  'slow-glide-hold': [...toLift, here(1.3, 1.8), to(set, 1.1)],
  'edge-set-fall': [...toLift, here(0.7), to('glide', 0.5), to('landing', 0.5, 0.9)],
  'tall-lift-lead': [...toLift, here(0.6), to('glide', 0.6), to('landing', 0.5, 0.9)],
  'hip-lead-slide-step': [
    to('withBall', 0, 0.4),
    to(like('withBall', { lead: { thigh: [70, -50], shin: [150, -84] } }), 0.3),
    here(0.4),
    glideBall,
    ...delivery('overhand', 'plant', 'finish'),
  ],
  'called-foot-throw': [...withBallToLift, here(0.7, 0.8), ...delivery('overhand', 'plant', 'finish')],
  'pivot-and-lift': [to(facing, 0, 0.4), to(set, 0.7), here(0.8, 1.2)],
  'open-hip-step': [...toLift, to('glide', 0.7), here(0.6, 0.3), to(like('landing', open), 0.6, 1)],
  'glove-hold-turn': [here(0, 0.6), to(like('landing', open), 0.5, 0.6), again(0.8)],
  'mirror-glove-side': [to('glide', 0, 0.3), here(0.6, 0.5), to(like('landing', open), 0.5, 0.9)],
  'mirror-arm-path': [
    to(like('landing', { throwing: set.throwing, glove: set.glove }), 0, 0.4),
    to(like('landing', { throwing: { upper: [175, -48], fore: [185, -50] } }), 0.9, 0.4),
    here(0.9, 0.6),
    to(
      like('landing', {
        pelvis: { turn: 82 },
        trunk: { turn: 60 },
        throwing: { upper: [122, 6], fore: [172, 26] },
      }),
      0.9,
      0.8,
    ),
  ],
  'glove-on-the-line': [
    to(like('landing', { throwing: set.throwing, glove: set.glove }), 0, 0.4),
    here(0.9, 1.8),
  ],
  'bare-elbow-line-turn': [
    here(0, 0.6),
    to(
      like('landing', {
        pelvis: { turn: 88 },
        trunk: { turn: 88 },
        throwing: { upper: [92, 2], fore: [90, 84] },
      }),
      1.2,
      0.8,
    ),
    again(0.9),
  ],
  'tap-beat': [
    to(wideSet, 0, 0.4),
    here(0.6),
    to(leadUp, 0.35),
    to(like('wide', { lead: { thigh: [6, -50], shin: [180, -88], toes: 12 } }), 0.25, 0.2),
    to('landing', 0.5, 0.9),
  ],
  'pre-hinged-throw': [here(0, 1), ...delivery('overhand', 'glide', 'finish')],
  'hop-load-throw': [
    to(like('hinged', { pelvis: { turn: 70, x: 0.1 }, trunk: { turn: 0 } }), 0, 0.4),
    to(like('hinged', { pelvis: { turn: 30, x: 0.1 }, trunk: { turn: 0 }, air: 0.08 }), 0.25),
    here(0.25, 0.3),
    ...delivery('overhand', 'glide', 'finish'),
  ],
  'step-in-closed-throw': [
    to(
      like('closedOpen', {
        lead: { thigh: [0, -80], shin: [180, -88] },
        trail: { thigh: [178, -60], shin: [180, -50] },
      }),
      0,
      0.2,
    ),
    to(
      like('closedOpen', {
        lead: { thigh: [2, -30], shin: [180, -70] },
        trail: { thigh: [176, -84], shin: [180, -86], heel: 0 },
      }),
      0.5,
    ),
    here(0.4, 0.3),
    to(gathered, 0.4),
    ...thrown,
  ],
  'step-back-closed-throw': [
    here(0, 0.5),
    to('hinged', 0.6, 0.3),
    ...delivery('overhand', 'glide', 'finish'),
  ],
  'striped-arm-path': [here(0, 0.6), to('turnBall', 0.7), to('releaseBall', 0.8, 1.1)],
  'turn-around-throw': [
    to(
      like('turnBall', {
        pelvis: { turn: 10 },
        trunk: { turn: -40, lean: 0 },
        throwing: { upper: [200, -10], fore: [196, 60] },
      }),
      0,
      0.6,
    ),
    here(0.5),
    ...delivery('overhand', 'release', 'finish'),
  ],
  'called-spots': [
    ...withBallToLift,
    glideBall,
    to('plantBall', 0.6),
    here(0.2),
    ...delivery('overhand', 'release', 'finish'),
  ],
  'bare-sit-to-wall': [to('lift', 0, 0.4), here(0.9, 1.2), to('lift', 0.9)],
  'bare-long-finish-fold': [to('landing', 0, 0.5), here(1.1, 0.9), to('landing', 1.1)],
};
