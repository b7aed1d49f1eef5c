import fc from 'fast-check';
import {
  addDays,
  ageOn,
  daysOfThrows,
  itemThrows,
  pitchLimits,
  openThrows,
  planAgainstLimits,
  throwLimits,
  type DayThrows,
  type Discipline,
  type LimitsInput,
} from '../src';

const on = '2026-06-11';
const day = (ago: number) => addDays(on, -ago);
/** Born so that the age on the day is this. */
const born = (age: number) => `${2026 - age}-01-01`;
const game = (ago: number, count: number): DayThrows => ({ date: day(ago), count, kind: 'game' });
const easy = (ago: number, count: number): DayThrows => ({
  date: day(ago),
  count,
  kind: 'practice',
  effort: 79,
});
const free = { league: null, allHard: false, pain: openThrows };
const limits = (discipline: Discipline, age: number, throws: DayThrows[], more: Partial<LimitsInput> = {}) =>
  throwLimits({ ...free, discipline, birthdate: born(age), throws, on, ...more });

describe('a day of throws', () => {
  it('counts hard ones in full and easy ones half', () => {
    expect(
      limits('overhand', 15, [game(0, 20), { date: on, count: 4, kind: 'practice' }, easy(0, 31)]),
    ).toMatchObject({
      age: 15,
      maxToday: 95,
      hardToday: 24,
      easyToday: 31,
      thrownToday: 39.5,
      leftToday: 55,
    });
  });

  it('is not closed by its own throws, nor opened by later ones', () => {
    expect(limits('overhand', 15, [game(0, 95)])).toMatchObject({ leftToday: 0, restUntil: null });
    expect(limits('overhand', 15, [game(-1, 95)])).toMatchObject({
      thrownToday: 0,
      leftToday: 95,
      weekRatio: null,
    });
  });

  it('takes the league where it is stricter', () => {
    expect(limits('overhand', 15, [], { league: { maxPerDay: 60 } })).toMatchObject({
      maxToday: 60,
      because: 'the league allows 60 a day',
    });
    expect(limits('overhand', 15, [], { league: { maxPerDay: 200, maxPerGame: 70 } })).toMatchObject({
      maxToday: 95,
      maxPerGame: 70,
    });
    expect(limits('windmill', 12, [], { league: { maxPerGame: 90 } }).maxPerGame).toBe(65);
  });
});

describe('rest, at every edge of the table', () => {
  const edges = pitchLimits.flatMap((row) =>
    row.restUpTo.flatMap((most, days) => [
      [row.discipline, row.ageFrom, most, days] as const,
      [row.discipline, row.ageTo, most + 1, days + 1] as const,
    ]),
  );
  it.each(edges)('%s at %d: %d hard throws ask for %d days', (discipline, age, hard, days) => {
    const thrown = '2026-06-10';
    const again = addDays(thrown, days + 1);
    const asked = (date: string) =>
      throwLimits({
        ...free,
        discipline,
        birthdate: born(age),
        throws: [{ date: thrown, count: hard, kind: 'game' }],
        on: date,
      });
    expect(asked(again)).toMatchObject({ restUntil: null });
    if (days > 0) {
      expect(asked(addDays(again, -1))).toMatchObject({ restUntil: again, leftToday: 0 });
      expect(asked(addDays(thrown, 1)).because).toContain(`after ${hard} hard throws on ${thrown}`);
    }
  });

  it('counts every throw as hard where the academy does', () => {
    expect(limits('overhand', 15, [easy(1, 31)]).restUntil).toBeNull();
    expect(limits('overhand', 15, [easy(1, 31)], { allHard: true }).restUntil).toBe(day(-1));
    expect(limits('overhand', 15, [easy(0, 31)], { allHard: true }).hardToday).toBe(31);
  });

  it('leaves nothing while pain locks the throws, and says why', () => {
    const lock = { since: day(3), at: `${day(3)}T10:00:00.000Z`, site: 'shoulder' as const, saidBy: 'Isla' };
    expect(limits('overhand', 15, [], { pain: { lock, cleared: null } })).toMatchObject({
      leftToday: 0,
      lock,
      because: `pain in the shoulder since ${day(3)}`,
    });
  });

  it('refuses a birth date after the day, and takes the day itself', () => {
    expect(() => limits('overhand', 15, [], { birthdate: day(-1) })).toThrow(/^birthdate/);
    expect(limits('overhand', 15, [], { birthdate: on }).age).toBe(0);
  });

  it('adds two teams of one day together', () => {
    expect(limits('overhand', 15, [game(1, 30)]).restUntil).toBeNull();
    expect(limits('overhand', 15, [game(1, 30), game(1, 1)]).restUntil).toBe(day(-1));
  });

  it('asks for none after easy throws', () => {
    expect(limits('overhand', 9, [easy(1, 90)])).toMatchObject({ restUntil: null, leftToday: 75 });
  });

  it('takes the latest of all days before', () => {
    expect(limits('overhand', 15, [game(3, 80), game(1, 10)]).restUntil).toBe(day(-2));
  });

  it('goes by the age on the day of the throws', () => {
    const throws = [game(1, 31)];
    const birthday = { ...free, discipline: 'overhand' as const, throws, on };
    expect(throwLimits({ ...birthday, birthdate: '2011-06-11' }).restUntil).toBe(addDays(day(1), 2));
    expect(throwLimits({ ...birthday, birthdate: '2011-06-10' }).restUntil).toBe(addDays(day(1), 2));
    expect(throwLimits({ ...birthday, throws: [game(1, 25)], birthdate: '2011-06-11' }).restUntil).toBe(
      day(-1),
    );
    expect(throwLimits({ ...birthday, throws: [game(1, 25)], birthdate: '2011-06-10' }).restUntil).toBeNull();
  });
});

describe('three days in a row', () => {
  it('are never thrown overhand', () => {
    expect(limits('overhand', 17, [game(2, 5), game(1, 5)])).toMatchObject({
      restUntil: day(-1),
      because: expect.stringContaining('three days in a row'),
    });
    expect(limits('overhand', 17, [game(2, 5), easy(1, 5)]).restUntil).toBeNull();
    expect(limits('overhand', 17, [game(2, 1), game(1, 1)]).restUntil).toBe(day(-1));
  });
  it.each([
    [10, 0],
    [12, 0],
    [13, 80],
    [14, 80],
    [15, 100],
    [30, 100],
  ])('at %d in windmill: at most %d', (age, most) => {
    const result = limits('windmill', age, [game(2, 40), game(1, 40)]);
    if (most === 0) expect(result).toMatchObject({ restUntil: day(-1), leftToday: 0 });
    else expect(result).toMatchObject({ restUntil: null, maxToday: most, leftToday: most });
    const once = limits('windmill', age, [game(1, 40)]);
    expect(once).toMatchObject({ restUntil: null, maxToday: limits('windmill', age, []).maxToday });
    expect(limits('windmill', age, [game(2, 1), game(1, 1)]).maxToday).toBe(most);
  });
});

describe('the week', () => {
  it('is set against a quarter of the four weeks before', () => {
    const throws = [easy(0, 20), easy(6, 20), easy(7, 40), easy(34, 40), easy(35, 500)];
    expect(limits('overhand', 15, throws)).toMatchObject({ week: 40, usualWeek: 20, weekRatio: 2 });
  });
});

describe('a plan', () => {
  const input = { ...free, discipline: 'overhand' as const, birthdate: born(15), throws: [game(1, 45)] };
  const plan = (ahead: number, count: number, effort = 90): DayThrows => ({
    date: day(-ahead),
    count,
    kind: 'practice',
    effort,
  });
  it('is held against rest, maximum and days in a row as it goes along', () => {
    expect(planAgainstLimits(input, [plan(0, 10)])).toEqual([
      { date: on, kind: 'limit', message: expect.stringContaining(`no hard throws until ${day(-1)}`) },
    ]);
    expect(planAgainstLimits(input, [plan(0, 10, 60)])).toEqual([]);
    expect(planAgainstLimits(input, [plan(1, 20), plan(2, 20), plan(3, 20)])).toEqual([
      { date: day(-3), kind: 'limit', message: expect.stringContaining('three days in a row') },
    ]);
    expect(planAgainstLimits(input, [plan(1, 96)])[0]).toMatchObject({ kind: 'limit', date: day(-1) });
  });
  it('is held against a lock and the easy day after it, whatever is left', () => {
    const lock = { since: day(2), at: `${day(2)}T10:00:00.000Z`, site: 'elbow' as const, saidBy: 'Isla' };
    const locked = { ...input, throws: [], pain: { lock, cleared: null } };
    expect(planAgainstLimits(locked, [plan(0, 1, 40)])).toEqual([
      { date: on, kind: 'lock', message: `no throws: pain in the elbow since ${day(2)}` },
    ]);
    const cleared = { at: `${on}T09:00:00.000Z`, date: on };
    const easyDay = { ...input, throws: [], pain: { lock: null, cleared } };
    expect(planAgainstLimits(easyDay, [plan(0, 10, 79)])).toEqual([]);
    for (const count of [1, 10])
      expect(planAgainstLimits(easyDay, [plan(0, count, 80)])).toEqual([
        { date: on, kind: 'limit', message: expect.stringContaining('easy throws only') },
      ]);
    expect(planAgainstLimits(easyDay, [plan(2, 10, 80)])).toEqual([]);
  });
  it('counts planned throws as hard where the academy counts all so', () => {
    expect(planAgainstLimits({ ...input, allHard: true }, [plan(0, 10, 60)])[0]!.kind).toBe('limit');
  });
  it('warns of a steep week with the figures, and does not forbid it', () => {
    const calm = { ...input, throws: [easy(10, 40), easy(20, 40)] };
    expect(planAgainstLimits(calm, [plan(1, 60, 60)])).toEqual([
      { date: day(-1), kind: 'ramp', message: expect.stringMatching(/^60 throws .* against 20 .*disputed/) },
    ]);
    expect(planAgainstLimits(calm, [plan(1, 45, 60)])).toEqual([]);
  });
  it.each([
    ['thirty more', [easy(10, 40), easy(20, 40)], 49],
    ['a fifth more', [easy(10, 400), easy(20, 400), easy(2, 190)], 50],
  ])('warns from %s on', (_, throws, most) => {
    const kinds = (count: number) =>
      planAgainstLimits({ ...input, throws }, [plan(1, count, 60)]).map(({ kind }) => kind);
    expect(kinds(most)).toEqual([]);
    expect(kinds(most + 1)).toEqual(['ramp']);
  });
  it('counts a drill that reaches hard effort as hard', () => {
    const [thrown] = itemThrows([
      { drill: 'full-delivery', date: on, sets: 2 },
      { drill: 'hip-first-lean', date: on, sets: 3 },
    ]);
    expect(thrown).toMatchObject({ date: on, kind: 'practice' });
    expect(thrown!.effort).toBeGreaterThanOrEqual(80);
    expect(itemThrows([{ drill: 'hip-first-lean', date: on, sets: 3 }])).toEqual([]);
  });
});

it('never leaves more for more thrown, and says nothing of days to come', () => {
  const thrown = fc.record({
    date: fc.nat({ max: 40 }).map((ago) => day(ago - 5)),
    count: fc.nat({ max: 120 }),
    kind: fc.constantFrom('game' as const, 'practice' as const),
    effort: fc.option(fc.integer({ min: 30, max: 100 })),
  });
  fc.assert(
    fc.property(
      fc.constantFrom<Discipline>('overhand', 'windmill'),
      fc.integer({ min: 5, max: 25 }),
      fc.array(thrown, { maxLength: 20 }),
      thrown,
      (discipline, age, throws, more) => {
        const before = limits(discipline, age, throws);
        const after = limits(discipline, age, [...throws, more]);
        expect(after.leftToday).toBeLessThanOrEqual(before.leftToday);
        if (before.restUntil) expect(after.restUntil! >= before.restUntil).toBe(true);
        expect(
          limits(
            discipline,
            age,
            throws.filter(({ date }) => date <= on),
          ),
        ).toEqual(before);
        expect(before.age).toBe(ageOn(born(age), on));
      },
    ),
  );
});

it('makes days of single throws', () => {
  const one = (effort: number | null) => ({ date: on, effort, kind: 'practice' as const });
  expect(daysOfThrows([one(90), one(null), one(50)]).map(({ count }) => count)).toEqual([2, 1]);
});
