import {
  followedWords,
  historyOf,
  movedBetween,
  readWorth,
  worthOf,
  type DatedLook,
  type Findings,
  type Severity,
  type Worked,
} from '../src';
import { medianDifference } from '../src/prove/bootstrap';

const id = 'oh.jump';
/** Looks a fortnight apart unless days are given; null did not look at it. */
const looks = (grades: readonly (Severity | null)[], days?: readonly number[]): DatedLook[] =>
  grades.map((grade, n) => ({
    date: new Date(Date.UTC(2026, 0, 1 + (days?.[n] ?? 14 * n))).toISOString().slice(0, 10),
    findings: (grade === null ? {} : { [id]: grade }) as Findings,
  }));
const history = (...given: Parameters<typeof looks>) => historyOf(looks(...given), [id, 'oh.knee-in']);

describe('what was kept', () => {
  it.each<[string, (Severity | null)[], number[], boolean]>([
    ['a flaw that stayed away for 14 days', [2, 1, 0], [0, 7, 21], true],
    ['not for 13 days', [2, 1, 0], [0, 7, 20], false],
    ['not by one look', [3, 0], [0, 40], false],
    ['not what was never clear', [1, 0, 0], [0, 20, 40], false],
    ['not what came in between', [2, 0, 2, 0], [0, 20, 40, 60], false],
    ['what came in between and stayed away since', [2, 0, 2, 0, 1], [0, 20, 40, 60, 74], true],
    ['looks that did not look at it are passed over', [2, 0, null, 1, null], [0, 20, 30, 34, 90], true],
  ])('%s', (_, grades, days, kept) => expect(history(grades, days).kept).toEqual(kept ? [id] : []));
});

describe('what is back again', () => {
  it.each<[string, (Severity | null)[], number | null]>([
    ['after two looks without it', [2, 1, 0, 2], 3],
    ['since the first look that saw it', [3, 0, 0, 2, 3], 3],
    ['not after one look', [2, 0, 2], null],
    ['not when it is slight only', [2, 0, 0, 1], null],
    ['not when it was never there', [0, 0, 2], null],
    ['also when it came and went once more', [2, 0, 0, 2, 0, 2], 3],
    ['the last time counts', [2, 0, 0, 2, 0, 0, 3], 6],
    ['a look that did not look at it does not part two', [2, 0, null, 1, 2], 4],
  ])('%s', (_, grades, since) => {
    const given = looks(grades);
    const expected = since === null ? [] : [{ id, since: given[since]!.date }];
    expect(historyOf(given, [id]).backAgain).toEqual(expected);
  });
});

it('tells the grades of whatever was looked at, oldest first', () => {
  expect(history([2, null, 0]).timeline).toEqual([
    {
      id,
      grades: [
        { date: '2026-01-01', severity: 2 },
        { date: '2026-01-29', severity: 0 },
      ],
    },
  ]);
});

describe('what moved when', () => {
  const { timeline } = historyOf(
    [
      {
        date: '2026-01-01',
        findings: { 'oh.jump': 3, 'oh.knee-in': 2, 'oh.lift-stall': 0, 'oh.lean-back': 1 },
      },
      {
        date: '2026-02-01',
        findings: { 'oh.jump': 1, 'oh.knee-in': 2, 'oh.lift-stall': 0, 'oh.lean-back': 3 },
      },
      {
        date: '2026-03-08',
        findings: { 'oh.jump': 1, 'oh.knee-in': 1, 'oh.lift-stall': 0, 'oh.short-stride': 2 },
      },
    ],
    ['oh.knee-in', 'oh.jump', 'oh.lean-back', 'oh.lift-stall', 'oh.short-stride'],
  );
  it.each([
    ['changed most', ['oh.jump', 'oh.lean-back', 'oh.knee-in']],
    ['slipped', ['oh.lean-back', 'oh.knee-in', 'oh.jump']],
    ['came first', ['oh.jump', 'oh.knee-in', 'oh.lean-back']],
  ] as const)('%s: without what was seen once or was clean all along', (order, ids) =>
    expect(movedBetween(timeline, order).map((each) => each.id)).toEqual(ids),
  );
  it('says what followed what, by the dates alone', () => {
    const moved = movedBetween(timeline, 'slipped');
    expect(followedWords(moved, (each) => each)).toBe(
      '“oh.jump” was fixed by 2026-02-01; “oh.knee-in” 5 weeks later.',
    );
    const earlier = moved.map((each) => ({ ...each, rightBy: each.rightBy && '2026-02-01' }));
    expect(followedWords(earlier, (each) => each)).toBeNull();
  });
  it.each([
    ['2026-02-02', 'a day later'],
    ['2026-02-14', '13 days later'],
    ['2026-02-15', '2 weeks later'],
  ])('says by %s as %s', (rightBy, words) => {
    const moved = movedBetween(timeline, 'slipped').map((each) =>
      each.id === 'oh.knee-in' ? { ...each, rightBy } : each,
    );
    expect(followedWords(moved, (each) => each)).toContain(words);
  });
});

describe('what clearing a flaw was worth', () => {
  const rows = (cleared: readonly number[], others: readonly number[]): Worked[] =>
    [cleared, others].flatMap((changes, n) =>
      changes.map((change, i) => ({
        athlete: `${n}${i}`,
        flaw: id,
        clearedOn: n === 0 ? '2026-05-01' : null,
        before: 60,
        after: 60 + change,
        weeks: 8,
      })),
    );
  const eight = [1, 2, 2, 2, 2, 2, 2, 3];
  const none = [0, 0, 0, 0, 0, 0, 0, 1];

  it('is the difference of the medians, with an interval', () => {
    const [worth] = worthOf(rows(eight, none), 1);
    expect(worth).toMatchObject({
      flaw: id,
      n: 8,
      nOther: 8,
      medianChange: 2,
      medianOther: 0,
      difference: 2,
    });
    expect([worth!.low! <= 2, worth!.high! >= 2, worth!.low! > 0]).toEqual([true, true, true]);
    expect(worth!.say).toContain('2.0 more');
    expect(worth!.say).toContain('no proof of cause');
    expect(worthOf(rows(none, eight), 1)[0]!.say).toContain('2.0 less');
    expect(worthOf(rows(eight, eight), 1)[0]!.say).toContain('no differently');
  });
  it.each([
    ['seven who cleared it', eight.slice(1), none],
    ['seven who did not', eight, none.slice(1)],
    ['nobody who did not', eight, []],
  ])('is not told of %s', (_, cleared, others) =>
    expect(worthOf(rows(cleared, others), 1)[0]).toMatchObject({ say: 'too few', low: null, high: null }),
  );
  it('has an interval of nothing where nothing varies, and the same one for the same seed', () => {
    expect(medianDifference([5, 5, 5], [2, 2], 3)).toEqual({ low: 3, high: 3 });
    expect(medianDifference(eight, none, 7)).toEqual(medianDifference(eight, none, 7));
  });
});

describe('the table of worth', () => {
  const header = 'athlete,flaw,cleared_on,velocity_before,velocity_after,weeks';
  it.each([
    [',oh.jump,,60,61,8', 'athlete', /is required/],
    ['A,oh.nothing,,60,61,8', 'flaw', /flaw of the catalogue/],
    ['A,lim.balance,,60,61,8', 'flaw', /flaw of the catalogue/],
    ['A,oh.jump,2026-02-30,60,61,8', 'cleared_on', /real day/],
    ['A,oh.jump,,,61,8', 'velocity_before', /above 0/],
    ['A,oh.jump,,60,fast,8', 'velocity_after', /above 0/],
    ['A,oh.jump,,60,201,8', 'velocity_after', /at most 200/],
    ['A,oh.jump,,60,61,0', 'weeks', /above 0/],
  ])('refuses %s', (line, field, why) => {
    const [problem] = readWorth(`${header}\n${line}`).problems;
    expect(problem).toMatchObject({ row: 2, field });
    expect(problem!.message).toMatch(why);
  });
});
