import type { ChosenMix } from '../case/applications'
import type { Case } from '../case/case'
import { lbNeeded } from '../needs/need'
import type { Recommendation } from '../recommend'
import { lbInShed } from '../shelf/shed'
import type { Product } from '../shelf/product'
import { majorNutrients, type MajorNutrient } from '../units/quantity'

/** Figures alike to so many digits are one need. */
const digits = 4

type Found = Pick<Recommendation, 'areas'>

/** The three needs of the areas of a mix as they are now, to be kept with it. */
export const needsNow = (takes: ChosenMix['takes'], { areas }: Found): ChosenMix['needs'] =>
  [...new Set(takes.map(({ areaId }) => areaId))].flatMap((areaId) => {
    const needs = areas.find((one) => one.areaId === areaId)?.answer?.needs ?? []
    return majorNutrients.map((of) => {
      const need = needs.find((one) => one.of === of)
      return { areaId, of, lb: (need && lbNeeded(need)) ?? null }
    })
  })

/** A need that is another than it was when a mix was taken, lb; null where it is not known. */
export interface Changed {
  readonly areaId: string
  readonly of: MajorNutrient
  readonly before: number | null
  readonly now: number | null
}

/** What of its needs is another than when a mix was taken. */
export function changedSince({ needs, takes }: ChosenMix, recommendation: Found): readonly Changed[] {
  const now = needsNow(takes, recommendation)
  return needs.flatMap(({ areaId, of, lb: before }) => {
    const after = now.find((one) => one.areaId === areaId && one.of === of)?.lb ?? null
    return before?.toPrecision(digits) === after?.toPrecision(digits) ? [] : [{ areaId, of, before, now: after }]
  })
}

/** lb of a product that the mix counted on and that are no longer in the shed. */
export function goneFromShed({ fromShed }: ChosenMix, shed: Case['shed'], products: readonly Product[]) {
  const there = lbInShed(shed, products)
  return fromShed.flatMap(({ product, lb }) => {
    const missing = lb - (there.get(product) ?? 0)
    return missing > 1e-3 * lb ? [{ product, lb: missing }] : []
  })
}

/** Whether a case's mix was made for something else than what is so today. */
export const isStale = (
  { mix, shed }: Pick<Case, 'mix' | 'shed'>,
  recommendation: Found,
  products: readonly Product[],
): boolean =>
  mix !== null && (changedSince(mix, recommendation).length > 0 || goneFromShed(mix, shed, products).length > 0)
