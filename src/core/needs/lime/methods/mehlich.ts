import { both } from '../../../guides/spanish'
import { buffers } from '../../../report/buffers'
import { accept, refuse, say } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived } from '../../../units/workings'
import { depthOf, effectivenessOf, type LimeMethod } from '../method'

/** The buffer's own pH, at which it reads no acidity. */
const bufferAtNone = 6.6

/**
 * Mehlich buffer: acidity Ac = (6.6 − buffer) ÷ 0.25 meq/100 cm³; tons/acre of agricultural lime =
 * Ac × (aim − pH) ÷ (6.6 − pH), for 8 in. An aim past 6.6 takes all of the acidity and no more: beyond, the quotient
 * would grow without bound as the pH nears 6.6. Its lime is ground limestone at 90 % CaCO₃
 * equivalent, as it is bought; that and the depth with middling confidence.
 * Refuses buffer readings above 6.6 or below 4.0, soil from pH 6.6, and a pH that has reached the aim.
 * Source: Mehlich 1976, as used in North Carolina; recalled.
 */
export const mehlich: LimeMethod = {
  id: 'mehlich',
  label: both('Mehlich buffer'),
  effectiveness: effectivenessOf(0.9, 'mehlich-1976'),
  groundStone: true,
  baseDepth: depthOf(8, 'mehlich-1976'),
  source: 'mehlich-1976',
  opinion: 'mehlich',
  applies: ({ buffer }) => buffer?.of === 'Mehlich buffer pH',
  compute({ pH, aim, buffer }) {
    const { low, high } = buffers.Mehlich.field
    const reading = buffer!.v
    if (reading < low || reading > high)
      return refuse('lime.buffer-range', { method: mehlich.label, low, high, buffer: reading })
    if (pH.value.v >= aim.value.v) return refuse('lime.nothing-to-raise')
    if (pH.value.v >= bufferAtNone) return refuse('lime.pH-high', { method: mehlich.label, high: bufferAtNone })
    const acidity: Derived<'meq/100 cm³'> = derive(
      'meq/100 cm³',
      '(6.6 - buffer) / 0.25',
      { buffer: given(quantity(reading, 'Mehlich buffer pH'), say('report.buffer', { kind: 'Mehlich' }), 'reported') },
      say('lime.mehlich-acidity'),
      'mehlich-1976',
    )
    const rate = derive(
      'tons reference lime/acre',
      'acidity * (min(aim, 6.6) - pH) / (6.6 - pH)',
      { acidity, aim, pH },
      say('lime.mehlich-rate'),
      'mehlich-1976',
    )
    return accept({ rate, remarks: [] })
  },
}
