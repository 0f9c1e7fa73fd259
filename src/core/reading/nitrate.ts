import { say } from '../sentence/sentence'
import { lbPerAcrePerPpmInch } from '../units/factors'
import { quantity } from '../units/quantity'
import { derive, given, type Working } from '../units/workings'
import type { ReadReport } from './soil'

/** The depth that a sample is taken to have where nobody said, in. Source: common practice. */
const usualSample = 6

/**
 * Nitrate-N in the sampled layer, lb/acre: ppm × 0.3 × depth in inches. Undefined where it was not tested.
 * Source: the acre furrow slice of 2,000,000 lb; mineral soil.
 */
export function nitrateInLayer({ nitrate, sampleDepth }: ReadReport): Working<'lb N/acre'> | undefined {
  if (nitrate === undefined) return undefined
  if (nitrate.of === 'lb/acre NO₃-N')
    return given(quantity(nitrate.v, 'lb N/acre'), say('report.nitrate-per-acre'), 'reported')
  return derive(
    'lb N/acre',
    'ppm * factor * depth',
    {
      ppm: given(nitrate, say('report.nitrate'), 'reported'),
      factor: given(quantity(lbPerAcrePerPpmInch, 'lb/acre per ppm and in'), say('report.ppm-inch'), 'arithmetic'),
      depth: given(
        quantity(sampleDepth ?? usualSample, 'in'),
        say(sampleDepth === undefined ? 'report.depth-usual' : 'report.depth'),
        sampleDepth === undefined ? 'practice' : 'reported',
      ),
    },
    say('report.nitrate-layer'),
    'arithmetic',
  )
}
