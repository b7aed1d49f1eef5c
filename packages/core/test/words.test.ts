import {
  approachSides,
  asksFor,
  checkWords,
  contradictions,
  cueIn,
  cueTags,
  drillCues,
  drills,
  lexicon,
  lexiconWith,
  voices,
  type WordInput,
} from '../src';

const check = (notes: [by: string, text: string][], more: Partial<WordInput> = {}) =>
  checkWords({ approach: {}, drills: [], notes: notes.map(([by, text]) => ({ by, text })), ...more });
const tags = (text: string) => asksFor(text).map(({ tag, not }) => (not ? `not ${tag}` : tag));

describe('what a note asks for', () => {
  it.each([
    ['Push hard off the rubber', ['push']],
    ['never push, just let the hips go', ['not push', 'fall']],
    ['Don’t jump!', ['not push']],
    ['Keep driving hard', ['push']],
    ['Stop at the top of the lift', ['stop']],
    ['Never stop at the top, keep moving', ['drift', 'not stop']],
    ['Balance point, then go', ['stop']],
    ['Sitting into the hip', ['sit']],
    ['Stay tall through the ball', ['stay tall']],
    ['Stay closed longer', ['stay closed']],
    ['Do not open early', ['not turn early']],
    ['Brace the front leg', ['brace']],
    ['Loose arm', ['let go']],
    ['Hips first', ['lead with hip']],
    ['Lead with your elbow', ['lead with elbow']],
    ['Close your hips hard', ['close hips']],
    ['Hips stay halfway', ['hold hips half']],
    ['Nice work today', []],
    ['Not bad. Push on!', ['push']],
  ])('%s', (text, expected) => expect(tags(text)).toEqual(expected));
});

describe('the word check', () => {
  it('names two instructions that pull apart, who gave them, and the plan’s own word', () => {
    const { clashes } = check(
      [
        ['team coach', 'Push hard'],
        ['Isla', 'Tip over and let the slope take you'],
      ],
      { approach: { leave: 'fall' } },
    );
    expect(clashes[0]).toEqual({
      a: { by: 'team coach', text: 'Push hard' },
      b: { by: 'Isla', text: 'Tip over and let the slope take you' },
      why: '“push” and “fall” conflict',
      instead: 'let your hips go first',
    });
  });

  it.each(contradictions)('knows that %s and %s conflict', (one, other) => {
    const notes: [string, string][] = [
      ['a', lexicon[one][0]!],
      ['b', lexicon[other][0]!],
    ];
    expect(check(notes).clashes).toHaveLength(1);
  });

  it('finds “push hard” against “never push”, and nothing between two that agree', () => {
    expect(
      check([
        ['a', 'Push hard'],
        ['b', 'Never push'],
      ]).clashes,
    ).toHaveLength(1);
    expect(
      check([
        ['a', 'Push late'],
        ['b', 'pushing is good'],
        ['c', 'Stay loose'],
      ]).clashes,
    ).toEqual([]);
  });

  it('holds notes and drills against the approach', () => {
    expect(check([['a', 'balance point']], { approach: { lift: 'drift' } }).clashes[0]!.b.by).toBe(
      'the plan',
    );
    expect(check([], { approach: { leave: 'drive' }, drills: ['flat-ground-fall'] }).clashes).toHaveLength(1);
    expect(check([], { approach: { hips: 'half' }, drills: ['knee-squeeze-throw'] }).clashes).toHaveLength(1);
    expect(check([], { approach: { leave: 'fall' }, drills: ['flat-ground-fall'] }).clashes).toEqual([]);
  });

  it('hints at another word for the young under fall alone', () => {
    const said: [string, string][] = [['coach', 'Jump at him']];
    const fall = { approach: { leave: 'fall' as const } };
    expect(check(said, { ...fall, age: 9 }).hints[0]).toContain('coach says “jump”');
    expect(check(said, { ...fall, age: 17 }).hints).toEqual([]);
    expect(check(said, { approach: { leave: 'drive' } }).hints).toEqual([]);
    expect(check([['coach', 'Never jump']], fall).hints).toEqual([]);
  });

  it('refuses an unknown drill', () => {
    expect(() => check([], { drills: ['nothing'] })).toThrow('drills.0: there is no drill “nothing”');
  });
});

describe('cues', () => {
  it('are there for every drill in four voices, and for no other', () => {
    expect(Object.keys(drillCues).sort()).toEqual(drills.map(({ id }) => id).sort());
    for (const { id } of drills) {
      const said = voices.map((voice) => cueIn(id, voice));
      for (const words of said) expect(words.length).toBeGreaterThan(5);
      expect([id, new Set(said).size]).toEqual([id, 4]);
    }
  });
  it('do not pull apart within one drill, and ask for known things', () => {
    for (const [id, { tags: own }] of Object.entries(drillCues)) {
      for (const tag of own) expect(cueTags).toContain(tag);
      for (const pair of contradictions)
        expect([id, pair.every((tag) => own.includes(tag))]).toEqual([id, false]);
    }
  });
  it('name sides of an approach that exist', () => expect(approachSides.leave).toContain('fall'));
});

describe('the academy’s own words', () => {
  it('are understood as well as those of the catalogue, until they are taken out again', () => {
    const unknown = 'no tag of ours' as 'push';
    expect(lexiconWith([{ tag: unknown, phrase: 'catapult', removed: false }])).toEqual(lexiconWith([]));
    const own = lexiconWith([{ tag: 'push', phrase: 'catapult', removed: false }]);
    expect(asksFor('Catapult off the rubber')).toEqual([]);
    expect(asksFor('Catapulting off the rubber', own)).toEqual([{ tag: 'push', not: false }]);
    const gone = lexiconWith([
      { tag: 'push', phrase: 'catapult', removed: false },
      { tag: 'push', phrase: 'catapult', removed: true },
      { tag: 'push', phrase: 'shove', removed: true },
    ]);
    expect(asksFor('Catapult and shove', gone)).toEqual([]);
    const { clashes } = checkWords({
      approach: { leave: 'fall' },
      notes: [{ by: 'coach', text: 'Catapult off it' }],
      drills: [],
      lexicon: own,
    });
    expect(clashes).toHaveLength(1);
  });
});
