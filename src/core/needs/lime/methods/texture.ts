import { both } from '../../../guides/spanish'
import { limeByTexture, type TextureStep } from '../../../guides/lime-tables'
import { textures } from '../../../guides/soils'
import { accept, refuse, say } from '../../../sentence/sentence'
import { quantity } from '../../../units/quantity'
import { derive, given, type Derived, type Working } from '../../../units/workings'
import { depthOf, effectivenessOf, type LimeMethod } from '../method'

/**
 * Lime by texture and climate, when there is no buffer reading: tons/acre of finely ground limestone
 * (effectiveness about 0.9) for a 7 in layer, linear within each step of one pH unit.
 * An aim past 6.5, where the table ends, is served to 6.5 only, with a remark.
 * Below its first step (4.5; 3.5 on sand and muck) the amount from there up is a first instalment, said so.
 * Refuses an aim below it, and a pH that has reached the aim or the table's end.
 * Source: USDA Soil Survey Manual 1951; recalled.
 */
export const texture: LimeMethod = {
  id: 'texture',
  label: both('texture table'),
  effectiveness: effectivenessOf(0.9, 'survey-manual-1951'),
  baseDepth: depthOf(7, 'survey-manual-1951'),
  source: 'survey-manual-1951',
  opinion: 'texture',
  applies: (inputs) => inputs.texture !== undefined,
  compute({ pH, aim, texture: id, textureByCec, climate }) {
    const { label, limeRow, borrows } = textures[id!]
    const table = limeByTexture[climate][limeRow]
    const [first, last] = [table[0]!, table[table.length - 1]!]
    const to = Math.min(aim.value.v, last.to)
    if (pH.value.v >= to) return refuse('lime.nothing-to-raise')
    if (to <= first.from) return refuse('lime.pH-low', { method: texture.label, low: first.from })
    const parts = table.filter((step) => step.to > pH.value.v && step.from < to)
    const inputs: Record<string, Working> = {}
    const terms = parts.map((step, i) => {
      inputs[`rate_${i + 1}`] = given(
        quantity(step.tons, 'tons reference lime/acre'),
        say('lime.texture-cell', { texture: label, climate, from: step.from, to: step.to }),
        'survey-manual-1951',
      )
      const from = step.from > pH.value.v ? bound(inputs, step.from) : 'pH'
      const until = step.to < aim.value.v ? bound(inputs, step.to) : 'aim'
      return `rate_${i + 1} * (${until} - ${from})`
    })
    const rate: Derived<'tons reference lime/acre'> = derive(
      'tons reference lime/acre',
      terms.join(' + '),
      { ...inputs, pH, aim },
      say('lime.texture-rate', { texture: label, climate }),
      'survey-manual-1951',
    )
    const remarks = [
      ...(textureByCec ? [say('texture.by-cec', { texture: label, cec: textureByCec.v })] : []),
      ...(borrows.lime ? [say('lime.borrowed-row', { texture: label, row: textures['clay-loam'].label })] : []),
      ...(pH.value.v < first.from ? [say('lime.first-instalment', { low: first.from })] : []),
      ...(aim.value.v > last.to ? [say('lime.to-table-end', { to: last.to, aim: aim.value.v })] : []),
    ]
    return accept({ rate, remarks, beyond: pH.value.v < first.from })
  },
}

function bound(inputs: Record<string, Working>, pH: TextureStep['from']): string {
  const name = `step_${String(pH).replace('.', '_')}`
  inputs[name] = given(quantity(pH, 'pH in water'), say('lime.texture-step'), 'survey-manual-1951')
  return name
}
