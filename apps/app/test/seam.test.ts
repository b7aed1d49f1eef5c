import {
  flawsFor,
  nodesFor,
  phases,
  trace,
  type Discipline,
  type Findings,
  type Severity,
} from '@wrightonic/core';
import fc from 'fast-check';
import { allStitches, seamLayout, stitchPaths } from '@wrightonic/core/seam';
import { chainOf, nearest, tracePicture } from '../src/ui/seam/picture';
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

describe('the picture of a trace', () => {
  const findings = {
    'oh.lift-stall': 3,
    'oh.lead-leg-opens': 2,
    'oh.hips-late': 2,
    'lim.hip-ir.trail': 2,
    'lim.balance': 1,
    'sym.miss-high': 1,
  } as const;
  const flows = [
    { cause: 'oh.lift-stall', effect: 'oh.lead-leg-opens', credit: 4 },
    { cause: 'lim.hip-ir.trail', effect: 'oh.hips-late', credit: 1 },
    { cause: 'oh.hips-late', effect: 'sym.miss-high', credit: 2 },
  ];
  const wanted = { width: 358, seam: 104, depth: 168, thickest: 9, maxWidth: 12, pegRoom: 32 };
  const picture = tracePicture('overhand', findings, flows, wanted);
  const x = (id: string) => picture.layout.stitches.find((stitch) => stitch.id === id)!.x;
  const ribbon = (cause: string) => picture.ribbons.find((each) => each.cause === cause)!;

  it('draws threads as thick as the blame they carry, from cause to effect', () => {
    expect(ribbon('oh.lift-stall').thick).toBe(9);
    expect(ribbon('oh.hips-late').thick).toBe(5.25);
    expect(ribbon('oh.lift-stall').middle[0]!.x).toBe(x('oh.lift-stall'));
    expect(ribbon('oh.lift-stall').middle.at(-1)!.x).toBeCloseTo(x('oh.lead-leg-opens'), 9);
  });

  it('sets what the body allows and the ball shows below, and leaves out a limit that explains nothing', () => {
    expect(picture.pegs.map(({ id, kind }) => [id, kind])).toEqual([
      ['lim.hip-ir.trail', 'body'],
      ['sym.miss-high', 'ball'],
    ]);
  });

  it('stays inside, and calm: few threads stand out however many there are', () => {
    const all = Object.fromEntries(nodesFor('overhand').map(({ id }) => [id, 3 as Severity]));
    const { flows: every } = trace({
      athlete: { discipline: 'overhand', throws: 'R', age: 15 },
      findings: all,
      runs: 0,
    });
    const full = tracePicture('overhand', all, every, wanted);
    expect(full.ribbons).toHaveLength(every.length);
    expect(full.ribbons.filter(({ strong }) => strong)).toHaveLength(12);
    for (const { middle } of full.ribbons)
      for (const point of middle) {
        expect(point.x).toBeGreaterThanOrEqual(0);
        expect(point.x).toBeLessThanOrEqual(358);
        expect(point.y).toBeLessThanOrEqual(104 + 168);
      }
  });

  it('finds what a tap meant: a thread, a stitch, a peg, or nothing', () => {
    const middle = ribbon('oh.lift-stall').middle[12]!;
    expect(nearest(picture, { x: middle.x, y: middle.y + 12 })).toEqual({
      cause: 'oh.lift-stall',
      effect: 'oh.lead-leg-opens',
    });
    const stitch = picture.layout.stitches.find(({ id }) => id === 'oh.lift-stall')!;
    expect(nearest(picture, { x: stitch.x, y: stitch.y - 10 })).toEqual({ node: 'oh.lift-stall' });
    const peg = picture.pegs[1]!;
    expect(nearest(picture, { x: peg.x + 5, y: peg.y })).toEqual({ node: 'sym.miss-high' });
    expect(nearest(picture, { x: 350, y: 5 })).toBeNull();
  });

  it('follows the threads of a node by way of its effects', () => {
    const on = [...flows, { cause: 'oh.lead-leg-opens', effect: 'oh.hips-late', credit: 1 }];
    expect([...chainOf(on, 'oh.lift-stall')]).toEqual([
      'oh.lift-stall oh.lead-leg-opens',
      'oh.lead-leg-opens oh.hips-late',
      'oh.hips-late sym.miss-high',
    ]);
    expect(chainOf(flows, 'sym.miss-high').size).toBe(0);
  });
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
