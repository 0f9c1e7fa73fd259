import type { Passes } from '../core/passes/split'
import { text } from './phrase'

/**
 * When and how often: beside the amount of one pass (`2 times: before planting, then at first fruit`),
 * or beside the whole amount (`in 2 equal parts: …`). Empty for a single pass that nothing dates.
 */
export function passesWords(
  { count, interval, perYear, when }: Pick<Passes, 'count' | 'interval' | 'perYear' | 'when'>,
  beside: 'each' | 'all',
): string {
  if (when.length > 0) {
    const dates = when.map((one) => text(one)).join(', then ')
    return count === 1 ? dates : beside === 'each' ? `${count} times: ${dates}` : `in ${count} equal parts: ${dates}`
  }
  if (count === 1) return ''
  const apart =
    interval === null
      ? ''
      : 'months' in interval
        ? `, at least ${interval.months} months apart`
        : `, about ${interval.days} days apart`
  return `${beside === 'all' ? 'in ' : ''}${count} ${beside === 'all' ? 'equal ' : ''}passes${apart}${perYear ? `, at most ${perYear} a year` : ''}`
}
