import {
  gradeMeasured,
  jumpPower,
  levelAt,
  limits,
  marginWords,
  normFor,
  normKeys,
  normsWith,
  readLength,
  readMass,
  readingsOf,
  sayLength,
  sayMass,
  screen,
  screenTests,
  shownUnit,
  sumOfParts,
  type ScreenReading,
} from '../src';
import { pretendScreen, saltmarshRoster } from '../src/simulate';

const athlete = { discipline: 'overhand', age: 16 } as const;
const reading = (test: string, side: ScreenReading['side'], ...tries: number[]): ScreenReading => ({
  test,
  side,
  tries,
});
const found = (tests: ScreenReading[], more = {}) => screen({ athlete, tests, ...more });
const limit = (id: string, tests: ScreenReading[], more = {}) =>
  found(tests, more).limits.find((each) => each.id === id);

describe('the physical screen', () => {
  it.each([
    [40, 0, 2],
    [38, 1, 0],
    [35, 1, 3],
    [32, 2, 0],
    [30, 2, 2],
    [24, 3, 0],
    [20, 3, 4],
  ])('grades a trail hip of %d as %d with a margin of %d', (value, severity, margin) =>
    expect(limit('lim.hip-ir.trail', [reading('hip-ir', 'trail', value)])).toMatchObject({
      severity,
      margin,
    }),
  );

  it('counts the better of two tries, and takes their difference as the error', () => {
    expect(limit('lim.hip-ir.lead', [reading('hip-ir', 'lead', 31, 36)])).toMatchObject({
      value: 36,
      error: 5,
    });
    expect(limit('lim.adductors', [reading('adductor-length', 'lead', 2, 1)])).toMatchObject({
      value: 1,
      severity: 1,
    });
  });

  it('counts the worse side where a test is of both', () => {
    const turns = [reading('seated-rotation', 'lead', 52), reading('seated-rotation', 'trail', 36)];
    expect(limit('lim.thoracic-rotation', turns)).toMatchObject({ value: 36, severity: 2 });
    expect(limit('lim.balance', [reading('single-leg-hold', 'both', 30)])).toMatchObject({ severity: 0 });
  });

  it('does not take one side for the other', () => {
    expect(found([reading('hip-abduction', 'lead', 10)]).limits).toEqual([]);
  });

  it('computes the shoulder arc from both arms, or takes the deficit', () => {
    const arms = [reading('shoulder-arc', 'glove', 180), reading('shoulder-arc', 'throwing', 168, 166)];
    expect(limit('lim.shoulder-arc', arms)).toMatchObject({ value: 12, severity: 2 });
    expect(limit('lim.shoulder-arc', [reading('shoulder-arc-deficit', 'none', 4)])).toMatchObject({
      severity: 0,
    });
  });

  it('refers what is severe, far apart, painful, or an obvious shoulder arc', () => {
    expect(found([reading('hip-ir', 'trail', 22)]).refer).toEqual([
      { test: 'hip-ir', why: expect.stringContaining('severe') },
    ]);
    const apart = [reading('hip-er', 'lead', 57), reading('hip-er', 'trail', 40)];
    expect(found(apart).refer.map(({ test }) => test)).toEqual(['hip-er']);
    const near = [reading('hip-er', 'lead', 56), reading('hip-er', 'trail', 40)];
    expect(found(near).refer).toEqual([]);
    expect(found(near).differences).toEqual([{ test: 'hip-er', difference: 16, usual: 8 }]);
    const hurt = { ...reading('knee-to-wall', 'trail', 11), pain: true };
    expect(found([hurt]).refer).toEqual([{ test: 'knee-to-wall', why: 'pain on the test' }]);
    expect(found([reading('shoulder-arc-deficit', 'none', 10)]).refer).toHaveLength(1);
    expect(found([reading('shoulder-arc-deficit', 'none', 9)]).refer).toEqual([]);
  });

  it('sets a jump against mass and level', () => {
    const jump = [reading('vertical-jump', 'none', 50)];
    const { power } = found(jump, { massKg: 70, level: 'high-school', sex: 'male' });
    const reference = jumpPower(56, 78);
    expect(power).toMatchObject({ watts: 4151, reference, ratio: 4151 / reference, from: 'vertical-jump' });
    expect(limit('lim.power', jump, { massKg: 70, level: 'high-school', sex: 'male' })).toMatchObject({
      value: 50,
      severity: 1,
    });
    for (const more of [
      { massKg: 70, level: 'high-school' },
      { massKg: 70, sex: 'male' },
      { level: 'youth', massKg: 40, sex: 'male' },
    ])
      expect(limit('lim.power', jump, more)).toMatchObject({ severity: null, margin: null });
  });

  it('judges no child by power and nobody under 18 by strength', () => {
    const young = { athlete: { ...athlete, age: 12 }, massKg: 40, level: '13-14', sex: 'male' as const };
    const weak = screen({ ...young, tests: [reading('vertical-jump', 'none', 20)] });
    expect(weak.limits[0]).toMatchObject({ id: 'lim.power', severity: null });
    expect(weak.power!.ratio).toBeLessThan(0.7);
    const squat = [reading('squat-ratio', 'none', 0.8)];
    expect(limit('lim.strength', squat)).toMatchObject({ severity: null });
    expect(limit('lim.strength', squat, { athlete: { ...athlete, age: 17 } })).toMatchObject({
      severity: null,
    });
    expect(screen({ athlete: { ...athlete, age: 18 }, tests: squat }).limits[0]).toMatchObject({
      severity: 3,
    });
  });

  it.each([
    [2, 'deg', 'by 2°'],
    [0.04, 'deg', 'borderline'],
    [0.05, '', 'by 0.05'],
    [0.1, 'cm', 'by 0.1 cm'],
  ])('says a margin of %d %s as “%s”', (margin, unit, words) =>
    expect(marginWords(margin, unit)).toBe(words),
  );

  it('names a test that is none', () =>
    expect(() => found([reading('hip-hop', 'lead', 1)])).toThrow(/tests\.0\.test/));

  it('has a test for every limit', () => {
    const tests = new Set(screenTests.map(({ id }) => id));
    for (const { test } of limits)
      expect([test, tests.has(test) || test === 'shoulder-arc-deficit']).toEqual([test, true]);
  });

  it('gathers tries into readings', () =>
    expect(
      readingsOf([
        { test: 'hip-ir', side: 'lead', value: 40, pain: false },
        { test: 'hip-ir', side: 'lead', value: null, pain: true },
      ]),
    ).toEqual([{ test: 'hip-ir', side: 'lead', tries: [40], pain: true }]));
});

describe('what is usual', () => {
  it('depends on level, discipline and sex', () => {
    const stride = (level: string) => normFor('stride-length', { discipline: 'overhand', level })?.low;
    expect([stride('youth'), stride('13-14'), stride('high-school'), stride('college')]).toEqual([
      70, 70, 75, 75,
    ]);
    expect(normFor('vertical-jump', { discipline: 'windmill', level: 'college', sex: 'female' })?.low).toBe(
      43,
    );
    expect(
      normFor('vertical-jump', { discipline: 'windmill', level: 'professional', sex: 'female' }),
    ).toBeUndefined();
    expect([12, 13, 15, 19].map(levelAt)).toEqual(['youth', '13-14', 'high-school', 'college']);
  });

  it.each([
    ['oh.short-stride', 75, 0],
    ['oh.short-stride', 74, 1],
    ['oh.short-stride', 68, 2],
    ['oh.short-stride', 60, 3],
    ['oh.weak-hips', 549, 1],
    ['oh.weak-hips', 460, 2],
    ['oh.weak-hips', 380, 3],
    ['oh.no-post', 4, 1],
    ['oh.no-post', -1, 2],
  ])('grades %s at %d as %d', (id, value, severity) =>
    expect(gradeMeasured(id, value, { discipline: 'overhand', level: 'high-school' })?.severity).toBe(
      severity,
    ),
  );

  it('grades a windmill knee on both sides of its range, and nothing that cannot be measured', () => {
    const whom = { discipline: 'windmill', level: 'youth' } as const;
    expect(gradeMeasured('wm.locked-knee', 8, whom)?.severity).toBe(2);
    expect(gradeMeasured('wm.collapsed-front', 65, whom)?.severity).toBe(3);
    expect(gradeMeasured('wm.foot-closed', 80, whom)?.severity).toBe(2);
    expect(gradeMeasured('wm.pull-up', 1, whom)).toBeNull();
  });
});

describe('pretend screens', () => {
  it('show what a body can show, whoever it is', () => {
    for (const pretend of saltmarshRoster)
      for (const seed of [1, 7, 4711])
        expect(() =>
          found(readingsOf(pretendScreen(pretend, seed).map((each) => ({ ...each, pain: false }))), {
            athlete: pretend,
          }),
        ).not.toThrow();
  });
});

describe('what is worked out and kept beside', () => {
  it('the arc of an arm is both turns, and a lift is estimated over body mass', () => {
    expect(sumOfParts('shoulder-arc', [105, 68], null)).toBe(173);
    expect(sumOfParts('squat-ratio', [80, 1], 80)).toBe(1);
    expect(sumOfParts('squat-ratio', [60, 5], 80)).toBe(0.88);
    expect(sumOfParts('squat-ratio', [60, 5], null)).toBeNull();
    expect(sumOfParts('hip-ir', [1, 2], 80)).toBeNull();
  });
  it('a retest after a stretch is no try', () => {
    const one = { test: 'hip-ir', side: 'lead', pain: false } as const;
    expect(
      readingsOf([
        { ...one, value: 31 },
        { ...one, value: 40, retest: true },
      ]),
    ).toEqual([{ test: 'hip-ir', side: 'lead', tries: [31], pain: false }]);
  });
  it('a test of both sides says which one counted', () => {
    const turns = [reading('seated-rotation', 'lead', 36), reading('seated-rotation', 'trail', 52)];
    expect(limit('lim.thoracic-rotation', turns)).toMatchObject({ value: 36, side: 'lead' });
    expect(limit('lim.hip-ir.lead', [reading('hip-ir', 'lead', 36)])).toMatchObject({ side: null });
  });
  it('a weak body is trained and not referred', () => {
    for (const weak of [
      reading('trunk-hold', 'none', 5),
      reading('abductor-strength', 'lead', 3),
      reading('single-leg-hold', 'lead', 2),
    ]) {
      expect(found([weak]).limits[0]!.severity).toBe(3);
      expect(found([weak]).refer).toEqual([]);
    }
    for (const stiff of [reading('knee-to-wall', 'trail', 3), reading('adductor-length', 'lead', 3)])
      expect(found([stiff]).refer).toHaveLength(1);
  });
  it('a level reads no turn about the vertical', () => {
    for (const id of ['hip-abduction', 'seated-rotation'])
      expect(screenTests.find((test) => test.id === id)!.tools).not.toContain('level');
  });
  it('a broad jump stands in for a vertical one, as far up its own reference', () => {
    const whom = { massKg: 78, level: 'high-school', sex: 'male' as const };
    const broad = [reading('broad-jump', 'none', 225 * 0.8)];
    const { power, limits: judged } = found(broad, whom);
    expect(power).toMatchObject({ from: 'broad-jump', basis: 'house default: edit' });
    expect(power!.watts).toBeCloseTo(jumpPower(56 * 0.8, 78), 9);
    expect(judged[0]).toMatchObject({ id: 'lim.power', test: 'broad-jump', value: 180, severity: 1 });
    const both = found([...broad, reading('vertical-jump', 'none', 56)], whom);
    expect(both.power).toMatchObject({ from: 'vertical-jump', ratio: 1 });
    expect(found(broad, { ...whom, level: '13-14' }).power).toBeNull();
  });
});

describe('norms of an academy', () => {
  const key = 'stride-length overhand high-school and above any';
  const whom = { discipline: 'overhand', level: 'high-school' } as const;
  const edits = [{ key, range: { low: 80, high: 95, basis: 'our own' } }];
  it('stand in for the catalogue’s, until they are set back', () => {
    expect(normFor('stride-length', { ...whom, norms: normsWith(edits) })).toMatchObject({
      low: 80,
      basis: 'our own',
    });
    expect(normsWith(edits)).toBe(normsWith(edits));
    const back = normsWith([...edits, { key, range: null }]);
    expect(normFor('stride-length', { ...whom, norms: back })).toMatchObject({ low: 75 });
    expect(gradeMeasured('oh.short-stride', 76, { ...whom, norms: normsWith(edits) })?.severity).toBe(1);
    expect(gradeMeasured('oh.short-stride', 76, whom)?.severity).toBe(0);
  });
  it('have a name for each row', () => expect(new Set(normKeys).size).toBe(normKeys.length));
});

describe('sizes as they are written', () => {
  it.each([
    ['6\'1"', 'us', 185.42],
    ["6'", 'us', 182.88],
    ['6 1', 'us', 185.42],
    ['5 ft 11.5 in', 'us', 181.61],
    ['73"', 'us', 185.42],
    ['73', 'us', 185.42],
    ['6', 'us', 182.88],
    ['185 cm', 'us', 185],
    ['185', 'metric', 185],
    ['6\'1"', 'metric', 185.42],
    ['', 'us', null],
  ] as const)('%s in %s is %s cm', (text, unit, value) => expect(readLength(text, unit)).toEqual({ value }));
  it.each([
    ['6\'14"', /14 inches: use 0 to 11/],
    ['6\'12"', /0 to 11/],
    ['tall', /write it as/],
  ])('%s is none', (text, why) => expect(readLength(text, 'us').wrong).toMatch(why));
  it.each([
    ['165', 'us', 74.84],
    ['165 lb', 'metric', 74.84],
    ['75', 'metric', 75],
    ['75 kg', 'us', 75],
  ] as const)('%s in %s is %s kg', (text, unit, value) => expect(readMass(text, unit)).toEqual({ value }));
  it('are said in the same units', () => {
    expect([sayLength(185.42, 'us'), sayLength(181.61, 'us'), sayLength(185.42, 'metric')]).toEqual([
      '6\'1"',
      '5\'11.5"',
      '185.4 cm',
    ]);
    expect([sayMass(74.84, 'us'), sayMass(74.84, 'metric')]).toEqual(['165 lb', '74.8 kg']);
    expect(readMass('heavy', 'us').wrong).toBeDefined();
    const inches = shownUnit('cm', 'us');
    expect([inches.unit, inches.show(10), inches.read(3.9)]).toEqual(['in', 3.9, 9.91]);
    expect(shownUnit('deg', 'us').show(31)).toBe(31);
  });
});
