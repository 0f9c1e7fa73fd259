import { both } from '../../../guides/spanish'
import { limeByTexture } from '../../../guides/lime-tables'
import { textures } from '../../../guides/soils'
import { accept, refuse, say, type Bare } from '../../../sentence/sentence'
import { caCO3PerSulfur, poundsPerTon } from '../../../units/factors'
import { quantity } from '../../../units/quantity'
import { derive, given, type Working } from '../../../units/workings'
import type { SulfurMethod } from '../method'

/** Finely ground limestone acts like so much of pure CaCO₃; the lime table's layer, in; acre in hundreds of ft². */
const [effective, layer, sulfurDepth, hundreds] = [0.9, 7, 6, 435.6] as const

/**
 * Sulfur by chemistry: what the lime table says it takes to raise this soil, taken as its buffering, and turned into
 * the sulfur whose acid uses that much CaCO₃ up (3.12 lb each). Above the table's end its last step goes on.
 * A check from another source, within about 40 % of the sulfur table; it never leads. Refuses a texture without a step
 * at the aim.
 * Source: molar masses, and USDA Soil Survey Manual 1951, recalled.
 */
export const chemistry: SulfurMethod = {
  id: 'chemistry',
  label: both('chemistry, from the lime table'),
  baseDepth: given(quantity(sulfurDepth, 'in'), say('sulfur.base-depth'), 'practice'),
  source: 'survey-manual-1951',
  rough: true,
  compute({ pH, aim, texture, climate }) {
    if (pH.value.v <= aim.value.v) return refuse('sulfur.nothing-to-lower')
    const steps = limeByTexture[climate][textures[texture].limeRow]
    if (aim.value.v < steps[0]!.from) return refuse('sulfur.aim-low', { low: steps[0]!.from })
    const inputs: Record<string, Working> = { pH, aim }
    const terms = steps.flatMap((step, i) => {
      const last = i === steps.length - 1
      if (step.to <= aim.value.v && !last) return []
      if (step.from >= pH.value.v) return []
      inputs[`step_${i + 1}`] = given(
        quantity(step.tons, 'tons reference lime/acre'),
        say('lime.texture-cell', { texture: textures[texture].label, climate, from: step.from, to: step.to }),
        'survey-manual-1951',
      )
      const top = last ? 'pH' : `min(pH, ${step.to})`
      return [`step_${i + 1} * max(0, ${top} - max(aim, ${step.from}))`]
    })
    const set = (v: number, of: string, key: Bare) => given(quantity(v, of), say(key), 'chemistry')
    const rate = derive(
      'lb S/100 ft²',
      `(${terms.join(' + ')}) * ton * effective * to_depth / hundreds / each_sulfur`,
      {
        ...inputs,
        ton: set(poundsPerTon, 'lb', 'unit.ton'),
        effective: set(effective, 'lb CaCO₃/lb reference lime', 'lime.reference-effectiveness'),
        to_depth: set(sulfurDepth / layer, 'of the layer', 'sulfur.chemistry-depth'),
        hundreds: set(hundreds, 'hundreds of ft² in an acre', 'unit.hundreds'),
        each_sulfur: set(caCO3PerSulfur, 'lb CaCO₃ per lb S', 'sulfur.neutralizes'),
      },
      say('sulfur.chemistry'),
      'chemistry',
    )
    return accept({ rate, remarks: [say('sulfur.chemistry-rough')] })
  },
}
