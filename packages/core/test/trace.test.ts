import { bodyWords, chainWords, flaws, links, nodeOf, trace, type TraceInput } from '../src';

const athlete = { discipline: 'overhand', throws: 'R', age: 15 } as const;
const traced = (findings: TraceInput['findings'], more: Partial<TraceInput> = {}) =>
  trace({ athlete, findings, runs: 0, ...more });
const rootOf = (result: ReturnType<typeof trace>, id: string) => result.roots.find((root) => root.id === id);
/** Weight of a link of the catalogue. */
const link = (cause: string, effect: string): number => {
  const found = links.find((each) => each.cause === cause && each.effect === effect);
  if (!found) throw new Error(`no link ${cause} ${effect}`);
  return found.weight;
};

describe('blame', () => {
  it('leaves a lone finding with all of its own severity', () => {
    const result = traced({ 'oh.glove-pull': 2 });
    expect(result.total).toBe(2);
    expect(result.roots).toEqual([
      { id: 'oh.glove-pull', score: 2, share: 1, explains: [{ id: 'oh.glove-pull', credit: 2 }] },
    ]);
    expect(result.flows).toEqual([]);
  });

  it('hands w·s/3 of an effect to its one present cause', () => {
    const w = link('oh.lift-stall', 'oh.lead-leg-opens');
    const result = traced({ 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
    expect(rootOf(result, 'oh.lift-stall')!.score).toBeCloseTo(3 + 2 * w, 12);
    expect(rootOf(result, 'oh.lead-leg-opens')!.score).toBeCloseTo(2 * (1 - w), 12);
    expect(result.flows).toEqual([
      { cause: 'oh.lift-stall', effect: 'oh.lead-leg-opens', credit: expect.closeTo(2 * w, 12) },
    ]);
  });

  it('weighs a slight cause less than a severe one', () => {
    const w = link('oh.lift-stall', 'oh.lead-leg-opens');
    const result = traced({ 'oh.lift-stall': 1, 'oh.lead-leg-opens': 2 });
    expect(rootOf(result, 'oh.lift-stall')!.score).toBeCloseTo(1 + (2 * w) / 3, 12);
  });

  it('divides an effect among its causes by their loads', () => {
    const a = link('oh.lift-stall', 'oh.lead-leg-opens');
    const b = link('oh.hip-not-leading', 'oh.lead-leg-opens');
    const result = traced(
      { 'oh.lift-stall': 3, 'oh.hip-not-leading': 2, 'oh.lead-leg-opens': 3 },
      {
        removedLinks: [['oh.lift-stall', 'oh.hip-not-leading']],
      },
    );
    const la = -Math.log(1 - a);
    const lb = -Math.log(1 - (b * 2) / 3);
    const explained = 1 - Math.exp(-la - lb);
    expect(rootOf(result, 'oh.lift-stall')!.score).toBeCloseTo(3 + (3 * explained * la) / (la + lb), 10);
    expect(rootOf(result, 'oh.hip-not-leading')!.score).toBeCloseTo(2 + (3 * explained * lb) / (la + lb), 10);
  });

  it('does not let what is clean or not looked at take blame', () => {
    const clean = traced({ 'oh.lift-stall': 0, 'oh.lead-leg-opens': 2 });
    const open = traced({ 'oh.lead-leg-opens': 2 });
    expect(clean.roots).toEqual(open.roots);
    expect(clean.roots.map(({ id }) => id)).toEqual(['oh.lead-leg-opens']);
  });

  it('strikes a link for this athlete alone', () => {
    const findings = { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 } as const;
    const struck = traced(findings, { removedLinks: [['oh.lift-stall', 'oh.lead-leg-opens']] });
    expect(rootOf(struck, 'oh.lead-leg-opens')!.score).toBe(2);
    expect(rootOf(traced(findings), 'oh.lead-leg-opens')!.score).toBeLessThan(2);
  });

  it('says what it explains in one sentence', () => {
    const result = traced({ 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
    const words = chainWords(result.roots[0]!, result.total);
    expect(words).toContain(nodeOf('oh.lift-stall')!.name);
    expect(words).toContain('of the 5.0 points marked: itself');
  });

  it.each([
    ['oh.nothing', 1],
    ['wm.stiff-arm', 1],
    ['oh.lift-stall', 4],
    ['oh.lift-stall', 1.5],
  ])('refuses %s graded %s', (id, grade) => {
    expect(() => traced({ [id]: grade as 1 })).toThrow(`findings.${id}`);
  });

  it('refuses to strike a link of something unknown', () => {
    expect(() => traced({}, { removedLinks: [['oh.lift-stall', 'nobody']] })).toThrow(
      'removedLinks.0: nobody',
    );
  });
});

describe('approach', () => {
  it('leaves a flat pivot foot out under drive', () => {
    const drive = trace({
      athlete: { ...athlete, approach: { leave: 'drive' } },
      findings: { 'oh.flat-setup': 2 },
    });
    expect(drive.total).toBe(0);
    expect(drive.leaveAlone).toEqual(['oh.flat-setup']);
    expect(traced({ 'oh.flat-setup': 2 }).total).toBe(2);
  });

  it('counts a stop at the top under balance only when something that it causes is present', () => {
    const balance = { ...athlete, approach: { lift: 'balance' as const } };
    const alone = trace({ athlete: balance, findings: { 'oh.lift-stall': 3 }, runs: 0 });
    expect(alone.total).toBe(0);
    expect(alone.leaveAlone).toEqual(['oh.lift-stall']);
    const suffering = trace({
      athlete: balance,
      findings: { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 1 },
      runs: 0,
    });
    expect(suffering.total).toBe(4);
  });

  it('drives in windmill and falls in overhand unless somebody says otherwise', () => {
    const leave = (discipline: 'overhand' | 'windmill') =>
      trace({ athlete: { discipline, throws: 'R', age: 15 }, findings: {}, runs: 0 }).approach.leave;
    expect([leave('overhand'), leave('windmill')]).toEqual(['fall', 'drive']);
  });

  it.each([
    [11, 'balance'],
    [12, 'drift'],
  ])('takes for age %d the default %s', (age, lift) => {
    expect(trace({ athlete: { ...athlete, age }, findings: {}, runs: 0 }).approach.lift).toBe(lift);
  });

  it('leaves slamming hips out under close', () => {
    const windmill = { discipline: 'windmill', throws: 'R', age: 15 } as const;
    const findings = { 'wm.hips-slam': 2 } as const;
    expect(trace({ athlete: windmill, findings, runs: 0 }).total).toBe(2);
    expect(trace({ athlete: { ...windmill, approach: { hips: 'close' } }, findings, runs: 0 }).total).toBe(0);
  });

  it('shows tactical flaws and never traces them', () => {
    const tactical = flaws.find(({ kind }) => kind === 'tactical')!;
    const result = trace({
      athlete: { discipline: tactical.discipline, throws: 'L', age: 16 },
      findings: { [tactical.id]: 3 },
      runs: 0,
    });
    expect(result.total).toBe(0);
    expect(result.focus).toEqual({ lower: null, arm: null });
  });
});

describe('body first, look next, leave alone', () => {
  it('names a limit that explains at least a third of a flaw', () => {
    const [limit, flaw] = ['lim.hip-ir.trail', 'oh.hips-late'];
    const weight = link(limit!, flaw!);
    expect(weight).toBeGreaterThan(1 / 3);
    expect(traced({ [limit!]: 3, [flaw!]: 2 }).bodyFirst).toEqual([
      { limit, flaw, share: expect.closeTo(weight, 12) },
    ]);
    expect(bodyWords(traced({ [limit!]: 3, [flaw!]: 2 }).bodyFirst)).toEqual([
      'The body may not get there yet: stiff trail hip (turning in) accounts for 50 % of “Hips turn late”.',
    ]);
    expect(traced({ [limit!]: 1, [flaw!]: 2 }).bodyFirst).toEqual([]);
  });

  it('asks to test a limit that is a known cause of a focus', () => {
    const result = traced({ 'oh.hips-late': 2 });
    expect(result.testFirst).toContainEqual({
      limit: 'lim.hip-ir.trail',
      flaw: 'oh.hips-late',
      weight: 0.5,
    });
    expect(traced({ 'oh.hips-late': 2, 'lim.hip-ir.trail': 0 }).testFirst).not.toContainEqual(
      expect.objectContaining({ limit: 'lim.hip-ir.trail' }),
    );
  });

  it('looks next where most of the picture hangs, at three things at most, never at what was looked at', () => {
    const result = traced({ 'oh.lead-leg-opens': 3, 'oh.lift-stall': 0 });
    expect(result.lookNext.length).toBeGreaterThan(0);
    expect(result.lookNext.length).toBeLessThanOrEqual(3);
    expect(result.lookNext).not.toContain('oh.lift-stall');
    const gains = result.lookNext.map((id) => 3 * link(id, 'oh.lead-leg-opens'));
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
  });

  const harmless = { 'oh.falls-off': 1 } as const;
  it('leaves alone what has no effects on an athlete whose results are good', () => {
    expect(traced(harmless, { results: { strikes: 0.6 } }).leaveAlone).toEqual(['oh.falls-off']);
  });
  it.each([
    ['without results', harmless, undefined],
    ['with too few strikes', harmless, { strikes: 0.59 }],
    ['with falling velocity', harmless, { strikes: 0.7, velocityFalling: true }],
    ['with a symptom', { ...harmless, 'sym.miss-arm-side': 1 }, { strikes: 0.7 }],
  ] as const)('leaves nothing alone %s', (_, findings, results) => {
    expect(traced(findings, results ? { results } : {}).leaveAlone).toEqual([]);
  });
});
