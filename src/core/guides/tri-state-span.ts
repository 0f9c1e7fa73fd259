import type { Cec } from '../units/quantity'
import type { TriState } from './crop'
import type { ExtractantId } from './guide'

/**
 * Maintenance spans of Mehlich-3, ppm: P for most crops, and for wheat and forage legumes; K by the CEC. Above a span
 * nothing is given.
 * Source: Culman et al. 2020, Tri-State Fertilizer Recommendations, Bulletin 974; recalled.
 */
const mehlich3 = { P: [20, 40], PForWheat: [30, 50], KLight: [100, 130], K: [120, 170], lightBelowCec: 5 } as const

/** ppm between the critical level and where it need not be put back in full. */
const kept = { P: 15, K: 30 } as const

/**
 * From the critical level to where what the crop removes need no longer be put back in full, ppm; undefined for K without
 * a CEC, meq/100 g, and for an extractant that these levels do not speak of.
 * Source: Vitosh, Johnson & Mengel 1995, Tri-State Fertilizer Recommendations E-2567, and Culman et al. 2020, Bulletin 974;
 * both recalled.
 */
export function triStateSpan(
  element: 'P' | 'K',
  crop: TriState,
  cec: Cec | undefined,
  used: ExtractantId | null,
): readonly [number, number] | undefined {
  if (element === 'K' && !cec) return undefined
  if (used === 'mehlich-3')
    return element === 'P'
      ? mehlich3[crop.criticalP > 15 ? 'PForWheat' : 'P']
      : mehlich3[cec!.v < mehlich3.lightBelowCec ? 'KLight' : 'K']
  if (used !== 'bray-1') return undefined
  const critical = element === 'P' ? crop.criticalP : 75 + 2.5 * cec!.v
  return [critical, critical + kept[element]]
}
