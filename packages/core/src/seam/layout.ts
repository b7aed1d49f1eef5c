import { flawsFor, phases } from '../catalogue/checkpoints';
import type { Discipline, Phase, Severity } from '../catalogue/types';
import type { Findings } from '../trace';

export interface Point {
  x: number;
  y: number;
}

export interface Stitch extends Point {
  id: string;
  name: string;
  phase: Phase;
  /** Null is not looked at: a hole without a stitch. */
  grade: Severity | null;
  /** Slope of the seam here, degrees. */
  turn: number;
}

export interface Zone {
  phase: Phase;
  from: number;
  to: number;
}

export interface SeamLayout {
  width: number;
  height: number;
  /** The seam itself, as an SVG path. */
  line: string;
  stitches: Stitch[];
  zones: Zone[];
}

interface Measures {
  width: number;
  /** Height in which the seam swings. */
  height: number;
  /** Space left and right of the seam. */
  margin?: number;
  /** Popped stitches stand far enough apart for their names; phases without any give way. */
  named?: boolean;
}

/** Of an even share of the width, what each phase has at least; with so much every phase can be tapped on a phone. */
const leastShare = 0.86;
const leastNamed = 0.5;

/** A popped stitch needs room for its loose strands. */
const room = (grade: Severity | null): number => (grade === null ? 0.8 : 1 + grade * 0.45);
const roomNamed = (grade: Severity | null): number =>
  grade ? 2.6 + grade * 0.3 : grade === null ? 0.35 : 0.8;

/**
 * Where the stitches of a delivery stand: phases in order from left to right along a line that swings like the
 * seam of a ball. Each phase keeps most of an even share of the width, so that it can be tapped.
 *
 * @returns places in the unit of the measures
 * @example seamLayout('overhand', {}, { width: 300, height: 80 }).zones.length // 7
 */
export function seamLayout(discipline: Discipline, findings: Findings, measures: Measures): SeamLayout {
  const { width, height, margin = 8, named = false } = measures;
  const roomOf = named ? roomNamed : room;
  const inner = width - 2 * margin;
  const order = phases[discipline];
  const byPhase = order.map((phase) => flawsFor(discipline).filter((flaw) => flaw.phase === phase));
  const gradeOf = (id: string): Severity | null => findings[id] ?? null;
  const rooms = byPhase.map((flaws) => flaws.reduce((sum, { id }) => sum + roomOf(gradeOf(id)), 0));
  const total = rooms.reduce((sum, r) => sum + r, 0);
  const atLeast = ((named ? leastNamed : leastShare) * inner) / order.length;
  const free = inner - atLeast * order.length;

  const middle = height / 2;
  const swing = height * 0.2;
  const at = (x: number): number => middle - swing * Math.sin(((x - margin) / inner) * 2 * Math.PI);
  const slope = (x: number): number =>
    (Math.atan(-swing * ((2 * Math.PI) / inner) * Math.cos(((x - margin) / inner) * 2 * Math.PI)) * 180) /
    Math.PI;

  const stitches: Stitch[] = [];
  const zones: Zone[] = [];
  let from = margin;
  order.forEach((phase, n) => {
    const span = atLeast + (free * rooms[n]!) / total;
    const inset = span * 0.06;
    let passed = 0;
    for (const { id, name } of byPhase[n]!) {
      const grade = gradeOf(id);
      const x = from + inset + ((span - 2 * inset) * (passed + roomOf(grade) / 2)) / rooms[n]!;
      stitches.push({ id, name, phase, grade, x, y: at(x), turn: slope(x) });
      passed += roomOf(grade);
    }
    zones.push({ phase, from, to: from + span });
    from += span;
  });
  const steps = Math.max(24, Math.round(inner / 8));
  const line = Array.from({ length: steps + 1 }, (_, step) => {
    const x = margin + (inner * step) / steps;
    return `${step ? 'L' : 'M'}${x.toFixed(1)} ${at(x).toFixed(1)}`;
  }).join('');
  return { width, height, line, stitches, zones };
}
