import type { Crop } from './guides/crops'
import { limits } from './guides/limits'
import type { SulfurMaterial } from './guides/materials'
import type { Climate } from './guides/soils'
import type { ChosenLime } from './lime/product'
import { say, type Sentence, type Text } from './sentence'
import { quantity, type WaterPH } from './units/quantity'
import { given, type Derived, type Given } from './workings'

/** The ground that a lime or sulfur figure is for. */
export interface Ground {
  readonly area: Derived<'ft²'>
  readonly crop: Crop
  readonly planted: boolean
  /** Typed depth, in; undefined for the usual one. */
  readonly depth?: number
  readonly climate: Climate
  readonly sandy: boolean
  readonly choices: {
    readonly lime: ChosenLime
    readonly sulfur: { readonly material: SulfurMaterial; readonly bagLb: number }
  }
}

/** A figure that could lead: the laboratory's, or a method's; or why that method gives none. */
export interface Candidate {
  readonly id: string
  readonly label: Text
  /** Figures of one opinion agree because they rest on the same data. */
  readonly opinion?: string
  readonly rate?: Derived<'lb product/1000 ft²'>
  readonly dugIn?: Derived<'lb product/1000 ft²'>
  readonly refusal?: Sentence
  readonly remarks: readonly Sentence[]
}

/** The laboratory's own line among the candidates. */
export const laboratory = { id: 'laboratory', label: { en: 'the laboratory' } }

/** The soil's pH, and where the crop wants it. */
export const wherePH = (pH: WaterPH, crop: Crop) => ({
  pH: given(pH, say('report.pH'), 'reported'),
  aim: given(
    quantity(crop.pH.aim, 'pH in water'),
    say(crop.pH.school ? 'guide.aim-school' : 'guide.aim', { crop: crop.label, school: crop.pH.school ?? null }),
    'practice',
  ),
})

/** A depth that nobody typed. */
export const usualDepth = (v: number, key: string): Given<'in'> =>
  given(quantity(v, 'in'), say(key, { depth: v }), 'practice')
export const typedDepth = (v: number): Given<'in'> =>
  given(quantity(v, 'in'), say('depth.typed', { depth: v }), 'reported')

/** The depth that lime treats here: the one typed, or the usual one for ground that can or cannot be dug. */
export const limeDepth = ({ depth, planted }: Pick<Ground, 'depth' | 'planted'>): Given<'in'> =>
  depth !== undefined
    ? typedDepth(depth)
    : planted
      ? usualDepth(limits.lime.surfaceDepth, 'depth.usual-surface')
      : usualDepth(limits.lime.dugDepth, 'depth.usual-dug')
