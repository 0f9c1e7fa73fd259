import { banOn } from '../calendar/ban'
import { isAcidifier, type Fertilizer, type Lime } from '../shelf/product'
import type { Supply } from '../bags/supply'
import type { Feeding } from '../needs/nutrients/method'
import { isApplied, type Need } from '../needs/need'
import type { Reaction } from '../needs/reaction'
import { isLeadFrom, type LeadClass } from '../reading/lead'
import type { ReadingLine } from '../reading/lines'
import { isMajor, type OtherNutrient } from '../units/quantity'
import type { CautionId } from '../sentence/keys'
import { isSalty } from './headline'
import { say, type Sentence } from '../sentence/sentence'

/** What a caution may look at. */
export interface Circumstances {
  readonly feeding: Feeding
  readonly reaction: Reaction
  readonly reading: readonly ReadingLine[]
  readonly needs: readonly Need[]
  readonly lime: Lime
  /** Those that are chosen. */
  readonly fertilizers: readonly Fertilizer[]
  readonly supplies: readonly Supply[]
}

/** Whether each thing that a caution may hang on is so. */
const facts = {
  limes: ({ reaction }) => reaction.outcome === 'lime',
  acidifies: ({ reaction }) => reaction.outcome === 'sulfur',
  feeds: ({ needs }) => needs.some(({ of, outcome }) => isMajor(of) && outcome === 'apply'),
  'feeds nitrogen': ({ needs }) => needs.some(({ of, outcome }) => of === 'N' && outcome === 'apply'),
  lawn: ({ feeding }) => feeding.crop.use === 'lawn',
  'ammonium only': ({ feeding }) => feeding.crop.ammoniumOnly === true,
  'phosphorus banned': ({ feeding }) => banOn(feeding.bans, 'P₂O₅') !== undefined,
  'free lime': ({ reaction }) => reaction.outcome === 'not-here',
  'beyond range': ({ reaction }) => reaction.need?.into?.beyond ?? false,
  'ours leads': ({ reaction }) => isApplied(reaction.need) && reaction.need.lead?.by !== 'laboratory',
  'caustic lime': ({ lime, reaction }) => reaction.outcome === 'lime' && lime.liming.caustic === true,
  'acid salt': ({ reaction }) => acidifier(reaction)?.productPerPass !== undefined,
  'iron sulfate': ({ reaction }) => acidifier(reaction)?.stains === true,
  fertilizer: ({ fertilizers }) => fertilizers.length > 0,
  'ammonium bag': oneThat(({ ammonium }) => ammonium),
  'nitrate bag': oneThat(({ nitrate }) => nitrate),
  'ammonium nitrate': oneThat(({ restricted }) => restricted === true),
  'lawn bag': oneThat(({ forLawns }) => forLawns === true),
  'phosphorus bag': oneThat(({ grade }) => grade['P₂O₅'] > 0),
  'quick bag': oneThat(({ grade, slowNitrogen }) => grade.N > 0 && slowNitrogen < 0.5),
  'chloride bag': oneThat(({ chloride }) => chloride),
  'blend or none': (so) => so.fertilizers.length === 0 || oneThat(({ blend }) => blend)(so),
  manure: (so) => oneThat(({ origin }) => origin === 'manure')(so) || fromManure(so.feeding),
  compost: oneThat(({ origin }) => origin === 'compost'),
  sewage: oneThat(({ origin }) => origin === 'sewage'),
  meal: oneThat(({ firstYearN, origin }) => firstYearN < 1 && !origin),
  'phosphorus over': ({ supplies }) =>
    supplies.some((one) => one.nutrient === 'P₂O₅' && one.wanted === 'none' && one.supplied.value.v > 0),
  boron: gives('B'),
  copper: gives('Cu'),
  iron: gives('Fe'),
  'lead above precaution': ({ reading }) => hasLead(reading, 'precaution'),
  'lead no food': ({ reading }) => hasLead(reading, 'no-food'),
  'lead unknown': ({ reading }) => reading.some(({ id, className }) => id === 'lead' && className === undefined),
  salty: ({ reading }) => isSalty(reading),
  mix: ({ feeding }) => feeding.crop.use === 'container',
  'much nitrate': ({ reading }) => classOf(reading, 'nitrate', 'too-much'),
  'organic soil': ({ feeding }) => (feeding.read.soil.organicMatter?.v ?? 0) > 20,
} as const satisfies Record<string, (so: Circumstances) => boolean>

export type Fact = keyof typeof facts

function gives(nutrient: OtherNutrient) {
  return ({ needs }: Circumstances) =>
    needs.some((one) => one.of === nutrient && (one.outcome === 'apply' || one.outcome === 'by-label'))
}

/** Whether one of the fertilizers that are chosen is such a one. */
function oneThat(is: (feeding: Fertilizer['feeding']) => boolean) {
  return ({ fertilizers }: Circumstances) => fertilizers.some(({ feeding }) => is(feeding))
}

const fromManure = ({ manure }: Feeding) => manure?.feeding.origin === 'manure'
const acidifier = ({ need }: Reaction) =>
  isAcidifier(need?.product?.material) ? need.product.material.acidifying : undefined
const hasLead = (reading: readonly ReadingLine[], least: LeadClass) =>
  reading.some(({ id, className }) => id === 'lead' && isLeadFrom(className, least))
const classOf = (reading: readonly ReadingLine[], line: string, ...classes: readonly string[]) =>
  reading.some(({ id, className }) => id === line && className !== undefined && classes.includes(className))

/** What a caution has to do with; of one that is about nothing of these, with everything. */
export type CautionAbout = 'lime' | 'sulfur' | 'both' | 'feeding' | 'lead' | 'salts' | 'mix' | Holding
/** Of what some product holds. */
export type Holding = 'nitrogen' | 'phosphorus' | 'chloride' | 'boron' | 'copper'

export interface CautionSaid extends Sentence {
  readonly about?: CautionAbout
}

interface Caution {
  readonly key: CautionId
  readonly about?: CautionAbout
  readonly all?: readonly Fact[]
  readonly any?: readonly Fact[]
  readonly none?: readonly Fact[]
}

/** In order of harm: people first, then plants and water, then money. Source of all: common practice. */
export const cautions: readonly Caution[] = [
  { key: 'lead-no-food', about: 'lead', all: ['lead no food'] },
  { key: 'lead', about: 'lead', all: ['lead above precaution'] },
  { key: 'lead-method', about: 'lead', all: ['lead unknown'] },
  { key: 'ammonium-nitrate', about: 'feeding', all: ['ammonium nitrate'] },
  { key: 'caustic-lime', about: 'lime', all: ['caustic lime'] },
  { key: 'aluminum', about: 'sulfur', all: ['acid salt'], none: ['iron sulfate'] },
  { key: 'borax', about: 'boron', all: ['boron'] },
  { key: 'copper', about: 'copper', all: ['copper'] },
  { key: 'manure-food', about: 'feeding', all: ['manure'], none: ['lawn'] },
  { key: 'lime-dust', about: 'lime', all: ['limes'] },
  { key: 'sulfur-dust', about: 'sulfur', all: ['acidifies'] },
  { key: 'sewage', about: 'feeding', all: ['sewage'] },
  { key: 'nitrate-wells', about: 'nitrogen', any: ['much nitrate', 'nitrate bag'] },
  { key: 'weed-killer', about: 'feeding', all: ['lawn bag'], none: ['lawn'] },
  { key: 'carry-over', about: 'feeding', any: ['manure', 'compost'] },
  { key: 'mix', about: 'mix', all: ['mix'] },
  { key: 'salts', about: 'salts', all: ['salty'] },
  { key: 'sulfur-overshoot', about: 'sulfur', all: ['acidifies'] },
  { key: 'sulfur-wet-cold', about: 'sulfur', all: ['acidifies'] },
  { key: 'free-lime', about: 'sulfur', all: ['free lime'] },
  { key: 'never-both', about: 'both', any: ['limes', 'acidifies'] },
  { key: 'wood-ash', about: 'lime', all: ['caustic lime', 'feeds nitrogen'] },
  { key: 'lime-ammonium', all: ['limes', 'ammonium bag'] },
  { key: 'lime-ammonium', all: ['limes', 'feeds'], none: ['fertilizer'] },
  { key: 'quick-burns', about: 'nitrogen', all: ['quick bag', 'feeds nitrogen'] },
  { key: 'muriate-heat', about: 'chloride', all: ['chloride bag'] },
  { key: 'ammonium-only', about: 'nitrogen', all: ['ammonium only', 'blend or none'] },
  { key: 'P-over', about: 'phosphorus', all: ['phosphorus over'], none: ['phosphorus banned'] },
  { key: 'P-rule', about: 'phosphorus', all: ['lawn', 'phosphorus bag'] },
  { key: 'P-rule', about: 'phosphorus', all: ['lawn', 'feeds'], none: ['fertilizer'] },
  { key: 'organic-soil', about: 'lime', all: ['organic soil'] },
  { key: 'beyond-range', about: 'lime', all: ['beyond range'] },
  { key: 'iron-stains', any: ['iron', 'iron sulfate'] },
  { key: 'dogs-meal', about: 'feeding', all: ['meal'] },
  { key: 'water-edge', all: ['feeds'] },
  { key: 'dormant', about: 'nitrogen', all: ['lawn', 'feeds'] },
  { key: 'label', any: ['feeds', 'limes', 'acidifies'] },
  { key: 'own-laboratory', about: 'both', all: ['ours leads'] },
]

const allFacts = Object.keys(facts) as readonly Fact[]

/** The cautions that the circumstances call for, the most harmful first, each once and with its reason. */
export function cautionsFor(so: Circumstances): CautionSaid[] {
  const is = new Set(allFacts.filter((fact) => facts[fact](so)))
  const holds = (fact: Fact) => is.has(fact)
  const called = cautions
    .filter(({ all, any, none }) => (!all || all.every(holds)) && (!any || any.some(holds)) && !none?.some(holds))
    .map(({ key, about }): [string, CautionSaid] => [key, { ...say(`caution.${key}`), ...(about && { about }) }])
  return [...new Map(called).values()]
}

/** Why a caution is given, for whoever asks. */
export const reasonFor = ({ key }: Sentence): Sentence => say(`${key as `caution.${CautionId}`}.why`)
