import { say, type Sentence } from '../sentence/sentence'
import type { Doubtable } from './doubtable'
import type { Figure } from './figure'
import { slips } from './slips'
import type { Truth } from './truth'

/** One way in which the figure comes about. */
export interface Explanation {
  readonly kind: 'assumption' | 'slip'
  /** One, or two of them together. */
  readonly tells: readonly Sentence[]
  /** lb per 1,000 ft² that it gives. */
  readonly rate: number
  readonly score: number
}

/** What to think of a figure. */
export interface SecondReading {
  readonly of: Doubtable
  readonly verdict: 'right' | 'near' | 'otherwise' | 'slip' | 'unexplained'
  /** lb per 1,000 ft² as it was said, and as it should be. */
  readonly said: number
  readonly right: number
  /** The likeliest first. */
  readonly explanations: readonly Explanation[]
  /** What comes of acting on it. */
  readonly harm: Sentence
  readonly hurts: boolean
  /** Of a dressing that comes again: how many reach what is needed. */
  readonly enough: number | null
}

/** Of a right rate nobody says more than this off; amounts agree within it. Source: common practice (10 % of need). */
const near = 0.1
/** So close is as good as printed alike: our own figures are rounded too. */
const alike = 0.01
/** Two things at once are met so much seldomer than each by itself. */
const together = 0.15
const most = 5

/**
 * Reads somebody's figure a second time: right; right by another assumption; a slip, and which; or not explained. Those
 * that fit the digits printed are ranked by how often they are met.
 * Source of the candidates: common practice. Undefined where it says nothing of what is asked, or its ground is not known.
 */
export function secondReading(figure: Figure, truth: Truth): SecondReading | undefined {
  const said = saidRate(figure, truth)
  if (said === undefined) return undefined
  const tolerance = Math.max(figure.rounding, alike)
  const fit = (rate: number) => (rate > 0 ? Math.abs(said - rate) / Math.max(rate, said) : Infinity)
  const base = { of: truth.of, said, right: truth.rate, ...harmOf(said, truth), enough: enoughOf(figure, said, truth) }
  if (fit(truth.rate) <= tolerance || (truth.rate === 0 && said === 0))
    return { ...base, verdict: 'right', explanations: [] }
  const scored = ({ prior, ...way }: Way): readonly Explanation[] =>
    fit(way.rate) <= tolerance ? [{ ...way, score: prior * (1 - (0.3 * fit(way.rate)) / tolerance) }] : []
  const single = waysTo(truth)
  const alone = single.flatMap(scored)
  const explanations = distinct(
    [...(alone.length > 0 ? alone : single.flatMap((way) => followed(way, truth).flatMap(scored)))].sort(
      (a, b) => b.score - a.score,
    ),
  ).slice(0, most)
  const [first] = explanations
  if (first) return { ...base, verdict: first.kind === 'slip' ? 'slip' : 'otherwise', explanations }
  return { ...base, verdict: fit(truth.rate) <= near ? 'near' : 'unexplained', explanations }
}

/** A figure that may be said here, and what makes it. */
interface Way extends Omit<Explanation, 'score'> {
  readonly prior: number
  /** Its like may be made once more. */
  readonly twice?: boolean
}

/** Every figure that one assumption or one slip gives. */
function waysTo(truth: Truth): readonly Way[] {
  const assumed = truth.otherwise().map(({ assumes, rate, prior, slip }): Way => ({
    kind: slip ? 'slip' : 'assumption',
    tells: [assumes],
    rate,
    prior,
  }))
  return truth.rate > 0 ? [...assumed, ...slipsFrom(truth.rate, truth)] : assumed
}

const slipsFrom = (rate: number, truth: Truth): readonly Way[] =>
  slips
    .flatMap(({ makes, twice = false }) => makes(rate, truth).map((made) => ({ ...made, twice })))
    .map(({ tells, ...made }): Way => ({ kind: 'slip', tells: [tells], ...made }))

/** What a slip makes of a figure that is another already. The same slip once more, or what undoes it, is none. */
const followed = ({ tells, rate, prior }: Way, truth: Truth): readonly Way[] =>
  slipsFrom(rate, truth)
    .filter((then) => then.tells[0]!.key !== tells[0]!.key || then.twice)
    .map((then) => ({ ...then, tells: [...tells, ...then.tells], prior: prior * then.prior * together }))

/** The same words of two ways to one figure are said once. */
const distinct = (all: readonly Explanation[]): readonly Explanation[] => {
  const told = (one: Explanation) =>
    one.tells
      .map(({ key, args }) => JSON.stringify([key, args]))
      .sort()
      .join()
  return all.filter((one, i) => all.findIndex((other) => told(other) === told(one)) === i)
}

/** lb per 1,000 ft² that a figure comes to on this ground. */
export function saidRate({ lb, per }: Figure, { of, areaSqFt, plants, rowFt }: Truth): number | undefined {
  const amount = lb[of]
  if (amount === undefined) return undefined
  if (per.kind === 'area') return (amount * 1000) / per.sqFt
  const times = per.kind === 'whole' ? 1 : per.kind === 'plant' ? plants : rowFt === null ? null : rowFt / per.ft
  return times === null ? undefined : (amount * times * 1000) / areaSqFt
}

const enoughOf = ({ everyWeeks }: Figure, said: number, { rate }: Truth): number | null =>
  everyWeeks === null || said <= 0 ? null : rate / said

/** Too much of lime or sulfur cannot be taken back; of nitrogen it burns; of the others it is lost, or runs off. */
function harmOf(said: number, { of, rate, cap, most: limit }: Truth): { harm: Sentence; hurts: boolean } {
  if (limit !== null && said > limit) return { harm: say('harm.beyond', { of, most: limit }), hurts: true }
  if (rate === 0 && said > 0) return { harm: say('harm.not-needed', { of }), hurts: true }
  if (said > rate * (1 + 2.5 * near)) return { harm: say('harm.too-much', { of, times: said / rate }), hurts: true }
  if (cap !== null && said > cap * (1 + near) && rate > cap)
    return { harm: say('harm.in-passes', { of, cap }), hurts: false }
  if (said < rate * (1 - 2.5 * near)) return { harm: say('harm.too-little', { of, share: said / rate }), hurts: false }
  return { harm: say('harm.none'), hurts: false }
}
