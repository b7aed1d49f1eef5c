import {
  buildLadders,
  deliveryParts,
  drawScene,
  drillPages,
  drills,
  jumpsOver,
  jumpWords,
  nodeOf,
  trace,
} from '../src';
import { numbersOf, reachOf } from './shapes';

describe('a drill in full', () => {
  it.each(drills.map((drill) => [drill.id, drill] as const))('%s says everything', (id, drill) => {
    const page = drillPages[id]!;
    expect(page.setUp.length).toBeGreaterThan(10);
    expect(page.steps.length).toBeGreaterThanOrEqual(2);
    expect(page.good.length).toBeGreaterThan(10);
    expect(page.mistakes.length).toBeGreaterThanOrEqual(2);
    expect(deliveryParts).toEqual(expect.arrayContaining([...page.holds]));
    // What it holds it does not leave out.
    expect(page.holds).not.toContain(page.leavesOut);
    if (drill.stage === 'prep') return expect(page.holds).toEqual([]);
    expect(page.holds.length).toBeGreaterThan(0);
    if (!page.workaround) return expect(['blend', 'deliver', 'compete']).toContain(drill.stage);
    const way = nodeOf(page.workaround.flaw);
    expect(way?.type).toBe('flaw');
    // The way round is another flaw than those that the drill works on.
    expect(drill.targets).not.toContain(page.workaround.flaw);
    if (drill.discipline !== 'both' && way?.type === 'flaw') expect(way.discipline).toBe(drill.discipline);
    return undefined;
  });

  it('knows no drill that the catalogue has not', () => {
    expect(Object.keys(drillPages).filter((id) => !drills.some((drill) => drill.id === id))).toEqual([]);
  });
});

describe('the figure of a set-up', () => {
  const size = { width: 200, height: 140 };

  it.each(drills.map(({ id }) => [id]))('of %s stands inside its frame, for both hands', (id) => {
    for (const hand of ['L', 'R'] as const) {
      const shapes = drawScene(id, { ...size, hand, discipline: 'overhand' })!;
      expect(shapes.length).toBeGreaterThan(12);
      const [left, right, top, bottom] = reachOf(shapes);
      expect(Math.min(left, top)).toBeGreaterThanOrEqual(-1);
      expect([right <= size.width + 1, bottom <= size.height + 1]).toEqual([true, true]);
    }
  });

  it('is mirrored for a left-hander', () => {
    const [right, left] = (['R', 'L'] as const).map((hand) =>
      drawScene('knee-gate', { ...size, hand, discipline: 'overhand' })!,
    );
    const lines = (shapes: typeof right) => shapes!.filter(({ path }) => !path.includes('a'));
    lines(right).forEach(({ path }, n) => {
      const [a, b] = [numbersOf(path), numbersOf(lines(left)[n]!.path)];
      a.forEach((value, at) => expect(at % 2 ? b[at] : size.width - b[at]!).toBeCloseTo(value, 0));
    });
  });

  it('is not there for a drill that nobody drew', () => {
    expect(drawScene('own-drill', { ...size, hand: 'R', discipline: 'overhand' })).toBeNull();
  });
});

describe('a ladder', () => {
  const rung = (stage: 'prep' | 'feel' | 'move' | 'connect' | 'blend' | 'deliver', ...ids: string[]) => ({
    stage,
    drills: ids,
  });

  it('jumps over what a drill left out when no drill of the next stage brings it', () => {
    // Hip-first lean leaves out the way out; the thumbs-down break has nothing of it.
    const jumps = jumpsOver([rung('feel', 'hip-first-lean'), rung('move', 'thumbs-down-break')]);
    expect(jumps).toEqual([{ stage: 'feel', next: 'move', drill: 'hip-first-lean', part: 'stride' }]);
    expect(jumpWords(jumps[0]!)).toBe(
      'Hip-first lean (feel) leaves out the way out, and no move drill brings it.',
    );
    expect(jumpsOver([rung('feel', 'hip-first-lean'), rung('move', 'flat-ground-fall')])).toEqual([]);
  });

  it('passes over prep, asks nothing after its last stage, and one drill that brings it is enough', () => {
    expect(
      jumpsOver([
        rung('prep', 'hip-in-turns'),
        rung('feel', 'hip-first-lean'),
        rung('move', 'thumbs-down-break', 'flat-ground-fall'),
      ]).map(({ drill }) => drill),
    ).toEqual([]);
    expect(jumpsOver([rung('deliver', 'mound-delivery')])).toEqual([]);
    expect(jumpsOver([rung('connect', 'own-drill'), rung('blend', 'blend-pairs')])).toEqual([]);
  });

  it('that was built for the most common focus jumps over nothing', () => {
    const traced = trace({
      athlete: { discipline: 'overhand', throws: 'R', age: 16 },
      findings: { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 },
    });
    const everything = drills.flatMap(({ equipment }) => equipment.flat());
    const [ladder] = buildLadders(
      { lower: 'oh.lift-stall', arm: null },
      { discipline: 'overhand', age: 16, equipment: everything },
      traced,
    );
    expect(jumpsOver(ladder!.stages)).toEqual([]);
  });
});
