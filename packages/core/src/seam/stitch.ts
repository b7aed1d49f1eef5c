import type { Severity } from '../catalogue/types';

/** Where a stitch stands, and the slope of the seam there in degrees. */
export interface Place {
  x: number;
  y: number;
  turn: number;
}

/** Paths of stitches, each kind drawn as one, so that a list of seams stays light. */
export interface StitchPaths {
  /** Tight stitches, and the loose strands of popped ones. */
  tight: string;
  loose: string;
  /** Where popped stitches are torn out of the leather, to be filled. */
  torn: string;
  /** Holes without a stitch. */
  holes: string;
}

/** Loose strands, each longer than the one before: three points of a curve from the seam, in tight stitches. */
const strands: readonly (readonly [number, number])[][] = [
  [
    [-0.5, -0.9],
    [0.9, -1.2],
    [0.3, -2.1],
  ],
  [
    [0.8, -1],
    [-0.9, -1.6],
    [-0.4, -2.9],
  ],
  [
    [0.2, -1.2],
    [1.5, -2],
    [1, -3.6],
  ],
];

const circle = (x: string, y: string, r: number): string =>
  `M${x} ${y}m${-r} 0a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

/**
 * One stitch across the seam.
 *
 * @param size half the length of a tight stitch, px
 * @example stitchPaths(0, 5, { x: 10, y: 10, turn: 0 }) // { tight: 'M8.0 5.0L10.0 10.0L8.0 15.0' }
 */
export function stitchPaths(
  grade: Severity | null,
  size: number,
  { x, y, turn }: Place,
): Partial<StitchPaths> {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  const at = (u: number, v: number): [string, string] => [
    (x + size * (u * cos - v * sin)).toFixed(1),
    (y + size * (u * sin + v * cos)).toFixed(1),
  ];
  const point = (u: number, v: number): string => at(u, v).join(' ');
  const round = (u: number, v: number, r: number): string => circle(...at(u, v), Number(r.toFixed(1)));
  if (grade === null) {
    const r = Math.max(1, size * 0.22);
    return { holes: round(0, -0.75, r) + round(0, 0.75, r) };
  }
  if (grade === 0) return { tight: `M${point(-0.4, -1)}L${point(0, 0)}L${point(-0.4, 1)}` };
  const loose = strands
    .slice(0, grade)
    .map((curve) => `M${point(0, 0)}C${curve.map(([u, v]) => point(u, v)).join(' ')}`)
    .join('');
  return { loose, torn: round(0, 0, Math.max(1.2, size * 0.3)) };
}

/**
 * All stitches of a seam.
 *
 * @example allStitches([], 5) // { tight: '', loose: '', torn: '', holes: '' }
 */
export function allStitches(
  stitches: readonly (Place & { grade: Severity | null })[],
  size: number,
): StitchPaths {
  const paths: StitchPaths = { tight: '', loose: '', torn: '', holes: '' };
  for (const stitch of stitches)
    for (const [kind, path] of Object.entries(stitchPaths(stitch.grade, size, stitch)))
      paths[kind as keyof StitchPaths] += path;
  return paths;
}

/** Stitches of this look, and lighter ones of earlier looks. */
export interface StitchLayersOf {
  own: StitchPaths;
  faint: StitchPaths | null;
}

/**
 * All stitches of a seam, those that were carried from an earlier look apart.
 *
 * @example stitchLayers([], 5).faint // null
 */
export function stitchLayers(
  stitches: readonly (Place & { id: string; grade: Severity | null })[],
  size: number,
  carried: readonly { id: string }[] = [],
): StitchLayersOf {
  const old = new Set(carried.map(({ id }) => id));
  return {
    own: allStitches(
      stitches.filter(({ id }) => !old.has(id)),
      size,
    ),
    faint: old.size
      ? allStitches(
          stitches.filter(({ id }) => old.has(id)),
          size,
        )
      : null,
  };
}
