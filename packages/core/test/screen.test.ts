import {
  gradeMeasured,
  jumpPower,
  levelAt,
  limits,
  marginWords,
  normFor,
  readingsOf,
  screen,
  screenTests,
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
    expect(power).toEqual({ watts: 4151, reference, ratio: 4151 / reference });
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
