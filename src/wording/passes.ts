import type { Passes } from '../core/passes/split'

const whens: Readonly<Record<string, string>> = {
  'before-planting': 'half before planting',
  'side-dress': 'half beside the rows when growth is under way',
  'side-dress-corn': 'half beside the rows at 12 to 14 in tall, at most ½ lb N per 100 ft of row',
  'side-dress-fruit': 'half beside the plants at first fruit',
  'bud-break': 'half at bud break',
  'six-weeks-on': 'half six weeks later',
  'early-spring': 'all in early spring, none after midsummer',
  'at-seeding': 'at seeding',
}

/** `5 passes, at least 6 months apart`; `half before planting, half beside the rows`; empty for a single pass. */
export function passesWords({ count, interval, perYear, when }: Passes): string {
  if (when.length > 0) return when.map((one) => whens[one] ?? one).join(', ')
  if (count === 1) return ''
  const apart = interval === null ? '' : 'months' in interval ? `, at least ${interval.months} months apart` : `, about ${interval.days} days apart`
  return `${count} passes${apart}${perYear ? `, at most ${perYear} a year` : ''}`
}
