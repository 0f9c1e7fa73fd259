import type { ClassName } from '../guides/guide'

/** A patch of a colour chart: what it stands for. */
export type Patch = number | ClassName

/**
 * What lies between two neighbouring patches, as it is written on a report; one patch alone is taken at its word, half way
 * to its neighbours.
 *
 * @param patches of the chart, rising
 * @example betweenPatches([6, 6.5, 7], [0, 1]) // '6–6.5'
 */
export function betweenPatches(patches: readonly Patch[], marked: readonly number[]): string | undefined {
  const [first, second, more] = [...marked].sort((a, b) => a - b)
  if (first === undefined || more !== undefined || (second !== undefined && second !== first + 1)) return undefined
  const [low, high] = [patches[first], patches[second ?? first]]
  if (low === undefined || high === undefined) return undefined
  if (typeof low === 'number' && typeof high === 'number') {
    if (second !== undefined) return `${low}–${high}`
    const [below, above] = [patches[first - 1], patches[first + 1]]
    const half = (to: Patch | undefined) => (typeof to === 'number' ? (low + to) / 2 : low)
    return `${tidy(half(below))}–${tidy(half(above))}`
  }
  return low === high ? words[low as ClassName] : `${words[low as ClassName]} to ${words[high as ClassName]}`
}

const tidy = (v: number): string => String(Number(v.toFixed(2)))
const words: Readonly<Record<ClassName, string>> = {
  'very-low': 'very low',
  low: 'low',
  medium: 'medium',
  optimum: 'optimum',
  excess: 'very high',
}

/**
 * What a titration by drops leaves open: the colour turned with the last drop, so the value lies between one drop fewer
 * and all of them. Undefined for no drop, part of one, or more than anybody counts.
 *
 * @param each what one drop stands for, in the unit of the test
 * @example dropRange(7, 10) // '60–70'
 */
export function dropRange(drops: number | undefined, each: number | undefined): string | undefined {
  if (!drops || !each || !Number.isInteger(drops) || drops > 500) return undefined
  return `${Number(((drops - 1) * each).toPrecision(8))}–${Number((drops * each).toPrecision(8))}`
}
