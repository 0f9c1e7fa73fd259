import { both } from '../../../guides/spanish'
import { sulfurTo45 } from '../../../guides/sulfur-tables'
import { textures, type SulfurRow } from '../../../guides/soils'
import { accept, refuse, say } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived, type Working } from '../../../units/workings'
import type { SulfurMethod } from '../method'

/**
 * Sulfur by texture: lb S/100 ft² to bring a 6 in layer to pH 4.5, for sand and loam; to another aim, the difference
 * of two rows; on clay × 1.5 (common practice). Linear between rows. Refuses pH above 7.5, aims below 4.5, and muck.
 * Source: Pritts & Hancock, NRAES-55; recalled.
 */
export const table: SulfurMethod = {
  id: 'table',
  label: both('sulfur table'),
  baseDepth: given(quantity(6, 'in'), say('sulfur.base-depth'), 'nraes-55'),
  source: 'nraes-55',
  compute({ pH, aim, texture }) {
    const { label, sulfurRow, sulfurFactor, borrows } = textures[texture]
    if (!sulfurRow) return refuse('sulfur.no-row', { texture: label })
    const rows = sulfurTo45[sulfurRow]
    const [lowest, highest] = [rows[0]![0], rows[rows.length - 1]![0]]
    if (pH.value.v > highest) return refuse('sulfur.pH-high', { high: highest })
    if (aim.value.v < lowest) return refuse('sulfur.aim-low', { low: lowest })
    if (pH.value.v <= aim.value.v) return refuse('sulfur.nothing-to-lower')
    const inputs = { from_pH: toFourAndHalf(pH, sulfurRow), from_aim: toFourAndHalf(aim, sulfurRow) }
    const rate =
      sulfurFactor === 1
        ? derive('lb S/100 ft²', 'from_pH - from_aim', inputs, say('sulfur.difference'), 'nraes-55')
        : derive(
            'lb S/100 ft²',
            '(from_pH - from_aim) * clay',
            { ...inputs, clay: given(quantity(sulfurFactor, 'times loam'), say('sulfur.clay-factor'), 'practice') },
            say('sulfur.difference-clay'),
            'nraes-55',
          )
    return accept({
      rate,
      remarks: borrows.sulfur ? [say('sulfur.borrowed-row', { texture: label, row: textures[sulfurRow].label })] : [],
    })
  },
}

/** The table's figure from a pH down to 4.5. */
function toFourAndHalf(pH: Working<'pH in water'>, row: SulfurRow): Derived<'lb S/100 ft²'> {
  const rows = sulfurTo45[row]
  const above = Math.max(
    rows.findIndex(([at]) => at >= pH.value.v),
    1,
  )
  const [[lowPH, low], [highPH, high]] = [rows[above - 1]!, rows[above]!]
  const cell = (at: number, v: number) =>
    given(quantity(v, 'lb S/100 ft²'), say('sulfur.cell', { at, texture: textures[row].label }), 'nraes-55')
  const rowPH = (at: number) => given(quantity(at, 'pH in water'), say('sulfur.row-ph'), 'nraes-55')
  return derive(
    'lb S/100 ft²',
    'low + (high - low) * (pH - low_pH) / (high_pH - low_pH)',
    { low: cell(lowPH, low), high: cell(highPH, high), pH, low_pH: rowPH(lowPH), high_pH: rowPH(highPH) },
    say('sulfur.row', { pH: pH.value.v, texture: textures[row].label }),
    'nraes-55',
  )
}
