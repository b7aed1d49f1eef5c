import type { DrillPages } from './page';

export const feelPages: DrillPages = {
  'hip-first-lean': {
    setUp: 'Stand side-on, a forearm’s length from a fence or wall on the target side, feet under the hips.',
    steps: [
      'Lift the front leg as in the delivery.',
      'Let the pelvis go towards the fence; head and chest stay behind it.',
      'Touch the fence with the front hip, stay there for a breath, come back.',
    ],
    good: 'The front hip arrives alone and quietly; the shoulder never touches.',
    mistakes: ['The shoulder leans first.', 'The back knee bends forwards to get there.'],
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
    good: 'Posture at the end of the five seconds looks like the beginning of the three.',
    mistakes: ['The hold is spent hopping.', 'The lead hip opens to clear the cone.'],
    workaround: {
      flaw: 'oh.lift-stall',
      seen: 'the hold turns into a stop that comes along into the delivery',
    },
    holds: ['lift'],
    leavesOut: 'stride',
  },
  'wall-seat-drive': {
    setUp: 'Stand on the back leg with the seat of that side against a wall, the target to the lead side.',
    steps: [
      'Sit the hip into the wall until the seat carries you; hold for five seconds.',
      'Shin upright, knee over the laces, foot flat.',
      'Drive the hips off the wall towards the target; the knee follows the hip.',
    ],
    good: 'The outer hip burns, the front of the thigh does not.',
    mistakes: ['The knee slides forwards over the toes.', 'The back rounds to get low.'],
    workaround: {
      flaw: 'oh.back-leg-collapse',
      seen: 'the knee drops forwards off the wall and the seat is lost',
    },
    holds: ['stride'],
    leavesOut: 'landing',
  },
  'strap-lean': {
    setUp:
      'Strap fixed above head height behind you; hold it in the glove hand, arm nearly straight, side-on to the target.',
    steps: [
      'Check the anchor, then lift.',
      'Let the hips drift out until the strap carries only a few kilograms.',
      'Hold for three seconds with the weight on the inner edge of the rear heel, come back.',
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
    good: 'The seat drops before the body goes; the landing needs no help from the lead leg.',
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
      'Feel the back hip carry forward; hold for a second, ease off.',
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
      'Stop at lay-back: the elbow is in line with the shoulders.',
      'Finish the path.',
    ],
    good: 'Each stop looks the same three times in a row before you look.',
    mistakes: [
      'Going from stop to stop by muscle instead of swinging.',
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
    good: 'In the mirror the glove stands still while the chest grows.',
    mistakes: ['Pulling the elbow past the ribs.', 'Turning everything in one piece.'],
    workaround: { flaw: 'oh.lean-back', seen: 'the trunk leans away so that the glove stays put' },
    holds: ['landing', 'turn'],
    leavesOut: 'arm',
  },
  'mirror-circle': {
    setUp: 'Stand open to a mirror, or film from the target side; no ball, room for the arm all round.',
    steps: [
      'Circle slowly and stop at the top: loose elbow, hand over the line.',
      'Stop at the side: shoulders open.',
      'Stop at the hip: forearm close, palm to the line.',
    ],
    good: 'The three stops lie on one line to the target.',
    mistakes: ['Locking the elbow.', 'Looking at the hand instead of the line.'],
    workaround: { flaw: 'wm.hunched', seen: 'the trunk bends towards the mirror to see the hand' },
    holds: ['arm'],
    leavesOut: 'landing',
  },
};
