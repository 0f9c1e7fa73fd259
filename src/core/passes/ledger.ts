import type { Area } from '../case/area'
import type { Case } from '../case/case'
import { ordinary } from '../needs/lime/product'
import { feeds, isAcidifier, isLime, type Product } from '../shelf/product'
import { weighedIn } from '../shelf/shed'

/** What a ledger counts: nitrogen also as what feeds in its first year, lime as pure CaCO₃, all in lb. */
export const ledgerLines = ['N', 'firstYearN', 'P₂O₅', 'K₂O', 'S', 'CaCO₃'] as const
export type LedgerLine = (typeof ledgerLines)[number]

/** What was put on an area in a year. */
export interface LedgerYear {
  readonly year: string
  readonly lb: Readonly<Record<LedgerLine, number>>
  /** Entries that say no product or amount: they are in none of the sums. */
  readonly untold: number
}

export interface AreaLedger {
  readonly areaId: string
  readonly years: readonly LedgerYear[]
}

const nothing: LedgerYear['lb'] = { N: 0, firstYearN: 0, 'P₂O₅': 0, 'K₂O': 0, S: 0, 'CaCO₃': 0 }

/** lb of each line in so many lb of a product. A reference lime acts like 0.65 of pure, fine CaCO₃ (recalled). */
export function contentOf(product: Product, lb: number): LedgerYear['lb'] {
  const grade = feeds(product) ? product.feeding.grade : { N: 0, 'P₂O₅': 0, 'K₂O': 0 }
  const brings = isLime(product) ? product.liming.brings : undefined
  const share = (percent: number) => (lb * percent) / 100
  const strength = isLime(product) ? product.liming.effectiveness : 0
  return {
    N: share(grade.N),
    firstYearN: feeds(product) ? share(grade.N) * product.feeding.firstYearN : 0,
    'P₂O₅': share(grade['P₂O₅'] + (brings?.['P₂O₅'] ?? 0)),
    'K₂O': share(grade['K₂O'] + (brings?.['K₂O'] ?? 0)),
    S: isAcidifier(product)
      ? lb * product.acidifying.strength
      : feeds(product)
        ? share(product.feeding.also?.S ?? 0)
        : 0,
    'CaCO₃': lb * (strength === 'reference' ? ordinary.value.v : strength),
  }
}

/** What was put on each area, year by year, as far as product and amount are told; what was skipped is not. */
export const ledger = (
  kase: { readonly areas: readonly Pick<Area, 'id'>[] } & Pick<Case, 'applications'>,
  products: readonly Product[],
): readonly AreaLedger[] =>
  kase.areas.map(({ id: areaId }) => {
    const years = new Map<string, LedgerYear>()
    for (const one of kase.applications) {
      const year = /^\d{4}/.exec(one.date)?.[0]
      if (one.areaId !== areaId || one.done === 'skipped' || !year) continue
      const weighed = weighedIn(one, products)
      const { lb, untold } = years.get(year) ?? { lb: nothing, untold: 0 }
      const more = weighed ? contentOf(weighed.product, weighed.lb) : nothing
      const sum = Object.fromEntries(ledgerLines.map((line) => [line, lb[line] + more[line]])) as LedgerYear['lb']
      years.set(year, { year, lb: sum, untold: untold + (weighed ? 0 : 1) })
    }
    return { areaId, years: [...years.values()].sort((a, b) => b.year.localeCompare(a.year)) }
  })
