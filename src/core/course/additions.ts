import type { Application } from '../case/applications'
import {
  fineStone,
  groundStone,
  inGroundStone,
  limeRates,
  oxidation,
  type Between,
  type LimeClass,
} from '../guides/course'
import { dayNumber } from '../calendar/day'
import { isAcidifier, isLime, type Product } from '../shelf/product'
import { weighedIn } from '../shelf/shed'
import { caCO3PerSulfur } from '../units/factors'

/** What moves the pH of an area from a day on. */
export type Addition = {
  /** Of a month or a year that is named alone, the middle. */
  readonly day: number
  /** lb CaCO₃ per 1,000 ft² in the end: what sulfur uses up counts below nothing. */
  readonly lbCaCO3: number
  readonly product: Product
  readonly lb: number
} & (
  { readonly of: 'lime'; readonly classes: readonly LimeClass[] } | { readonly of: 'sulfur'; readonly perDay: Between }
)

/** Salts act in days. */
const atOnce: Between = { low: 1, usual: 1, high: 1 }

/**
 * What so much of a product does to 1,000 ft²; undefined where it moves no pH.
 *
 * @param lb on all of the area
 * @param area ft²
 */
export function additionOf(product: Product, lb: number, day: number, area: number): Addition | undefined {
  const each = (lb / area) * 1_000
  const same = { day, product, lb }
  if (isLime(product)) {
    const { effectiveness, beginsInMonths } = product.liming
    if (effectiveness === 'reference')
      return { ...same, of: 'lime', classes: groundStone, lbCaCO3: each * inGroundStone }
    const classes = beginsInMonths >= slowFrom ? [{ share: 1, perYear: limeRates.from20to60 }] : fineStone
    return { ...same, of: 'lime', classes, lbCaCO3: each * effectiveness }
  }
  if (!isAcidifier(product)) return undefined
  const { strength, productPerPass, powder } = product.acidifying
  const perDay = productPerPass !== undefined ? atOnce : powder ? oxidation.powder : oxidation.prills
  return { ...same, of: 'sulfur', perDay, lbCaCO3: -each * strength * caCO3PerSulfur }
}

/** Months from which a lime that begins to tell so late is ground and not pulverized. */
const slowFrom = 6

/** What was logged of lime and sulfur on an area of so many ft², oldest first, as far as product, amount and year are told. */
export function additionsIn(
  applications: readonly Application[],
  areaId: string,
  area: number,
  products: readonly Product[],
): readonly Addition[] {
  const found = applications.flatMap((one): Addition[] | Addition => {
    const weighed = weighedIn(one, products)
    const day = middleOf(one.date)
    if (one.areaId !== areaId || one.done === 'skipped' || !weighed?.lb || day === undefined) return []
    return additionOf(weighed.product, weighed.lb, day, area) ?? []
  })
  return found.sort((a, b) => a.day - b.day)
}

/** A day, or the middle of the month or year that is named alone. */
const middleOf = (date: string): number | undefined =>
  dayNumber(/^\d{4}$/.test(date) ? `${date}-07-01` : /^\d{4}-\d\d$/.test(date) ? `${date}-15` : date)
