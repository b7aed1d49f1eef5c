import type { DrillPages } from './page';

export const feelPages: DrillPages = {
  'hip-first-lean': {
    setUp: 'Stand side-on, a forearm’s length from a fence or wall on the target side, feet under the hips.',
    steps: [
      'Lift the front leg as in the delivery.',
      'Let the pelvis go toward the fence; head and chest stay behind it.',
      'Touch the fence with the front hip, stay there for a breath, come back.',
    ],
    good: 'The front hip touches alone and softly; the shoulder never does.',
    mistakes: ['The shoulder leans first.', 'The back knee bends forward to get there.'],
    workaround: { flaw: 'oh.front-lean', seen: 'the front shoulder reaches the fence together with the hip' },
    holds: ['lift'],
    leavesOut: 'stride',
  },
  'cross-tap': {
    setUp: 'Stand on the back leg with a clear step of room in front and behind.',
    steps: [
      'Balance in the lift.',
      'Tap the lead foot across behind, then back to the lift.',
      'Tap it across in front, then back to the lift.',
    ],
    good: 'The same still lift after every tap, the standing foot flat.',
    mistakes: ['The tap takes weight.', 'The eyes drop to the foot.'],
    workaround: { flaw: 'oh.lean-back', seen: 'the trunk tips away from the tapping leg to keep balance' },
    holds: ['lift'],
    leavesOut: 'stride',
  },
  'leg-lift-cones': {
    setUp:
      'Three cones in a row, a short step apart, the row pointing to the target. Stand side-on before the first.',
    steps: [
      'Lift over the first cone and hold for three seconds.',
      'Step down past it, lift over the second and hold for four.',
      'Lift over the third and hold for five.',
    ],
    good: 'After five seconds you still stand as you did at the start.',
    mistakes: ['Hopping to keep balance in the hold.', 'The lead hip opens to clear the cone.'],
    workaround: {
      flaw: 'oh.lift-stall',
      seen: 'the hold turns into a stop that carries over into the delivery',
    },
    holds: ['lift'],
    leavesOut: 'stride',
  },
  'wall-seat-drive': {
    setUp: 'Stand on the back leg with the glutes of that side against a wall, the target to the lead side.',
    steps: [
      'Sit the hip into the wall until it takes your weight; hold for five seconds.',
      'Shin upright, knee over the shoelaces, foot flat.',
      'Drive the hips off the wall toward the target; the knee follows the hip.',
    ],
    good: 'The outer hip burns, the front of the thigh does not.',
    mistakes: ['The knee slides forward over the toes.', 'The back rounds to get low.'],
    workaround: {
      flaw: 'oh.back-leg-collapse',
      seen: 'the knee drops forward off the wall and the sit is lost',
    },
    holds: ['stride'],
    leavesOut: 'landing',
  },
  'strap-lean': {
    setUp:
      'Strap fixed above head height behind you; hold it in the glove hand, arm nearly straight, side-on to the target.',
    steps: [
      'Check the anchor, then lift.',
      'Let the hips drift out until the strap holds a little of your weight.',
      'Hold for three seconds with the weight on the inner edge of the back heel, then come back.',
    ],
    good: 'The hips are in front of the foot while the lift is still going up.',
    mistakes: [
      'Hanging on the strap with the whole weight.',
      'Leaning with the shoulders instead of the hips.',
    ],
    workaround: { flaw: 'oh.front-lean', seen: 'the head goes out to the strap instead of the hip' },
    holds: ['lift'],
    leavesOut: 'stride',
  },
  'soft-drop': {
    setUp:
      'Crash pad a long step away on the target side. At a pool: an adult watches and the depth is known.',
    steps: [
      'Lift and let the hips get in front.',
      'Sit into the back leg as if onto a stool.',
      'Let the sit carry you onto the pad, side first.',
    ],
    good: 'The hips drop before the body goes; the landing needs no help from the lead leg.',
    mistakes: ['Jumping to the pad.', 'Reaching for the pad with the lead foot.'],
    workaround: { flaw: 'oh.jump', seen: 'the back leg pushes early and the body flies instead of dropping' },
    holds: ['lift', 'stride'],
    leavesOut: 'landing',
  },
  'heel-drive-wall': {
    setUp:
      'Stand facing the target with the back heel against the foot of a wall, lead foot a short step ahead.',
    steps: [
      'Lean until the weight is over the lead foot.',
      'Press the back heel into the wall.',
      'Feel the back hip move forward; hold for a second, then ease off.',
    ],
    good: 'The hip travels, the shoulders stay where they were.',
    mistakes: ['Pressing with the toes.', 'Arching the low back instead of opening the hip.'],
    workaround: { flaw: 'wm.upper-leads', seen: 'the chest goes ahead and the hip stays' },
    holds: ['stride'],
    leavesOut: 'landing',
  },
  'mirror-arm-path': {
    setUp: 'Stand side-on to a mirror, or film yourself from the chest side; empty hand.',
    steps: [
      'Break the hands slowly.',
      'Stop at landing: the forearm stands up.',
      'Stop at layback: the elbow is in line with the shoulders.',
      'Finish the path.',
    ],
    good: 'Each stop looks the same three times in a row before you look.',
    mistakes: [
      'Forcing the arm from stop to stop instead of letting it swing.',
      'Raising the shoulder with the elbow.',
    ],
    workaround: { flaw: 'oh.early-break', seen: 'the hands part early so that there is time for each stop' },
    holds: ['arm'],
    leavesOut: 'landing',
  },
  'mirror-glove-side': {
    setUp: 'Face a mirror from landing position, glove on.',
    steps: [
      'Set the glove in front of the chest.',
      'Let the hips turn under quiet shoulders.',
      'Let the chest come to the glove.',
    ],
    good: 'In the mirror the glove stays still while the chest comes to it.',
    mistakes: ['Pulling the elbow past the ribs.', 'Turning everything in one piece.'],
    workaround: { flaw: 'oh.lean-back', seen: 'the trunk leans away so that the glove stays put' },
    holds: ['landing', 'turn'],
    leavesOut: 'arm',
  },
  'mirror-circle': {
    setUp: 'Stand open to a mirror, or film from the target side; no ball, room for the arm all around.',
    steps: [
      'Circle slowly and stop at the top: loose elbow, hand over the line.',
      'Stop at the side: shoulders open.',
      'Stop at the hip: forearm close, palm to the line.',
    ],
    good: 'The three stops lie on one line to the target.',
    mistakes: ['Locking the elbow.', 'Looking at the hand instead of the line.'],
    workaround: { flaw: 'wm.hunched', seen: 'the trunk bends toward the mirror to see the hand' },
    holds: ['arm'],
    leavesOut: 'landing',
  },
  'pivot-line': {
    setUp:
      'Tape on the floor where the rubber would be. Stand behind it, facing the target, empty hands together.',
    steps: [
      'Take a short step to the side with the front foot; the head stays over the back foot.',
      'Turn the back foot until it lies flat along the tape.',
      'Freeze and look down: heel and toes touch the tape.',
    ],
    good: 'The foot lies along the whole tape eight times in a row, before you look.',
    mistakes: ['Stepping straight back.', 'Turning halfway and finishing the turn during the lift.'],
    workaround: { flaw: 'oh.wobble', seen: 'the body sways to the side while the foot turns' },
    holds: ['start'],
    leavesOut: 'lift',
  },
  'tall-lift-wall': {
    setUp:
      'Stand with your back to a wall, heels a hand’s width away, the back of the head lightly on a pencil mark.',
    steps: [
      'Lift the front knee as in the delivery.',
      'Keep the head on the mark without pressing back or down.',
      'Hold for two seconds and lower the foot slowly.',
    ],
    good: 'The head never leaves the mark or slides down it.',
    mistakes: ['Leaning on the wall to keep balance.', 'Bending the back knee to help the lift.'],
    workaround: { flaw: 'oh.hip-hike', seen: 'the front hip hikes up because the back knee stays straight' },
    holds: ['lift'],
    leavesOut: 'stride',
  },
  'glove-on-the-line': {
    setUp:
      'Stand as you land, feet along a tape line, front elbow and glove out over the line at shoulder height, palm down.',
    steps: [
      'Set the front elbow over the line, then the glove.',
      'Hold for three seconds; feel the front shoulder closed.',
      'Relax, and set it again with your eyes shut.',
    ],
    good: 'With eyes shut the glove comes back to the same place over the line.',
    mistakes: ['Raising the shoulder to the ear.', 'Reaching with a locked elbow.'],
    workaround: { flaw: 'oh.lean-back', seen: 'the trunk leans away to hold the glove up' },
    holds: ['landing'],
    leavesOut: 'stride',
  },
  'hip-snap': {
    setUp:
      'Feet as wide as you land, front foot toward the target, weight in the back hip, arms crossed on the chest.',
    steps: [
      'Load the back hip; the chest faces the side.',
      'Turn the belt buckle to the target as fast as you can.',
      'Stop it there; the chest is still behind.',
    ],
    good: 'The buckle stops by itself and the shirt wrinkles across the stomach.',
    mistakes: ['Turning the shoulders with the hips.', 'Sliding forward instead of turning.'],
    workaround: {
      flaw: 'oh.falls-off',
      seen: 'the whole body spins past the front foot because nothing stops the hips',
    },
    holds: ['landing', 'turn'],
    leavesOut: 'stride',
  },
  'fingers-behind': {
    setUp: 'Sit or stand still with a ball; a friend or a phone can see the hand from the side.',
    steps: [
      'Hold the ball beside the ear and set two fingers straight behind it, thumb under it.',
      'Look, lower the ball, and shake the hand out.',
      'Shut your eyes, find the same place again, and look.',
    ],
    good: 'Eyes open or shut, the fingers find the back of the ball at once.',
    mistakes: ['Squeezing the ball.', 'Turning the wrist instead of placing the fingers.'],
    workaround: { flaw: 'oh.low-elbow', seen: 'the elbow drops so that the wrist can turn' },
    holds: ['arm'],
    leavesOut: 'throw',
  },
  'soft-knee-landing': {
    setUp: 'Level ground, feet together, hands on the hips, a clear step ahead.',
    steps: [
      'Take a short step forward.',
      'Land on the ball of the foot, let the heel come down, knee a little bent.',
      'Hold for two seconds without a wobble.',
    ],
    good: 'You hear nothing and the knee does not move once the heel is down.',
    mistakes: ['Landing with a straight leg.', 'Sinking deeper during the hold.'],
    workaround: { flaw: 'wm.bend-and-stand', seen: 'the knee bends deep on landing and straightens again' },
    holds: ['landing'],
    leavesOut: 'stride',
  },
  'foot-clock': {
    setUp:
      'Chalk or tape a clock on the ground, twelve toward the target. Stand a short step behind its middle.',
    steps: [
      'Step into the middle of the clock with the stride foot.',
      'Land with the toes halfway between twelve and the open side.',
      'Look down and say the hour.',
    ],
    good: 'The same hour six times in a row.',
    mistakes: ['Turning the foot after it has landed.', 'Looking at the clock while stepping.'],
    workaround: { flaw: 'wm.hips-slam', seen: 'the hips close along with the foot' },
    holds: ['landing'],
    leavesOut: 'stride',
  },
  'half-way-hips': {
    setUp: 'Stand as you land with the back hip a hand’s width from a wall, throwing arm hanging.',
    steps: [
      'Turn the hips until the back hip is halfway to the target.',
      'Stop there; the wall tells you when you turn farther.',
      'Brush the forearm past the hip.',
    ],
    good: 'The hips stop on their own and the forearm brushes each time.',
    mistakes: ['Closing the hips all the way.', 'Swinging the arm around the hip.'],
    workaround: { flaw: 'wm.hunched', seen: 'the chest folds forward so that the arm can get past' },
    holds: ['landing', 'arm'],
    leavesOut: 'stride',
  },
  'hips-then-hand': {
    setUp: 'Stand as you land, arm held out behind at shoulder height, empty hand, palm up.',
    steps: [
      'Move the hips toward the target; the arm waits.',
      'Let the arm fall.',
      'Let it whip past the hip and finish loose.',
    ],
    good: 'It feels as if the hips throw the arm.',
    mistakes: ['Starting both at once.', 'Pulling the arm down.'],
    workaround: { flaw: 'wm.upper-leads', seen: 'the chest goes first instead of the hips' },
    holds: ['landing', 'arm'],
    leavesOut: 'stride',
  },
  'knees-together': {
    setUp: 'Stand as you land, drive toe on the ground behind you, empty hand at shoulder height behind.',
    steps: [
      'Let the arm come down.',
      'Bring the drive knee in behind the front knee as the hand gets to the hip.',
      'Hold for two seconds, knees close, trunk tall.',
    ],
    good: 'Knee and hand arrive at the same moment.',
    mistakes: ['The knee swings around the side.', 'Bringing the knee in after the hand has passed.'],
    workaround: { flaw: 'wm.hips-slam', seen: 'the hips close all the way to bring the knee in' },
    holds: ['landing', 'finish'],
    leavesOut: 'stride',
  },
  'heel-push-start': {
    setUp: 'Hands on a wall at chest height, stride leg behind as before the push, front knee bent.',
    steps: [
      'Press the heel of the stride leg back and down.',
      'Let the hips slide forward under the ribs.',
      'Hold for a second, come back, change legs.',
    ],
    good: 'The hips move, and the hands press no harder on the wall.',
    mistakes: ['Pushing with the hands.', 'Arching the low back.'],
    workaround: { flaw: 'wm.early-extension', seen: 'the body rises instead of sliding forward' },
    holds: ['start'],
    leavesOut: 'stride',
  },
};
