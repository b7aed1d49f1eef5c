import type { DrillPage, DrillPages } from './page';

/** Prep is no part of a delivery; it makes a body that can do one. */
const prep = (
  setUp: string,
  steps: readonly string[],
  good: string,
  mistakes: readonly string[],
): DrillPage => ({ setUp, steps, good, mistakes, workaround: null, holds: [], leavesOut: null });

export const prepPages: DrillPages = {
  'tall-chest-turn': prep(
    'Sit tall on a chair, a rolled towel squeezed between the thighs, hands on the shoulders.',
    [
      'Breathe out and turn the upper back one way.',
      'Hold for two seconds.',
      'Back to the middle, then the other way.',
    ],
    'The knees stay level; the breastbone turns.',
    ['Turning the neck only.', 'Letting one knee slide forward.'],
  ),
  'hip-in-turns': prep(
    'Sit on the floor, hands behind, knees bent, feet wider than the hips.',
    [
      'Let one knee turn in slowly toward the floor.',
      'Both seat bones stay down; come back.',
      'Hold the last one for twenty seconds.',
    ],
    'A stretch deep in the hip, none in the knee.',
    ['Forcing the knee down.', 'Lifting the hips to get lower.'],
  ),
  'hip-out-turns': prep(
    'Lie on the back, one ankle across the other thigh.',
    [
      'Draw the lower leg toward you until it pulls in the glutes.',
      'Breathe for thirty seconds.',
      'Change sides.',
    ],
    'The low back stays on the floor.',
    ['Pulling at the knee.', 'Holding the breath.'],
  ),
  'adductor-rock': prep(
    'On hands and knees, one leg straight out to the side, foot flat.',
    [
      'Rock the hips back toward the heel.',
      'Stop where the inside of the thigh pulls.',
      'Rock forward again.',
    ],
    'The back stays flat from start to end.',
    ['Rounding the back to get farther.', 'Rolling onto the inside of the foot.'],
  ),
  'ankle-wall-rock': prep(
    'Half-kneel facing a wall, front foot a hand’s width away from it.',
    [
      'Bring the knee to the wall over the toes.',
      'The heel stays down; come back.',
      'When it gets easy, move the foot back a finger’s width.',
    ],
    'Knee to the wall with a heavy heel.',
    ['The arch rolls in.', 'The heel lifts for the last inch.'],
  ),
  'hip-flexor-reach': prep(
    'Half-kneel on something soft, the other foot in front.',
    [
      'Tuck the pelvis under.',
      'Reach up and over with the arm on the kneeling side.',
      'Breathe for thirty seconds; change.',
    ],
    'The pull is at the front of the hip, not in the low back.',
    ['Arching to reach higher.', 'Leaning forward over the front foot.'],
  ),
  'band-lunge-pulse': prep(
    'Loop band fixed to the side, around the front leg above or below the knee, never on it.',
    [
      'Lunge while the band pulls the knee in.',
      'Hold for five seconds, knee over the foot.',
      'Pulse up and back; turn the pull by 45 degrees for the next set.',
    ],
    'The knee does not wander, whichever way it is pulled.',
    ['A band that is too strong.', 'Turning the foot to help.'],
  ),
  'side-lift': prep(
    'Lie on the side, lower knee bent, top leg straight and slightly behind the body.',
    ['Lift the top leg with the heel leading.', 'Pause.', 'Lower it slowly.'],
    'It works at the side of the hip, behind the pocket.',
    ['Rolling backward.', 'Lifting with the toes up.'],
  ),
  'band-walk': prep(
    'Loop band around both legs above the knees or ankles, half-squat, ten steps of room.',
    [
      'Step sideways against the band.',
      'Bring the other foot after, slowly.',
      'Ten out, ten back, then on the diagonal.',
    ],
    'Hips stay level, knees over the feet.',
    ['Swaying from side to side.', 'Feet coming together.'],
  ),
  'split-squat': prep(
    'A long step, back heel up; dumbbells only once the form is right.',
    ['Go down slowly.', 'Stop when the back knee is a few inches above the floor.', 'Come up firmly.'],
    'Weight stays over the front heel.',
    ['Bouncing at the bottom.', 'The front knee caves in.'],
  ),
  'broad-jump-stick': prep(
    'Soft ground, room for two jumps; not with knee pain.',
    ['Sit, swing, jump out.', 'Stick the landing for two seconds.', 'Walk back; full rest before the next.'],
    'Quiet feet, knees over them.',
    ['Landing on straight legs.', 'Hurrying the next one.'],
  ),
  'trunk-brace': prep(
    'On the floor, on forearms and toes; or on the back with arms and knees up.',
    ['Flatten the low back.', 'Hold for twenty seconds, breathing.', 'Rest just as long.'],
    'A stick laid along the back would not move.',
    ['Hips sagging.', 'Holding the breath.'],
  ),
  'bridge-drive': prep(
    'Lie on the back, feet flat, knees bent; later one foot.',
    ['Press the heels down and lift the hips.', 'Open them fully at the top.', 'Lower slowly.'],
    'The glutes work, not the low back.',
    ['Arching instead of opening.', 'Pushing through the toes.'],
  ),
  'warm-up-flow': prep(
    'Twenty steps of free ground.',
    ['Jog, then skip.', 'Lunge with a turn to each side.', 'Leg swings, then arm circles, small to large.'],
    'Warm, loose and a little out of breath before the first throw.',
    ['Throwing to get warm.', 'Skipping it on cold days.'],
  ),
  'arm-band-care': prep(
    'Light band fixed at chest height.',
    ['Twelve pull-aparts.', 'Twelve rows, elbows by the ribs.', 'Twelve turn-outs, a towel under the elbow.'],
    'Slow both ways; you could talk.',
    ['A band so strong that you shrug.', 'Rushing.'],
  ),
  'easy-catch': prep(
    'A partner ten steps away, nobody behind either of you.',
    [
      'Ten easy throws at the chest.',
      'A few steps back, ten more.',
      'Throw no harder than your partner likes to catch.',
    ],
    'The arm feels better at the end than at the beginning.',
    ['Turning it into long toss.', 'Forgetting to count it.'],
  ),
};
