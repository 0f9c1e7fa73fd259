import type { Passes } from '../core/needs/split'
import type { Text } from '../core/sentence/text'
import { measures as english, type MeasureWords } from './en/measures'

/**
 * When and how often: beside the amount of one pass (`2 times: before planting, then at first fruit`),
 * or beside the whole amount (`in 2 equal parts: …`). Empty for a single pass that nothing dates.
 */
export function passesWords(
  {
    count,
    interval,
    perYear,
    dressings,
    together,
  }: Pick<Passes, 'count' | 'interval' | 'perYear' | 'dressings' | 'together'>,
  beside: 'each' | 'all',
  own: MeasureWords = english,
  textOf: (text: Text) => string = ({ en }) => en,
): string {
  const windows = dressings.flatMap(({ window }) => window ?? [])
  if (windows.length > 0) {
    const labels = windows.map(({ label }) => textOf(label))
    const dates =
      new Set(labels).size === 1
        ? labels[0]!
        : runsOf(labels)
            .map(([label, n]) => own.again(label, n))
            .join(own.then)
    return count === 1 ? dates : beside === 'each' ? own.timesOn(count, dates) : own.partsOn(count, dates)
  }
  if (count === 1) return ''
  if (together === count) return `${beside === 'all' ? own.inPasses(count) : own.passes(count)}${own.together}`
  const apart =
    interval === null ? '' : 'months' in interval ? own.monthsApart(interval.months) : own.daysApart(interval.days)
  return `${beside === 'all' ? own.inPasses(count) : own.passes(count)}${apart}${together ? own.twoTogether : ''}${perYear ? own.perYear(perYear) : ''}`
}

/** Labels in their order, each with how often it stands there on end. */
const runsOf = (labels: readonly string[]): readonly (readonly [string, number])[] =>
  labels.reduce<readonly (readonly [string, number])[]>((runs, label) => {
    const last = runs.at(-1)
    return last?.[0] === label ? [...runs.slice(0, -1), [label, last[1] + 1]] : [...runs, [label, 1]]
  }, [])
