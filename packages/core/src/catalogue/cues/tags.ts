/** What a cue asks for. */
export const cueTags = [
  'push',
  'fall',
  'drift',
  'stop',
  'sit',
  'stay tall',
  'stay closed',
  'turn early',
  'brace',
  'let go',
  'lead with hip',
  'lead with elbow',
  'close hips',
  'hold hips half',
] as const;
export type CueTag = (typeof cueTags)[number];

/** Tags that cannot both be done. */
export const contradictions: readonly (readonly [CueTag, CueTag])[] = [
  ['push', 'fall'],
  ['drift', 'stop'],
  ['sit', 'stay tall'],
  ['turn early', 'stay closed'],
  ['close hips', 'hold hips half'],
];

/**
 * Words by which a free note is tagged, in small letters. A word stands for its forms (push, pushes, pushing); several
 * words are a phrase with at most two others between.
 */
export const lexicon: Readonly<Record<CueTag, readonly string[]>> = {
  push: ['push', 'shove', 'explode', 'jump', 'drive hard', 'drive off', 'launch'],
  fall: ['fall', 'tip over', 'tip past', 'tumble', 'let slope take', 'let hips go', 'ride down'],
  drift: ['drift', 'keep moving', 'keep going', 'glide', 'never stop', 'hips moving'],
  stop: [
    'stop at top',
    'pause at top',
    'balance point',
    'hold at top',
    'freeze at top',
    'stop over rubber',
    'hold lift',
  ],
  sit: ['sit', 'squat', 'hinge', 'get low', 'sink'],
  'stay tall': ['stay tall', 'tall', 'upright', 'stand up'],
  'stay closed': ['stay closed', 'closed', 'hide chest', 'hide shirt', 'chest shut', 'stay shut'],
  'turn early': ['turn early', 'open early', 'rotate early', 'open up', 'turn sooner', 'fly open'],
  brace: [
    'brace',
    'firm front',
    'stiff front',
    'post up',
    'straighten front',
    'straight front',
    'block front',
  ],
  'let go': ['loose', 'relax', 'let arm go', 'whip', 'easy arm'],
  'lead with hip': ['hip first', 'hips first', 'lead hip', 'hip leads', 'hip goes first'],
  'lead with elbow': ['elbow first', 'lead elbow', 'elbow leads'],
  'close hips': ['close hips', 'slam hips', 'hips all way', 'snap hips shut', 'finish square'],
  'hold hips half': ['hips half', 'hold hips', 'half closed', 'half shut', 'hips halfway', 'halfway'],
};

/** The word to use instead, for what an instruction should rather ask for. */
export const ownWords: Readonly<Record<CueTag, string>> = {
  push: 'push late and long',
  fall: 'let your hips go first',
  drift: 'keep your hips moving through the top',
  stop: 'be able to stop at the top',
  sit: 'sit into the back hip',
  'stay tall': 'stay tall',
  'stay closed': 'keep the chest closed until you land',
  'turn early': 'let the hips start',
  brace: 'make the front leg a wall',
  'let go': 'keep the arm loose',
  'lead with hip': 'hip first',
  'lead with elbow': 'elbow first',
  'close hips': 'close the hips through the ball',
  'hold hips half': 'leave the hips halfway',
};
