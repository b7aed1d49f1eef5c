import { addDays, carriedFor, carriedInto, tooThin, trace, withCarried, type Findings, isLook } from '../src';

const date = '2026-05-29';
const look = (ago: number, findings: Findings) => ({ date: addDays(date, -ago), findings });

it('carries what was graded within the days and not looked at again, the newest grade of each', () => {
  const earlier = [
    look(29, { 'oh.wobble': 1 }),
    look(28, { 'oh.long-arm': 3, 'oh.glove-pull': 2 }),
    look(3, { 'oh.glove-pull': 1, 'lim.balance': 0 }),
    look(-1, { 'oh.slouch': 2 }),
  ];
  const now = look(0, { 'oh.lift-stall': 2, 'lim.balance': 1 });
  expect(carriedInto(now, earlier, carriedFor)).toEqual([
    { id: 'oh.long-arm', grade: 3, date: addDays(date, -28) },
    { id: 'oh.glove-pull', grade: 1, date: addDays(date, -3) },
  ]);
  expect(carriedInto(now, earlier, 27).map(({ id }) => id)).toEqual(['oh.glove-pull']);
  expect(carriedInto(now, earlier, 0)).toEqual([]);
  expect(withCarried(now.findings, carriedInto(now, earlier, 28))).toEqual({
    'oh.long-arm': 3,
    'oh.glove-pull': 1,
    'oh.lift-stall': 2,
    'lim.balance': 1,
  });
});

it('does not judge below eight checkpoints with nothing carried', () => {
  const ids = [
    'oh.wobble',
    'oh.jump',
    'oh.no-sit',
    'oh.front-lean',
    'oh.slouch',
    'oh.no-post',
    'oh.cross-line',
  ];
  const seven = Object.fromEntries(ids.map((id) => [id, 0])) as Findings;
  expect(tooThin({ ...seven, 'lim.balance': 0, 'sym.miss-high': 1 }, [])).toBe(true);
  expect(tooThin({ ...seven, 'oh.eyes-off': 0 }, [])).toBe(false);
  expect(tooThin(seven, [{ id: 'oh.eyes-off', grade: 1, date }])).toBe(false);
});

it('keeps a thin look from replacing the picture', () => {
  const earlier = [look(10, { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 3, 'oh.back-leg-collapse': 2 })];
  const thin = look(0, { 'oh.shoulders-early': 1, 'oh.wobble': 0, 'oh.jump': 0, 'oh.slouch': 0 });
  const carried = carriedInto(thin, earlier, 28);
  const athlete = { discipline: 'overhand', throws: 'R', age: 15 } as const;
  const { roots } = trace({ athlete, findings: withCarried(thin.findings, carried), runs: 0 });
  expect(roots[0]!.id).toBe('oh.lift-stall');
  expect(roots.find(({ id }) => id === 'oh.shoulders-early')!.share).toBeLessThan(0.2);
});

it.each([
  [{ 'oh.wobble': 0 }, true],
  [{ 'lim.balance': 2, 'sym.miss-high': 1 }, false],
  [{}, false],
  [{ 'lim.balance': 2, 'wm.hunched': 0 }, true],
] as const)('whether %o is a look: %s', (findings, look) => expect(isLook(findings)).toBe(look));
