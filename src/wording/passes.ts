import type { Passes } from '../core/passes/split'

const whens: Readonly<Record<string, string>> = {
  'before-planting': 'before planting',
  'side-dress': 'beside the rows when growth is under way',
  'side-dress-corn': 'beside the rows at 12 to 14 in tall, at most ½ lb N per 100 ft of row',
  'side-dress-fruit': 'beside the plants at first fruit',
  'bud-break': 'at bud break',
  'six-weeks-on': 'six weeks later',
  'early-spring': 'in early spring, none after midsummer',
  'at-seeding': 'at seeding',
  'six-to-eight-weeks-on': 'six to eight weeks later',
  'again-four-weeks': 'again three to four weeks later',
  renovation: 'at renovation, right after the harvest',
  'at-planting': 'at planting',
  'four-weeks-on': 'three to four weeks later',
  'before-bulbing': 'again after three to four weeks, none once the soil cracks at bulbing',
  'early-spring-or-harvest': 'in early spring, or right after the harvest',
  'late-summer': 'in late summer',
  'before-ripening': 'about 90 days before ripening (after the harvest instead where winters are cold)',
  'after-harvest': 'after the harvest',
}

/**
 * When and how often: beside the amount of one pass (`2 times: before planting, then at first fruit`),
 * or beside the whole amount (`in 2 equal parts: …`). Empty for a single pass that nothing dates.
 */
export function passesWords(
  { count, interval, perYear, when }: Pick<Passes, 'count' | 'interval' | 'perYear' | 'when'>,
  beside: 'each' | 'all',
): string {
  if (when.length > 0) {
    const dates = when.map((one) => whens[one] ?? one).join(', then ')
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
