import type { Pose } from './skeleton';

const radians = Math.PI / 180;
/** A pose at an instant, s; into that of the plant the front foot comes fast. */
export interface Instant {
  t: number;
  pose: Pose;
  phase?: string;
}

/** How much faster than on its way the front foot comes in. */
const landingSpeed = 1.8;

/** Numbers of a pose with the part that each belongs to, in an order that is always the same; a direction is a vector. */
function numbersOf(pose: Pose): { part: string; value: number }[] {
  const walk = (part: string, value: unknown): { part: string; value: number }[] => {
    if (typeof value === 'number') return [{ part, value }];
    if (Array.isArray(value)) {
      const [round, up] = (value as [number, number]).map((each) => each * radians) as [number, number];
      const vector = [Math.cos(up) * Math.cos(round), Math.cos(up) * Math.sin(round), Math.sin(up)];
      return vector.map((each) => ({ part, value: each }));
    }
    return typeof value === 'object'
      ? Object.values(value as object).flatMap((each) => walk(part, each))
      : [];
  };
  return Object.entries(pose).flatMap(([part, value]) => walk(part, value));
}

/** What makes a pose of its numbers, found once for many instants. */
function poser(like: Pose): (numbers: readonly number[]) => Pose {
  let count = 0;
  const maker = (part: unknown): ((numbers: readonly number[]) => unknown) => {
    const n = count;
    if (typeof part === 'number') {
      count += 1;
      return (numbers) => numbers[n]!;
    }
    if (Array.isArray(part)) {
      count += 3;
      return (numbers) => {
        const [x, y, z] = [numbers[n]!, numbers[n + 1]!, numbers[n + 2]!];
        return [Math.atan2(y, x) / radians, Math.atan2(z, Math.hypot(x, y)) / radians];
      };
    }
    if (typeof part !== 'object') return () => part;
    const makers = Object.entries(part as object).map(([key, each]) => [key, maker(each)] as const);
    return (numbers) => {
      const made: Record<string, unknown> = {};
      for (const [key, make] of makers) made[key] = make(numbers);
      return made;
    };
  };
  return maker(like) as (numbers: readonly number[]) => Pose;
}

/** Slope at each key: that of the parabola through it and its neighbours; 0 where something is held. */
function slopes(t: readonly number[], y: readonly number[]): number[] {
  const steps = t.slice(1).map((each, i) => each - t[i]!);
  const secants = steps.map((step, i) => (step > 0 ? (y[i + 1]! - y[i]!) / step : 0));
  return t.map((_, i) => {
    const [a, b] = [secants[i - 1], secants[i]];
    if (!a || !b) return 0;
    const [h, k] = [steps[i - 1]!, steps[i]!];
    return (a * k + b * h) / (h + k);
  });
}

/**
 * The pose at any instant between the keys, smooth but for the front foot, which is stopped by the ground.
 *
 * @example flowOf([0, 1].map((t) => ({ phase: 'lift', t, pose: postureOf('overhand', 'lift') })))(0.5).air // 0
 */
export function flowOf(keys: readonly Instant[]): (t: number) => Pose {
  const times = keys.map(({ t }) => t);
  const rows = keys.map(({ pose }) => numbersOf(pose));
  const landing = keys.findIndex(({ phase }) => phase === 'plant');
  const columns = rows[0]!.map(({ part }, c) => {
    const values = rows.map((row) => row[c]!.value);
    const after = slopes(times, values);
    const arrives = (k: number) =>
      (landingSpeed * (values[k]! - values[k - 1]!)) / (times[k]! - times[k - 1]!);
    const before = after.map((slope, k) => (k === landing && part === 'lead' ? arrives(k) : slope));
    return { values, before, after };
  });
  const posed = keys.map(({ pose }) => poser(pose));
  return (t) => {
    const at = Math.min(times.at(-1)!, Math.max(times[0]!, t));
    let k = 0;
    while (k < times.length - 2 && times[k + 1]! <= at) k++;
    const h = times[k + 1]! - times[k]!;
    const u = h > 0 ? (at - times[k]!) / h : 0;
    const numbers = columns.map(({ values, before, after }) => {
      const [a, b] = [values[k]!, values[k + 1]!];
      return (
        a * (1 + 2 * u) * (1 - u) ** 2 +
        h * after[k]! * u * (1 - u) ** 2 +
        b * u ** 2 * (3 - 2 * u) +
        h * before[k + 1]! * u ** 2 * (u - 1)
      );
    });
    return posed[k]!(numbers);
  };
}
