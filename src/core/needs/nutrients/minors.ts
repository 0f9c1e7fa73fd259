import type { Report } from '../../report/report'
import { byLaboratory, type Need } from '../need'
import type { Lime } from '../../shelf/product'
import { carrierOf } from '../../shelf/products'
import { sufficiency, type Sufficiency } from '../../reading/classify'
import { noCap, split } from '../split'
import { say, type Outcome, type Sentence, type Bare } from '../../sentence/sentence'
import { otherNutrients, quantity, type MajorNutrient, type OtherNutrient } from '../../units/quantity'
import { acre, fromPrinted, onArea, perThousand, type RateUnit } from '../../units/rates'
import { derive, given, type Derived } from '../../units/workings'
import { productOf } from './carried'
import type { Feeding } from './method'

/** What the rules look at beside the feeding. */
export interface Around {
  readonly feeding: Feeding
  readonly report: Report
  /** The stone of the lime that goes on this season: it brings calcium, and as dolomite magnesium; null where none does. */
  readonly stone: Lime['liming']['stone'] | null
  readonly nitrogen: Need<MajorNutrient>
  /** Another crop of the area, or the next, that boron harms. */
  readonly boronHarms: boolean
}

type Rate = Derived<`lb ${OtherNutrient}/1000 ft²`>
type Verdict =
  | { readonly rate: Rate; readonly why: Sentence }
  | { readonly outcome: 'none' | 'by-label' | 'unknown'; readonly why: Sentence }

/**
 * Needs beside N, P₂O₅ and K₂O: those that the report prints, and those whose test is low where the guide has a rule.
 * What is neither is not mentioned. Source: the guide's limits, common practice.
 */
export function minorNeeds(around: Around): readonly Need<OtherNutrient>[] {
  const needs = otherNutrients.flatMap((nutrient) => {
    const { feeding, report } = around
    const printed = feeding.read.recommends[nutrient]
    if (printed !== undefined) return [asPrinted(nutrient, printed, around)]
    const found = sufficiency(nutrient, feeding.read, report, feeding.guide)
    const verdict = isLow(found) ? rules[nutrient](around) : undefined
    return verdict ? [asNeed(nutrient, verdict, feeding)] : []
  })
  return needs.map((need) => broughtBy(need, needs))
}

/** One product that carries two elements goes on once, as much as the needier asks for. */
function broughtBy(need: Need<OtherNutrient>, needs: readonly Need<OtherNutrient>[]): Need<OtherNutrient> {
  const { product, of, lead } = need
  const beside = needs.find((one) => one !== need && one.product && one.product.material === product?.material)
  if (!product || !beside?.product) return need
  const [own, other] = [product.amount.value.v, beside.product.amount.value.v]
  // Of equal amounts the first in order stays.
  if (own > other || (own === other && needs.indexOf(need) < needs.indexOf(beside))) return need
  const why = say('other.brought', { material: product.material.label, nutrient: beside.of })
  return { of, outcome: 'none', brought: true, why, lead, checks: [], remarks: [] }
}

const isLow = (found: Outcome<Sufficiency>) => found.ok && found.value.low

function asPrinted(nutrient: OtherNutrient, printed: number, around: Around): Need<OtherNutrient> {
  const { feeding, report } = around
  const of = { of: nutrient, checks: [], remarks: [] }
  const barred = nutrient === 'B' && printed > 0 ? boronBarred(around) : undefined
  if (barred) return { ...of, outcome: 'none', why: barred }
  const rate = fromPrinted(nutrient, printed, report.recommends[nutrient].unit as RateUnit)
  const { perYear } = feeding.guide.limits.boron
  if (nutrient === 'B' && rate.value.v * acre.value.v > perYear)
    return { ...of, outcome: 'unknown', why: say('other.B-over', { perYear }), lead: { ...byLaboratory, by: 'held' } }
  if (printed === 0) return { ...of, outcome: 'none', why: say('nutrient.laboratory-none'), lead: byLaboratory }
  return { ...asNeed(nutrient, { rate, why: say('nutrient.laboratory') }, feeding), lead: byLaboratory }
}

function asNeed(nutrient: OtherNutrient, verdict: Verdict, { area }: Feeding): Need<OtherNutrient> {
  const { why } = verdict
  if (!('rate' in verdict)) return { of: nutrient, outcome: verdict.outcome, why, checks: [], remarks: [] }
  const { rate } = verdict
  if (rate.value.v === 0) return { of: nutrient, outcome: 'none', why, checks: [], remarks: [] }
  const amount = onArea(nutrient, rate, area)
  const material = carrierOf[nutrient]
  const product = material && {
    material,
    bagLb: material.bagLb,
    amount: productOf(nutrient, amount, material),
  }
  const passes = split(nutrient, amount, rate, noCap)
  return { of: nutrient, outcome: 'apply', why, rate, amount, passes, checks: [], remarks: [], product }
}

/** One rule an element, for where its test is low. Nothing returned: nothing is said. */
const rules: Readonly<Record<OtherNutrient, (around: Around) => Verdict | undefined>> = {
  Mg: ({ stone, feeding }) =>
    stone === 'dolomitic'
      ? { outcome: 'none', brought: true, why: say('other.Mg-by-lime') }
      : { rate: setRate('Mg', feeding.guide.limits.secondary.Mg, feeding), why: say('other.Mg-low') },
  Ca: ({ stone, feeding }) =>
    stone
      ? { outcome: 'none', brought: true, why: say('other.Ca-by-lime') }
      : { rate: setRate('Ca', feeding.guide.limits.secondary.Ca, feeding), why: say('other.Ca-low') },
  S: sulfurAsNutrient,
  B: boron,
  Zn: zinc,
  Mn: () => ({ outcome: 'by-label', why: say('other.Mn-low') }),
  Fe: iron,
  Cu: () => ({ outcome: 'by-label', why: say('other.Cu-low') }),
}

const setRate = (nutrient: OtherNutrient, v: number, { guide: { limits } }: Feeding): Rate =>
  derive(
    `lb ${nutrient}/1000 ft²`,
    'usual',
    { usual: given(quantity(v, `lb ${nutrient}/1000 ft²`), say('other.usual', { nutrient }), limits.source) },
    say('other.usual-rate'),
    limits.source,
  )

const anAcre = (nutrient: OtherNutrient, v: number, key: Bare, { guide: { limits } }: Feeding): Rate =>
  perThousand(nutrient, given(quantity(v, `lb ${nutrient}/acre`), say(key), limits.source))

/** About a tenth of the nitrogen, up to a most. */
function sulfurAsNutrient({ feeding, nitrogen }: Around): Verdict | undefined {
  const { limits } = feeding.guide
  if (!nitrogen.rate || nitrogen.rate.value.v === 0) return undefined
  const { shareOfN, atMost } = limits.nutrientSulfur
  const set = (v: number, of: string, key: Bare) => given(quantity(v, of), say(key), limits.source)
  const rate = derive(
    'lb S/1000 ft²',
    'min(share * nitrogen, most / acre)',
    {
      share: set(shareOfN, 'S for each N', 'other.S-share'),
      most: set(atMost, 'lb S/acre', 'other.S-most'),
      nitrogen: nitrogen.rate,
      acre,
    },
    say('other.S-rate'),
    limits.source,
  )
  return { rate, why: say('other.S-low') }
}

function boronBarred({ feeding, boronHarms }: Around): Sentence | undefined {
  if (feeding.crop.boron === 'harms') return say('other.B-harms', { crop: feeding.crop.label })
  return boronHarms ? say('other.B-harms-next') : undefined
}

/** Only for crops it serves, on light ground, and never where beans or peas grow or follow. */
function boron(around: Around): Verdict | undefined {
  const { feeding } = around
  if (feeding.crop.boron !== 'serves') return undefined
  const barred = boronBarred(around)
  if (barred) return { outcome: 'none', why: barred }
  if (!feeding.sandy) return { outcome: 'none', why: say('other.B-not-sandy') }
  const { rate, perYear } = feeding.guide.limits.boron
  return { rate: anAcre('B', rate, 'other.B-usual', feeding), why: say('other.B-low', { perYear }) }
}

/** Beside the row of crops that ask for it on light ground. */
function zinc({ feeding }: Around): Verdict {
  const { crop, sandy, planting, guide } = feeding
  if (!crop.zincOnSand || !sandy) return { outcome: 'by-label', why: say('other.Zn-low') }
  const { rowSpacing } = planting
  if (!rowSpacing) return { outcome: 'unknown', why: say('other.Zn-needs-rows') }
  const rate = derive(
    'lb Zn/1000 ft²',
    'each / 100 / spacing * 1000',
    {
      each: given(
        quantity(guide.limits.zincPerHundredFeet, 'lb Zn/100 ft of row'),
        say('other.Zn-each'),
        guide.limits.source,
      ),
      spacing: given(quantity(rowSpacing, 'ft'), say('planting.rows-spacing'), 'reported'),
    },
    say('other.Zn-rate'),
    guide.limits.source,
  )
  return { rate, why: say('other.Zn-row') }
}

/** A chelate holds its iron only up to a pH of its own. Source: common practice. */
const chelates = [
  { upTo: 6.5, name: 'EDTA' },
  { upTo: 7.5, name: 'DTPA' },
  { upTo: Infinity, name: 'EDDHA' },
] as const

/** pH first: an acid lover above its span lacks iron because of it. */
function iron({ feeding: { crop, read } }: Around): Verdict {
  const pH = read.soil.pH?.v
  if (crop.acidRequiring && pH !== undefined && pH > crop.pH.high)
    return { outcome: 'none', why: say('other.Fe-pH-first') }
  const chelate = pH === undefined ? null : chelates.find(({ upTo }) => pH <= upTo)!.name
  return { outcome: 'by-label', why: say('other.Fe-low', { chelate }) }
}
