import type { Discipline, Severity } from '../catalogue';
import { driftFrom } from '../safety';
import type { CauseGraph } from './graph';

/** What instructors disagree about, as far as it changes a trace or a plan. */
export interface Approach {
  /** Leaving the rubber: push hard and late, or set an angle and let the hips go. */
  leave: 'drive' | 'fall';
  /** Top of the lift: able to stop there, or never stopping. */
  lift: 'balance' | 'drift';
  /** How change is taught: by the surroundings, or by saying and showing. */
  teach: 'constrain' | 'instruct';
  /** Windmill finish: hips close fully, or stay about halfway at release. */
  hips: 'close' | 'half';
}

export const approachSides = {
  leave: ['drive', 'fall'],
  lift: ['balance', 'drift'],
  teach: ['constrain', 'instruct'],
  hips: ['close', 'half'],
} as const satisfies { [K in keyof Approach]: readonly Approach[K][] };

export interface TracedAthlete {
  discipline: Discipline;
  throws: 'L' | 'R';
  /** Years, on the day of the look. */
  age: number;
  approach?: Partial<Approach>;
}

/** Grades by node id; an id that is absent was not looked at. */
export type Findings = Readonly<Record<string, Severity>>;

/**
 * Fills in what the instructor did not set: fall for overhand and drive for windmill; balance below 12, drift from 12
 * on.
 *
 * @example approachFor({ age: 11, discipline: 'overhand' }) // { leave: 'fall', lift: 'balance', teach: 'instruct', hips: 'half' }
 */
export function approachFor(athlete: Pick<TracedAthlete, 'age' | 'approach' | 'discipline'>): Approach {
  return {
    leave: athlete.discipline === 'windmill' ? 'drive' : 'fall',
    lift: athlete.age < driftFrom ? 'balance' : 'drift',
    teach: 'instruct',
    hips: 'half',
    ...Object.fromEntries(Object.entries(athlete.approach ?? {}).filter(([, side]) => side)),
  };
}

/** The flaws that count or not by what an instructor holds, each with the topic. */
export const approachTopics: Readonly<Record<string, keyof Approach>> = {
  'oh.flat-setup': 'leave',
  'wm.hips-slam': 'hips',
  'oh.lift-stall': 'lift',
};

/** Which nodes of a graph a trace counts, by position. */
export interface Counting {
  /** Writes the severities that count into `out`: 0 for clean, not looked at (−1) and whatever is left out. */
  severities: (grades: ArrayLike<number>, out: Float64Array) => Float64Array;
  /** Positions of the flaws that the approach leaves out, given these grades. */
  leftOut: (grades: ArrayLike<number>) => number[];
}

/**
 * Tactical flaws never count. A flat pivot foot does not count under `drive`, closing hips not under `close`, and
 * a stop at the top counts under `balance` only when something that it causes directly is present too.
 *
 * @example counting(graph, traced.approach).leftOut(grades) // []
 */
export function counting(graph: CauseGraph, approach: Approach): Counting {
  const tactical = graph.nodes.flatMap((node, at) =>
    node.type === 'flaw' && node.kind === 'tactical' ? [at] : [],
  );
  const always = [approach.leave === 'drive' && 'oh.flat-setup', approach.hips === 'close' && 'wm.hips-slam']
    .map((id) => (id ? graph.at.get(id) : undefined))
    .filter((at) => at !== undefined);
  const stall = approach.lift === 'balance' ? graph.at.get('oh.lift-stall') : undefined;
  const leftOut = (grades: ArrayLike<number>): number[] =>
    stall !== undefined && !graph.effects[stall]!.some((edge) => grades[edge.at]! > 0)
      ? [...always, stall]
      : always;
  return {
    leftOut,
    severities: (grades, out) => {
      for (let at = 0; at < out.length; at++) out[at] = Math.max(0, grades[at]!);
      for (const at of tactical) out[at] = 0;
      for (const at of leftOut(grades)) out[at] = 0;
      return out;
    },
  };
}
