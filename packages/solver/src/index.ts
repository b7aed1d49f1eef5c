import type { Programme, Solve, Solved, SolveHow } from '@wrightonic/core';
import loadHighs, { type Highs } from 'highs';

/** HiGHS speaks of its states in numbers. */
const optimal = 7;
const infeasible = 8;
const feasiblePoint = 2;

function solveWith(
  highs: Highs,
  programme: Programme,
  { gap, seconds, start }: SolveHow,
): Omit<Solved, 'seconds'> {
  const { rows, gain, lower, upper, integer } = programme;
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { terms } of rows) {
    for (const [column, factor] of terms) {
      indices.push(column);
      values.push(factor);
    }
    starts.push(indices.length);
  }
  const model = highs.createModel({
    numCols: gain.length,
    numRows: rows.length,
    sense: highs.constants.objectiveSense.maximize,
    colCost: gain,
    colLower: lower,
    colUpper: upper,
    rowLower: rows.map(({ low }) => (Number.isFinite(low) ? low : -highs.infinity)),
    rowUpper: rows.map(({ high }) => (Number.isFinite(high) ? high : highs.infinity)),
    matrix: {
      format: 'csr',
      numRows: rows.length,
      numCols: gain.length,
      starts,
      indices,
      values,
    },
    integrality: integer.map((isInteger) => (isInteger ? 1 : 0)),
  });
  try {
    model.options.set({ output_flag: false, mip_rel_gap: gap, time_limit: seconds });
    if (start) model.setSolution({ colValue: [...start] });
    model.run();
    const status = model.getModelStatus();
    const steps = Number(model.info.get('simplex_iteration_count'));
    const nothing = { values: [], objective: 0, steps };
    if (status === infeasible) return { status: 'infeasible', bound: 0, ...nothing };
    if (model.info.get('primal_solution_status') !== feasiblePoint)
      return { status: 'none', bound: Number(model.info.get('mip_dual_bound')), ...nothing };
    const objective = model.getObjectiveValue();
    const bound = Number(model.info.get('mip_dual_bound'));
    // Without whole numbers HiGHS keeps no bound; there the best is its own.
    const proven = integer.some(Boolean) && Number.isFinite(bound);
    return {
      status: 'solved',
      values: [...model.getSolution().colValue],
      objective,
      steps,
      bound: proven ? bound : status === optimal ? objective : Number.POSITIVE_INFINITY,
    };
  } finally {
    model.dispose();
  }
}

/** Loads HiGHS once; what comes back solves one programme after the other and blocks while it does. */
export async function loadSolver(): Promise<Solve> {
  const highs = await loadHighs();
  return (programme, how) => {
    const began = performance.now();
    const solved = solveWith(highs, programme, how);
    return { ...solved, seconds: (performance.now() - began) / 1000 };
  };
}
