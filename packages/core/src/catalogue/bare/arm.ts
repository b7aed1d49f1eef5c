import { bareOf } from './bare';

const wall = [['wall']];

const feel = bareOf({ discipline: 'overhand', thread: 'arm', stage: 'feel' }, [
  {
    id: 'bare-hands-wait',
    name: 'Hands wait for the hip',
    targets: ['oh.early-break', 'oh.eyes-off'],
    equipment: wall,
    dose: '3x6',
    what: 'Eyes on one spot, let the front hip travel to a wall and break the hands only when it touches.',
    cue: 'Eyes still, hip first, then hands.',
    page: {
      setUp:
        'Stand sideways a forearm’s length from a wall on your front side, hands together. Pick a spot ahead at eye height.',
      steps: [
        'Look at the spot and lift the front knee.',
        'Let the front hip go until it touches the wall; the hands stay together.',
        'At the touch let the hands part downward. The eyes have not left the spot.',
      ],
      good: 'Touch and hands come on one beat, and you could have read a word at the spot the whole time.',
      mistakes: ['Holding the hands tight.', 'Turning the head to look for the wall.'],
      workaround: { flaw: 'oh.late-hand', seen: 'the hands keep waiting and part long after the touch' },
      holds: ['lift', 'arm'],
      leavesOut: 'stride',
    },
    cues: {
      feel: 'Feel the hands ride along with the hips.',
      target: 'Carry one cup with two hands to the wall, then let it go.',
      tags: ['lead with hip'],
    },
  },
  {
    id: 'bare-tall-at-the-wall',
    name: 'Tall at the wall',
    targets: ['oh.slouch', 'oh.lean-back'],
    equipment: wall,
    dose: '3x5 hold 3 s',
    what: 'Landing position along a wall, back of the head and upper back touching, weight in the middle of both feet.',
    cue: 'Long neck, head in the middle.',
    page: {
      setUp: 'Stand in your landing along a wall, the back of your head and both shoulder blades against it.',
      steps: [
        'Put the head over the middle between both feet.',
        'Make the neck long and let the ribs sink.',
        'Hold for 3 seconds, rock an inch to either foot, and come back to the middle.',
      ],
      good: 'Head and shoulder blades touch all the time, and you feel which way the middle lies.',
      mistakes: ['Arching the lower back to touch.', 'Lifting the chin.'],
      workaround: { flaw: 'oh.lean-back', seen: 'the head slides toward the back foot along the wall' },
      holds: ['landing'],
      leavesOut: 'turn',
    },
    cues: {
      feel: 'Feel both shoulder blades rest on the wall.',
      target: 'Push the top of your cap up along the wall.',
      tags: ['stay tall'],
    },
  },
  {
    id: 'bare-fingers-on-the-wall',
    name: 'Fingers on the wall',
    targets: ['oh.side-of-ball'],
    equipment: wall,
    dose: '3x8',
    what: 'Facing a wall at arm’s length, press it with the two fingertips from straight behind, then roll off over them.',
    cue: 'Two fingers, straight behind.',
    page: {
      setUp: 'Stand an arm’s length from a wall, throwing elbow at shoulder height in front of you.',
      steps: [
        'Touch the wall with the first two fingertips, palm toward the wall.',
        'Press lightly and evenly through both fingers.',
        'Roll off downward over both fingertips, as if they left a ball.',
      ],
      good: 'Both fingertips press evenly and leave the wall together.',
      mistakes: ['Pressing hard.', 'Turning the thumb under.'],
      workaround: {
        flaw: 'oh.arm-push',
        seen: 'the elbow pushes forward instead of the fingers rolling off',
      },
      holds: ['arm'],
      leavesOut: 'throw',
    },
    cues: {
      feel: 'Feel both fingertips leave together.',
      target: 'Pull two stripes straight down the wall.',
      tags: [],
    },
  },
  {
    id: 'bare-long-finish-fold',
    name: 'Long finish fold',
    targets: ['oh.cut-finish'],
    dose: '3x6',
    avoidWithPainIn: ['back'],
    what: 'From the landing, swing the empty arm slowly down past the outside of the front knee and fold the chest over the thigh.',
    cue: 'Long arm, chest over the knee.',
    page: {
      setUp: 'Stand in your landing, front leg firm, throwing hand beside your cap.',
      steps: [
        'Let the hand go forward and down without force.',
        'Fold at the hips until the chest is over the front thigh; the back foot may come off the floor.',
        'The hand passes the outside of the front knee and swings out there.',
      ],
      good: 'The arm swings to a stop by itself, low and outside the knee.',
      mistakes: ['Rounding the back instead of folding at the hips.', 'Stopping the arm with the shoulder.'],
      workaround: { flaw: 'oh.lead-leg-soft', seen: 'the front knee sinks to bring the chest down' },
      holds: ['arm', 'finish'],
      leavesOut: 'turn',
    },
    cues: {
      feel: 'Feel the back of the shoulder stretch and let go.',
      target: 'Brush the grass outside your front shoe.',
      tags: ['let go', 'brace'],
    },
  },
]);

const move = bareOf({ discipline: 'overhand', thread: 'arm', stage: 'move' }, [
  {
    id: 'bare-stride-tall-turn',
    name: 'Stride, tall, over the leg',
    targets: ['oh.early-launch', 'oh.spin-off', 'oh.lean-back', 'oh.slouch'],
    dose: '3x6',
    minAge: 8,
    avoidWithPainIn: ['back', 'knee'],
    what: 'Hands on the shoulders, stride with the head in the middle and turn only once the chest is on its way over the front leg.',
    cue: 'Tall, over the leg, then turn.',
    page: {
      setUp: 'Stand sideways to the target, hands on the shoulders, a phone filming from the open side.',
      steps: [
        'Lift and stride tall, head in the middle between the feet.',
        'Let the chest go forward over the front leg.',
        'Turn around that leg and stand over it for two counts.',
      ],
      good: 'On film the chest goes forward before it turns, and you stand over the front leg at the end.',
      mistakes: ['Bending at the waist.', 'Turning on the spot as soon as the foot is down.'],
      workaround: { flaw: 'oh.falls-off', seen: 'the turn runs on and pulls the body off the front leg' },
      holds: ['lift', 'stride', 'landing', 'turn', 'finish'],
      leavesOut: 'arm',
    },
    cues: {
      feel: 'Feel the breastbone travel before it turns.',
      target: 'Take your buttons to the target, then turn the page.',
      tags: ['stay tall', 'brace'],
    },
  },
  {
    id: 'bare-elbow-line-turn',
    name: 'Elbow-line turn',
    targets: ['oh.low-elbow', 'oh.arm-drag', 'oh.arm-push'],
    dose: '3x6',
    minAge: 8,
    avoidWithPainIn: ['elbow', 'shoulder'],
    caution: 'Slow and without a ball. Stop with any elbow or shoulder pain.',
    what: 'From the landing with the forearm up, turn slowly and keep the elbow on the line of both shoulders until the chest faces ahead.',
    cue: 'Elbow rides on the shoulder line.',
    page: {
      setUp:
        'Stand in your landing, both elbows at shoulder height, forearm up, a phone filming from the front.',
      steps: [
        'Start the turn with the hips.',
        'Let the shoulders carry the elbow around; it neither hangs back nor drops.',
        'When the chest faces ahead let the hand come through loosely.',
        'Look at the film: shoulder, shoulder, elbow on one line.',
      ],
      good: 'The elbow is on the shoulder line in each frame until the hand comes through.',
      mistakes: ['Setting the elbow by force.', 'Pulling the elbow behind the back.'],
      workaround: { flaw: 'oh.glove-pull', seen: 'the glove elbow pulls down hard to lift the other one' },
      holds: ['landing', 'turn', 'arm'],
      leavesOut: 'stride',
    },
    cues: {
      feel: 'Feel the arm being carried, loose, like a coat on your shoulders.',
      target: 'Turn a broomstick that lies through both elbows.',
      tags: ['let go'],
    },
  },
  {
    id: 'bare-near-wall-arm-path',
    name: 'Arm path at the wall',
    targets: ['oh.under-ball', 'oh.long-arm', 'oh.side-of-ball'],
    equipment: wall,
    dose: '3x6',
    minAge: 8,
    avoidWithPainIn: ['elbow', 'shoulder'],
    caution: 'Slow. Stop with any elbow or shoulder pain.',
    what: 'With a wall a forearm’s length behind the throwing side, break the hands and bring the hand up fingers on top without touching the wall.',
    cue: 'Thumb down, up past the pocket.',
    page: {
      setUp:
        'Stand sideways to the target with a wall a forearm’s length behind you on the throwing side, hands together.',
      steps: [
        'Part the hands with the thumbs turning down.',
        'Let the hand swing down past the back pocket, fingers on top.',
        'Bring it up to beside the cap as you step to the landing. It never touches the wall.',
      ],
      good: 'No touch, and the palm shows away from you only at the top.',
      mistakes: ['Pinning the elbow to the ribs.', 'Hurrying the hand up before the step.'],
      workaround: { flaw: 'oh.early-hand', seen: 'the hand goes straight up so as to miss the wall' },
      holds: ['stride', 'landing', 'arm'],
      leavesOut: 'turn',
    },
    cues: {
      feel: 'Feel the fingers stay on top all the way down and back up.',
      target: 'Slip the hand between your back and the wall without a touch.',
      tags: ['let go'],
    },
  },
]);

/** Bare drills of the arm, overhand. */
export const bareArm = [...feel, ...move];
