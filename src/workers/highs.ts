import loadHighs, { type Highs } from 'highs'
import type { Model } from '../core/mix/model'
import type { Limits, Solver } from '../core/mix/solve'

/** The solver, once its WebAssembly is there. Rejects where there is none. */
export async function highsSolver(): Promise<Solver> {
  const highs = await loadHighs()
  return (model, limits) => solved(highs, model, limits)
}

/** HiGHS’s word for a solution that keeps to every bound. */
const feasible = 2

function solved(highs: Highs, model: Model, { seconds, gap: enough }: Limits): ReturnType<Solver> {
  const { columns, rows } = model
  const endless = (v: number) => (v === Infinity ? highs.infinity : v === -Infinity ? -highs.infinity : v)
  const starts = [0]
  for (const { terms } of rows) starts.push(starts.at(-1)! + terms.length)
  const { continuous, integer } = highs.constants.variableType
  return highs.withModel(
    {
      numCols: columns.length,
      numRows: rows.length,
      colCost: columns.map(({ cost }) => cost),
      colLower: columns.map(() => 0),
      colUpper: columns.map(({ high }) => endless(high)),
      rowLower: rows.map(({ low }) => endless(low)),
      rowUpper: rows.map(({ high }) => endless(high)),
      matrix: {
        format: 'csr',
        numRows: rows.length,
        numCols: columns.length,
        starts,
        indices: rows.flatMap(({ terms }) => terms.map(([column]) => column)),
        values: rows.flatMap(({ terms }) => terms.map(([, factor]) => factor)),
      },
      integrality: columns.map(({ whole }) => (whole ? integer : continuous)),
    },
    (one) => {
      one.options.set({ output_flag: false, time_limit: seconds, random_seed: 1, mip_rel_gap: enough })
      one.run()
      const found = Number(one.info.get('primal_solution_status')) === feasible
      const gap = Number(one.info.get('mip_gap'))
      return {
        values: found ? [...one.getSolution().colValue] : null,
        objective: one.getObjectiveValue(),
        gap: Number.isFinite(gap) && gap > enough ? gap : 0,
      }
    },
  )
}
