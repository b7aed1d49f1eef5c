import type { ProgressEntry, RosterEntry } from '@wrightonic/contract';
import { fitsTable, noTableFilter, rosterRows, type TableFilter } from '../src/features/athletes/table/rows';

const today = '2026-06-15';
const entry = (id: string, more: Partial<RosterEntry> = {}) =>
  ({
    id,
    givenName: id,
    familyName: 'Testwell',
    due: { verb: 'work', next: '' },
    focus: { lower: 'oh.lift-stall', arm: null },
    stage: { lower: 'move', arm: 'feel' },
    seenOn: '2026-06-10',
    lock: null,
    ...more,
  }) as RosterEntry;
const progress = (id: string, more: Partial<ProgressEntry>) =>
  ({
    id,
    before: null,
    after: null,
    verdict: 'not measured',
    home: { assigned: 0, done: 0, late: 0 },
    ...more,
  }) as ProgressEntry;

describe('the roster as a table', () => {
  it('holds what is known and leaves open what is not', () => {
    const [known, unknown] = rosterRows(
      [
        entry('a'),
        entry('b', { seenOn: null, focus: { lower: null, arm: null }, stage: { lower: null, arm: null } }),
      ],
      [progress('a', { before: 30, after: 31, verdict: 'faster', home: { assigned: 4, done: 3, late: 0 } })],
    );
    expect(known).toMatchObject({
      change: 1,
      verdict: 'faster',
      home: 0.75,
      stage: 'feel',
      focus: ['Momentum dies at the top'],
    });
    expect(unknown).toMatchObject({
      change: null,
      verdict: null,
      home: null,
      stage: null,
      focus: [],
      seenOn: null,
    });
  });
  const fits = (
    filter: Partial<TableFilter>,
    more: Partial<RosterEntry> = {},
    of: Partial<ProgressEntry> = {},
  ) =>
    fitsTable(
      rosterRows([entry('a', more)], [progress('a', of)])[0]!,
      { ...noTableFilter, ...filter },
      today,
    );
  it.each([
    ['2026-06-02', 'recent', true],
    ['2026-06-01', 'recent', false],
    ['2026-06-01', 'fortnight', true],
    ['2026-06-02', 'fortnight', false],
    ['2026-05-18', 'month', true],
    ['2026-05-19', 'month', false],
    [null, 'month', true],
    [null, 'recent', false],
  ] as const)('seen on %p is %s: %p', (seenOn, seen, expected) => {
    expect(fits({ seen }, { seenOn })).toBe(expected);
  });
  it.each([
    [{ assigned: 4, done: 1, late: 0 }, true],
    [{ assigned: 4, done: 2, late: 0 }, false],
    [{ assigned: 0, done: 0, late: 0 }, false],
  ])('under half of the home work %p: %p', (home, expected) => {
    expect(fits({ home: 'little' }, {}, { home })).toBe(expected);
  });
  it('filters by pain, focus, stage and change', () => {
    expect(fits({ pain: 'locked' })).toBe(false);
    expect(fits({ pain: 'locked' }, { lock: { site: 'elbow' } as RosterEntry['lock'] })).toBe(true);
    expect(fits({ focus: 'Momentum dies at the top', stage: 'feel' })).toBe(true);
    expect(fits({ stage: 'move' })).toBe(false);
    expect(fits({ change: 'faster' })).toBe(false);
    expect(fits({ change: 'faster' }, {}, { verdict: 'faster' })).toBe(true);
  });
});
