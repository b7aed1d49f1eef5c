import { detailOfOffer, trace, traceInputOf } from '../src';

describe('what a trace is made of', () => {
  const strike = (cause: string, effect: string, struck = true) => ({ cause, effect, struck });
  const given = (more: Partial<Parameters<typeof traceInputOf>[0]> = {}) =>
    traceInputOf({
      athlete: { discipline: 'overhand', throws: 'R', age: 15 },
      approach: { leave: 'fall', lift: 'drift', teach: 'instruct', hips: 'half' },
      look: { findings: { 'oh.hips-late': 2, 'lim.hip-ir.trail': 2 }, details: {} },
      carried: [],
      strikes: [],
      results: null,
      ...more,
    });

  it('passes over what belongs to the other delivery, so that a changed athlete can still be traced', () => {
    const { findings, removedLinks } = given({
      look: { findings: { 'oh.hips-late': 2, 'wm.stiff-arm': 3, 'sym.miss-high': 1 }, details: {} },
      strikes: [strike('wm.stiff-arm', 'wm.arm-only'), strike('oh.lift-stall', 'oh.jump')],
    });
    expect(findings).toEqual({ 'oh.hips-late': 2, 'sym.miss-high': 1 });
    expect(removedLinks).toEqual([['oh.lift-stall', 'oh.jump']]);
    expect(() => trace({ ...given(), findings, removedLinks: removedLinks! })).not.toThrow();
  });

  it('strikes what is struck now', () => {
    const pair = ['oh.lift-stall', 'oh.jump'] as const;
    expect(given({ strikes: [strike(...pair), strike(...pair, false)] }).removedLinks).toEqual([]);
  });

  it('carries the measuring error of what a screen measured, and of nothing else', () => {
    const detail = { value: 31, error: 3, source: 'screen' as const };
    const of = (details: Parameters<typeof traceInputOf>[0]['look']['details']) =>
      given({ look: { findings: { 'lim.hip-ir.trail': 2, 'oh.hips-late': 2 }, details } }).measured;
    expect(of({ 'lim.hip-ir.trail': detail })).toEqual({ 'lim.hip-ir.trail': { value: 31, error: 3 } });
    expect(of({ 'lim.hip-ir.trail': { ...detail, source: 'measure' } })).toEqual({});
    expect(of({ 'lim.hip-ir.trail': { value: 31, source: 'screen' } })).toEqual({});
    expect(of({ 'lim.balance': detail })).toEqual({});
  });

  it('leaves the results out where there are none', () => {
    expect('results' in given()).toBe(false);
    expect(given({ results: { strikes: 0.7 } }).results).toEqual({ strikes: 0.7 });
  });

  it('keeps of an offer what it measured, how well, and where it comes from', () => {
    const offer = {
      node: 'lim.balance',
      severity: 2,
      from: 'screen',
      date: '2026-05-01',
      why: '14 s',
    } as const;
    expect(detailOfOffer({ ...offer, value: 14, error: 2 })).toEqual({
      value: 14,
      error: 2,
      derived: 2,
      source: 'screen',
      note: '14 s',
    });
    expect(detailOfOffer({ ...offer, value: null })).toEqual({ derived: 2, source: 'screen', note: '14 s' });
    expect(detailOfOffer({ ...offer, value: null, why: 'x'.repeat(600) }).note).toHaveLength(500);
  });
});
