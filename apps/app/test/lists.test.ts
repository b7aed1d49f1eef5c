import { athleteForm, type RosterEntry } from '@wrightonic/contract';
import { filtered, focusesOf, noFilter } from '../src/features/athletes/filter';
import { lookSteps } from '../src/ui/checkpoint/steps';
import { noVerdictWords, velocityVerdict, verdictWords } from '../src/features/prove/verdict';
import { agoWords, dayAt, dayWords, longDay, timeAt, weekday } from '../src/ui/words/days';
import { labelIn, sentence } from '../src/ui/form/labels';
import { thingsIn } from '../src/ui/form/things';
import { typedFigure } from '../src/ui/form/typedFigure';

const someone = (name: string, more: Partial<RosterEntry> = {}) => {
  const [givenName = '', familyName = ''] = name.split(' ');
  return {
    id: name,
    givenName,
    familyName,
    discipline: 'overhand',
    throws: 'R',
    age: 15,
    focus: { lower: null, arm: null },
    ...more,
  } as RosterEntry;
};
const roster = [
  someone('Wren Ablethorpe', { focus: { lower: 'oh.lift-stall', arm: null } }),
  someone('Tobin Ashdown-Vale', { throws: 'L', age: 9 }),
  someone('Zoë Larkrise', { discipline: 'windmill', age: 12, focus: { lower: null, arm: 'wm.stiff-arm' } }),
];
const names = (filter: Partial<typeof noFilter>) =>
  filtered(roster, { ...noFilter, ...filter }).map(({ givenName }) => givenName);

describe('the roster', () => {
  it.each([
    ['everyone', {}, ['Wren', 'Tobin', 'Zoë']],
    ['the start of a name', { search: 'able' }, ['Wren']],
    ['part of a double name', { search: 'vale' }, ['Tobin']],
    ['no accents, any case', { search: 'ZOE' }, ['Zoë']],
    ['two words', { search: 'to ash' }, ['Tobin']],
    ['nothing in the middle of a word', { search: 'thorpe' }, []],
    ['a discipline', { discipline: 'windmill' }, ['Zoë']],
    ['a hand', { hand: 'L' }, ['Tobin']],
    ['an age', { age: '10–12' }, ['Zoë']],
    ['a focus', { focus: 'oh.lift-stall' }, ['Wren']],
    ['all of it at once', { hand: 'R', age: '13–15', search: 'w' }, ['Wren']],
  ] as const)('finds %s', (_, filter, found) => expect(names(filter)).toEqual(found));
  it('lists every focus by name', () => {
    const listed = focusesOf(roster);
    expect(listed.map(({ id }) => id).sort()).toEqual(['oh.lift-stall', 'wm.stiff-arm']);
    expect(listed.map(({ name }) => name)).toEqual(listed.map(({ name }) => name).sort());
  });
});

describe('the steps of a look', () => {
  it('have the quick checkpoints first, and what was graded with them', () => {
    const steps = lookSteps(
      'quick',
      { 'oh.flat-setup': 2 },
      { discipline: 'overhand', level: 'high-school' },
    );
    expect(steps.map(({ key }) => key)).toEqual([
      'setup',
      'lift',
      'glide',
      'plant',
      'turn',
      'release',
      'finish',
      'body',
      'ball',
    ]);
    expect(steps[0]!.first.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['oh.weight-back', 'oh.flat-setup']),
    );
    expect(steps[0]!.more.map(({ id }) => id)).not.toContain('oh.flat-setup');
    expect(steps.find(({ key }) => key === 'body')!.more.length).toBeGreaterThan(10);
  });
});

describe('the verdict on velocity', () => {
  const day = (date: string, usual: number) => ({
    date,
    n: 16,
    usual,
    top: usual + 1,
    robustSd: 1,
    step: 0.1,
    simulated: 0,
    like: { effort: 90, pitch: 'fastball', ball: 145 },
  });
  it('is a real gain only beyond the noise', () => {
    const verdict = velocityVerdict([day('2026-05-01', 30), day('2026-06-01', 32)], 'km/h')!;
    expect(verdict).toMatchObject({ before: 108, after: expect.closeTo(115.2, 6), real: true });
    expect(verdictWords(verdict, 'km/h')).toContain('Really faster by 7.2 km/h');
    const noise = velocityVerdict([day('2026-05-01', 30), day('2026-06-01', 30.3)], 'mph')!;
    expect(noise.real).toBe(false);
    expect(verdictWords(noise, 'mph')).toContain('No real change: +0.7 mph');
    const still = velocityVerdict([day('2026-05-01', 30), day('2026-06-01', 29.99)], 'mph')!;
    expect(verdictWords(still, 'mph')).toContain('No real change: 0.0 mph');
    const slower = velocityVerdict([day('2026-05-01', 32), day('2026-06-01', 30)], 'mph')!;
    expect(verdictWords(slower, 'mph')).toContain('Really slower');
    const close = { ...slower, change: -1.54, needed: 1.46 };
    expect(verdictWords(close, 'mph')).toBe(
      'Really slower by 1.54 mph. Anything over 1.46 mph is a real change.',
    );
  });
  it('needs two sessions, of throws that are alike', () => {
    expect(velocityVerdict([day('2026-05-01', 30)], 'mph')).toBeNull();
    const spread = { ...day('2026-06-01', 32), top: 32 * 1.16 };
    expect(velocityVerdict([day('2026-05-01', 30), spread], 'mph')).toBeNull();
    expect(noVerdictWords([day('2026-05-01', 30), spread])).toContain('not alike');
    expect(noVerdictWords([day('2026-05-01', 30)])).toContain('fastball at 90 %, 145 g');
    expect(noVerdictWords([])).toContain('five like throws');
  });
});

describe('days in words', () => {
  it.each([
    [dayWords('2026-05-01', '2026-11-24'), '1 May'],
    [dayWords('2025-05-01', '2026-11-24'), '1 May 2025'],
    [longDay('2026-11-24'), 'Tuesday 24 November'],
    [weekday('2026-11-24'), 'Tue'],
    [agoWords('2026-11-24', '2026-11-24'), 'today'],
    [agoWords('2026-11-23', '2026-11-24'), 'yesterday'],
    [agoWords('2026-11-12', '2026-11-24'), '12 days ago'],
    [agoWords('2026-10-27', '2026-11-24'), '4 weeks ago'],
    [timeAt('2026-07-01T15:30:00Z', 'Europe/London'), '16:30'],
    [dayAt(new Date('2026-07-01T23:30:00Z'), 'Europe/London'), '2026-07-02'],
    [dayAt(new Date('2026-07-01T03:30:00Z'), 'America/Denver'), '2026-06-30'],
  ])('%s', (said, meant) => expect(said).toBe(meant));
});

describe('a form', () => {
  it.each([
    ['givenName', 'Given name'],
    ['league.maxPerDay', 'League: most throws a day'],
    ['guardians.3.email', 'Guardian’s e-mail'],
    ['nothing.here', 'nothing.here'],
  ])('calls %s as its schema does: %s', (path, label) => expect(labelIn(athleteForm, path)).toBe(label));
  it('says what is wrong as a sentence', () => {
    expect(sentence('the height must be at least 80')).toBe('The height must be at least 80.');
    expect(sentence('Is that all?')).toBe('Is that all?');
  });
  it('takes things apart at commas, semicolons and lines, each once', () =>
    expect(thingsIn(' wall, floor;wall\n\nphone ')).toEqual(['wall', 'floor', 'phone']));
  it.each([
    ['', null],
    [' 61,5 ', 61.5],
    ['-3', -3],
    ['1e3', '1e3'],
    ['six', 'six'],
    ['1.0', 1],
    ['1.', '1.'],
  ])('reads %j as %j', (text, value) => expect(typedFigure(text)).toBe(value));
});
