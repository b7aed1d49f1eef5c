import { academyLinks, flaws, links, noFocusWords, trace, type TraceInput } from '../src';

const athlete = { discipline: 'overhand', throws: 'R', age: 15 } as const;
const traced = (findings: TraceInput['findings'], more: Partial<TraceInput> = {}) =>
  trace({ athlete, findings, runs: 0, ...more });

describe('focus', () => {
  it('takes the leading root of each thread', () => {
    const result = traced({ 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1 });
    expect(result.focus).toEqual({ lower: 'oh.lift-stall', arm: 'oh.glove-pull' });
    expect(result.reasons.map(({ why }) => why)).toEqual(['score', 'score']);
  });

  it('needs a tenth of the picture', () => {
    const lower = { 'oh.wobble': 3, 'oh.cross-line': 3 } as const;
    const tenth = traced({ ...lower, 'oh.weight-back': 3, 'oh.slouch': 1 });
    expect(tenth.total).toBe(10);
    expect(tenth.focus.arm).toBe('oh.slouch');
    expect(tenth.tooSmall).toEqual([]);
    const less = traced({ ...lower, 'oh.weight-back': 3, 'oh.early-heel': 1, 'oh.slouch': 1 });
    expect(less.focus.arm).toBeNull();
    expect(less.tooSmall).toEqual([{ id: 'oh.slouch', thread: 'arm', share: expect.closeTo(1 / 11, 9) }]);
    expect(noFocusWords('arm', less)).toContain('9 % of what you marked');
    expect(noFocusWords('lower', less)).toBeNull();
  });

  it('lets a cause that explains half of a severe stress flaw take its place, on its own thread', () => {
    const into = links.filter(({ effect }) => effect === 'oh.arm-drag');
    const [strong] = [...into].sort((a, b) => b.weight - a.weight);
    const set = academyLinks([{ cause: strong!.cause, effect: 'oh.arm-drag', weight: 0.75 }]);
    const found = { [strong!.cause]: 2, 'oh.arm-drag': 3 } as TraceInput['findings'];
    const replaced = trace({ athlete, findings: found, runs: 0 }, set);
    const thread = flaws.find(({ id }) => id === strong!.cause)!.thread;
    expect(replaced.focus[thread]).toBe(strong!.cause);
    expect(replaced.reasons).toContainEqual({
      id: strong!.cause,
      thread,
      why: 'cause',
      stress: 'oh.arm-drag',
    });
    expect(Object.values(replaced.focus)).not.toContain('oh.arm-drag');
    const less = academyLinks([{ cause: strong!.cause, effect: 'oh.arm-drag', weight: 0.74 }]);
    const kept = trace({ athlete, findings: found, runs: 0 }, less);
    expect(kept.reasons).toContainEqual({ id: 'oh.arm-drag', thread: 'arm', why: 'stress' });
  });

  it('puts a severe flaw that loads the arm or the knee first, whatever its score', () => {
    const stress = flaws.find(
      ({ stresses, discipline, thread, kind }) =>
        stresses && discipline === 'overhand' && thread === 'arm' && kind === 'pattern',
    )!;
    const others = { 'oh.glove-pull': 3, 'oh.shoulders-early': 3, 'oh.long-arm': 3 } as const;
    const severe = traced({ ...others, [stress.id]: 3 });
    expect(severe.focus.arm).toBe(stress.id);
    expect(severe.reasons.find(({ thread }) => thread === 'arm')!.why).toBe('stress');
  });

  it('has one focus below age 10: the stress flaw, or the higher score', () => {
    const at = (age: number, findings: TraceInput['findings']) =>
      trace({ athlete: { ...athlete, age }, findings, runs: 0 }).focus;
    const found = { 'oh.wobble': 3, 'oh.glove-pull': 2 } as const;
    expect(at(9, found)).toEqual({ lower: 'oh.wobble', arm: null });
    expect(at(10, found)).toEqual({ lower: 'oh.wobble', arm: 'oh.glove-pull' });
    expect(at(9, { ...found, 'oh.late-hand': 3 })).toEqual({ lower: null, arm: 'oh.late-hand' });
  });

  it('is never what is listed to leave alone', () => {
    const left = traced({ 'oh.falls-off': 2 }, { results: { strikes: 0.7 } });
    expect(left.leaveAlone).toEqual(['oh.falls-off']);
    expect(left.focus.lower).toBeNull();
    expect(left.sure.leader).toBeNull();
  });

  it('never takes a symptom, nor a limit that explains nothing', () => {
    const result = traced({ 'sym.miss-high': 3, 'lim.balance': 3 });
    expect(result.focus).toEqual({ lower: null, arm: null });
    expect(result.total).toBe(6);
  });

  it('gives a limit to the thread from which it took most', () => {
    const result = traced({ 'lim.hip-ir.trail': 3, 'oh.quad-load': 1, 'oh.hips-late': 2 });
    expect(result.focus.lower).toBe('lim.hip-ir.trail');
  });
});

describe('how sure', () => {
  const findings = {
    'oh.lift-stall': 2,
    'oh.glove-pull': 2,
    'oh.lead-leg-opens': 1,
    'oh.wobble': 0,
  } as const;
  it('gives the same answer for the same seed', () => {
    const one = trace({ athlete, findings, seed: 7 }).sure;
    expect(trace({ athlete, findings, seed: 7 }).sure).toEqual(one);
    expect(one).toMatchObject({ leader: 'oh.lift-stall', runs: 1000, seed: 7 });
    expect(one.share).toBeGreaterThan(0.3);
    expect(one.share).toBeLessThan(1);
  });
  it('is certain where one root towers', () => {
    expect(trace({ athlete, findings: { 'oh.lift-stall': 3 } }).sure.share).toBe(1);
  });
  it('has no leader without findings, nor among what can be no focus', () => {
    const nobody = { leader: null, share: 0, lower: null, arm: null };
    expect(trace({ athlete, findings: { 'oh.wobble': 0 } }).sure).toMatchObject(nobody);
    expect(trace({ athlete, findings: { 'sym.miss-high': 3, 'lim.balance': 3 } }).sure).toMatchObject(nobody);
    const shown = trace({ athlete, findings: { 'sym.miss-high': 3, 'oh.wobble': 1 } });
    expect(shown.roots[0]!.id).toBe('sym.miss-high');
    expect(shown.sure.leader).toBe('oh.wobble');
  });
  it('tells the share of each thread’s focus beside that of the leader', () => {
    const { sure, focus } = trace({ athlete, findings: { 'oh.lift-stall': 3, 'oh.late-hand': 3 } });
    expect(focus).toEqual({ lower: 'oh.lift-stall', arm: 'oh.late-hand' });
    expect(sure.lower).toBe(1);
    // A late hand stays severe in three of four runs; else it is no stress focus, yet leads the thread alone.
    expect(sure.arm).toBe(1);
    const two = trace({ athlete, findings: { 'oh.long-arm': 3, 'oh.glove-pull': 3, 'oh.spin-off': 3 } });
    expect(two.focus).toEqual({ lower: null, arm: 'oh.long-arm' });
    expect(two.sure).toMatchObject({ leader: 'oh.glove-pull', lower: null });
    expect(two.sure.arm).toBeGreaterThan(0.6);
    expect(two.sure.arm).toBeLessThan(0.9);
  });
  it('is less sure of a grade that was carried', () => {
    const found = { 'oh.lift-stall': 3, 'oh.glove-pull': 2 } as const;
    const fresh = trace({ athlete, findings: found }).sure.share;
    const old = trace({ athlete, findings: found, carried: ['oh.lift-stall'] }).sure.share;
    expect(old).toBeLessThan(fresh);
    expect(() => traced(found, { carried: ['oh.nothing'] })).toThrow('carried.0');
  });
});
