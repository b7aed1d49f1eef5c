import {
  academyLinks,
  catalogueLinkSet,
  CycleError,
  cycleWords,
  links,
  linkStates,
  mayCause,
  mayFollow,
  nodesFor,
  pairsOf,
  removedNow,
  trace,
  withEdit,
  type LinkEdit,
} from '../src';

const athlete = { discipline: 'overhand', throws: 'R', age: 15 } as const;
const findings = { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 } as const;
const edit = (weight: number | null, cause = 'oh.lift-stall', effect = 'oh.lead-leg-opens'): LinkEdit => ({
  cause,
  effect,
  weight,
});
const scoreOf = (edits: readonly LinkEdit[], id: string) =>
  trace({ athlete, findings, runs: 0 }, academyLinks(edits)).roots.find((root) => root.id === id)?.score;

describe('the links of an academy', () => {
  it('are the catalogue’s until somebody says otherwise', () => {
    expect(academyLinks([])).toBe(catalogueLinkSet);
    expect(trace({ athlete, findings, runs: 0 }).catalogue).toBe('2');
  });

  it('carry another weight, and the trace names the version', () => {
    expect(scoreOf([edit(0.3)], 'oh.lift-stall')).toBeCloseTo(3 + 2 * 0.3, 12);
    expect(scoreOf([edit(0.3), edit(0.9)], 'oh.lift-stall')).toBeCloseTo(3 + 2 * 0.9, 12);
    expect(academyLinks([edit(0.3), edit(0.9)])).toMatchObject({ version: '2+2' });
    expect(academyLinks([edit(0.3)]).links).toHaveLength(links.length);
  });

  it('can be switched off, and on again', () => {
    expect(scoreOf([edit(null)], 'oh.lift-stall')).toBe(3);
    expect(scoreOf([edit(null), edit(0.6)], 'oh.lift-stall')).toBeCloseTo(4.2, 12);
  });

  it('can be new, also from the body', () => {
    const own = edit(0.5, 'lim.ankle-df', 'oh.lead-leg-opens');
    const set = withEdit([], own);
    expect(set.links).toHaveLength(links.length + 1);
    const { roots } = trace(
      { athlete, findings: { 'lim.ankle-df': 3, 'oh.lead-leg-opens': 2 }, runs: 0 },
      set,
    );
    expect(roots[0]).toMatchObject({ id: 'lim.ankle-df', score: 4 });
  });

  it.each([
    [edit(0.5, 'nobody'), 'cause: there is no “nobody”'],
    [edit(0.5, 'oh.lift-stall', 'oh.nowhere'), 'effect: there is no “oh.nowhere”'],
    [edit(0.5, 'sym.miss-high'), 'cause: “Misses high” is what the ball shows'],
    [edit(0.5, 'oh.lift-stall', 'lim.balance'), 'effect: “Poor single-leg balance” is a limit of the body'],
    [edit(0.5, 'oh.lift-stall', 'oh.lift-stall'), 'effect: nothing is its own cause'],
    [
      edit(0.5, 'oh.lift-stall', 'wm.stiff-arm'),
      'effect: “Momentum dies at the top” and “Arm stays straight”',
    ],
    [edit(0.5, 'oh.ball-shows'), 'cause: “Grip shows early” is tactical'],
    [edit(0), 'weight: must be a number from 0.01 to 0.99'],
    [edit(1), 'weight: must be a number'],
    [edit(Number.NaN), 'weight: must be a number'],
  ])('refuse %j', (wrong, message) => {
    expect(() => withEdit([], wrong)).toThrow(message);
  });

  it('refuse what closes a circle, spelled out, also over several edits', () => {
    const back = edit(0.4, 'oh.shoulders-early', 'oh.lift-stall');
    try {
      withEdit([], back);
      throw new Error('was taken');
    } catch (error) {
      const { cycle } = error as CycleError;
      expect(cycle[0]).toBe(cycle.at(-1));
      expect(cycleWords(cycle)).toContain('“Shoulders open early” causes “Momentum dies at the top”');
    }
    // With the way there switched off the same link is no circle any more.
    const way = links
      .filter(({ effect }) => effect === 'oh.shoulders-early')
      .map(({ cause, effect }) => edit(null, cause, effect));
    expect(withEdit(way, back).links.length).toBe(links.length - way.length + 1);
    expect(() => withEdit([...way, back], edit(0.5, 'oh.jump', 'oh.shoulders-early'))).toThrow(CycleError);
  });
});

describe('the states of links', () => {
  const stateOf = (edits: LinkEdit[], cause: string, effect: string) =>
    linkStates(edits, 'overhand').find((each) => each.cause === cause && each.effect === effect);
  it('are of one delivery, given, changed, off or own', () => {
    const all = linkStates([], 'overhand');
    expect(all.some(({ cause, effect }) => `${cause}${effect}`.includes('wm.'))).toBe(false);
    expect(all.every(({ weight, given }) => weight === given)).toBe(true);
    expect(stateOf([edit(0.3)], 'oh.lift-stall', 'oh.lead-leg-opens')).toMatchObject({
      weight: 0.3,
      given: 0.6,
    });
    expect(stateOf([edit(null)], 'oh.lift-stall', 'oh.lead-leg-opens')).toMatchObject({
      weight: null,
      given: 0.6,
    });
    const own = edit(0.5, 'lim.ankle-df', 'oh.lead-leg-opens');
    expect(stateOf([own], own.cause, own.effect)).toMatchObject({ weight: 0.5, given: null });
    expect(stateOf([own, { ...own, weight: null }], own.cause, own.effect)).toMatchObject({ weight: null });
  });
  it('offers as cause and effect just what may be one', () => {
    for (const node of nodesFor('windmill')) {
      const other = node.id === 'wm.weak-load' ? 'wm.soft-drive' : 'wm.weak-load';
      const refused = (from: string, to: string) => {
        try {
          withEdit([], { cause: from, effect: to, weight: 0.4 });
          return '';
        } catch (error) {
          return error instanceof CycleError ? '' : (error as Error).message.split(':')[0];
        }
      };
      expect([node.id, refused(node.id, other)]).toEqual([node.id, mayCause(node) ? '' : 'cause']);
      expect([node.id, refused(other, node.id)]).toEqual([node.id, mayFollow(node) ? '' : 'effect']);
    }
  });
});

describe('links struck for one athlete', () => {
  const strike = (struck: boolean, effect = 'oh.jump') => ({ cause: 'oh.lift-stall', effect, struck });
  it('hold until they are taken up again', () => {
    expect(pairsOf(removedNow([strike(true), strike(true, 'oh.short-stride')]))).toEqual([
      ['oh.lift-stall', 'oh.jump'],
      ['oh.lift-stall', 'oh.short-stride'],
    ]);
    expect(removedNow([strike(true), strike(false)])).toEqual([]);
    expect(removedNow([strike(true), strike(false), strike(true)])).toHaveLength(1);
  });
});
