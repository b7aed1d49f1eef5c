import { flawsFor, phases, type Discipline, type Findings, type Severity } from '@wrightonic/core';
import fc from 'fast-check';
import { seamArcs, seamLayout } from '../src/ui/seam/layout';
import { allStitches, stitchPaths } from '../src/ui/seam/stitch';
import { seamWords } from '../src/ui/seam/words';

const disciplines: Discipline[] = ['overhand', 'windmill'];
const anyLook = (discipline: Discipline) =>
  fc.dictionary(
    fc.constantFrom(...flawsFor(discipline).map(({ id }) => id)),
    fc.constantFrom<Severity>(0, 1, 2, 3),
    { noNullPrototype: true },
  );
const size = { width: 358, height: 112, margin: 10 };

describe.each(disciplines)('the seam of %s', (discipline) => {
  it('has a stitch for every checkpoint, phase after phase, inside the picture', () => {
    fc.assert(
      fc.property(anyLook(discipline), (findings) => {
        const { stitches, zones } = seamLayout(discipline, findings, size);
        expect(stitches.map(({ id }) => id).sort()).toEqual(
          flawsFor(discipline)
            .map(({ id }) => id)
            .sort(),
        );
        expect(zones.map(({ phase }) => phase)).toEqual(phases[discipline]);
        stitches.slice(1).forEach(({ x }, n) => expect(x).toBeGreaterThan(stitches[n]!.x));
        for (const { x, y, phase, id, grade } of stitches) {
          const zone = zones.find((each) => each.phase === phase)!;
          expect(x).toBeGreaterThanOrEqual(zone.from);
          expect(x).toBeLessThanOrEqual(zone.to);
          expect(y).toBeGreaterThan(size.height * 0.2);
          expect(y).toBeLessThan(size.height * 0.8);
          expect(grade).toBe(id in findings ? findings[id] : null);
        }
      }),
    );
  });

  it('fills its width without gaps, and leaves every phase wide enough for a thumb', () => {
    fc.assert(
      fc.property(anyLook(discipline), (findings) => {
        const { zones } = seamLayout(discipline, findings, size);
        expect(zones[0]!.from).toBe(10);
        expect(zones.at(-1)!.to).toBeCloseTo(348, 6);
        zones.slice(1).forEach(({ from }, n) => expect(from).toBeCloseTo(zones[n]!.to, 9));
        for (const { from, to } of zones) expect(to - from).toBeGreaterThanOrEqual(40);
      }),
    );
  });
});

it('gives loose strands more room than tight stitches', () => {
  const [a, b] = flawsFor('overhand').filter(({ phase }) => phase === 'glide');
  const gap = (findings: Findings) => {
    const { stitches } = seamLayout('overhand', findings, size);
    const at = (id: string) => stitches.find((stitch) => stitch.id === id)!.x;
    return at(b!.id) - at(a!.id);
  };
  expect(gap({ [a!.id]: 3, [b!.id]: 3 })).toBeGreaterThan(gap({ [a!.id]: 0, [b!.id]: 0 }));
});

describe('arcs', () => {
  const layout = seamLayout('overhand', {}, size);
  const x = (id: string) => layout.stitches.find((stitch) => stitch.id === id)!.x;
  const arcs = seamArcs(
    layout,
    [
      { cause: 'oh.lift-stall', effect: 'oh.lead-leg-opens', credit: 4 },
      { cause: 'lim.hip-ir.trail', effect: 'oh.hips-late', credit: 1 },
      { cause: 'oh.hips-late', effect: 'sym.miss-high', credit: 2 },
    ],
    80,
  );
  const arc = (cause: string) => arcs.find((each) => each.cause === cause)!;

  it('are as thick as the blame they carry', () => {
    expect(arc('oh.lift-stall').thick).toBe(7);
    expect(arc('oh.hips-late').thick).toBe(4);
    expect(arc('lim.hip-ir.trail').thick).toBe(2.5);
  });
  it('run from cause to effect, from the body at the left and to the ball at the right', () => {
    expect(arc('oh.lift-stall').path).toMatch(new RegExp(`^M${x('oh.lift-stall').toFixed(1)} `));
    expect(arc('oh.lift-stall').end.x).toBe(x('oh.lead-leg-opens'));
    expect(arc('lim.hip-ir.trail').path).toMatch(/^M4\.0 /);
    expect(arc('oh.hips-late').end.x).toBe(354);
  });
  it('are none without threads', () => expect(seamArcs(layout, [], 80)).toEqual([]));
});

describe('stitches', () => {
  const here = { x: 50, y: 20, turn: 0 };
  it('are a hole pair, a tight stitch, or as many loose strands as the flaw is severe', () => {
    expect(Object.keys(stitchPaths(null, 5, here))).toEqual(['holes']);
    expect(stitchPaths(0, 5, here)).toEqual({ tight: 'M48.0 15.0L50.0 20.0L48.0 25.0' });
    for (const grade of [1, 2, 3] as const) {
      expect(stitchPaths(grade, 5, here).loose!.split('C')).toHaveLength(grade + 1);
      expect(stitchPaths(grade, 5, here).torn).toMatch(/^M50\.0 20\.0/);
    }
  });
  it('lie across the seam, whatever its slope', () => {
    expect(stitchPaths(0, 10, { x: 0, y: 0, turn: 90 }).tight).toBe('M10.0 -4.0L0.0 0.0L-10.0 -4.0');
  });
  it('are drawn as one path for each kind', () => {
    const paths = allStitches(
      [
        { ...here, grade: 0 },
        { ...here, grade: 0 },
        { ...here, grade: null },
      ],
      5,
    );
    expect(paths.tight.match(/M/g)).toHaveLength(2);
    expect(paths.loose).toBe('');
  });
});

describe('the seam read aloud', () => {
  it('tells clean from not looked at', () => {
    const words = seamWords('overhand', { 'oh.weight-back': 0, 'oh.lift-stall': 3, 'oh.wobble': 0 });
    expect(words).toMatch(/Set-up: 1 of \d+ looked at, all clean/);
    expect(words).toMatch(/Lift: 2 of \d+ looked at, Momentum dies at the top, severe/);
    expect(words).toContain('Glide: not looked at');
  });
});
