import { json, wright } from './wright';

const look = (date: string, findings: Record<string, number>) => ({ date, findings });

it('compares two looks checkpoint by checkpoint', async () => {
  const { stdout } = await wright(
    ['compare'],
    json({
      discipline: 'overhand',
      before: look('2026-09-01', { 'oh.jump': 3, 'oh.knee-in': 1, 'oh.lift-stall': 2, 'lim.balance': 1 }),
      after: look('2026-10-12', { 'oh.jump': 1, 'oh.knee-in': 2, 'oh.lift-stall': 2, 'sym.miss-high': 1 }),
    }),
  );
  const { points, ...rest } = JSON.parse(stdout);
  expect(rest).toEqual({ better: 1, same: 1, slipped: 1, sum: { before: 6, after: 5 } });
  expect(points).toHaveLength(5);
  expect(points).toEqual(
    expect.arrayContaining([
      { id: 'oh.jump', from: 3, to: 1, state: 'better' },
      { id: 'sym.miss-high', from: null, to: 1, state: 'new' },
      { id: 'lim.balance', from: 1, to: null, state: 'not-looked-at' },
    ]),
  );
});

it('tells what was kept and what is back again', async () => {
  const looks = [
    look('2026-03-01', { 'oh.jump': 2, 'oh.knee-in': 2 }),
    look('2026-04-01', { 'oh.jump': 1, 'oh.knee-in': 0 }),
    look('2026-04-15', { 'oh.jump': 0, 'oh.knee-in': 1 }),
    look('2026-05-01', { 'oh.knee-in': 3 }),
  ];
  const { stdout } = await wright(['history'], json({ discipline: 'overhand', looks }));
  expect(JSON.parse(stdout)).toMatchObject({
    kept: ['oh.jump'],
    backAgain: [{ id: 'oh.knee-in', since: '2026-05-01' }],
  });
});

it('tells what clearing a flaw was worth', async () => {
  const rows = Array.from({ length: 16 }, (_, n) =>
    n < 8 ? `A${n},oh.jump,2026-05-01,60,${62 + n / 10},8` : `A${n},oh.jump,,60,${60 + n / 10},8`,
  );
  const header = 'athlete,flaw,cleared_on,velocity_before,velocity_after,weeks';
  const { stdout } = await wright(['worth'], [header, ...rows, 'B,wm.late-through,,50,51,8'].join('\n'));
  const { flaws } = JSON.parse(stdout);
  expect(flaws).toHaveLength(2);
  expect(flaws[0]).toMatchObject({ flaw: 'oh.jump', n: 8, nOther: 8, low: expect.any(Number) });
  expect(flaws[0].difference).toBeCloseTo(2.35 - 1.15, 9);
  expect(flaws[1]).toMatchObject({ flaw: 'wm.late-through', n: 0, medianChange: null, say: 'too few' });
});

it.each([
  [
    'compare',
    json({
      discipline: 'overhand',
      before: look('2026-09-01', { 'wm.late-through': 1 }),
      after: look('2026-09-02', {}),
    }),
    /before\.findings\.wm\.late-through/,
  ],
  [
    'compare',
    json({ discipline: 'overhand', before: look('2026-09-02', {}), after: look('2026-09-01', {}) }),
    /after\.date/,
  ],
  [
    'compare',
    json({
      discipline: 'overhand',
      before: look('2026-09-02', { 'oh.jump': 4 }),
      after: look('2026-09-02', {}),
    }),
    /before\.findings\.oh\.jump/,
  ],
  [
    'history',
    json({ discipline: 'overhand', looks: [look('2026-09-02', {}), look('2026-09-01', {})] }),
    /looks\.1\.date/,
  ],
  ['worth', 'athlete,flaw\nA,oh.jump', /columns: .*velocity_before/],
  [
    'worth',
    'athlete,flaw,cleared_on,velocity_before,velocity_after,weeks\nA,oh.jump,soon,60,61,8',
    /cleared_on: row 2/,
  ],
])('%s refuses what it cannot use, in one line', async (command, input, why) => {
  const { status, stdout, stderr } = await wright([command], input);
  expect([status, stdout]).toEqual([2, '']);
  expect(stderr.trim()).toMatch(why);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});
