import type { Stance } from '../stances';
import { again, facing, here, like, to, type Movement } from './step';

const upright = { turn: 90, lean: 0 } as const;
const straight = { thigh: [0, -88], shin: [180, -88], toes: 0 } as const;
const kneeUp = like('halfSquat', {
  trunk: upright,
  lead: { thigh: [0, -16], shin: [180, -80] },
  trail: straight,
});
const flat = like('onBackBridge', {
  trunk: { lean: -90 },
  lead: { thigh: [0, 58], shin: [0, -62], toes: 0 },
  trail: { thigh: [0, 58], shin: [0, -62], toes: 0 },
});
const legDown = like('onSide', { lead: { thigh: [0, 2], shin: [0, 2], toes: 90 } });
const pulled = like('pulling', {
  throwing: { upper: [20, -10], fore: [0, 0] },
  glove: { upper: [10, -10], fore: [0, 0] },
});
const tall = like('handsOnWall', {
  lead: { thigh: [180, -74], shin: [180, -58], toes: 0, heel: 40 },
  trunk: { lean: 10 },
});
const standing = like('leanAtWall', {
  trunk: { lean: 0 },
  lead: { thigh: [0, -84], shin: [180, -88] },
  trail: { thigh: [180, -80], shin: [180, -76] },
});
const legOut = like('allFours', { lead: { thigh: [80, -30], shin: [80, -30], toes: 90, heel: 0 } });
const onKnees = like('plank', {
  trunk: { lean: 76 },
  lead: { thigh: [180, -44], shin: [180, 0] },
  trail: { thigh: [180, -44], shin: [180, 0] },
});
const splitHigh = like('lunge', {
  lead: { thigh: [0, -66], shin: [180, -86] },
  trail: { thigh: [180, -78], shin: [180, -66] },
});
const pushed = like('leanAtWall', { trunk: { lean: 20 }, lead: { thigh: [0, -40], shin: [180, -66] } });

/** What prepares a body, in each stance. */
export const bodyMovements: Partial<Readonly<Record<Stance, Movement>>> = {
  seatedChair: [
    here(0, 0.4),
    to(
      like('seatedChair', {
        trunk: { turn: 124 },
        throwing: { upper: [124, -30], fore: [4, 40] },
        glove: { upper: [94, -30], fore: [264, 40] },
      }),
      1.2,
      0.4,
    ),
    again(1.2),
  ],
  seatedFloor: [
    here(0, 0.4),
    to(like('seatedFloor', { lead: { thigh: [14, 12], shin: [0, -22], toes: 0 } }), 1, 0.4),
    again(1, 0.2),
    to(like('seatedFloor', { trail: { thigh: [-10, 12], shin: [0, -22], toes: 20 } }), 1, 0.4),
    again(1),
  ],
  onBackFigureFour: [
    here(0, 0.5),
    to(
      like('onBackFigureFour', {
        lead: { thigh: [0, 84], shin: [0, 10], toes: 90 },
        trail: { thigh: [20, 74], shin: [150, 30], toes: 90 },
      }),
      1.2,
      1.2,
    ),
    again(1.2),
  ],
  rockBack: [to(legOut, 0, 0.4), here(1.1, 0.7), to(legOut, 1.1)],
  halfKneeling: [
    here(0, 0.5),
    to(
      like('halfKneeling', {
        lead: { thigh: [0, -12], shin: [180, -62], toes: 0 },
        trail: { thigh: [180, -58], shin: [180, 0] },
      }),
      1.1,
      0.7,
    ),
    again(1.1),
  ],
  halfKneelingReach: [
    to('halfKneeling', 0, 0.4),
    here(1, 0.4),
    to(like('halfKneelingReach', { trunk: { lean: -12, list: 10 } }), 0.8, 0.6),
    to('halfKneeling', 1.1),
  ],
  lunge: [
    to(facing, 0, 0.4),
    to(kneeUp, 0.5),
    here(0.7, 0.6),
    to(
      like('lunge', {
        lead: { thigh: [0, -44], shin: [180, -88] },
        trail: { thigh: [180, -72], shin: [180, -46] },
      }),
      0.6,
    ),
    again(0.6, 0.3),
    to(kneeUp, 0.7),
    to(facing, 0.5),
  ],
  onSide: [to(legDown, 0, 0.4), here(1, 0.7), to(legDown, 1)],
  halfSquat: [
    here(0, 0.3),
    to(like('halfSquat', { lead: { thigh: [0, -18], shin: [180, -60] } }), 0.4),
    to(
      like('halfSquat', {
        lead: { thigh: [10, -38], shin: [0, -84] },
        trail: { thigh: [180, -74], shin: [180, -54] },
      }),
      0.4,
      0.3,
    ),
    to(like('halfSquat', { trail: { thigh: [0, -18], shin: [180, -60] } }), 0.4),
    again(0.4, 0.3),
  ],
  jumpLanding: [
    to(like('jumpLanding', { pelvis: { turn: 90, x: -0.5 }, trunk: { lean: 30 } }), 0, 0.5),
    to(
      like('jumpLanding', {
        pelvis: { turn: 90, x: -0.24 },
        trunk: { lean: 14 },
        air: 0.16,
        lead: { thigh: [0, -60], shin: [180, -62] },
        trail: { thigh: [0, -60], shin: [180, -62] },
        throwing: { upper: [0, -30], fore: [0, -10] },
        glove: { upper: [0, -30], fore: [0, -10] },
      }),
      0.3,
    ),
    here(0.3, 1.6),
  ],
  plank: [to(onKnees, 0, 0.5), here(0.9, 2), to(onKnees, 0.9)],
  onBackBridge: [to(flat, 0, 0.4), here(0.9, 0.9), to(flat, 0.9)],
  running: (() => {
    const other = like('running', {
      lead: { thigh: [180, -70], shin: [180, -50], toes: 0, heel: 60 },
      trail: { thigh: [0, -10], shin: [180, -76], toes: 0, heel: 0 },
      throwing: { upper: [180, -40], fore: [0, -50] },
      glove: { upper: [0, -50], fore: [0, 30] },
    });
    return [here(0), to(other, 0.34), again(0.34), to(other, 0.34), again(0.34)];
  })(),
  pulling: [to(pulled, 0, 0.3), here(0.7, 0.5), to(pulled, 0.8)],
  handsOnWall: [to(tall, 0, 0.4), here(0.8, 0.9), to(tall, 0.8)],
  leanAtWall: [to(standing, 0, 0.4), here(0.7, 0.5), to(pushed, 0.6, 0.6), to(standing, 0.9)],
};

/** Drills that go otherwise than others from the same stance. */
export const ownBodyMovements: Readonly<Record<string, Movement>> = {
  'split-squat': [to(splitHigh, 0, 0.3), here(1.6, 0.3), to(splitHigh, 0.5)],
  'bare-push-from-the-wall': [
    to(standing, 0, 0.4),
    here(0.8, 0.2),
    to(pushed, 0.35),
    to('quietLanding', 0.4, 1),
  ],
};
