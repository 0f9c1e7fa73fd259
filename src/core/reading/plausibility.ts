import { say, type Sentence } from '../sentence'
import { furrowSliceInches, lbPerAcrePerPpmInch, ppmKPerMeq, ppmMgPerMeq } from '../units/factors'
import type { SoilTest } from '../units/quantity'
import type { ReadReport } from './soil'

/** Organic matter above which mineral-soil figures do not hold, %. Source: common practice. */
const organicSoil = 20

/**
 * What in a report can hardly be so, and what to do about it. Nothing is blocked: the number stands as typed.
 * Potassium and magnesium are two of the cations that the CEC counts, so together they cannot exceed it; where half of
 * them would fit, lb/acre was probably typed as ppm. Source: equivalent weights; organic matter, common practice.
 */
export function implausible({ soil, tests }: Pick<ReadReport, 'soil' | 'tests'>): Sentence[] {
  const found: Sentence[] = []
  const matter = soil.organicMatter?.v
  if (matter !== undefined && matter > organicSoil) found.push(say('plausible.organic-matter', { matter }))
  const bases = inMeq(tests.K, ppmKPerMeq) + inMeq(tests.Mg, ppmMgPerMeq)
  const cec = soil.cec?.v
  if (cec !== undefined && bases > cec)
    found.push(say(bases / 2 <= cec ? 'plausible.bases-halved' : 'plausible.bases', { bases, cec }))
  return found
}

/** meq/100 g of a cation; 0 where it was not tested. lb/acre are those of the furrow slice. */
function inMeq(test: SoilTest | undefined, ppmPerMeq: number): number {
  if (!test) return 0
  const ppm = test.of.startsWith('lb/acre') ? test.v / (lbPerAcrePerPpmInch * furrowSliceInches) : test.v
  return ppm / ppmPerMeq
}
