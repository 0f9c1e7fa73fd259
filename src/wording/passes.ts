import type { Passes } from '../core/passes/split'
import type { Text } from '../core/told/text'
import { measures as english, type MeasureWords } from './en/measures'

/**
 * When and how often: beside the amount of one pass (`2 times: before planting, then at first fruit`),
 * or beside the whole amount (`in 2 equal parts: …`). Empty for a single pass that nothing dates.
 */
export function passesWords(
  { count, interval, perYear, dressings }: Pick<Passes, 'count' | 'interval' | 'perYear' | 'dressings'>,
  beside: 'each' | 'all',
  own: MeasureWords = english,
  textOf: (text: Text) => string = ({ en }) => en,
): string {
  const windows = dressings.flatMap(({ window }) => window ?? [])
  if (windows.length > 0) {
    const dates = windows.map(({ label }) => textOf(label)).join(own.then)
    return count === 1 ? dates : beside === 'each' ? own.timesOn(count, dates) : own.partsOn(count, dates)
  }
  if (count === 1) return ''
  const apart =
    interval === null ? '' : 'months' in interval ? own.monthsApart(interval.months) : own.daysApart(interval.days)
  return `${beside === 'all' ? own.inPasses(count) : own.passes(count)}${apart}${perYear ? own.perYear(perYear) : ''}`
}
