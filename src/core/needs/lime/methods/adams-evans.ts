import { both } from '../../../guides/spanish'
import { buffers } from '../../../report/buffers'
import { accept, refuse, say } from '../../../sentence/sentence'
import { poundsPerTon } from '../../../units/factors'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived, type Working } from '../../../units/workings'
import { depthOf, effectivenessOf, type LimeMethod } from '../method'

/** pH = 7.79 − 5.55 H + 2.27 H²: lowest pH on its falling branch, and pH at no acidity. */
const pHAtNone = 7.79
const lowestPH = 4.51

/**
 * Adams–Evans buffer: lb CaCO₃/acre = 8000 × (8.00 − buffer) ÷ H₁ × (H₁ − H₂) × 1.5, H being the share of the
 * exchange that is unsaturated at the soil's pH and at the aim. The 1.5 is lime's inefficiency in the field, so the
 * figure is a reference lime of effectiveness 1 ÷ 1.5, for 6⅔ in.
 * Refuses buffer readings outside 7.0–8.0, soil below pH 4.51, aims from 7.79, and a pH that has reached the aim.
 * Source: Adams & Evans 1962; recalled.
 */
export const adamsEvans: LimeMethod = {
  id: 'adams-evans',
  label: both('Adams–Evans buffer'),
  effectiveness: effectivenessOf(1 / 1.5, 'adams-evans'),
  baseDepth: depthOf(20 / 3, 'adams-evans'),
  source: 'adams-evans',
  opinion: 'adams-evans',
  applies: ({ buffer }) => buffer?.of === 'Adams–Evans buffer pH' || buffer?.of === 'Moore–Sikora buffer pH',
  compute({ pH, aim, buffer }) {
    const { low, high } = buffers['Adams–Evans'].field
    const reading = buffer!.v
    if (reading < low || reading > high)
      return refuse('lime.buffer-range', { method: adamsEvans.label, low, high, buffer: reading })
    if (pH.value.v < lowestPH) return refuse('lime.pH-low', { method: adamsEvans.label, low: lowestPH })
    if (aim.value.v >= pHAtNone) return refuse('lime.aim-range', { method: adamsEvans.label, high: pHAtNone })
    if (pH.value.v >= aim.value.v) return refuse('lime.nothing-to-raise')
    const rate = derive(
      'tons reference lime/acre',
      '8000 * (8.00 - buffer) / H1 * (H1 - H2) * 1.5 / ton',
      {
        buffer: given(
          quantity(reading, 'Adams–Evans buffer pH'),
          say('report.buffer', { kind: 'Adams–Evans' }),
          'reported',
        ),
        H1: unsaturated(pH, say('lime.ae-unsaturated-soil')),
        H2: unsaturated(aim, say('lime.ae-unsaturated-aim')),
        ton: given(quantity(poundsPerTon, 'lb'), say('unit.ton'), 'arithmetic'),
      },
      say('lime.ae-rate'),
      'adams-evans',
    )
    const borrowed = buffer!.of === 'Moore–Sikora buffer pH'
    const remarks = borrowed ? [say('lime.reads-like', { kind: 'Moore–Sikora', like: 'Adams–Evans' })] : []
    return accept({ rate, remarks })
  },
}

/** Unsaturated share of the exchange at a pH: the smaller root of the curve. */
const unsaturated = (pH: Working<'pH in water'>, rule: Derived['rule']): Derived<'fraction of CEC'> =>
  derive('fraction of CEC', '(5.55 - sqrt(5.55^2 - 4 * 2.27 * (7.79 - pH))) / (2 * 2.27)', { pH }, rule, 'adams-evans')
