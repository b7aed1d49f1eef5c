import type { CueTag } from './tags';

/** Beside the plain cue of a drill: how it feels, what to do to something outside the body, and what it asks for. */
export interface DrillCue {
  feel: string;
  target: string;
  tags: readonly CueTag[];
}

const cue = (feel: string, target: string, ...tags: CueTag[]): DrillCue => ({ feel, target, tags });

export const drillCues: Readonly<Record<string, DrillCue>> = {
  'delayed-hand-throw': cue(
    'Feel the hand hang heavy until the foot comes down.',
    'Hold the ball below an invisible table until you land.',
  ),
  'on-time-hand-throw': cue(
    'Feel the forearm stand up as the foot lands.',
    'Have the ball on the shelf when the front foot touches.',
  ),
  'turn-around-throw': cue(
    'Feel the arm lie back by itself.',
    'Send the back shoulder to the net.',
    'let go',
  ),
  'close-arm-throw': cue(
    'Feel the ball close to your ear until you turn.',
    'Keep the ball inside a barrel until the turn.',
  ),
  'chest-to-glove-throw': cue('Feel the glove wait and the chest travel.', 'Bring your shirt to the glove.'),
  'tall-chest-throw': cue(
    'Feel the back long from hip to head.',
    'Lift the letters on your shirt to the net.',
  ),
  'strap-release-throw': cue(
    'Feel the same drift after the strap is gone.',
    'Let the strap start you towards the net.',
    'drift',
  ),
  'single-leg-sit-throw': cue(
    'Feel one seat, then forget it.',
    'Sit on a stool on the way out, then throw at the net.',
    'sit',
  ),
  'pre-hinged-throw': cue(
    'Feel the crease in the hip stay.',
    'Keep the belt behind the heel line until you throw.',
    'sit',
  ),
  'sit-back-throw': cue(
    'Feel the load in your seat as the hands part.',
    'Sit back on a chair behind you, then throw.',
    'sit',
  ),
  'hop-load-throw': cue(
    'Feel the back hip catch you.',
    'Land the hop on a spring and let it throw you.',
    'sit',
    'stay closed',
  ),
  'stand-closed-throw': cue(
    'Feel the stretch from hip to chest.',
    'Show the net your belt, not your letters.',
    'stay closed',
  ),
  'step-in-closed-throw': cue(
    'Feel the hips open and the chest late.',
    'Open the gate below, keep the door above shut.',
    'stay closed',
    'lead with hip',
  ),
  'step-back-closed-throw': cue(
    'Feel the back leg load and go.',
    'Step back to a line, then throw past it.',
    'stay closed',
  ),
  'hip-lead-slide-step': cue(
    'Feel the hip pull the quick step.',
    'Get your front pocket to the net before your knee.',
    'lead with hip',
    'drift',
  ),
  'post-up-throw': cue(
    'Feel the front hip go up as the ball goes.',
    'Push the ground away under the front foot.',
    'brace',
  ),
  'firm-front-throw': cue(
    'Feel the front leg take all of you.',
    'Freeze like a post in the ground.',
    'brace',
  ),
  'heel-press-circle': cue(
    'Feel the heel rise with the arm and press as it falls.',
    'Press the heel into the dirt to ring the bell.',
    'brace',
  ),
  'heel-press-snap': cue('Feel heel and hand on one beat.', 'Press the heel, snap the towel.', 'brace'),
  'tip-over-launch': cue(
    'Feel yourself tip before you push.',
    'Tip over the edge of the rubber, then leave it late.',
    'fall',
  ),
  'kneeling-throw': cue('Feel a loose arm and nothing else.', 'Throw through the called spot.', 'let go'),
  'elbow-lead-throw': cue(
    'Feel the elbow pass before the hand.',
    'Point the elbow at the plate, then the hand.',
    'lead with elbow',
    'let go',
  ),
  'pause-and-go': cue(
    'Feel where knee, foot and hips are before you finish.',
    'Freeze in the picture, then finish it.',
  ),
  'knee-squeeze-throw': cue(
    'Feel the knees close as the hand passes.',
    'Squeeze the soft ball as the pitch leaves.',
    'close hips',
  ),
  'half-turn-hold': cue(
    'Feel the front hip hold while the arm goes by.',
    'Leave the door half open as the ball goes.',
    'hold hips half',
  ),
  'tilted-mound': cue('Feel the hip take the load, not the knee.', 'Stay on the board.', 'sit'),
  'knee-gate': cue('Feel the knee stay back as you go.', 'Go past the bag without waking it.', 'sit'),
  'step-over-gate': cue(
    'Feel the leg go up and over.',
    'Step over the hurdle without a touch.',
    'stay closed',
  ),
  'tethered-drive': cue(
    'Feel the whole leg go long against the cord.',
    'Stretch the cord with one long push.',
    'push',
  ),
  'wall-behind-throw': cue('Feel the arm stay close on its way up.', 'Never touch the wall.'),
  'towel-elbow-throw': cue(
    'Feel the elbow hold the towel until the chest comes.',
    'Drop the towel only at the end.',
  ),
  'called-foot-throw': cue('Feel the hand wait for the call.', 'Go when you hear it.'),
  'narrow-lane-throw': cue('Feel everything go one way.', 'Throw yourself and the ball between the posts.'),
  'intent-ladder': cue('Feel each step a little fuller, not tighter.', 'Climb the numbers evenly.', 'let go'),
  'blend-pairs': cue('Feel the same thing in both throws.', 'Make the second throw look like the first.'),
  'full-delivery': cue('Feel the one thing we chose.', 'Throw the whole delivery through the target.'),
  'mound-delivery': cue('Feel the same thing at full distance.', 'Same throw, further target.'),
  'called-spots': cue('Feel the aim before the lift.', 'Hit the spot that was called.'),
  'compete-inning': cue('Feel this pitch only.', 'Beat this batter on this count.'),
  'hip-first-lean': cue(
    'Feel the hip touch first.',
    'Touch the fence with your front pocket before anything else.',
    'lead with hip',
    'fall',
  ),
  'cross-tap': cue(
    'Feel the whole foot on the ground.',
    'Tap the spot and come back to the same place.',
    'stay tall',
  ),
  'leg-lift-cones': cue('Feel quiet at the top of the lift.', 'Lift over the cone without a shadow on it.'),
  'wall-seat-drive': cue(
    'Feel your seat on the wall, then the hips leave it.',
    'Sit on the wall, then leave it towards the target.',
    'sit',
    'lead with hip',
  ),
  'strap-lean': cue(
    'Feel the inside of the back heel carry you.',
    'Let the strap hold you while you drift.',
    'drift',
  ),
  'soft-drop': cue('Feel the hips in front, then the seat.', 'Land on eggs.', 'sit', 'lead with hip'),
  'heel-drive-wall': cue(
    'Feel the heel press and the hip carry.',
    'Push the wall back with your heel.',
    'push',
  ),
  'mirror-arm-path': cue('Feel each stop of the arm.', 'Match the picture in the mirror.'),
  'mirror-glove-side': cue(
    'Feel the hips turn under quiet shoulders.',
    'Keep the glove in the same place in the mirror.',
    'stay closed',
  ),
  'mirror-circle': cue('Feel the top, the side, the hip.', 'Stop the circle at each mark in the mirror.'),
  'flat-ground-fall': cue(
    'Feel the hips go until a step has to happen.',
    'Fall towards the plate like a cut tree.',
    'fall',
    'lead with hip',
  ),
  'edge-set-fall': cue('Feel the inside edge of the foot.', 'Let the slope take you.', 'fall'),
  'slow-glide-hold': cue(
    'Feel the back knee inside the foot all the way.',
    'Glide under a low roof and freeze.',
    'drift',
  ),
  'called-pick-up': cue('Feel the hinge in the hip.', 'Pick it up and be back before the next call.', 'sit'),
  'strap-descent': cue(
    'Feel the strap carry half of you.',
    'Let the strap lower you down the slope.',
    'stay closed',
    'fall',
  ),
  'heel-down-walkout': cue('Feel the heel on the ground longer than you want.', 'Leave a heel print.'),
  'hidden-crest-stride': cue(
    'Feel the chest turned away as you land.',
    'Hide the crest from your partner.',
    'stay closed',
  ),
  'post-up-step': cue('Feel the front leg go long.', 'Step on it and push it into the ground.', 'brace'),
  'finish-stick': cue('Feel the front hip hold you.', 'Touch your shoe, come up, stick it.', 'brace'),
  'straight-line-stride': cue(
    'Feel the leg swing straight from the hip.',
    'Put the foot on the chalk each time.',
  ),
  'short-quiet-step': cue('Feel your head stay over the foot.', 'Keep your cap over the pivot foot.'),
  'tap-beat': cue('Feel hands and foot on one beat.', 'Tap the ground on the drum.'),
  'thumbs-down-break': cue('Feel the hand on top of the ball.', 'Show the ball to the ground.'),
  'glove-hold-turn': cue(
    'Feel the band and the hips turn under it.',
    'Keep the band where it is while the belt turns.',
    'stay closed',
  ),
  'knee-out-step': cue(
    'Feel the outside of the hip hold the knee.',
    'Knee over the shoe laces in the mirror.',
    'brace',
  ),
  'open-hip-step': cue(
    'Feel how far the hip opens today.',
    'Turn the belt as far as it goes freely.',
    'lead with hip',
  ),
  'tall-landing-freeze': cue(
    'Feel a soft, firm knee under a tall body.',
    'Land under a mark on the wall.',
    'stay tall',
  ),
  'lean-and-go': cue(
    'Feel knee and shin go down before you leave.',
    'Tip past the edge, then leave it.',
    'fall',
  ),
  'fence-line-circle': cue('Feel the arm pass close to your side.', 'Circle along the wall without a brush.'),
  'turn-in-finish': cue('Feel the thumb roll down and in.', 'Turn the key after the sock is gone.', 'let go'),
  'settled-start': cue('Feel both feet quiet for a breath.', 'Count the same three before you go.'),
  'tall-chest-turn': cue('Feel the turn between the shoulder blades.', 'Turn the letters to the wall.'),
  'hip-in-turns': cue('Feel it loosen, never pinch.', 'Let the knee sink to the floor by itself.'),
  'hip-out-turns': cue(
    'Feel the seat let go with the breath.',
    'Let the knee float away from you.',
    'let go',
  ),
  'adductor-rock': cue('Feel the inner thigh lengthen.', 'Rock the belt back towards the heel.'),
  'ankle-wall-rock': cue('Feel the heel heavy on the floor.', 'Touch the wall with the knee.'),
  'hip-flexor-reach': cue('Feel the front of the hip open.', 'Reach over the top of the door.'),
  'band-lunge-pulse': cue('Feel the side of the hip work.', 'Push the band out with the knee.'),
  'side-lift': cue('Feel the side of the seat, not the back.', 'Lift the heel to the mark on the wall.'),
  'band-walk': cue('Feel the hips stay low and level.', 'Walk along the line under a low roof.'),
  'split-squat': cue('Feel the whole foot push.', 'Lower the knee to an egg, push the floor away.'),
  'broad-jump-stick': cue('Feel a quiet landing.', 'Land past the tape and stay.'),
  'trunk-brace': cue('Feel the back flat while you breathe.', 'Keep a cup level on your back.'),
  'bridge-drive': cue('Feel the seat do the work.', 'Lift the belt to the ceiling.'),
  'warm-up-flow': cue('Feel warm and loose.', 'Get a light sweat before the first throw.'),
  'arm-band-care': cue(
    'Feel the back of the shoulder work slowly.',
    'Stretch the band slowly, bring it back slower.',
  ),
  'easy-catch': cue(
    'Feel easy, then a little less easy.',
    'Hit your partner’s chest, then take a step back.',
    'let go',
  ),
};
