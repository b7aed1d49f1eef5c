import type { Joint } from './skeleton';
import type { Stance } from './stances';

/** Something that stands about; lengths in body heights, `x` from where the back foot stands toward the target. */
export type Thing =
  | {
      kind:
        | 'wall'
        | 'fence'
        | 'net'
        | 'partner'
        | 'mirror'
        | 'radar'
        | 'target'
        | 'batter'
        | 'cone'
        | 'bag'
        | 'hurdle'
        | 'post'
        | 'chair'
        | 'clock'
        | 'backWall'
        | 'mark';
      x: number;
    }
  | { kind: 'mound' | 'tilt' }
  | { kind: 'pad' | 'tape'; from: number; to: number }
  | { kind: 'wedge' | 'ball'; x: number }
  | {
      kind: 'strap' | 'band' | 'cord';
      x: number;
      z: number;
      to: Joint;
      /** Let go once the body goes on from the still figure. */
      letGo?: true;
    }
  | { kind: 'loop'; between: readonly [Joint, Joint] }
  | { kind: 'held'; what: 'towel' | 'ball' | 'weight'; at: Joint };

export interface Scene {
  stance: Stance;
  things: readonly Thing[];
}

const scene = (stance: Stance, ...things: Thing[]): Scene => ({ stance, things });
const net: Thing = { kind: 'net', x: 1.05 };
const mound: Thing = { kind: 'mound' };
const phone: Thing = { kind: 'mirror', x: 0.95 };

/** How each drill is set up, for its figure. */
export const scenes: Readonly<Record<string, Scene>> = {
  'hip-first-lean': scene('drift', { kind: 'fence', x: 0.3 }),
  'flat-ground-fall': scene('glide'),
  'edge-set-fall': scene('drift', { kind: 'wedge', x: -0.08 }, mound),
  'slow-glide-hold': scene('glide', mound),
  'cross-tap': scene('tapAcross'),
  'called-pick-up': scene(
    'pickUp',
    { kind: 'ball', x: -0.06 },
    { kind: 'ball', x: 0.04 },
    { kind: 'ball', x: 0.14 },
  ),
  'leg-lift-cones': scene(
    'lift',
    { kind: 'cone', x: 0.2 },
    { kind: 'cone', x: 0.48 },
    { kind: 'cone', x: 0.76 },
  ),
  'wall-seat-drive': scene('wallSeat', { kind: 'wall', x: -0.16 }),
  'strap-lean': scene('drift', { kind: 'strap', x: -0.45, z: 1.1, to: 'gloveHand' }),
  'strap-descent': scene('glide', { kind: 'strap', x: -0.3, z: 1.15, to: 'gloveHand' }, mound),
  'strap-release-throw': scene(
    'liftBall',
    { kind: 'strap', x: -0.45, z: 1.1, to: 'gloveHand', letGo: true },
    net,
  ),
  'soft-drop': scene('glide', { kind: 'pad', from: 0.5, to: 1.05 }),
  'single-leg-sit-throw': scene('hinged', net),
  'pre-hinged-throw': scene('hinged', net),
  'tilted-mound': scene('plantBall', { kind: 'tilt' }, { kind: 'net', x: 1.25 }),
  'knee-gate': scene('liftBall', { kind: 'bag', x: 0.12 }, net),
  'step-over-gate': scene('liftBall', { kind: 'hurdle', x: 0.4 }, net),
  'sit-back-throw': scene('wide', net),
  'hop-load-throw': scene('hinged', { kind: 'tape', from: -0.5, to: -0.1 }, net),
  'stand-closed-throw': scene('closedOpen', net),
  'step-in-closed-throw': scene('closedOpen', { kind: 'tape', from: -0.5, to: 0 }, net),
  'step-back-closed-throw': scene('shortLanding', { kind: 'tape', from: -0.3, to: 0.2 }, net),
  'heel-down-walkout': scene('glide', { kind: 'tape', from: -0.1, to: 0.9 }),
  'hidden-crest-stride': scene('glide', { kind: 'partner', x: 1.35 }),
  'hip-lead-slide-step': scene('drift', mound),
  'post-up-step': scene('finishTall'),
  'post-up-throw': scene('releaseBall', { kind: 'net', x: 1.5 }),
  'finish-stick': scene('toeReach'),
  'straight-line-stride': scene('landing', { kind: 'tape', from: -0.1, to: 1.1 }),
  'short-quiet-step': scene('standing', { kind: 'wedge', x: 0.12 }),
  'tap-beat': scene('wide'),
  'thumbs-down-break': scene('withBall'),
  'delayed-hand-throw': scene('wide', net),
  'on-time-hand-throw': scene('shortLanding', net),
  'turn-around-throw': scene('turnBall', { kind: 'net', x: 1.4 }),
  'close-arm-throw': scene('shortLanding', net),
  'chest-to-glove-throw': scene('turnBall', { kind: 'net', x: 1.4 }),
  'glove-hold-turn': scene('landing', { kind: 'band', x: 1.1, z: 0.68, to: 'gloveHand' }),
  'tall-chest-turn': scene('seatedChair', { kind: 'chair', x: 0 }),
  'hip-in-turns': scene('seatedFloor'),
  'hip-out-turns': scene('onBackFigureFour'),
  'adductor-rock': scene('rockBack'),
  'ankle-wall-rock': scene('halfKneeling', { kind: 'wall', x: 0.36 }),
  'hip-flexor-reach': scene('halfKneelingReach'),
  'band-lunge-pulse': scene('lunge', { kind: 'band', x: 0.66, z: 0.04, to: 'leadKnee' }),
  'side-lift': scene('onSide'),
  'band-walk': scene('halfSquat', { kind: 'loop', between: ['leadKnee', 'trailKnee'] }),
  'split-squat': scene('lunge', { kind: 'held', what: 'weight', at: 'throwingHand' }),
  'broad-jump-stick': scene('jumpLanding', { kind: 'pad', from: -0.3, to: 0.5 }),
  'trunk-brace': scene('plank'),
  'intent-ladder': scene('releaseBall', mound, { kind: 'radar', x: 1.5 }),
  'blend-pairs': scene('plantBall', mound, { kind: 'target', x: 1.3 }),
  'full-delivery': scene('releaseBall', { kind: 'target', x: 1.45 }),
  'mound-delivery': scene('plantBall', mound, { kind: 'target', x: 1.35 }),
  'called-spots': scene('turnBall', mound, { kind: 'target', x: 1.2 }, { kind: 'partner', x: 1.6 }),
  'compete-inning': scene('plantBall', mound, { kind: 'batter', x: 1.4 }),
  'heel-press-circle': scene('circleBall', net),
  'heel-press-snap': scene('through', { kind: 'net', x: 1.2 }),
  'tall-landing-freeze': scene('windmillLanding', { kind: 'tape', from: 0, to: 1.1 }),
  'tip-over-launch': scene('driveBall', { kind: 'net', x: 1.2 }),
  'lean-and-go': scene('load', { kind: 'pad', from: -0.3, to: 0.7 }),
  'heel-drive-wall': scene('leanAtWall', { kind: 'wall', x: -0.5 }),
  'bridge-drive': scene('onBackBridge'),
  'tethered-drive': scene(
    'driveBall',
    { kind: 'cord', x: -0.7, z: 0.4, to: 'pelvis' },
    { kind: 'fence', x: -0.72 },
  ),
  'kneeling-throw': scene('kneelingThrow', { kind: 'pad', from: -0.3, to: 0.1 }, net),
  'elbow-lead-throw': scene('through', { kind: 'net', x: 1.2 }),
  'pause-and-go': scene('windmillLandingBall', { kind: 'target', x: 1.3 }),
  'fence-line-circle': scene('circle', { kind: 'backWall', x: 0.32 }),
  'turn-in-finish': scene('windmillFinish', { kind: 'held', what: 'towel', at: 'throwingHand' }),
  'knee-squeeze-throw': scene(
    'windmillFinish',
    { kind: 'held', what: 'ball', at: 'leadKnee' },
    { kind: 'net', x: 1.3 },
  ),
  'half-turn-hold': scene('through', { kind: 'net', x: 1.2 }),
  'warm-up-flow': scene('running'),
  'arm-band-care': scene('pulling', { kind: 'band', x: 0.8, z: 0.62, to: 'throwingHand' }),
  'easy-catch': scene('playingCatch', { kind: 'partner', x: 1.2 }),
  'mirror-arm-path': scene('landing', { kind: 'mirror', x: 1.1 }),
  'mirror-glove-side': scene('landing', { kind: 'mirror', x: 1.2 }),
  'wall-behind-throw': scene('shortLanding', { kind: 'wall', x: -0.2 }, net),
  'towel-elbow-throw': scene('shortLanding', { kind: 'held', what: 'towel', at: 'gloveElbow' }, net),
  'called-foot-throw': scene('glide', { kind: 'partner', x: -0.45 }, net),
  'tall-chest-throw': scene('turnBall', { kind: 'net', x: 1.4 }),
  'knee-out-step': scene(
    'landing',
    { kind: 'band', x: 0.2, z: 0.3, to: 'leadKnee' },
    { kind: 'mirror', x: 1.2 },
  ),
  'firm-front-throw': scene('finish', { kind: 'net', x: 1.6 }),
  'open-hip-step': scene('landing'),
  'mirror-circle': scene('circle', phone),
  'narrow-lane-throw': scene(
    'windmillLandingBall',
    { kind: 'post', x: 0.62 },
    { kind: 'post', x: 0.9 },
    { kind: 'net', x: 1.3 },
  ),
  'settled-start': scene('windmillStart', { kind: 'tape', from: -0.1, to: 0.12 }),
  'pivot-line': scene('standing', { kind: 'tape', from: -0.16, to: 0.16 }),
  'pivot-and-lift': scene('lift', { kind: 'tape', from: -0.16, to: 0.16 }),
  'tall-lift-wall': scene('lift', { kind: 'backWall', x: 0 }, { kind: 'mark', x: 0 }),
  'tall-lift-lead': scene('drift'),
  'glove-on-the-line': scene('landing', { kind: 'tape', from: -0.1, to: 1.1 }),
  'glove-line-stride': scene('landing', { kind: 'tape', from: -0.1, to: 1.1 }),
  'hip-snap': scene('hipSnap'),
  'stick-snap': scene('stickSnap', { kind: 'loop', between: ['throwingHand', 'gloveHand'] }),
  'fingers-behind': scene('ballAtEar'),
  'striped-arm-path': scene('shortLanding'),
  'soft-knee-landing': scene('softStep'),
  'quiet-stride': scene('quietLanding', { kind: 'partner', x: -0.5 }),
  'foot-clock': scene('softStep', { kind: 'clock', x: 0.42 }),
  'foot-clock-stride': scene('windmillLanding', { kind: 'clock', x: 0.9 }),
  'half-way-hips': scene('throughEmpty', { kind: 'backWall', x: 0.45 }),
  'half-way-walk': scene('throughEmpty'),
  'hips-then-hand': scene('windmillLanding'),
  'hips-then-hand-step': scene('circle'),
  'knees-together': scene('kneesTogether'),
  'drag-walk': scene('kneesTogether', { kind: 'tape', from: 0, to: 0.6 }),
  'heel-push-start': scene('handsOnWall', { kind: 'wall', x: 0.56 }),

  'bare-level-belt-lift': scene('lift'),
  'bare-sit-to-wall': scene('wallSeat', { kind: 'backWall', x: 0 }),
  'bare-long-split-hold': scene('landing', { kind: 'tape', from: -0.1, to: 1.1 }),
  'bare-front-leg-press': scene('handsOnWall', { kind: 'wall', x: 0.47 }),
  'bare-wall-slide-glide': scene('glide', { kind: 'backWall', x: 0.4 }),
  'bare-shoe-by-shoe-stride': scene('landing', { kind: 'tape', from: 0.6, to: 0.86 }),
  'bare-step-and-snap': scene('hipSnap'),
  'bare-hands-wait': scene('drift', { kind: 'wall', x: 0.3 }),
  'bare-tall-at-the-wall': scene('landing', { kind: 'backWall', x: 0.4 }),
  'bare-fingers-on-the-wall': scene('handsOnWall', { kind: 'wall', x: 0.47 }),
  'bare-long-finish-fold': scene('finish'),
  'bare-stride-tall-turn': scene('finishTall'),
  'bare-elbow-line-turn': scene('landing', { kind: 'mirror', x: 1.2 }),
  'bare-near-wall-arm-path': scene('landing', { kind: 'backWall', x: 0.4 }),
  'bare-push-from-the-wall': scene('leanAtWall', { kind: 'wall', x: -0.2 }),
  'bare-load-push-hold': scene('load'),
  'bare-upright-landing-wall': scene('quietLanding', { kind: 'backWall', x: 0.4 }),
  'bare-turn-the-key': scene('throughEmpty'),
  'bare-loose-half-circles': scene('circle'),
};

/** What both deliveries work on, as a windmill pitcher does it. */
export const windmillScenes: Readonly<Record<string, Scene>> = {
  'intent-ladder': scene('circleBall', { kind: 'radar', x: 1.5 }),
  'blend-pairs': scene('windmillLandingBall', { kind: 'target', x: 1.3 }),
  'full-delivery': scene('circleBall', { kind: 'target', x: 1.45 }),
  'mound-delivery': scene('windmillLandingBall', { kind: 'target', x: 1.35 }),
  'called-spots': scene('circleBall', { kind: 'target', x: 1.2 }, { kind: 'partner', x: 1.6 }),
  'compete-inning': scene('windmillLandingBall', { kind: 'batter', x: 1.4 }),
};
