import { said, type Said } from './said';

/** What the body does not allow yet, without blame. */
export const bodySaid: Readonly<Record<string, Said>> = {
  'lim.hip-ir.lead': said(
    'the front hip does not turn in far enough yet',
    'We loosen the front hip first. Do not force it.',
    'Feel the front hip loosen a little every day, never with pinching.',
    'Let the front knee fall in toward the floor a little farther each week.',
  ),
  'lim.hip-ir.trail': said(
    'the back hip does not turn in far enough yet',
    'We loosen the back hip first. Do not force it.',
    'Feel the back hip loosen a little every day, never with pinching.',
    'Let the back knee fall in toward the floor a little farther each week.',
  ),
  'lim.hip-er.lead': said(
    'the front hip does not turn out far enough yet',
    'We loosen the front hip outward first.',
    'Feel the front hip open slowly, without bouncing.',
    'Let the front knee fall out toward the floor a little farther each week.',
  ),
  'lim.hip-er.trail': said(
    'the back hip does not turn out far enough yet',
    'We loosen the back hip outward first.',
    'Feel the back hip open slowly, without bouncing.',
    'Let the back knee fall out toward the floor a little farther each week.',
  ),
  'lim.hip-abduction': said(
    'the legs do not go wide enough yet',
    'We make the legs go wider first.',
    'Feel the inside of the thigh let go.',
    'Slide the foot out along the floor a little farther each week.',
  ),
  'lim.hip-extension': said(
    'the back leg does not reach back far enough yet',
    'We loosen the front of the back hip first.',
    'Feel the front of the hip lengthen while the belly holds.',
    'Push the back pocket forward over the knee on the ground.',
  ),
  'lim.ankle-df': said(
    'the back ankle does not bend far enough yet',
    'We loosen the ankle first.',
    'Feel the heel stay down while the knee goes forward.',
    'Touch the wall with the knee from a little farther back each week.',
  ),
  'lim.thoracic-rotation': said(
    'the upper back does not turn far enough yet',
    'We loosen the upper back first.',
    'Feel the turn between the shoulder blades, not in the waist.',
    'Turn the letters on your shirt a little farther around each week.',
  ),
  'lim.adductors': said(
    'the inside of the front thigh is tight',
    'We loosen the inside of the thigh first.',
    'Feel the inner thigh let go slowly, without bouncing.',
    'Let the knee fall out toward the floor a little farther each week.',
  ),
  'lim.abductor-strength.lead': said(
    'the outside of the front hip is not strong enough yet',
    'We make the outside of the front hip stronger first.',
    'Feel the side of the front hip work and the knee stay in line.',
    'Push the band apart with the front knee.',
  ),
  'lim.abductor-strength.trail': said(
    'the outside of the back hip is not strong enough yet',
    'We make the outside of the back hip stronger first.',
    'Feel the side of the back hip work and the knee stay in line.',
    'Push the band apart with the back knee.',
  ),
  'lim.shoulder-arc': said(
    'the throwing shoulder turns less than the other one',
    'A licensed clinician checks the shoulder before we go on.',
    'Feel the shoulder turn by its own weight, never pressed.',
    'Let the forearm sink by itself toward the floor.',
  ),
  'lim.trunk-control': said(
    'the middle of the body does not hold firmly enough yet',
    'We make the middle stronger first.',
    'Feel the belly hold while arms and legs move.',
    'Keep a straight board from ear to ankle.',
  ),
  'lim.balance': said(
    'standing on one leg is not steady enough yet',
    'We make one-leg standing steady first.',
    'Feel three points of the foot on the ground.',
    'Stand still enough to keep a cup of water full.',
  ),
  'lim.power': said(
    'the legs do not have enough jump yet for the size of the body',
    'We build jump and sprint first, with full rest between.',
    'Feel every jump fast and light.',
    'Touch a higher mark on the wall each month.',
  ),
  'lim.strength': said(
    'the legs are not strong enough yet for the size of the body',
    'We build leg strength first, with good form.',
    'Feel the whole foot push the floor.',
    'Push the floor away.',
  ),
};

/** What the ball shows; never worked on by itself. */
export const ballSaid: Readonly<Record<string, string>> = {
  'sym.miss-high': 'pitches miss high',
  'sym.miss-arm-side': 'pitches miss to the arm side',
  'sym.miss-glove-side': 'pitches miss to the glove side',
  'sym.miss-low': 'pitches miss low',
  'sym.flash-gap': 'only a few throws are as fast as the arm can throw',
  'sym.intent-flat': 'trying harder brings no more speed',
  'sym.velo-fade': 'the speed fades before the end',
  'sym.run': 'the ball runs off sideways',
};
