import { majorNutrients } from '../units/quantity'
import type { MixProblem } from './problem'
import type { Solution } from './solve'

/** Room for what a solver leaves of its own tolerance, lb. */
const room = 1e-4

/**
 * What a mix breaks, reckoned from the bags alone and not from any model: nothing where it may be shown. A word a line,
 * for those who mend it.
 */
export function broken({ areas, products }: MixProblem, { takes, bags, fromShed }: Solution): readonly string[] {
  const faults: string[] = []
  const named = (ref: string) => products.find((one) => one.ref === ref)
  const sum = <T>(list: readonly T[], of: (one: T) => number) => list.reduce((total, one) => total + of(one), 0)
  for (const { areaId, product, lb } of takes) {
    const a = areas.findIndex(({ id }) => id === areaId)
    if (!named(product)?.feeds[a]) faults.push(`${product} may not go on ${areaId}`)
    if (!(lb > 0)) faults.push(`${lb} lb of ${product}`)
  }
  for (const ref of new Set(takes.map(({ product }) => product))) {
    const used = sum(
      takes.filter(({ product }) => product === ref),
      ({ lb }) => lb,
    )
    const there = sum(
      fromShed.filter(({ product }) => product === ref),
      ({ lb }) => lb,
    )
    const carried = sum(
      bags.filter(({ product }) => product === ref),
      ({ count, bagLb }) => count * bagLb,
    )
    if (there > (named(ref)?.shed ?? 0) + room) faults.push(`more ${ref} than the shed holds`)
    if (used > there + carried + room) faults.push(`more ${ref} than there is`)
  }
  for (const { count } of bags) if (!Number.isInteger(count) || count < 1) faults.push(`${count} bags`)
  for (const { id, most } of areas)
    for (const nutrient of majorNutrients) {
      const put = sum(
        takes.filter(({ areaId }) => areaId === id),
        ({ product, lb }) => lb * (named(product)?.label[nutrient] ?? 0),
      )
      if (put > most[nutrient] + room) faults.push(`more ${nutrient} on ${id} than any ground is given`)
    }
  return faults
}
