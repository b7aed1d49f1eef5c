/** An integer programme as plain numbers: maximise gain · x over rows low ≤ terms · x ≤ high. */
export interface Programme {
  gain: number[];
  lower: number[];
  upper: number[];
  integer: boolean[];
  rows: Row[];
}

export interface Row {
  /** The rule that the row stands for; null for rows that only tie columns together. */
  rule: Rule | null;
  low: number;
  high: number;
  terms: Term[];
}

export type Term = readonly [column: number, factor: number];

export interface Rule {
  /**
   * `limit` guards health and needs a typed reason to be broken, `time` and `place` are what there is, `habit` is how
   * a week is laid out, `pin` was set by the instructor.
   */
  kind: 'limit' | 'time' | 'place' | 'habit' | 'pin';
  words: string;
  /** The day that it is about; null for the whole week. */
  date: string | null;
}

export interface SolveHow {
  /** Relative gap at which to stop. */
  gap: number;
  seconds: number;
  /** Values to start from. */
  start?: readonly number[] | undefined;
}

export interface Solved {
  /** `none`: nothing was found in the time. */
  status: 'solved' | 'infeasible' | 'none';
  values: readonly number[];
  objective: number;
  /** Nothing is worth more than this. */
  bound: number;
  /** The time that it took, s. */
  seconds: number;
  /** Steps of the simplex method that it took: the same on every machine. */
  steps: number;
}

/** Whatever solves integer programmes. */
export type Solve = (programme: Programme, how: SolveHow) => Solved;

export const free = Number.POSITIVE_INFINITY;

/**
 * Columns that are counted once each; those that there are not are left out.
 *
 * @example ones([4, null, 7]) // [ [ 4, 1 ], [ 7, 1 ] ]
 */
export const ones = (columns: readonly (number | null | undefined)[]): Term[] =>
  columns.flatMap((column) => (column === null || column === undefined ? [] : [[column, 1] as const]));

/**
 * The same, taken away.
 *
 * @example less([4, null]) // [ [ 4, -1 ] ]
 */
export const less = (columns: readonly (number | null | undefined)[]): Term[] =>
  ones(columns).map(([column]): Term => [column, -1]);

/** Writes an integer programme column by column and row by row. */
export class Writer {
  readonly programme: Programme = { gain: [], lower: [], upper: [], integer: [], rows: [] };

  column(upper: number, integer: boolean, gain = 0): number {
    const { programme: p } = this;
    p.gain.push(gain);
    p.lower.push(0);
    p.upper.push(upper);
    return p.integer.push(integer) - 1;
  }

  row(rule: Rule | null, low: number, terms: readonly Term[], high: number): void {
    if (terms.length) this.programme.rows.push({ rule, low, high, terms: [...terms] });
  }

  atMost(rule: Rule | null, terms: readonly Term[], high: number): void {
    this.row(rule, -free, terms, high);
  }

  /** Where the first of two is greater than 0, the second is at least as great. */
  implies(first: number, second: number): void {
    this.atMost(
      null,
      [
        [first, 1],
        [second, -1],
      ],
      0,
    );
  }

  atLeast(rule: Rule | null, terms: readonly Term[], low: number): void {
    this.row(rule, low, terms, free);
  }
}

/** Rounding of a solver is below this. */
const tolerance = 1e-6;

/**
 * The rules that values break, each once.
 *
 * @example broken(layout.programme, layout.programme.gain.map(() => 0)).length // 0
 */
export function broken({ rows }: Programme, values: readonly number[]): Rule[] {
  const rules = new Set<Rule>();
  for (const { rule, low, high, terms } of rows) {
    if (!rule || rules.has(rule)) continue;
    const sum = terms.reduce((all, [column, factor]) => all + factor * (values[column] ?? 0), 0);
    if (sum < low - tolerance || sum > high + tolerance) rules.add(rule);
  }
  return [...rules];
}

/**
 * Rules that cannot hold together and of which none can be dropped: each rule is taken out in turn, and stays out where
 * the rest still clashes. Empty when everything can hold.
 *
 * @example irreducibleInfeasibleSet(layout.programme, solve) // []
 */
export function irreducibleInfeasibleSet(programme: Programme, solve: Solve): Rule[] {
  const feasible = (rules: ReadonlySet<Rule>): boolean =>
    solve(
      {
        ...programme,
        gain: programme.gain.map(() => 0),
        rows: programme.rows.filter(({ rule }) => rule === null || rules.has(rule)),
      },
      { gap: 1, seconds: 5 },
    ).status !== 'infeasible';
  const kept = new Set(programme.rows.flatMap(({ rule }) => rule ?? []));
  if (feasible(kept)) return [];
  // What the instructor pinned comes last, so that a clash is told by the pins that make it.
  const inTurn = [...kept].sort((a, b) => Number(a.kind === 'pin') - Number(b.kind === 'pin'));
  for (const rule of inTurn) {
    kept.delete(rule);
    if (feasible(kept)) kept.add(rule);
  }
  return [...kept];
}
