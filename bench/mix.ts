import * as fc from 'fast-check'
import { solveMix } from '../src/core/mix/solve'
import { aims } from '../src/core/case/applications'
import { anyMix } from '../src/core/testing/any-mix'
import { highsSolver } from '../src/workers/highs'

/** How long mixes of 8 areas and 12 products take, what to buy and how to share it out together. */
const [areas, products, runs] = [8, 12, 15]
const problems = fc
  .sample(anyMix(areas, products), { numRuns: 4_000, seed: 8 })
  .filter((one) => one.areas.length === areas && one.products.length === products)
  .slice(0, runs)

async function measure() {
  const solver = await highsSolver()
  console.log(
    `mixes of ${areas} areas and ${products} products, ${problems.length} of them, ms (median under 500 wanted)`,
  )
  for (const aim of aims) {
    const times = problems.map((problem) => {
      const from = performance.now()
      solveMix(problem, aim, solver)
      return performance.now() - from
    })
    times.sort((a, b) => a - b)
    const at = (share: number) => Math.round(times[Math.floor((times.length - 1) * share)]!)
    console.log(`  ${aim.padEnd(14)} median ${at(0.5)}, nine of ten ${at(0.9)}, most ${at(1)}`)
  }
}

void measure()
