import type { DrillPages } from './page';

export const windmillMovePages: DrillPages = {
  'tall-landing-freeze': {
    setUp: 'Level ground with a line to the target, no ball.',
    steps: [
      'Load and stride.',
      'Land tall on a soft, firm knee, foot half open.',
      'Freeze for two seconds; check ears over hips.',
    ],
    good: 'A push on the shoulder would not move you.',
    mistakes: ['Landing on a locked knee.', 'Sitting back to be safe.'],
    workaround: { flaw: 'wm.short-drive', seen: 'little ground is gained so that the freeze is easy' },
    holds: ['lift', 'stride', 'landing'],
    leavesOut: 'throw',
  },
  'lean-and-go': {
    setUp: 'Soft ground, a clear way of three steps ahead.',
    steps: [
      'Press knee and shin of the drive leg down and fall forward over it.',
      'Wait for the ground to come near.',
      'Go out just before it does.',
    ],
    good: 'Low and long: the head hardly rises.',
    mistakes: ['Extending early and going up.', 'Catching the fall with the other leg.'],
    workaround: { flaw: 'wm.upper-leads', seen: 'the chest falls first and the hip is left behind' },
    holds: ['lift', 'stride'],
    leavesOut: 'landing',
  },
  'fence-line-circle': {
    setUp: 'Stand open with the throwing shoulder a hand’s breadth from a fence or wall, facing along it.',
    steps: [
      'Swing the arm through the full circle.',
      'Brush nothing, front or back.',
      'Finish with the hand at the hip.',
    ],
    good: 'Full speed with no sound from the fence.',
    mistakes: ['Leaning away from the fence.', 'A bent, careful arm.'],
    workaround: { flaw: 'wm.hunched', seen: 'the trunk bends away to make room' },
    holds: ['arm'],
    leavesOut: 'throw',
  },
  'turn-in-finish': {
    setUp: 'A rolled sock, five steps of room, stand open.',
    steps: [
      'Circle easily and let the sock go at the hip.',
      'Let the forearm turn in as it slows.',
      'Thumb ends towards the thigh.',
    ],
    good: 'The turn happens by itself after the sock has left.',
    mistakes: ['Turning the wrist before release.', 'Stopping the arm to look.'],
    workaround: { flaw: 'wm.shoulder-pull', seen: 'the shoulder rolls in to make the forearm turn' },
    holds: ['arm', 'finish'],
    leavesOut: 'throw',
  },
  'settled-start': {
    setUp: 'On the plate or a line, glove and hand together.',
    steps: ['Same feet, toes and heel where they always are.', 'One breath out.', 'Count two, then load.'],
    good: 'A watcher could clap on the start of every rep.',
    mistakes: ['Rocking before the count.', 'Holding the breath.'],
    workaround: { flaw: 'wm.short-drive', seen: 'out of the stillness little ground is gained' },
    holds: ['start', 'lift'],
    leavesOut: 'stride',
  },
};
