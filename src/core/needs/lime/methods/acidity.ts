import { both } from '../../../guides/spanish'
import { accept, refuse, say } from '../../../sentence/sentence'
import { poundsPerTon } from '../../../units/factors'
import { quantity } from '../../../units/quantity'
import { derive, given } from '../../../units/workings'
import { depthOf, effectivenessOf, type LimeMethod } from '../method'

/**
 * Neutralizable acidity: 1 meq/100 g is 1,000 lb of pure CaCO₃ in the 2,000,000 lb of an acre furrow slice, 6⅔ in
 * (0.001 eq × 50 g/eq in 100 g is 0.05 %). It neutralizes all of the acidity, whatever the aim, and says so.
 * Refuses a pH that has reached the aim.
 * Source: arithmetic from the equivalent weight of CaCO₃; as a lime need, common practice.
 */
export const acidity: LimeMethod = {
  id: 'acidity',
  label: both('neutralizable acidity'),
  effectiveness: effectivenessOf(1, 'chemistry'),
  baseDepth: depthOf(20 / 3, 'arithmetic'),
  source: 'practice',
  opinion: 'acidity',
  applies: (inputs) => inputs.acidity !== undefined,
  compute({ pH, aim, acidity: reported }) {
    if (pH.value.v >= aim.value.v) return refuse('lime.nothing-to-raise')
    const rate = derive(
      'tons reference lime/acre',
      '1000 * acidity / ton',
      {
        acidity: given(reported!, say('report.acidity'), 'reported'),
        ton: given(quantity(poundsPerTon, 'lb'), say('unit.ton'), 'arithmetic'),
      },
      say('lime.acidity-rate'),
      'practice',
    )
    return accept({ rate, remarks: [say('lime.acidity-whole', { aim: aim.value.v })] })
  },
}
