import type { Fertilizer, ProductRef } from './product'

const form = /^npk-(\d{1,2}(?:d\d)?)-(\d{1,2}(?:d\d)?)-(\d{1,2}(?:d\d)?)@1$/

/**
 * The product of three numbers on a bag, whoever sells it. What they do not say of its forms is taken with care, as of any
 * blend; undefined where they are no analysis.
 *
 * @example gradedRef('5-4-0') // 'npk-5-4-0@1'
 */
export function gradedRef(grade: string): ProductRef | undefined {
  const parts = grade.trim().split('-').map(Number)
  const sum = parts.reduce((total, one) => total + one, 0)
  if (parts.length !== 3 || parts.some((one) => !(one >= 0 && one < 100)) || !(sum > 0 && sum <= 100)) return undefined
  const ref = `npk-${parts.map((one) => String(Math.round(one * 10) / 10).replace('.', 'd')).join('-')}@1` as const
  return form.test(ref) ? ref : undefined
}

const made = new Map<ProductRef, Fertilizer>()

/** lb a cup of grains. Source: common practice. */
const lbPerCup = 0.5

/** The fertilizer that such a reference names; undefined for any other. */
export function graded(ref: ProductRef): Fertilizer | undefined {
  const known = made.get(ref)
  if (known) return known
  const found = form.exec(ref)
  if (!found) return undefined
  const [N, P, K] = found.slice(1).map((part) => Number(part.replace('d', '.'))) as [number, number, number]
  const one: Fertilizer = {
    id: ref.split('@')[0]!,
    version: 1,
    label: { en: 'fertilizer', es: 'fertilizante' },
    lbPerCup,
    bagLb: 50,
    source: 'practice',
    feeding: {
      grade: { N, 'P₂O₅': P, 'K₂O': K },
      firstYearN: 1,
      slowNitrogen: 0,
      ammonium: N > 0,
      nitrate: false,
      chloride: false,
      blend: N > 0,
    },
  }
  made.set(ref, one)
  return one
}
