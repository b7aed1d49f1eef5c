import {
  constraintOf,
  constraintOffer,
  constraints,
  constraintsFor,
  nodeOf,
  orderedConstraints,
  waysRound,
  type SetCount,
} from '../src';

const boy = { discipline: 'overhand', age: 15, history: [] } as const;
const hurt = {
  ...boy,
  history: [{ site: 'elbow', what: 'Ligament', surgery: false, cleared: false } as const],
};
const order = ['knee-gate', 'step-over', 'line'];
const set = (
  constraintIds: string[],
  clean: number,
  missed: number,
  workaround: string | null = null,
): SetCount => ({
  constraints: constraintIds,
  clean,
  missed,
  workaround,
});

describe('constraints', () => {
  it('block flaws of the catalogue that are of their delivery', () => {
    for (const { blocks, discipline } of constraints)
      for (const id of blocks) {
        const node = nodeOf(id);
        expect(node?.type).toBe('flaw');
        if (node?.type === 'flaw' && discipline !== 'both') expect(node.discipline).toBe(discipline);
      }
  });

  it('are put up for a drill in order: what it works on, then the way round that tends to follow', () => {
    expect(orderedConstraints('knee-gate', undefined, boy)).toEqual(['tilt', 'knee-gate', 'step-over']);
    expect(orderedConstraints('knee-gate', undefined, { ...boy, age: 11 })).toEqual([
      'knee-gate',
      'step-over',
    ]);
    expect(orderedConstraints('hip-first-lean', undefined, boy)).toEqual([]);
    expect(orderedConstraints('nothing', undefined, boy)).toEqual([]);
  });

  it('are the instructor’s own where somebody settled them, but never what may not be put up', () => {
    expect(orderedConstraints('knee-gate', ['line', 'knee-gate'], boy)).toEqual(['line', 'knee-gate']);
    expect(orderedConstraints('knee-gate', ['line', 'tether'], boy)).toEqual(['line']);
    expect(orderedConstraints('knee-gate', ['tilt', 'line'], { ...boy, age: 11 })).toEqual(['line']);
    expect(orderedConstraints('knee-gate', ['line'], hurt)).toEqual([]);
    expect(constraintsFor(hurt)).toEqual([]);
    expect(constraintsFor({ ...hurt, history: [{ ...hurt.history[0]!, cleared: true }] })).not.toEqual([]);
  });

  it('name the ways round that they block, the one that the drill tends to first', () => {
    expect(waysRound('knee-gate', ['line']).slice(0, 2)).toEqual(['oh.lead-leg-opens', 'oh.cross-line']);
    expect(waysRound('blend-pairs', [])).toEqual([]);
  });

  it('never offer a tether below 13', () => {
    const girl = { discipline: 'windmill', age: 12, history: [] } as const;
    const soft = [set([], 3, 3, 'wm.soft-drive')];
    expect(constraintOffer(soft, ['tether'], girl)).toBeNull();
    expect(constraintOffer(soft, ['tether'], { ...girl, age: 13 })?.constraint).toBe('tether');
  });
});

describe('after a set', () => {
  it('the way round is blocked next: at the knee, now swings open, add the hurdle', () => {
    expect(constraintOffer([set(['knee-gate'], 6, 4, 'oh.lead-leg-opens')], order, boy)).toEqual({
      do: 'add',
      constraint: 'step-over',
      why: 'Lead leg opens early came instead: add the hurdle to step over.',
    });
  });

  it('nothing is added for a way round that is blocked already, or that nothing blocks', () => {
    expect(constraintOffer([set(['step-over'], 3, 4, 'oh.lead-leg-opens')], order, boy)).toBeNull();
    expect(constraintOffer([set([], 3, 4, 'oh.eyes-off')], order, boy)).toBeNull();
  });

  it('two sets in a row that pass fade the one that was added last, and only that', () => {
    const on = ['knee-gate', 'step-over'];
    expect(constraintOffer([set(on, 5, 0), set(on, 8, 1)], order, boy)).toMatchObject({
      do: 'remove',
      constraint: 'step-over',
    });
    // One is not enough, four of five is not proven, four reps say nothing, and other constraints are another set.
    expect(constraintOffer([set(on, 8, 0)], order, boy)).toBeNull();
    expect(constraintOffer([set(on, 5, 0), set(on, 4, 1)], order, boy)).toBeNull();
    expect(constraintOffer([set(on, 5, 0), set(on, 4, 0)], order, boy)).toBeNull();
    expect(constraintOffer([set(['knee-gate'], 8, 0), set(on, 8, 0)], order, boy)).toBeNull();
    expect(constraintOffer([set(on, 5, 0, 'oh.cross-line'), set(on, 8, 0)], order, boy)).toBeNull();
    expect(constraintOffer([set([], 8, 0), set([], 8, 0)], order, boy)).toBeNull();
  });

  it('what was taken away comes back when the next set fails, and stays away when it passes', () => {
    const faded = [set(['knee-gate', 'step-over'], 8, 0), set(['knee-gate'], 5, 3)];
    expect(constraintOffer(faded, order, boy)).toMatchObject({ do: 'return', constraint: 'step-over' });
    expect(constraintOffer([faded[0]!, set(['knee-gate'], 8, 0)], order, boy)).toBeNull();
    // Too few to tell.
    expect(constraintOffer([faded[0]!, set(['knee-gate'], 1, 2)], order, boy)).toBeNull();
    // Coming back goes before the way round that was seen.
    expect(constraintOffer([faded[0]!, set(['knee-gate'], 5, 3, 'oh.cross-line')], order, boy)).toMatchObject(
      { do: 'return', constraint: 'step-over' },
    );
  });

  it('nothing is offered while an injury is not cleared', () => {
    expect(constraintOffer([set(['knee-gate'], 6, 4, 'oh.lead-leg-opens')], order, hurt)).toBeNull();
  });

  it('nothing is said before the first', () => {
    expect(constraintOffer([], order, boy)).toBeNull();
    expect(constraintOf('nothing')).toBeUndefined();
  });
});
