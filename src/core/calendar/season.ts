import type { Months } from '../guides/windows'
import type { Region } from '../guides/regions'
import { civil, inYear, monthOf, yearOf } from './day'

/** °F on a day, between the middles of its months. */
export function soilOn({ soil }: Pick<Region, 'soil'>, day: number): number {
  const { month, day: ofMonth } = civil(day)
  const past = (ofMonth - 15) / 30.4
  const beside = past < 0 ? month - 1 : month + 1
  const [here, there] = [soil[month - 1]!, soil[(beside + 11) % 12]!]
  return here + (there - here) * Math.min(Math.abs(past), 0.5)
}

/** A month of the northern zone as it falls here. */
export const monthHere = (month: number, { hemisphere }: Pick<Region, 'hemisphere'>): number =>
  hemisphere === 'north' ? month : ((month + 5) % 12) + 1

/** Whether a day lies in a span of months of the northern zone. */
export function inMonths(day: number, [from, to]: Months, region: Pick<Region, 'hemisphere'>): boolean {
  const [first, last, month] = [monthHere(from, region), monthHere(to, region), monthOf(day)]
  return first <= last ? month >= first && month <= last : month >= first || month <= last
}

/** The last frost that is next to a day, before or after it; the first of the year where there is no frost. */
function lastFrostBy(day: number, { lastFrost, hemisphere }: Region): number {
  const yearDay = lastFrost ?? (hemisphere === 'north' ? '01-15' : '07-15')
  const years = [-1, 0, 1].map((more) => inYear(yearDay, yearOf(day) + more))
  return years.reduce((nearest, one) => (Math.abs(one - day) < Math.abs(nearest - day) ? one : nearest))
}

/** The first last-frost at or after a day. */
export function nextLastFrost(day: number, region: Region): number {
  const nearest = lastFrostBy(day, region)
  return nearest >= day ? nearest : lastFrostBy(nearest + 365, region)
}

/** The first first-frost at or after a day; the middle of October where there is none. */
export function nextFirstFrost(day: number, { firstFrost, hemisphere }: Region): number {
  const yearDay = firstFrost ?? (hemisphere === 'north' ? '10-15' : '04-15')
  const years = [0, 1].map((more) => inYear(yearDay, yearOf(day) + more))
  return years.find((one) => one >= day) ?? years[1]!
}

/** Days between the last frost before a day and the first after it: its growing season; null in winter. */
export function growingSeason(day: number, { lastFrost, firstFrost }: Region): readonly [number, number] | null {
  if (lastFrost === null || firstFrost === null) return [-Infinity, Infinity]
  for (const more of [-1, 0]) {
    const from = inYear(lastFrost, yearOf(day) + more)
    const to = [0, 1].map((on) => inYear(firstFrost, yearOf(from) + on)).find((one) => one > from)!
    if (day >= from && day <= to) return [from, to]
  }
  return null
}
