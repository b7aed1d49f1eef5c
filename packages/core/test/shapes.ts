import type { Shape } from '../src';

/** The figures of an SVG path. */
export const numbersOf = (path: string): number[] =>
  [...path.matchAll(/-?\d+(\.\d+)?/g)].map(([n]) => Number(n));

/** How far the lines of a picture reach: left, right, top, bottom. */
export function reachOf(shapes: readonly Shape[]): [number, number, number, number] {
  const all = shapes
    .filter(({ path, ink }) => path && ink !== 'ball' && !path.includes('a'))
    .map(({ path }) => numbersOf(path));
  const xs = all.flatMap((each) => each.filter((_, n) => n % 2 === 0));
  const ys = all.flatMap((each) => each.filter((_, n) => n % 2 === 1));
  return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
}

/** The last two of a body, from the end: its head, and a ball where it holds one. */
const [head, ball] = [2, 1];

/** Where the middle of the head is, px. */
export function headOf(shapes: readonly Shape[]): { x: number; y: number } {
  const [left, y, r] = numbersOf(shapes.at(-head)!.path) as [number, number, number];
  return { x: left + r, y };
}
export const holdsBall = (shapes: readonly Shape[]): boolean => shapes.at(-ball)!.path !== '';
