import type { DrillPages } from './page';

export const armConnectPages: DrillPages = {
  'delayed-hand-throw': {
    setUp: 'Short stride stance, ball and net.',
    steps: [
      'Break the hands down and leave the throwing hand low.',
      'Start the foot; the hand waits.',
      'Hand up as the foot is about to land, and throw.',
    ],
    good: 'The hand passes the shoulder when the foot touches.',
    mistakes: ['Holding the hand stiff.', 'Hurrying the foot.'],
    workaround: { flaw: 'oh.late-hand', seen: 'the hand waits too long and arrives after the foot' },
    holds: ['stride', 'landing', 'turn', 'arm', 'throw'],
    leavesOut: 'lift',
  },
  'on-time-hand-throw': {
    setUp: 'Stand in landing, forearm up, ball and net. Stop with any elbow or shoulder pain.',
    steps: [
      'Step to landing with the forearm already up.',
      'Pause there for a heartbeat.',
      'Throw at half effort.',
    ],
    good: 'The forearm stands like a post at landing.',
    mistakes: ['Pulling the elbow behind the shoulders in the pause.', 'Throwing with the arm alone.'],
    workaround: { flaw: 'oh.arm-push', seen: 'from the pause the hand pushes past the elbow' },
    holds: ['landing', 'turn', 'arm', 'throw'],
    leavesOut: 'stride',
  },
  'turn-around-throw': {
    setUp: 'Feet turned away from the net, chest to the side, ball. Stop with any elbow or shoulder pain.',
    steps: [
      'Turn the chest to the net.',
      'Let the arm lie back in the plane of the shoulders.',
      'Drive the back shoulder through and throw.',
    ],
    good: 'The arm is thrown by the trunk.',
    mistakes: ['Setting the arm by hand.', 'Dropping the elbow to reach round.'],
    workaround: { flaw: 'oh.spin-off', seen: 'the body spins and the ball goes arm side' },
    holds: ['turn', 'arm', 'throw'],
    leavesOut: 'landing',
  },
  'close-arm-throw': {
    setUp: 'Short stride, ball and net. Stop with any elbow or shoulder pain.',
    steps: [
      'Break short; the ball stays near the body.',
      'Turn.',
      'The ball leaves the body only with the turn.',
    ],
    good: 'Short path, long throw.',
    mistakes: ['Pinning the elbow.', 'Short-arming the finish.'],
    workaround: { flaw: 'oh.arm-push', seen: 'the close ball gets pushed like a dart' },
    holds: ['stride', 'landing', 'turn', 'arm', 'throw'],
    leavesOut: 'lift',
  },
  'chest-to-glove-throw': {
    setUp: 'Glove on, ball, net.',
    steps: [
      'Stride; firm the glove in front of the chest.',
      'Bring the chest to it.',
      'Throw at seven tenths.',
    ],
    good: 'The glove is where it was when the chest arrives.',
    mistakes: ['Swinging the glove to the hip.', 'A glove so tight that the neck tenses.'],
    workaround: { flaw: 'oh.slouch', seen: 'the upper back rounds to bring the chest to the glove' },
    holds: ['stride', 'landing', 'turn', 'arm', 'throw'],
    leavesOut: 'lift',
  },
  'tall-chest-throw': {
    setUp: 'Standing in landing, ball and net.',
    steps: ['Grow tall from hip to head.', 'Turn with the back long.', 'Throw at six tenths.'],
    good: 'The letters on the shirt face the target before the ball leaves.',
    mistakes: ['Arching the low back.', 'Lifting the chin instead of the chest.'],
    workaround: { flaw: 'oh.lean-back', seen: 'tall turns into leaning back' },
    holds: ['landing', 'turn', 'arm', 'throw'],
    leavesOut: 'stride',
  },
};
