import { drawMoving, flaws, keysOf, movingBody, posed } from '../src';

const into = { width: 200, height: 160, view: 'side' } as const;

it.each(['overhand', 'windmill'] as const)('keeps the front foot where it landed, %s', (discipline) => {
  const { at, plant, seconds } = movingBody(keysOf(discipline, []));
  const [x, y, z] = at(plant).points.leadAnkle;
  for (let t = plant; t < seconds; t += 0.05) {
    const [a, b, c] = at(t).points.leadAnkle;
    expect([a - x, b - y, c - z].every((each) => Math.abs(each) < 1e-9)).toBe(true);
  }
});

it('moves smoothly: no part jumps from one frame to the next', () => {
  for (const discipline of ['overhand', 'windmill'] as const) {
    const { at, seconds } = movingBody(keysOf(discipline, []));
    for (let t = 0.01; t < seconds; t += 0.01) {
      const [before, now] = [at(t - 0.01).points, at(t).points];
      for (const joint of ['pelvis', 'head', 'leadKnee', 'trailKnee', 'throwingElbow'] as const)
        expect(Math.hypot(...now[joint].map((each, n) => each - before[joint][n]!))).toBeLessThan(0.12);
    }
  }
});

it('draws every flaw differently from a clean delivery, where it is seen best', () => {
  for (const { id, discipline } of flaws) {
    const frame = { ...into, view: posed(id)!.view, hand: 'R' } as const;
    const [clean, wrong] = [null, id].map((flaw) => drawMoving({ discipline, flaw }, frame, 30));
    expect(wrong!.count).toBe(clean!.count);
    expect([id, wrong!.frame(wrong!.best)]).not.toEqual([id, clean!.frame(wrong!.best)]);
  }
});

it('mirrors a left-hander, and draws a frame once', () => {
  const of = (hand: 'R' | 'L') => drawMoving({ discipline: 'overhand', flaw: null }, { ...into, hand }, 30);
  const [right, left] = [of('R'), of('L')];
  expect(left.frame(20).head.x).toBeCloseTo(200 - right.frame(20).head.x, 6);
  expect(right.frame(20)).toBe(right.frame(20));
});
