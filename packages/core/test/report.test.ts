import {
  changeOver,
  comparedIds,
  compareLooks,
  entriesOn,
  fromMph,
  historyOf,
  measuredTwice,
  nextWords,
  nodesFor,
  reportWords,
  sessionTrend,
  sumWords,
  timelineOf,
  trendBand,
  writeTimeline,
  type DatedLook,
  type Moved,
  type Severity,
} from '../src';
import { on, session } from './sessions';
import { noCourse } from './samples';

describe('what a report says', () => {
  const look = (days: number, findings: DatedLook['findings']): DatedLook => ({ date: on(days), findings });
  const input = {
    givenName: 'Wren',
    discipline: 'overhand' as const,
    before: look(0, { 'oh.lift-stall': 3, 'oh.jump': 0, 'oh.wobble': 2, 'oh.no-sit': 1 }),
    after: look(60, { 'oh.lift-stall': 1, 'oh.jump': 1, 'oh.wobble': 2 }),
    velocity: changeOver([], on(0), on(60)),
    unit: 'mph' as const,
    home: [],
  };

  it('counts what got better and what slipped, and names no flaw', () => {
    const { movement, velocity, home } = reportWords(input);
    expect(movement).toBe(
      `1 of 3 things in Wren’s delivery is better than on ${on(0)}; 1 slipped and needs work again.`,
    );
    expect(velocity).toBe('Wren’s velocity has not been measured yet.');
    expect(home).toBeNull();
  });

  it.each([
    ['no look', { before: null, after: null }, /has not been looked at yet/],
    ['one look', { before: null }, /^There is one look so far/],
    ['the same look twice', { before: input.after }, /^There is one look so far/],
    ['nothing to work on', { before: look(0, { 'oh.jump': 0 }) }, /1 slipped|no better/],
    [
      'all clean',
      { before: look(0, { 'oh.jump': 0 }), after: look(60, { 'oh.jump': 0 }) },
      /nothing in Wren/,
    ],
  ])('%s', (_, more, said) => expect(reportWords({ ...input, ...more }).movement).toMatch(said));

  it('says the sum of gains and losses in one sentence', () => {
    const { findings: was } = input.before;
    const compared = compareLooks(was, input.after.findings, comparedIds('overhand'));
    expect(sumWords('overhand', compared)).toMatch(
      /^Better in lift, worse in glide: 5 points in all before, 4 after\.$/,
    );
    const same = compareLooks(was, was, comparedIds('overhand'));
    expect(sumWords('overhand', same)).toMatch(/^No phase moved: 6 points in all before, 6 after\.$/);
  });

  it('puts locked throws before everything that comes next', () => {
    const wish = {
      lock: { site: 'elbow' } as const,
      threads: [{ focus: 'oh.lift-stall', stage: 'move' as const }],
      relookOn: on(70),
      lookedOn: on(69),
      target: { velocity: fromMph(75), by: on(90) },
      today: on(70),
      unit: 'mph' as const,
      names: false,
    };
    const next = nextWords(wish);
    expect(next[0]).toMatch(/^No throws until/);
    expect(next[1]).not.toMatch(/Momentum/);
    expect(next.slice(2)).toEqual([`Next look: ${on(70)}.`, `Target: 75.0 mph by ${on(90)}.`]);
    expect(nextWords({ ...wish, lookedOn: on(70) })[2]).toMatch(/^Target/);
    expect(nextWords({ ...wish, lookedOn: null })[2]).toMatch(/^Next look/);
    // What should have been by now is not said as what comes next.
    expect(nextWords({ ...wish, today: on(71) })[2]).toBe('The next look is due.');
    expect(nextWords({ ...wish, today: on(90) })[3]).toBe(`Target: 75.0 mph by ${on(90)}.`);
    expect(nextWords({ ...wish, today: on(91) })[3]).toBe(`Target: 75.0 mph; it was set for ${on(90)}.`);
  });
});

it('tells whether what was measured twice differs by more than both errors', () => {
  const at = (value: number) => ({ 'oh.lean-back': { value, error: 4 }, 'oh.jump': {} });
  const before = {
    'oh.lean-back': { value: 20, error: 3 },
    'oh.jump': { value: 1 },
    'oh.wobble': { value: 2 },
  };
  expect(measuredTwice(before, at(15)).map(({ real }) => real)).toEqual([false]);
  expect(measuredTwice(before, at(14.9))[0]).toMatchObject({ real: true, needed: 5 });
  const unknown = measuredTwice({ 'oh.jump': { value: 1 } }, { 'oh.jump': { value: 2, error: 1 } });
  expect(unknown[0]).toMatchObject({ real: null, needed: null, difference: 1 });
});

describe('one axis of time', () => {
  const entries = timelineOf(
    {
      ...noCourse,
      sessions: [session(3, 70)],
      looks: [{ date: on(3), findings: { 'oh.jump': 2, 'oh.wobble': 1 } }],
      injuries: [{ site: 'back', what: 'Stress reaction', from: on(-200), to: null }],
      throwWeeks: [{ week: on(0), hard: 20, easy: 4 }],
    },
    { velocity: 'mph', size: 'metric' },
  );
  it('tells everything that holds on a day', () => {
    expect(entriesOn(entries, on(3)).map(({ lane }) => lane)).toEqual([
      'velocity',
      'looks',
      'away',
      'throws',
    ]);
    expect(entriesOn(entries, on(7)).map(({ lane }) => lane)).toEqual(['away']);
  });
  it('has a row for each checkpoint that changed, six at most, and says from what', () => {
    const graded = (id: string, ...grades: Severity[]): Moved => ({
      id,
      grades: grades.map((severity, n) => ({ date: on(7 * n), severity })),
      change: 0,
      rightBy: null,
    });
    const rowsOf = (moved: Moved[]) =>
      timelineOf({ ...noCourse, moved }, { velocity: 'mph', size: 'metric' });
    const some = rowsOf([graded('oh.wobble', 1, 1), graded('oh.jump', 2, 2, 0)]);
    expect(some.map(({ lane, row, from, text }) => [lane, row, from, text])).toEqual([
      ['checkpoints', 0, on(0), 'Jumps off the rubber: obvious'],
      ['checkpoints', 0, on(7), 'Jumps off the rubber: obvious'],
      ['checkpoints', 0, on(14), 'Jumps off the rubber: clean, obvious before'],
    ]);
    expect(writeTimeline(some, []).trim().split('\r\n')).toHaveLength(1);
    const seven = nodesFor('overhand')
      .slice(0, 7)
      .map(({ id }) => graded(id, 3, 0));
    expect(new Set(rowsOf(seven.slice(0, 6)).map(({ row }) => row)).size).toBe(6);
    expect(rowsOf(seven)).toEqual(rowsOf(seven.slice(0, 6)));
  });
  it('is a table, a row for each figure and each grade', () => {
    const rows = writeTimeline(
      entries,
      historyOf([{ date: on(3), findings: { 'oh.jump': 2 } }], ['oh.jump']).timeline,
    )
      .trim()
      .split('\r\n');
    expect(rows).toHaveLength(1 + 3 + 2 + 1 + 2 + 1);
    expect(rows.at(-1)).toBe(`${on(3)},${on(3)},Grade,Jumps off the rubber,severity,2,`);
  });
});

describe('a trend as it is drawn', () => {
  const line = [0, 7, 14, 21, 28].map((days) => session(days, 70 + days / 7));
  it('goes through the sessions and no further than half of their span', () => {
    const band = trendBand(line, sessionTrend(line));
    expect(band.map(({ date, projected }) => [date, projected])).toEqual([
      [on(0), false],
      [on(14), false],
      [on(28), false],
      [on(42), true],
    ]);
    expect(band[2]!.middle).toBeCloseTo(fromMph(74));
    for (const { low, middle, high } of band) {
      expect(low).toBeLessThanOrEqual(middle + 1e-9);
      expect(high).toBeGreaterThanOrEqual(middle - 1e-9);
    }
  });
  it('is not projected where it is not real', () => {
    const flat = [0, 7, 14, 21, 28].map((days, n) => session(days, 70 + (n % 2)));
    expect(trendBand(flat, sessionTrend(flat)).some(({ projected }) => projected)).toBe(false);
    expect(trendBand(line, null)).toEqual([]);
  });
});
