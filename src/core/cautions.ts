import type { Reaction } from './reaction'
import type { Crop } from './guides/crops'
import type { Fertilizer } from './guides/materials'
import type { OneFertilizer } from './mix/one-fertilizer'
import type { NutrientNeed } from './nutrients/need'
import type { Soil } from './reading/classify'
import { say, type Sentence } from './sentence'

/** What a caution may look at. */
export interface Facts {
  readonly crop: Crop
  readonly soil: Soil
  readonly reaction: Reaction
  readonly needs: readonly NutrientNeed[]
  readonly fertilizer?: Fertilizer
  readonly mix?: OneFertilizer
  readonly phosphorusBanned: boolean
}

interface Caution {
  readonly key: string
  readonly when: (facts: Facts) => boolean
}

const limes = ({ reaction }: Facts) => reaction.outcome === 'lime'
const acidifies = ({ reaction }: Facts) => reaction.outcome === 'sulfur'
const feeds = ({ needs }: Facts) => needs.some((need) => need.outcome === 'apply')
const over = ({ mix }: Facts, nutrient: string) =>
  mix?.supplies.some((one) => one.nutrient === nutrient && one.wanted === 'none' && one.supplied.value.v > 0) ?? false

/** In order of harm; each fires once. Source of all: common practice. */
const cautions: readonly Caution[] = [
  { key: 'caution.ammonium-nitrate', when: ({ fertilizer }) => fertilizer?.restricted === true },
  { key: 'caution.weed-killer', when: ({ fertilizer, crop }) => fertilizer?.forLawns === true && crop.use !== 'lawn' },
  {
    key: 'caution.manure-food',
    when: ({ fertilizer, crop }) => fertilizer?.origin === 'manure' && crop.use !== 'lawn',
  },
  {
    key: 'caution.carry-over',
    when: ({ fertilizer }) => fertilizer?.origin === 'manure' || fertilizer?.origin === 'compost',
  },
  { key: 'caution.sewage', when: ({ fertilizer }) => fertilizer?.origin === 'sewage' },
  { key: 'caution.lime-dust', when: limes },
  { key: 'caution.sulfur-dust', when: acidifies },
  { key: 'caution.sulfur-overshoot', when: acidifies },
  { key: 'caution.sulfur-wet-cold', when: acidifies },
  { key: 'caution.free-lime', when: ({ reaction }) => reaction.outcome === 'not-here' },
  { key: 'caution.never-both', when: (facts) => limes(facts) || acidifies(facts) },
  {
    key: 'caution.lime-ammonium',
    when: (facts) => limes(facts) && (facts.fertilizer ? facts.fertilizer.ammonium : feeds(facts)),
  },
  {
    key: 'caution.quick-burns',
    when: ({ fertilizer, needs }) =>
      fertilizer?.quickNitrogen === true && needs.some((need) => need.nutrient === 'N' && need.outcome === 'apply'),
  },
  { key: 'caution.muriate-heat', when: ({ fertilizer }) => fertilizer?.chloride === true },
  {
    key: 'caution.ammonium-only',
    when: ({ crop, fertilizer }) => crop.ammoniumOnly === true && (fertilizer?.blend ?? true),
  },
  { key: 'caution.P-over', when: (facts) => !facts.phosphorusBanned && over(facts, 'P₂O₅') },
  {
    key: 'caution.P-rule',
    when: (facts) =>
      facts.crop.use === 'lawn' && (facts.fertilizer ? facts.fertilizer.grade['P₂O₅'] > 0 : feeds(facts)),
  },
  { key: 'caution.iron-manganese', when: ({ reaction }) => reaction.why.key === 'reaction.leave-high' },
  {
    key: 'caution.dogs-meal',
    when: ({ fertilizer }) => fertilizer !== undefined && fertilizer.firstYearN < 1 && !fertilizer.origin,
  },
  { key: 'caution.water-edge', when: feeds },
  { key: 'caution.dormant', when: ({ crop, ...facts }) => crop.use === 'lawn' && feeds({ crop, ...facts }) },
  { key: 'caution.label', when: (facts) => feeds(facts) || limes(facts) || acidifies(facts) },
  {
    key: 'caution.own-laboratory',
    when: (facts) => (limes(facts) || acidifies(facts)) && facts.reaction.dose?.ledBy.id !== 'laboratory',
  },
]

/** The cautions that the facts call for, the most harmful first. */
export const cautionsFor = (facts: Facts): Sentence[] =>
  cautions.filter(({ when }) => when(facts)).map(({ key }) => say(key))
