import { both } from '../../../guides/spanish'
import { smpColumns, smpOrganic, smpOrganicAim, smpRows } from '../../../guides/lime-tables'
import { textures, type Texture, type TextureId } from '../../../guides/soils'
import { accept, refuse, say, type Outcome, type Sentence } from '../../../sentence/sentence'
import { buffers } from '../../../report/buffers'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived } from '../../../units/workings'
import { depthOf, effectivenessOf, type LimeFigure, type LimeInputs, type LimeMethod } from '../method'

/**
 * SMP buffer table: tons/acre of good agricultural limestone for 8 in, from the buffer pH and the aim.
 * Interpolates between rows and between the columns for pH 6.0, 6.5 and 7.0. An aim below 6.0 takes the share of
 * the 6.0 figure that (aim − pH) has of (6.0 − pH), as an estimate. Organic soil has a column of its own, to pH 5.2–5.3.
 * Refuses buffer readings outside 4.8–7.0 (on organic soil 5.5–7.0), aims above 7.0, on organic soil aims outside
 * 5.2–5.3, and a pH that has reached the aim.
 * Source: Shoemaker, McLean & Pratt 1961, as in NCR Publication 221; recalled. Effectiveness 0.65 with middling confidence.
 */
export const smp: LimeMethod = {
  id: 'smp',
  label: both('SMP buffer'),
  effectiveness: effectivenessOf(0.65, 'smp'),
  baseDepth: depthOf(8, 'smp'),
  source: 'smp',
  opinion: 'smp',
  applies: readsLikeSmp,
  compute(inputs) {
    const { pH, aim } = inputs
    const buffer = inputs.buffer!.v
    const { low, high } = buffers.SMP.field
    if (buffer < low || buffer > high) return refuse('lime.buffer-range', { method: smp.label, low, high, buffer })
    if (isOrganic(inputs)) return onOrganicSoil(inputs, buffer)
    if (aim.value.v > smpColumns[0]) return refuse('lime.aim-range', { method: smp.label, high: smpColumns[0] })
    if (pH.value.v >= aim.value.v) return refuse('lime.nothing-to-raise')
    if (aim.value.v < smpColumns[2])
      return accept({
        rate: estimateBelowTable(inputs, buffer),
        remarks: [say('lime.smp-estimate'), ...remarksOf(inputs)],
        beyond: true,
      })
    return accept({ rate: betweenColumns(buffer, aim), remarks: remarksOf(inputs) })
  },
}

export const isOrganic = ({ texture }: LimeInputs): boolean => texture !== undefined && isOrganicTexture(texture)
const isOrganicTexture = (id: TextureId): boolean => (textures[id] as Texture).organic ?? false

function onOrganicSoil(inputs: LimeInputs, buffer: number): Outcome<LimeFigure> {
  const { pH, aim } = inputs
  const low = smpOrganic[0]![0]
  if (buffer < low) return refuse('lime.buffer-range', { method: smp.label, low, high: buffers.SMP.field.high, buffer })
  if (aim.value.v < smpOrganicAim.from || aim.value.v > smpOrganicAim.to)
    return refuse('lime.organic-aim', { method: smp.label, ...smpOrganicAim })
  if (pH.value.v >= aim.value.v) return refuse('lime.nothing-to-raise')
  const rows = smpOrganic.map(([bufferPH, tons]) => ({ bufferPH, tons }))
  return accept({ rate: betweenRows(rows, buffer, smpOrganicAim.to), remarks: remarksOf(inputs) })
}

/** The Sikora (2006) buffer was built to reproduce SMP readings, and may use its table. */
export function readsLikeSmp({ buffer }: LimeInputs): boolean {
  return buffer?.of === 'SMP buffer pH' || buffer?.of === 'Sikora buffer pH'
}

export const remarksOf = ({ buffer }: LimeInputs): Sentence[] =>
  buffer?.of === 'Sikora buffer pH' ? [say('lime.reads-like', { kind: 'Sikora', like: 'SMP' })] : []

/** One column's figure at this buffer pH. */
const column = (buffer: number, index: 0 | 1 | 2) =>
  betweenRows(
    smpRows.map((row) => ({ bufferPH: row[0], tons: row[index + 1]! })),
    buffer,
    smpColumns[index],
  )

interface Row {
  readonly bufferPH: number
  readonly tons: number
}

/** On the straight line between the two rows that enclose the reading. */
function betweenRows(rows: readonly Row[], buffer: number, to: number): Derived<'tons reference lime/acre'> {
  const above = Math.max(
    rows.findIndex(({ bufferPH }) => bufferPH >= buffer),
    1,
  )
  const [lower, upper] = [rows[above - 1]!, rows[above]!]
  const cell = ({ tons, bufferPH }: Row) =>
    given(quantity(tons, 'tons reference lime/acre'), say('lime.smp-cell', { buffer: bufferPH, to }), 'smp')
  return derive(
    'tons reference lime/acre',
    'low_row + (high_row - low_row) * (buffer - low_buffer) / (high_buffer - low_buffer)',
    {
      low_row: cell(lower),
      high_row: cell(upper),
      buffer: given(quantity(buffer, 'SMP buffer pH'), say('report.buffer', { kind: 'SMP' }), 'reported'),
      low_buffer: rowPH(lower.bufferPH),
      high_buffer: rowPH(upper.bufferPH),
    },
    say('lime.smp-row', { to }),
    'smp',
  )
}

const rowPH = (v: number) => given(quantity(v, 'SMP buffer pH'), say('lime.smp-row-ph'), 'smp')
const columnPH = (v: number) => given(quantity(v, 'pH in water'), say('lime.smp-column-ph'), 'smp')

function betweenColumns(buffer: number, aim: LimeInputs['aim']): Derived<'tons reference lime/acre'> {
  const exact = smpColumns.findIndex((to) => to === aim.value.v)
  if (exact !== -1) return column(buffer, exact as 0 | 1 | 2)
  const lower = aim.value.v < smpColumns[1] ? 2 : 1
  return derive(
    'tons reference lime/acre',
    'to_low + (to_high - to_low) * (aim - low) / (high - low)',
    {
      to_low: column(buffer, lower),
      to_high: column(buffer, (lower - 1) as 0 | 1),
      aim,
      low: columnPH(smpColumns[lower]),
      high: columnPH(smpColumns[lower - 1]!),
    },
    say('lime.smp-between', { low: smpColumns[lower], high: smpColumns[lower - 1]!, aim: aim.value.v }),
    'smp',
  )
}

function estimateBelowTable({ pH, aim }: LimeInputs, buffer: number): Derived<'tons reference lime/acre'> {
  const rule: Sentence = say('lime.smp-share', { aim: aim.value.v })
  return derive(
    'tons reference lime/acre',
    'to_6 * (aim - pH) / (six - pH)',
    { to_6: column(buffer, 2), aim, pH, six: columnPH(6) },
    rule,
    'practice',
  )
}
