import * as fc from 'fast-check'
import { solve as solveBySimplex, type Model as SimplexModel } from 'yalps'
import { broken } from '../core/mix/check'
import { modelOf, type Model } from '../core/mix/model'
import type { MixProblem } from '../core/mix/problem'
import { solveMix, type Solver } from '../core/mix/solve'
import { aims, type Aim } from '../core/case/applications'
import { tolerance, wholeWhereNone } from '../core/bags/tolerance'
import { unpricedPound, weights } from '../core/mix/weights'
import { anyMix } from '../core/testing/any-mix'
import { majorNutrients } from '../core/units/quantity'
import { highsSolver } from './highs'

let solver: Solver
beforeAll(async () => {
  solver = await highsSolver()
})

const exact = { seconds: 60, gap: 1e-6 }
const anyAim = fc.constantFrom(...aims)

/** The least that a second solver finds; undefined where it does not come to an end. */
function leastBySimplex({ columns, rows }: Model): number | undefined {
  const constraints = new Map<string, { min?: number; max?: number }>()
  const variables = new Map<string, Map<string, number>>(
    columns.map(({ cost }, i) => [`x${i}`, new Map([['cost', cost]])]),
  )
  rows.forEach(({ low, high, terms }, r) => {
    constraints.set(`r${r}`, {
      ...(Number.isFinite(low) && { min: low }),
      ...(Number.isFinite(high) && { max: high }),
    })
    for (const [column, factor] of terms) variables.get(`x${column}`)!.set(`r${r}`, factor)
  })
  columns.forEach(({ high }, i) => {
    if (!Number.isFinite(high)) return
    constraints.set(`h${i}`, { max: high })
    variables.get(`x${i}`)!.set(`h${i}`, 1)
  })
  const integers = columns.flatMap(({ whole }, i) => (whole ? [`x${i}`] : []))
  const model: SimplexModel = { direction: 'minimize', objective: 'cost', constraints, variables, integers }
  const { status, result } = solveBySimplex(model, { tolerance: 0, timeout: 3_000, maxIterations: 200_000 })
  return status === 'optimal' ? result : undefined
}

test('what to buy costs what a second solver finds, to 0.1 %', () => {
  const compared = fc.sample(fc.tuple(anyMix(3, 4), anyAim), { numRuns: 340, seed: 15 }).filter(([problem, aim]) => {
    const { model } = modelOf(problem, aim)
    const least = model.columns.length > 0 ? leastBySimplex(model) : undefined
    if (least === undefined) return false
    const { values, objective, gap } = solver(model, exact)
    expect([values === null, gap]).toEqual([false, 0])
    expect(Math.abs(objective - least)).toBeLessThanOrEqual(0.001 * Math.max(1, Math.abs(least)))
    return true
  })
  expect(compared.length).toBeGreaterThanOrEqual(300)
})

test('no mix breaks a bag, a ban or a bound, and it says of every need that is missed', () =>
  fc.assert(
    fc.property(anyMix(4, 6), anyAim, (problem, aim) => {
      const found = solveMix(problem, aim, solver)
      if (!found) return
      expect(broken(problem, found)).toEqual([])
      if (aim === 'single') expect(new Set(found.takes.map(({ product }) => product)).size).toBeLessThanOrEqual(1)
      if (aim === 'shed') expect(found.bags).toEqual([])
      problem.areas.forEach(({ id, needs }, a) => {
        for (const nutrient of majorNutrients) {
          const need = needs[nutrient]
          if (need === null || need === 0 || (aim === 'no-phosphorus' && nutrient === 'P₂O₅')) continue
          const carried = found.takes
            .filter(({ areaId }) => areaId === id)
            .reduce(
              (sum, one) => sum + one.lb * problem.products.find(({ ref }) => ref === one.product)!.feeds[a]![nutrient],
              0,
            )
          const missed = found.missed.find((one) => one.areaId === id && one.nutrient === nutrient)
          const off = carried - need
          if (missed) expect(missed.side === 'short' ? -missed.lb : missed.lb).toBeCloseTo(off, 6)
          else
            expect([
              off >= -tolerance[nutrient].short * need - 1e-4,
              off <= tolerance[nutrient].over * need + 1e-4,
            ]).toEqual([true, true])
        }
      })
    }),
    { numRuns: 300, seed: 16 },
  ))

/** The least of a convex function between 0 and `high`, by golden sections. */
function leastOf(of: (x: number) => number, high: number): number {
  const golden = (Math.sqrt(5) - 1) / 2
  let [from, to] = [0, high]
  let [a, b] = [to - golden * (to - from), from + golden * (to - from)]
  let [atA, atB] = [of(a), of(b)]
  for (let i = 0; i < 34 && to - from > 1e-7 * high; i += 1) {
    if (atA <= atB) {
      ;[to, b, atB] = [b, a, atA]
      a = to - golden * (to - from)
      atA = of(a)
    } else {
      ;[from, a, atA] = [a, b, atB]
      b = from + golden * (to - from)
      atB = of(b)
    }
  }
  return Math.min(atA, atB)
}

/**
 * The objective as docs/mix.md states it, reckoned without any model: every number of whole bags is tried, and of each the
 * best way to put them on, which is the least of a convex function of at most three weights.
 */
function leastByTrying({ areas: [area], products }: MixProblem, aim: Aim): number {
  const weight = weights[aim]
  const used = products.filter(
    ({ organic, phosphorus, shed, bags }) =>
      (aim !== 'organic' || organic) &&
      (aim !== 'no-phosphorus' || !phosphorus) &&
      (aim !== 'shed' || shed > 0) &&
      (aim !== 'cheapest' || shed > 0 || bags.some(({ price }) => price !== null)),
  )
  const counted = majorNutrients.filter(
    (nutrient) =>
      area!.needs[nutrient] !== null && !(aim === 'no-phosphorus' && nutrient === 'P₂O₅' && area!.needs[nutrient]! > 0),
  )
  const most = used.map(({ feeds: [fed], label }) => {
    const asked = counted.map((nutrient) =>
      fed && fed[nutrient] > 0 ? (1.3 * area!.needs[nutrient]!) / fed[nutrient] : 0,
    )
    const allowed = majorNutrients.map((nutrient) =>
      label[nutrient] > 0 ? area!.most[nutrient] / label[nutrient] : Infinity,
    )
    return Math.min(Math.max(0, ...asked), ...allowed)
  })
  const penalty = (lb: readonly number[]) => {
    let sum = 0
    for (const nutrient of counted) {
      const need = area!.needs[nutrient]!
      const whole = need || (wholeWhereNone[nutrient] * area!.size) / 1_000
      const off = lb.reduce((total, one, i) => total + one * (used[i]!.feeds[0]?.[nutrient] ?? 0), 0) - need
      const within = need > 0 ? (off < 0 ? tolerance[nutrient].short : tolerance[nutrient].over) * need : 0
      sum +=
        (weight.within * Math.min(Math.abs(off), within) + weight.beyond * Math.max(0, Math.abs(off) - within)) / whole
    }
    return sum
  }
  const broke = (lb: readonly number[]) =>
    majorNutrients.reduce(
      (sum, nutrient) =>
        sum +
        Math.max(0, lb.reduce((total, one, i) => total + one * used[i]!.label[nutrient], 0) - area!.most[nutrient]),
      0,
    )
  const best = (highs: readonly number[], fixed: readonly number[] = []): number => {
    if (fixed.length === highs.length) return penalty(fixed) + 1e7 * broke(fixed)
    return leastOf((lb) => best(highs, [...fixed, lb]), highs[fixed.length]!)
  }
  const lots = used.map(({ bags, shed }, i) => {
    const sizes = bags.filter(({ price }) => aim !== 'shed' && !(aim === 'cheapest' && price === null))
    let found = [{ lb: shed, cost: 0 }]
    for (const { lb, price } of sizes) {
      const counts = Array.from({ length: Math.ceil(most[i]! / lb) + 1 }, (_, count) => count)
      found = found.flatMap((one) =>
        counts.map((count) => ({ lb: one.lb + count * lb, cost: one.cost + count * (price ?? lb * unpricedPound) })),
      )
    }
    // Of lots that reach as far the cheapest will do.
    const reach = new Map<number, number>()
    for (const { lb, cost } of found) {
      const far = Math.min(lb, most[i]!)
      reach.set(far, Math.min(reach.get(far) ?? Infinity, cost))
    }
    return [...reach].map(([far, cost]) => ({ far, cost, extra: far > 0 ? weight.product : 0 }))
  })
  let least = Infinity
  const tryAll = (at: number, highs: readonly number[], cost: number, many: number): void => {
    if (cost >= least || (aim === 'single' && many > 1)) return
    if (at === lots.length) least = Math.min(least, cost + best(highs))
    else {
      // Left in the shed, it is not counted.
      tryAll(at + 1, [...highs, 0], cost, many)
      for (const { far, cost: each, extra } of lots[at]!)
        if (far > 0) tryAll(at + 1, [...highs, far], cost + weight.cost * each + extra, many + 1)
    }
  }
  tryAll(0, [], 0, 0)
  return least
}

test('for one area and up to three products nothing better is found by trying every number of bags', () => {
  const small = fc.sample(fc.tuple(anyMix(1, 3), anyAim), { numRuns: 60, seed: 17 })
  for (const [problem, aim] of small) {
    const { model, layout } = modelOf(problem, aim)
    if (layout.spread.length === 0) continue
    const { objective } = solver(model, exact)
    const tried = leastByTrying(problem, aim)
    expect(objective).toBeGreaterThanOrEqual(tried * 0.998 - 0.02)
    expect(objective).toBeLessThanOrEqual(tried * 1.001 + 0.02)
  }
})
