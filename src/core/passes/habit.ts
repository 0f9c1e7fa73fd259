import { caseIn } from '../compare/by-season'
import type { Case } from '../case/case'
import type { Guide } from '../guides/guide'
import { lbNeeded } from '../needs/need'
import { figures } from '../recommend'
import { productRef, type Product, type ProductRef } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { weighedIn } from '../shelf/shed'
import { say, type Sentence } from '../sentence/sentence'
import { majorNutrients, type MajorNutrient } from '../units/quantity'
import { contentOf, type AreaLedger } from './ledger'

/** lb that an area needed in a year; nothing of what nobody can tell. */
export type YearNeeds = Readonly<Partial<Record<MajorNutrient, number>>>

/** What an area needed in a year, by the report and the crop of then. */
export function needsIn(
  kase: Case,
  areaId: string,
  year: string,
  guides: readonly Guide[],
  products: readonly Product[],
): YearNeeds {
  const [found] = figures(caseIn(kase, areaId, year), guides, products)
  return Object.fromEntries(
    majorNutrients.flatMap((nutrient) => {
      const need = found?.needs.find(({ of }) => of === nutrient)
      const lb = need && lbNeeded(need)
      return lb === undefined ? [] : [[nutrient, lb]]
    }),
  )
}

/** Years on end that make a habit. Source: common practice. */
const habitual = 2
/** lb on 1,000 ft² that nobody would speak of. */
const trifle = 0.1

/**
 * What is done year after year and does not fit: more phosphate than is needed, or less than half of the potash, for two
 * years or more up to the last one that is logged. Source: common practice.
 *
 * @param needs by year
 * @param ft2 of the area
 */
export function habitsOf(
  { areaId, years }: AreaLedger,
  needs: ReadonlyMap<string, YearNeeds>,
  applications: Case['applications'],
  products: readonly Product[],
  ft2: number,
): readonly Sentence[] {
  const least = (trifle * ft2) / 1_000
  const known = years.filter(({ untold }) => untold === 0)
  const put = (of: MajorNutrient, year: string) => years.find((one) => one.year === year)!.lb[of]
  const runOf = (of: MajorNutrient, fits: (put: number, need: number) => boolean) => {
    const run: string[] = []
    for (const { year } of known) {
      const need = needs.get(year)?.[of]
      if (need === undefined || fits(put(of, year), need)) break
      if (run.length > 0 && Number(run.at(-1)) - Number(year) > 1) break
      run.push(year)
    }
    return run
  }
  const told = (key: 'habit.P' | 'habit.K', of: MajorNutrient, run: readonly string[]): Sentence[] => {
    if (run.length < habitual) return []
    const sum = (each: (year: string) => number) => run.reduce((all, year) => all + each(year), 0)
    const material = mostOf('P₂O₅', areaId, run, applications, products)
    return [
      say(key, {
        from: run.at(-1)!,
        to: run[0]!,
        put: sum((year) => put(of, year)),
        needed: sum((year) => needs.get(year)![of]!),
        material: material?.label ?? null,
      }),
    ]
  }
  return [
    ...told(
      'habit.P',
      'P₂O₅',
      runOf('P₂O₅', (lb, need) => lb <= need + least),
    ),
    ...told(
      'habit.K',
      'K₂O',
      runOf('K₂O', (lb, need) => need < least || lb >= need / 2),
    ),
  ]
}

/** The product that brought most of a nutrient in some years. */
function mostOf(
  of: MajorNutrient,
  areaId: string,
  years: readonly string[],
  applications: Case['applications'],
  products: readonly Product[],
): Product | undefined {
  const brought = new Map<ProductRef, number>()
  for (const entry of applications) {
    const weighed = weighedIn(entry, products)
    if (entry.areaId !== areaId || entry.done === 'skipped' || !weighed) continue
    if (!years.includes(entry.date.slice(0, 4))) continue
    const ref = productRef(weighed.product)
    brought.set(ref, (brought.get(ref) ?? 0) + contentOf(weighed.product, weighed.lb)[of])
  }
  const [most] = [...brought].sort((a, b) => b[1] - a[1])
  return most && most[1] > 0 ? productNamed(products, most[0]) : undefined
}

/** lb on 1,000 ft² that clippings carry off in a year where they are bagged. Source: common practice. */
export const baggedClippings: Readonly<Record<MajorNutrient, number>> = { N: 3, 'P₂O₅': 1, 'K₂O': 2 }
