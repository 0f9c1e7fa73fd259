import type { Choices } from '../../case/season'
import { cceField, limeFields, moistureField, numberIn, sieveField } from '../../report/fields'
import { limeScales, type LimeScale, type LimeScaleId, type SieveMesh } from '../../report/lime-scales'
import { say, type Sentence } from '../../sentence/sentence'
import { quantity } from '../../units/quantity'
import { derive, given, type Derived, type Working } from '../../units/workings'

type Effectiveness = Derived<'lb CaCO₃/lb product'>

/** % that passes each sieve. */
export type Passing = Readonly<Partial<Record<SieveMesh, number>>>

const percent = (v: number, label: Sentence) => given(quantity(v, '%'), label, 'reported')

/**
 * Share of a stone's weight that acts like pure fine CaCO₃: CaCO₃ equivalent × fineness × dry matter, the fineness by
 * the factors of one named scale. Undefined for a scale without sieves, and while a sieve of it is missing.
 * Source: each scale's own, recalled.
 *
 * @param cce CaCO₃ equivalent, %
 * @param passing % of the weight that passes each sieve
 * @param moisture %
 * @example bySieves('sieves-ohio', 95, { 8: 100, 20: 90, 60: 60 }, 0)?.value.v // 0.95 × (0.2 × 0.10 + 0.6 × 0.30 + 0.60) = 0.76
 */
export function bySieves(
  scaleId: LimeScaleId,
  cce: number,
  passing: Passing,
  moisture: number,
): Effectiveness | undefined {
  const { sieves, source }: LimeScale = limeScales[scaleId]
  if (!sieves || sieves.some(({ mesh }) => passing[mesh] === undefined)) return undefined
  const inputs: Record<string, Working> = {
    cce: percent(cce, say('lime.cce')),
    moisture: percent(moisture, say('lime.moisture')),
  }
  const terms = sieves.map(({ mesh, acts }, i) => {
    const next = sieves[i + 1]?.mesh
    inputs[`passing_${mesh}`] = percent(passing[mesh]!, say('lime.passing', { mesh }))
    inputs[`acts_${mesh}`] = given(
      quantity(acts, 'of its value'),
      say('lime.acts', { mesh, next: next ?? null }),
      source,
    )
    // Sieves typed out of order would take away more than there is.
    return next ? `acts_${mesh} * max(0, passing_${mesh} - passing_${next})` : `acts_${mesh} * passing_${mesh}`
  })
  return derive(
    'lb CaCO₃/lb product',
    `cce / 100 * (${terms.join(' + ')}) / 100 * (1 - moisture / 100)`,
    inputs,
    say('lime.by-sieves', { scale: limeScales[scaleId].label }),
    source,
  )
}

/** What a figure printed on one of the scales is worth, as a share of pure fine CaCO₃. */
export function asPrinted(scaleId: LimeScaleId, printed: number): Effectiveness | undefined {
  const { each, source, label }: LimeScale = limeScales[scaleId]
  if (each === undefined) return undefined
  return derive(
    'lb CaCO₃/lb product',
    'printed * each',
    {
      printed: given(quantity(printed, label.en), say('lime.on-label'), 'reported'),
      each: given(quantity(each, 'of pure, fine CaCO₃ in one'), say('lime.scale-each', { scale: label }), source),
    },
    say('lime.from-label', { scale: label }),
    source,
  )
}

/** What the bag says of its strength; undefined where it says nothing that can be used. */
export function labelled({ limeScale, limeEffective, limeSieves }: Choices): Effectiveness | undefined {
  const printed = numberIn(limeFields[limeScale], limeEffective)
  if (printed !== undefined && printed > 0) {
    const found = asPrinted(limeScale, printed)
    if (found) return found
  }
  const cce = numberIn(cceField, limeSieves.cce)
  if (cce === undefined) return undefined
  const { sieves }: LimeScale = limeScales[limeScale]
  const passing = Object.fromEntries(
    (sieves ?? []).map(({ mesh }) => [mesh, numberIn(sieveField, limeSieves[mesh])]),
  ) as Passing
  const found = bySieves(limeScale, cce, passing, numberIn(moistureField, limeSieves.moisture) ?? 0)
  return found && found.value.v > 0.01 ? found : undefined
}
