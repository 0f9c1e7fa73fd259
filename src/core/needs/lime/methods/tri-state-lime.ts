import { both } from '../../../guides/spanish'
import { buffers } from '../../../report/buffers'
import { triStateLines } from '../../../guides/lime-tables'
import { accept, refuse, say } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived, type Given } from '../../../units/workings'
import { depthOf, effectivenessOf, type LimeMethod } from '../method'
import { isOrganic, readsLikeSmp, remarksOf } from './smp'

const [highest, lowest] = [triStateLines[0]!, triStateLines[triStateLines.length - 1]!]

/**
 * Tri-State lime equations: tons/acre of agricultural lime for 8 in, a straight line in the SMP buffer reading for
 * each of the aims 6.8, 6.5 and 6.0, never below nothing; between two aims, the straight line between them.
 * Refuses organic soil, buffer readings outside 4.8–7.0, aims outside 6.0–6.8, and a pH that has reached the aim.
 * Fitted to the same data as the SMP table, and so one opinion with it. Effectiveness 0.65 with middling confidence.
 * Source: Vitosh, Johnson & Mengel 1995, E-2567; recalled.
 */
export const triStateLime: LimeMethod = {
  id: 'tri-state-lime',
  label: both('Tri-State equations'),
  effectiveness: effectivenessOf(0.65, 'tri-state'),
  baseDepth: depthOf(8, 'tri-state'),
  source: 'tri-state',
  opinion: 'smp',
  applies: readsLikeSmp,
  compute(inputs) {
    const { pH, aim } = inputs
    const { label } = triStateLime
    const buffer = inputs.buffer!.v
    if (isOrganic(inputs)) return refuse('lime.not-on-muck', { method: label })
    const { low, high } = buffers.SMP.field
    if (buffer < low || buffer > high) return refuse('lime.buffer-range', { method: label, low, high, buffer })
    if (aim.value.v > highest.to) return refuse('lime.aim-range', { method: label, high: highest.to })
    if (aim.value.v < lowest.to) return refuse('lime.aim-low', { method: label, low: lowest.to })
    if (pH.value.v >= aim.value.v) return refuse('lime.nothing-to-raise')
    return accept({ rate: toAim(buffer, aim), remarks: remarksOf(inputs) })
  },
}

function toAim(buffer: number, aim: Given<'pH in water'>): Derived<'tons reference lime/acre'> {
  const upper = [...triStateLines].reverse().find((line) => line.to >= aim.value.v)!
  if (upper.to === aim.value.v) return toColumn(buffer, upper)
  const lower = triStateLines.find((line) => line.to <= aim.value.v)!
  const column = (to: number) => given(quantity(to, 'pH in water'), say('lime.smp-column-ph'), 'tri-state')
  return derive(
    'tons reference lime/acre',
    'to_low + (to_high - to_low) * (aim - low) / (high - low)',
    {
      to_low: toColumn(buffer, lower),
      to_high: toColumn(buffer, upper),
      aim,
      low: column(lower.to),
      high: column(upper.to),
    },
    say('lime.smp-between', { low: lower.to, high: upper.to, aim: aim.value.v }),
    'tri-state',
  )
}

const toColumn = (buffer: number, { to, start, slope }: (typeof triStateLines)[number]) =>
  derive(
    'tons reference lime/acre',
    'max(0, start - slope * 10 * buffer)',
    {
      start: given(quantity(start, 'tons reference lime/acre'), say('lime.tri-state-start', { to }), 'tri-state'),
      slope: given(quantity(slope, 'tons per lime test index'), say('lime.tri-state-slope', { to }), 'tri-state'),
      buffer: given(quantity(buffer, 'SMP buffer pH'), say('report.buffer', { kind: 'SMP' }), 'reported'),
    },
    say('lime.tri-state-rate', { to }),
    'tri-state',
  )
