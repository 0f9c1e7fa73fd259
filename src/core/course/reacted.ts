import { bacteriaRest, type LimeClass } from '../guides/course'
import type { Region } from '../guides/regions'
import { soilOn } from '../calendar/season'

const celsius = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9

/**
 * Share of a lime that has reacted after so many years, each fineness by first order.
 *
 * @param years since it was put on; before that nothing has
 * @example limeReacted([{ share: 1, perYear: 3 }], 1) // 0.9502129316321360
 */
export const limeReacted = (classes: readonly LimeClass[], years: number): number =>
  years <= 0 ? 0 : classes.reduce((sum, { share, perYear }) => sum + share * (1 - Math.exp(-perYear * years)), 0)

/** How warm soil was between two days, in days at 20 °C: bacteria do in them what they did in the whole time. */
export type Warmth = (from: number, to: number) => number

/**
 * The warmth of a region's soil. Below 40 °F a day counts nothing.
 *
 * @param per10C how much faster bacteria work at 10 °C more
 * @param first the first day that is asked for
 */
export function warmthOf(region: Pick<Region, 'soil'>, per10C: number, first: number): Warmth {
  const sums = [0]
  const warm = (day: number): number => {
    const soil = soilOn(region, day)
    return soil < bacteriaRest ? 0 : per10C ** ((celsius(soil) - 20) / 10)
  }
  // Summed only as far as anybody asks: lime asks for none of it.
  const at = (day: number): number => {
    const days = Math.max(0, day - first)
    while (sums.length <= days) sums.push(sums.at(-1)! + warm(first + sums.length - 1))
    return sums[days]!
  }
  return (from, to) => Math.max(0, at(to) - at(from))
}

/**
 * Share of elemental sulfur that is oxidized, by first order in the days it had at 20 °C.
 *
 * @param perDay at 20 °C
 */
export const sulfurOxidized = (perDay: number, warmDays: number): number => 1 - Math.exp(-perDay * warmDays)
