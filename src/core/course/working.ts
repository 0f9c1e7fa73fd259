import type { Case } from '../case/case'
import { oxidation } from '../guides/course'
import { regionOf } from '../calendar/own-region'
import { retestAfter } from '../guides/timings'
import { dayAt, dayNumber, monthsOn, type Day } from '../calendar/day'
import type { Product } from '../shelf/product'
import { additionsIn } from './additions'
import { warmthOf } from './reacted'
import type { StillWorking, Working } from '../needs/learned'
import { workedBy } from './retests'

/**
 * Lime of the six months before a test and sulfur of the three: what of them has not worked on its day, by the usual course.
 *
 * @param tested the day of the report
 * @param ft2 of the area
 */
export function stillWorking(
  kase: Case,
  areaId: string,
  tested: Day,
  ft2: number,
  products: readonly Product[],
): StillWorking {
  const day = dayNumber(tested)
  if (day === undefined || kase.applications.length === 0) return {}
  const region = regionOf(kase)
  const found: Partial<Record<'lime' | 'sulfur', Working>> = {}
  for (const one of additionsIn(kase.applications, areaId, ft2, products)) {
    const until = monthsOn(one.day, retestAfter[one.of])
    if (one.day > day || until <= day) continue
    const left = Math.abs(one.lbCaCO3) * (1 - workedBy(one, day, warmthOf(region, oxidation.per10C.usual, one.day)))
    const lbCaCO3 = left + (found[one.of]?.lbCaCO3 ?? 0)
    found[one.of] = { lbCaCO3, on: dayAt(one.day), until: dayAt(until) }
  }
  return found
}
