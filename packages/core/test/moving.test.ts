import {
  bodyPoints,
  drawGoing,
  drawMoving,
  flaws,
  joints,
  keysOf,
  movingBody,
  posed,
  type Discipline,
} from '../src';
import { movements, ownMovements } from '../src/body/movements';
import { scenes, windmillScenes } from '../src/body/scenes';
import { stances } from '../src/body/stances';
import { steppedBody } from '../src/body/stepped';
import { headOf, holdsBall, reachOf } from './shapes';

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
    const [clean, wrong] = [{}, { [id]: 1 }].map((flaws) => drawMoving({ discipline, flaws }, frame, 30));
    expect(wrong!.count).toBe(clean!.count);
    expect([id, wrong!.frame(wrong!.best)]).not.toEqual([id, clean!.frame(wrong!.best)]);
  }
});

it('mirrors a left-hander, and draws a frame once', () => {
  const of = (hand: 'R' | 'L') => drawMoving({ discipline: 'overhand', flaws: {} }, { ...into, hand }, 30);
  const [right, left] = [of('R'), of('L')];
  expect(headOf(left.frame(20)).x).toBeCloseTo(200 - headOf(right.frame(20)).x, 0);
  expect(right.frame(20)).toBe(right.frame(20));
});

it('lets go of the ball at release', () => {
  const moving = drawMoving({ discipline: 'overhand', flaws: {} }, { ...into, hand: 'R' }, 100);
  const release = Math.round(
    (keysOf('overhand', []).find(({ phase }) => phase === 'release')!.t - 0.3) * 100,
  );
  expect([release - 1, release + 1].map((n) => holdsBall(moving.frame(n)))).toEqual([true, false]);
});

describe('how a drill goes', () => {
  const all: readonly (readonly [string, Discipline])[] = [
    ...Object.keys(scenes).map((id) => [id, 'overhand'] as const),
    ...Object.keys(windmillScenes).map((id) => [id, 'windmill'] as const),
  ];
  const bodyOf = (id: string, discipline: Discipline) => {
    const { stance } = (discipline === 'windmill' ? windmillScenes : scenes)[id]!;
    const steps = discipline === 'windmill' ? movements[stance]! : (ownMovements[id] ?? movements[stance]!);
    return { body: steppedBody(steps, stances[stance]), stance };
  };

  it.each(all)(
    '%s, %s: it moves, in its picture and without a jump, and stands once as its still figure',
    (id, discipline) => {
      const { body, stance } = bodyOf(id, discipline);
      const still = bodyPoints(stances[stance]);
      for (const joint of joints)
        body
          .at(body.here)
          .points[joint].forEach((each, axis) => expect(each).toBeCloseTo(still[joint][axis]!, 6));
      let farthest = 0;
      let before = body.at(0).points;
      for (let t = 1 / 30; t <= body.seconds; t += 1 / 30) {
        const now = body.at(t).points;
        const steps = joints.map((joint) =>
          Math.hypot(...now[joint].map((each, n) => each - before[joint][n]!)),
        );
        expect(Math.max(...steps)).toBeLessThan(0.3);
        const away = joints.map((joint) =>
          Math.hypot(...now[joint].map((each, n) => each - still[joint][n]!)),
        );
        farthest = Math.max(farthest, ...away);
        before = now;
      }
      expect(farthest).toBeGreaterThan(0.05);
      const moving = drawGoing(id, { width: 200, height: 140, hand: 'L', discipline }, 3)!;
      const shapes = new Set<number>();
      for (let n = 0; n < moving.count; n++) {
        const [left, right, top, bottom] = reachOf(moving.frame(n));
        expect(Math.min(left, top)).toBeGreaterThanOrEqual(-2);
        expect([right <= 202, bottom <= 142]).toEqual([true, true]);
        shapes.add(moving.frame(n).length);
      }
      expect(shapes.size).toBe(1);
      expect(moving.best).toBeLessThan(moving.count);
    },
  );

  it('has a movement of its own only for drills that have a figure', () => {
    expect(Object.keys(ownMovements).filter((id) => !scenes[id])).toEqual([]);
  });

  it('keeps the foot that it stands on where it is', () => {
    const { body } = bodyOf('flat-ground-fall', 'overhand');
    const toe = (t: number) => body.at(t).points.trailToe[0];
    for (let t = 0; t < body.here; t += 0.1) expect(toe(t)).toBeCloseTo(toe(0), 6);
  });

  it('lets a strap go with the still figure, and keeps a band', () => {
    const thing = (id: string, n: number) =>
      drawGoing(id, { width: 200, height: 140, hand: 'R', discipline: 'overhand' }, 30)!.frame(n)[1]!.path;
    const { best, count } = drawGoing(
      'strap-release-throw',
      { width: 200, height: 140, hand: 'R', discipline: 'overhand' },
      30,
    )!;
    const held = Math.floor(best + 0.2 * 30);
    expect(thing('strap-release-throw', held)).not.toBe(thing('strap-release-throw', held + 1));
    expect(thing('strap-release-throw', held + 1)).toBe(thing('strap-release-throw', count - 1));
    expect(thing('strap-descent', 0)).not.toBe(thing('strap-descent', 60));
  });

  it('is not there for a drill without a figure', () => {
    expect(
      drawGoing('own-drill', { width: 200, height: 140, hand: 'R', discipline: 'overhand' }, 30),
    ).toBeNull();
  });
});
