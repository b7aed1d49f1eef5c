import { bareOf } from './bare';

const wall = [['wall']];

const lowerFeel = bareOf({ discipline: 'windmill', thread: 'lower', stage: 'feel' }, [
  {
    id: 'bare-push-from-the-wall',
    name: 'Push from the wall',
    targets: ['wm.short-drive'],
    equipment: wall,
    dose: '3x6',
    avoidWithPainIn: ['knee', 'ankle'],
    caution: 'Ground that does not slip; room ahead to walk out.',
    what: 'Heel of the drive foot against a wall, lean until you have to go and push off it into one long, low step.',
    cue: 'Long push, low step.',
    page: {
      setUp: 'Stand with the back to a wall, the heel of the drive foot against it, two steps of room ahead.',
      steps: [
        'Lean forward in one line from head to heel.',
        'When you have to go, push the foot into the wall and the floor.',
        'Let the other foot land far out and low, and walk on.',
      ],
      good: 'You feel the push last until the drive leg is long, and the step goes out and not up.',
      mistakes: ['Hopping up.', 'Bending at the waist to lean.'],
      workaround: { flaw: 'wm.upper-leads', seen: 'the chest falls forward and the leg has nothing to push' },
      holds: ['stride'],
      leavesOut: 'landing',
    },
    cues: {
      feel: 'Feel the whole back of the drive leg get long.',
      target: 'Push the wall away behind you.',
      tags: ['push'],
    },
  },
]);

const lowerMove = bareOf({ discipline: 'windmill', thread: 'lower', stage: 'move' }, [
  {
    id: 'bare-load-push-hold',
    name: 'Load, push, hold',
    targets: ['wm.soft-drive', 'wm.early-extension'],
    dose: '3x5',
    minAge: 8,
    avoidWithPainIn: ['knee'],
    caution: 'Ground that does not slip. Not with knee pain.',
    what: 'Without the arm circle, load the drive leg, stay low until the hips are past the foot, then push and hold the landing.',
    cue: 'Low until past, then push.',
    page: {
      setUp: 'Stand at a line with the drive foot on it, hands on the hips.',
      steps: [
        'Load: weight into the drive leg, knee over the foot.',
        'Let the hips travel past the foot while the knee stays bent.',
        'Push until the leg is long.',
        'Land on a firm front leg and hold for two counts. Mark where you landed.',
      ],
      good: 'The push comes after the hips have gone, and the mark moves out.',
      mistakes: ['Standing up out of the load.', 'Pushing from a straight knee.'],
      workaround: { flaw: 'wm.upper-leads', seen: 'the chest goes first to get past the foot' },
      holds: ['start', 'lift', 'stride', 'landing'],
      leavesOut: 'arm',
    },
    cues: {
      feel: 'Feel the spring stay pressed until the hips have gone by.',
      target: 'Stay under a low beam, then leave a deep print behind you.',
      tags: ['push', 'brace'],
    },
  },
]);

const armFeel = bareOf({ discipline: 'windmill', thread: 'arm', stage: 'feel' }, [
  {
    id: 'bare-upright-landing-wall',
    name: 'Upright landing at the wall',
    targets: ['wm.hunched', 'wm.bend-and-stand'],
    equipment: wall,
    dose: '3x5 hold 3 s',
    what: 'In the landing with the back along a wall, hold the trunk upright and bring the empty hand slowly past the hip.',
    cue: 'Tall from landing to hand.',
    page: {
      setUp:
        'Stand in your landing along a wall, throwing side away from it, head and shoulder on the glove side lightly against it.',
      steps: [
        'Make the neck long, eyes on the target.',
        'Bring the empty hand slowly down and past the hip.',
        'Hold for 3 seconds with head and shoulder where they were on the wall.',
      ],
      good: 'Head and shoulder neither slide down nor come up while the hand goes by.',
      mistakes: ['Leaning on the wall.', 'Arching the lower back.'],
      workaround: { flaw: 'wm.pull-up', seen: 'the shoulder lifts as the hand passes the hip' },
      holds: ['landing', 'arm'],
      leavesOut: 'stride',
    },
    cues: {
      feel: 'Feel the head stay at one height.',
      target: 'Keep your cap level with one brick of the wall.',
      tags: ['stay tall', 'brace'],
    },
  },
  {
    id: 'bare-turn-the-key',
    name: 'Turn the key',
    targets: ['wm.no-rotate', 'wm.pull-up'],
    dose: '3x8',
    avoidWithPainIn: ['elbow', 'shoulder'],
    caution: 'Stop with any elbow or shoulder pain.',
    what: 'Elbow past the hip, let the empty hand go by and turn the palm in as if turning a key, finishing low and loose.',
    cue: 'Past the hip, turn, stay low.',
    page: {
      setUp: 'Stand in your landing with the throwing hand behind the hip, arm loose.',
      steps: [
        'Bring the elbow past the hip, the hand after it.',
        'As the hand passes, turn the palm in across the body.',
        'Let the hand finish low in front, the elbow soft.',
      ],
      good: 'The palm faces back across you at the end and the hand is below the ribs.',
      mistakes: ['Turning before the hip.', 'Lifting the hand to the shoulder.'],
      workaround: { flaw: 'wm.shoulder-pull', seen: 'the shoulder pulls the hand around the hip' },
      holds: ['arm', 'finish'],
      leavesOut: 'turn',
    },
    cues: {
      feel: 'Feel the forearm roll over by itself.',
      target: 'Turn a key in a lock at hip height.',
      tags: ['let go', 'lead with elbow'],
    },
  },
]);

const armMove = bareOf({ discipline: 'windmill', thread: 'arm', stage: 'move' }, [
  {
    id: 'bare-loose-half-circles',
    name: 'Loose half circles',
    targets: ['wm.stiff-arm', 'wm.pull-up'],
    dose: '3x6',
    avoidWithPainIn: ['elbow', 'shoulder'],
    caution: 'Slow, without a ball. Stop with any elbow or shoulder pain.',
    what: 'From the top, let the elbow bend and lead down past the hip, and finish low with the palm turning in.',
    cue: 'Elbow leads, hand follows low.',
    page: {
      setUp: 'Stand in your landing with the throwing hand straight up, a phone filming from the open side.',
      steps: [
        'Let the elbow start down with the hand trailing.',
        'Elbow past the hip first, then the hand.',
        'Turn the palm in and finish low.',
        'Step into it for the last three of each set.',
      ],
      good: 'On film the elbow is bent on the way down and the hand finishes below the ribs.',
      mistakes: ['Bending the elbow at the top on purpose.', 'Speeding up before it is loose.'],
      workaround: { flaw: 'wm.off-line-arm', seen: 'the elbow leads by swinging away from the body' },
      holds: ['landing', 'arm', 'finish'],
      leavesOut: 'turn',
    },
    cues: {
      feel: 'Feel the hand hang behind the elbow.',
      target: 'Shake water off your fingers past the hip.',
      tags: ['let go', 'lead with elbow'],
    },
  },
]);

/** Bare drills of the windmill. */
export const bareWindmill = [...lowerFeel, ...lowerMove, ...armFeel, ...armMove];
