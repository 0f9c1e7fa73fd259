import { caCO3PerSulfur } from '../units/factors'
import { feeds, isAcidifier, isLime } from '../shelf/product'
import { doubtables, type Doubtable } from './doubtable'
import { type Figure } from './figure'
import { saidRate } from './second-reading'
import type { Truth } from './truth'

/** What is right of each thing on one ground; undefined where there is no figure. */
export type Truths = Readonly<Partial<Record<Doubtable, Truth>>>

/** One thing in two programs for one ground, lb per 1,000 ft² in a year. */
export interface Compared {
  readonly of: Doubtable | 'acidity'
  readonly one: number
  readonly other: number
  readonly need: number | null
  readonly alike: boolean
}

export interface ProgramsCompared {
  readonly equivalent: boolean
  readonly things: readonly Compared[]
  /** Which of the two puts more on in one go than the ground takes, and of what. */
  readonly breaks: readonly { readonly program: 'one' | 'other'; readonly of: Doubtable; readonly cap: number }[]
}

/** Two programs agree within this share of what is needed. Source: common practice. */
const near = 0.1
/** Unlabelled lime acts like so much pure CaCO₃: the middle of 80 to 100 %. Source: common practice. */
const usualLime = 0.9

/**
 * Two recommendations for one ground: equivalent where every nutrient and their acidity agree within 10 % of need, and
 * neither puts more on in one go than the ground takes. Source: common practice.
 *
 * @param other null: the needs themselves
 */
export function comparePrograms(
  one: readonly Figure[],
  other: readonly Figure[] | null,
  truths: Truths,
): ProgramsCompared {
  const [ground] = Object.values(truths)
  const sum = (program: readonly Figure[], of: Doubtable) =>
    program.reduce((lb, figure) => lb + (ground ? (saidRate(figure, { ...ground, of }) ?? 0) : 0), 0)
  const compared = (of: Compared['of'], a: number, b: number, need: number | null): Compared => ({
    of,
    one: a,
    other: b,
    need,
    alike:
      Math.abs(a - b) <=
      near * Math.max(Math.abs(need ?? 0), need === null || need === 0 ? Math.max(Math.abs(a), Math.abs(b)) : 0),
  })
  const nutrients = doubtables.flatMap((of) => {
    // What is needed may not be known; what is put on is.
    const need = truths[of]?.rate ?? null
    if (other === null && need === null) return []
    const [a, b] = [sum(one, of), other ? sum(other, of) : need!]
    return a === 0 && b === 0 ? [] : [compared(of, a, b, need)]
  })
  const [acid, otherAcid] = [acidityOf(one, truths), other && acidityOf(other, truths)]
  const acidity =
    acid !== null && otherAcid !== null && (acid || otherAcid) ? [compared('acidity', acid, otherAcid, null)] : []
  const breaks = (['one', 'other'] as const).flatMap((program) =>
    (program === 'one' ? one : (other ?? [])).flatMap((figure) =>
      doubtables.flatMap((of) => {
        const truth = truths[of]
        const rate = truth && figure.lb[of] ? saidRate(figure, truth) : undefined
        return truth?.cap && rate !== undefined && rate > truth.cap * (1 + near)
          ? [{ program, of, cap: truth.cap }]
          : []
      }),
    ),
  )
  const things = [...nutrients, ...acidity]
  return { equivalent: breaks.length === 0 && things.every(({ alike }) => alike), things, breaks }
}

/** lb CaCO₃ per 1,000 ft² that a program brings, less what its acid uses up; null where nobody knows of one of its bags. */
function acidityOf(program: readonly Figure[], truths: Truths): number | null {
  const [truth] = Object.values(truths)
  return program.reduce<number | null>((lb, { product, ...figure }) => {
    if (lb === null || !product || !truth) return lb
    const on = (amount: number | undefined) =>
      amount === undefined ? 0 : (saidRate({ ...figure, product, lb: { [truth.of]: amount } }, truth) ?? 0)
    if (isLime(product)) {
      const { effectiveness } = product.liming
      return lb + on(figure.lb.lime) * (typeof effectiveness === 'number' ? effectiveness : usualLime)
    }
    if (isAcidifier(product)) return lb - on(figure.lb.sulfur) * product.acidifying.strength * caCO3PerSulfur
    if (!feeds(product) || !figure.lb.N) return lb
    const { acidity } = product.feeding
    return acidity === undefined ? null : lb - on(figure.lb.N) * acidity
  }, 0)
}
