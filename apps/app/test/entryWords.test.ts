import { texts as diaryTexts } from '../src/features/diary/texts';
import type { LogEvent } from '@wrightonic/contract';
import { catalogueBook } from '@wrightonic/core';
import { entryWords, whatToDo } from '../src/features/unsent/entryWords';

const words = (event: object) => entryWords({ id: 'e', at: '', ...event } as LogEvent, catalogueBook);

it.each([
  [{ kind: 'rep', drill: 'cross-tap', outcome: 'clean' }, 'Clean: Cross tap'],
  [{ kind: 'rep', drill: 'own-gone', outcome: 'missed' }, 'Missed: own-gone'],
  [{ kind: 'throw', drill: 'full-delivery', velocity: 31 }, 'Throw: Full delivery, flat ground, measured'],
  [{ kind: 'throw', drill: null, velocity: null }, 'Throw: no drill'],
  [{ kind: 'set-done', drill: 'cross-tap', clean: 3, missed: 1 }, 'Set over: Cross tap, 3 clean, 1 missed'],
  [{ kind: 'constraints-ordered', drill: 'cross-tap', constraints: [] }, 'Constraints of Cross tap: none'],
  [{ kind: 'finding', node: 'oh.lift-stall', severity: null }, 'Momentum dies at the top: not looked at'],
  [{ kind: 'pain', moment: 'before', level: 'pain', site: 'elbow' }, 'Before the session: pain, elbow'],
  [{ kind: 'session-ended', note: 'Good' }, 'The session ended: Good'],
  [{ kind: 'screen-finished' }, 'screen finished'],
  [{ kind: 'level-chosen', drill: 'cross-tap', level: 'free' }, 'Cross tap: level free'],
  [{ kind: 'cue-chosen', drill: 'cross-tap', text: 'Still' }, 'Cross tap: cue “Still”'],
  [
    { kind: 'spot-charted', drill: 'easy-catch', spot: 'low-arm', sides: ['high'] },
    'Easy catch: aimed low, arm side, high',
  ],
])('says %o as somebody would', (event, said) => expect(words(event)).toBe(said));

it('says what to do with what was refused', () => {
  expect(whatToDo('What it belongs to is not here.')).toMatch(/taken away meanwhile/);
  expect(whatToDo('velocity must be less than or equal to 55')).toMatch(/Log it again/);
});

it.each([
  [7, 'Call off 7 lessons from Saturday'],
  [1, 'Call off 1 lesson from Saturday'],
  // Kept by a device before lessons were counted.
  [null, 'Call off all from Saturday'],
])('a series of %p more is called off by its number', (count, words) => {
  expect(diaryTexts.callOffAllFrom(count, 'Saturday')).toBe(words);
});
