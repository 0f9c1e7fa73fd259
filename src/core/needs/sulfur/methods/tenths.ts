import { both } from '../../../guides/spanish'
import { tenthsRuleLbPer100SqFt } from '../../../guides/sulfur-tables'
import { textures } from '../../../guides/soils'
import { accept, refuse, say } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given } from '../../../units/workings'
import type { SulfurMethod } from '../method'

/**
 * The tenths rule: 0.2 lb S per 100 ft² for each 0.1 pH above the aim, in the usual 6 in. On loam or heavier only:
 * on sand it gives two and a half times the table, so it is refused there, and on muck.
 * Source: common practice.
 */
export const tenths: SulfurMethod = {
  id: 'tenths',
  label: both('tenths rule'),
  baseDepth: given(quantity(6, 'in'), say('sulfur.base-depth'), 'practice'),
  source: 'practice',
  compute({ pH, aim, texture }) {
    const { label, sandy, sulfurRow } = textures[texture]
    if (sandy || !sulfurRow) return refuse('sulfur.tenths-not-here', { texture: label })
    if (pH.value.v <= aim.value.v) return refuse('sulfur.nothing-to-lower')
    const perTenth = given(
      quantity(tenthsRuleLbPer100SqFt, 'lb S/100 ft² per 0.1 pH'),
      say('sulfur.per-tenth'),
      'practice',
    )
    return accept({
      rate: derive(
        'lb S/100 ft²',
        'per_tenth * (pH - aim) * 10',
        { per_tenth: perTenth, pH, aim },
        say('sulfur.tenths'),
        'practice',
      ),
      remarks: [],
    })
  },
}
