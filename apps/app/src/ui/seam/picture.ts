import type { Discipline, Findings, Severity, Trace } from '@wrightonic/core';
import { seamLayout, type Point, type SeamLayout, type Stitch } from '@wrightonic/core/seam';

type Flow = Trace['flows'][number];

/** A limit of the body or a symptom of the ball, below the seam. */
export interface Peg extends Point {
  id: string;
  kind: 'body' | 'ball';
  grade: Severity;
}

/** A thread from cause to effect. */
export interface Ribbon extends Flow {
  /** Outline, to be filled: thick at the cause, thin at the effect. */
  path: string;
  /** Points along its middle, cause first. */
  middle: Point[];
  /** Thickness at the cause, px. */
  thick: number;
  /** One of those that carry most of the picture; the others stay in the background. */
  strong: boolean;
}

export interface Picture {
  layout: SeamLayout;
  pegs: Peg[];
  ribbons: Ribbon[];
  width: number;
  height: number;
}

export interface PictureSize {
  width: number;
  /** In which the seam swings. */
  seam: number;
  /** Below the seam, for the threads. */
  depth: number;
  /** Of the thickest thread, px. */
  thickest: number;
  /** Strong threads at most. */
  maxWidth: number;
  /** Free at the right, for the names of the last stitches. */
  right?: number;
  /** Names stand at the popped stitches. */
  named?: boolean;
  /** For pegs and their names. */
  pegRoom: number;
}

/** Share of all credit that the strong threads carry at most before the rest steps back. */
const mainShare = 0.75;
const points = 24;
const pegWidth = 23;

const bezier = (a: Point, b: Point, c: Point, d: Point): Point[] =>
  Array.from({ length: points + 1 }, (_, n) => {
    const t = n / points;
    const s = 1 - t;
    const mix = (p: number, q: number, r: number, e: number) =>
      s * s * s * p + 3 * s * s * t * q + 3 * s * t * t * r + t * t * t * e;
    return { x: mix(a.x, b.x, c.x, d.x), y: mix(a.y, b.y, c.y, d.y) };
  });

const at = ({ x, y }: Point): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** A band along a line, from `thick` at its start to a third of that at its end. */
function band(middle: readonly Point[], thick: number): string {
  const sides = middle.map((here, n) => {
    const before = middle[Math.max(0, n - 1)]!;
    const after = middle[Math.min(middle.length - 1, n + 1)]!;
    const length = Math.hypot(after.x - before.x, after.y - before.y) || 1;
    const half = (thick / 2) * (1 - (0.67 * n) / (middle.length - 1));
    const nx = (-(after.y - before.y) / length) * half;
    const ny = ((after.x - before.x) / length) * half;
    return [
      { x: here.x + nx, y: here.y + ny },
      { x: here.x - nx, y: here.y - ny },
    ] as const;
  });
  const there = sides.map(([left]) => at(left));
  const back = sides.map(([, right]) => at(right)).reverse();
  return `M${[...there, ...back].join('L')}Z`;
}

/** Side by side along the bottom: the body on the left, the ball on the right. */
function pegsOf(findings: Findings, flows: readonly Flow[], size: PictureSize): Peg[] {
  const { width, seam, depth, pegRoom } = size;
  const used = new Set(flows.flatMap(({ cause, effect }) => [cause, effect]));
  const shown = Object.entries(findings).filter(
    ([id, grade]) => grade > 0 && (id.startsWith('sym.') || (id.startsWith('lim.') && used.has(id))),
  );
  const low = seam + depth - pegRoom + 14;
  const row = (kind: Peg['kind'], start: string, from: number, to: number): Peg[] => {
    const own = shown.filter(([id]) => id.startsWith(start));
    const apart = (to - from) / own.length;
    return own.map(([id, grade], n) => ({
      id,
      kind,
      grade,
      x: from + apart * (n + 0.5),
      // Too many for one row stand in two.
      y: apart < pegWidth && n % 2 ? low - pegWidth : low,
    }));
  };
  return [
    ...row('body', 'lim.', width * 0.02, width * 0.58),
    ...row('ball', 'sym.', width * 0.64, width * 0.98),
  ];
}

/**
 * The picture of a trace: the seam, what the body and the ball show below it, and the threads between them. A few
 * strong threads carry most of it; the rest is there and stays calm.
 */
export function tracePicture(
  discipline: Discipline,
  findings: Findings,
  flows: readonly Flow[],
  size: PictureSize,
): Picture {
  const { width, seam, depth, thickest, maxWidth, right = 0, named = false } = size;
  const layout = seamLayout(discipline, findings, {
    width: width - right,
    height: seam,
    margin: 10,
    named,
  });
  const pegs = pegsOf(findings, flows, size);
  const stitches = new Map(layout.stitches.map((stitch) => [stitch.id, stitch]));
  const below = new Map(pegs.map((peg) => [peg.id, peg]));
  const largest = Math.max(...flows.map(({ credit }) => credit), Number.MIN_VALUE);
  const total = flows.reduce((sum, { credit }) => sum + credit, 0);
  const floor = Math.min(seam + depth, ...pegs.map(({ y }) => y - 14)) - 6;

  const xOf = (id: string): number | undefined => stitches.get(id)?.x;
  /** The longest way along the seam hangs deepest. */
  const longest = Math.max(
    ...flows.map(({ cause, effect }) => Math.abs((xOf(effect) ?? 0) - (xOf(cause) ?? xOf(effect) ?? 0))),
    width / 3,
  );

  const hung = ({ x, y }: Stitch): Point => ({ x, y: y + 11 });
  const top = ({ x, y }: Peg): Point => ({ x, y: y - 11 });
  const middleOf = ({ cause, effect }: Flow): Point[] | null => {
    const [from, to] = [stitches.get(cause), stitches.get(effect)];
    const [body, ball] = [below.get(cause), below.get(effect)];
    if (from && to) {
      const [a, b] = [hung(from), hung(to)];
      const reach = Math.abs(b.x - a.x) / longest;
      const deepest = Math.max(a.y, b.y) + (floor - Math.max(a.y, b.y)) * (0.22 + 0.78 * Math.sqrt(reach));
      // A cubic with both handles at one depth comes three quarters of the way there.
      const low = Math.max(a.y, b.y) + ((deepest - Math.max(a.y, b.y)) * 4) / 3;
      return bezier(a, { x: a.x, y: low }, { x: b.x, y: low }, b);
    }
    const a = from ? hung(from) : body ? top(body) : null;
    const b = to ? hung(to) : ball ? top(ball) : null;
    if (!a || !b) return null;
    const half = (a.y + b.y) / 2;
    return bezier(a, { x: a.x, y: half }, { x: b.x, y: half }, b);
  };

  let carried = 0;
  const ribbons = [...flows]
    .sort((a, b) => b.credit - a.credit)
    .flatMap((flow, n): Ribbon[] => {
      const middle = middleOf(flow);
      if (!middle) return [];
      const thick = 1.5 + ((thickest - 1.5) * flow.credit) / largest;
      const strong = n < maxWidth && (n === 0 || carried < mainShare * total);
      carried += flow.credit;
      return [{ ...flow, path: band(middle, thick), middle, thick, strong }];
    });
  // The strongest are drawn last, on top.
  return { layout, pegs, ribbons: ribbons.reverse(), width, height: seam + depth };
}

/** What of the picture is meant. */
export type Chosen = { node: string } | { cause: string; effect: string };

/** Farther away nothing was meant, px. */
const reachOf = { node: 16, arc: 18 };

/** What lies nearest to a tap; null where there is nothing near. */
export function nearest({ layout, pegs, ribbons }: Picture, { x, y }: Point): Chosen | null {
  const nodes = [
    ...pegs,
    ...layout.stitches
      .filter(({ grade }) => (grade ?? 0) > 0)
      .map((stitch) => ({ ...stitch, y: stitch.y - 8 })),
  ];
  const far = (point: Point) => Math.hypot(point.x - x, point.y - y);
  const node = nodes.reduce<{ id: string; far: number } | null>(
    (best, each) => (far(each) < (best?.far ?? reachOf.node) ? { id: each.id, far: far(each) } : best),
    null,
  );
  if (node) return { node: node.id };
  const arc = ribbons.reduce<{ ribbon: Ribbon; far: number } | null>((best, ribbon) => {
    const away = Math.max(0, Math.min(...ribbon.middle.map(far)) - ribbon.thick / 2);
    // Of two as near as each other the one that carries more was meant; those come later.
    return away <= Math.min(best?.far ?? reachOf.arc, reachOf.arc) ? { ribbon, far: away } : best;
  }, null);
  return arc && { cause: arc.ribbon.cause, effect: arc.ribbon.effect };
}

/** Every thread that runs on from a node, by way of its effects. */
export function chainOf(flows: readonly Flow[], node: string): Set<string> {
  const reached = new Set([node]);
  const chain = new Set<string>();
  for (let grown = true; grown;) {
    grown = false;
    for (const { cause, effect } of flows)
      if (reached.has(cause) && !chain.has(`${cause} ${effect}`)) {
        chain.add(`${cause} ${effect}`);
        reached.add(effect);
        grown = true;
      }
  }
  return chain;
}
