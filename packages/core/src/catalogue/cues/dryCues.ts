import { cue, type DrillCue } from './cue';

/** Cues of feel and move drills that need next to nothing. */
export const dryCues: Readonly<Record<string, DrillCue>> = {
  'pivot-line': cue(
    'Feel the outside of your back foot press along the tape.',
    'Lay your shoe on the tape like a train on a track.',
  ),
  'pivot-and-lift': cue(
    'Feel the belt stay level into the lift.',
    'Carry a full glass from the tape into the lift.',
  ),
  'tall-lift-wall': cue(
    'Feel the mark with the back of your head the whole time.',
    'Lift the knee as if a string held your cap up.',
    'stay tall',
  ),
  'tall-lift-lead': cue(
    'Feel tall first, then feel the front hip leave.',
    'Send your front pocket to the target from full height.',
    'stay tall',
    'lead with hip',
  ),
  'glove-on-the-line': cue(
    'Feel the front shoulder stay closed.',
    'Rest your glove on a rail that runs to the target.',
    'stay closed',
  ),
  'glove-line-stride': cue(
    'Feel glove and foot land in one beat.',
    'Put glove and foot on the line at the same moment.',
    'stay closed',
  ),
  'hip-snap': cue(
    'Feel the shirt wring across your stomach.',
    'Flash the belt buckle at the target.',
    'lead with hip',
    'stay closed',
  ),
  'stick-snap': cue(
    'Feel the hips gone before the stick moves.',
    'Turn the buckle to the target; leave the stick behind.',
    'lead with hip',
    'stay closed',
  ),
  'fingers-behind': cue(
    'Feel both fingertips behind the ball.',
    'Point the seams under your fingers at the target.',
  ),
  'striped-arm-path': cue(
    'Feel the fingers stay behind the ball all the way.',
    'Keep the stripe upright like a wheel rolling to the target.',
  ),
  'soft-knee-landing': cue(
    'Feel the ball of the foot, then the heel, then nothing.',
    'Land so quietly that only you know.',
    'brace',
  ),
  'quiet-stride': cue(
    'Feel the knee give a little and hold.',
    'Land so that nobody behind you can hear it.',
    'brace',
  ),
  'foot-clock': cue(
    'Feel the toes open before the foot is down.',
    'Point the toes halfway between target and open side.',
  ),
  'foot-clock-stride': cue(
    'Feel where the foot landed before you look.',
    'Plant the shoe in the middle of the clock.',
  ),
  'half-way-hips': cue(
    'Feel the hips stop and the forearm brush.',
    'Leave your back pocket looking at the wall.',
    'hold hips half',
  ),
  'half-way-walk': cue(
    'Feel the stop and the brush together.',
    'Stop the buckle halfway to the target as your hand brushes.',
    'hold hips half',
  ),
  'hips-then-hand': cue(
    'Feel the arm fall by itself.',
    'Let the hips crack the arm like a towel.',
    'let go',
    'lead with hip',
  ),
  'hips-then-hand-step': cue(
    'Feel three beats: foot, hips, hand.',
    'Play the three beats evenly, like a drum.',
    'lead with hip',
  ),
  'knees-together': cue(
    'Feel the knees meet as the hand gets there.',
    'Close the gap between your knees with the hand.',
  ),
  'drag-walk': cue('Feel the toe draw the line to your front heel.', 'Draw one straight line with your toe.'),
  'heel-push-start': cue(
    'Feel the heel press and the hips slide.',
    'Push the ground back under the wall.',
    'push',
    'lead with hip',
  ),
};
