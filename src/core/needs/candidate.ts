import type { Crop } from '../guides/crop'
import type { Guide } from '../guides/guide'
import type { Limits } from '../guides/limits'
import type { Acidifier } from '../shelf/product'
import type { Climate } from '../guides/soils'
import type { ChosenLime } from './lime/product'
import type { LetGo } from './hold'
import { ownAimIn, ownDepthIn, type Overrulings } from './overruled'
import { byAdvisor, byLaboratory } from './need'
import { isNews, type SiteLearned, type StillWorking } from './learned'
import { say, type Sentence } from '../sentence/sentence'
import type { Text } from '../sentence/text'
import { quantity } from '../units/quantity'
import { derive, given, type Derived, type Given } from '../units/workings'

/** The ground that a lime or sulfur figure is for. */
export interface Ground {
  readonly area: Derived<'ft²'>
  readonly crop: Crop
  readonly planted: boolean
  /** Typed depth, in; undefined for the usual one. */
  readonly depth?: number
  readonly climate: Climate
  readonly sandy: boolean
  readonly organic: boolean
  /** It holds lead above precaution: acidity would free it. */
  readonly leaded: boolean
  /** It does, and all that grows there stands the pH that binds it. */
  readonly againstLead: boolean
  readonly limits: Limits
  /** Figures that were held back and let go. */
  readonly letGo: LetGo
  /** Figures that an advisor put in the place of ours. */
  readonly overrulings: Overrulings
  /** A test after sulfur found an acid lover near the low end of its span, on that day: no more is put on. */
  readonly stoppedOn: string | null
  /** What tests taught of this ground’s buffering. */
  readonly learned: SiteLearned
  /** What was put on so lately that the report does not see all of it. */
  readonly working: StillWorking
  /** Which methods lead, by the guide. */
  readonly methods: Guide['methods']
  readonly choices: {
    readonly lime: ChosenLime
    readonly sulfur: { readonly material: Acidifier; readonly bagLb: number }
  }
}

/** A figure that could lead: the laboratory's, or a method's; or why that method gives none. */
export interface Candidate {
  readonly id: string
  readonly label: Text
  /** Figures of one opinion agree because they rest on the same data. */
  readonly opinion?: string
  /** A check that never leads, and that says nothing when it is far off. */
  readonly rough?: boolean
  readonly rate?: Derived<'lb product/1000 ft²'>
  readonly dugIn?: Derived<'lb product/1000 ft²'>
  /** An estimate beyond the method's own range. */
  readonly beyond?: boolean
  readonly refusal?: Sentence
  readonly remarks: readonly Sentence[]
}

/** Methods in the guide's order; those it does not name come after, in their own. */
export const inOrder = <M extends { readonly id: string }>(methods: readonly M[], order: readonly string[]): M[] => {
  const rank = ({ id }: M) => (order.includes(id) ? order.indexOf(id) : order.length)
  return [...methods].sort((a, b) => rank(a) - rank(b))
}

/** The figures with the one first that an advisor lets lead, where it gives any; her own amount goes before it. */
export function preferred(
  candidates: readonly Candidate[],
  of: 'lime' | 'sulfur',
  { overrulings }: Pick<Ground, 'overrulings'>,
): Candidate[] {
  const method = overrulings(of, 'method')?.is.text
  const rank = ({ id, rate }: Candidate) => (id === byAdvisor.id ? 0 : id === method && rate ? 1 : 2)
  return [...candidates].sort((a, b) => rank(a) - rank(b))
}

/** What tests taught of this ground that is other than usual, in words; undefined where nothing is. */
function newsOf(of: 'lime' | 'sulfur', { learned }: Pick<Ground, 'learned'>) {
  const own = learned[of]
  if (!own || !isNews(own)) return undefined
  const { times, tests } = own
  return { times, tests, words: say('course.by-own-buffering', { times, tests }) }
}

/** A method's figure by the ground's own buffering, where tests taught it. */
export function byOwnBuffering(
  rate: Derived<'lb product/1000 ft²'>,
  of: 'lime' | 'sulfur',
  ground: Pick<Ground, 'learned'>,
): Derived<'lb product/1000 ft²'> {
  const news = newsOf(of, ground)
  if (!news) return rate
  const label = say('course.own-buffering', { tests: news.tests })
  const own = given(quantity(news.times, 'times the usual'), label, 'reported')
  return derive('lb product/1000 ft²', 'rate * own', { rate, own }, news.words, 'arithmetic')
}

/** Said beside a figure that goes by it. */
export function learnedWords(of: 'lime' | 'sulfur', ground: Pick<Ground, 'learned'>): readonly Sentence[] {
  const news = newsOf(of, ground)
  return news ? [news.words] : []
}

/** The laboratory's own line among the candidates. */
export const laboratory = { id: byLaboratory.id, label: byLaboratory.label }

/** Whose word an aim is: the crop's own, its school's, or what this ground makes of it. */
function aimKey(aim: number, { aim: usual, school }: Crop['pH']) {
  if (aim > usual) return 'guide.aim-lead'
  if (aim < usual) return 'guide.aim-here'
  return school ? 'guide.aim-school' : 'guide.aim'
}

/** The pH that the crop is to have here, and whose word that is. */
export function aimFor(ground: Where, of: 'lime' | 'sulfur'): Given<'pH in water'> {
  const { crop } = ground
  const aim = of === 'lime' ? limeAimOf(ground) : aimOf(ground)
  return given(
    quantity(aim, 'pH in water'),
    say(ownAimIn(ground.overrulings) === undefined ? aimKey(aim, crop.pH) : 'guide.aim-own', {
      crop: crop.label,
      school: crop.pH.school ?? null,
      usual: crop.pH.aim,
    }),
    crop.source,
  )
}

/** Acid lovers below their span are limed to just inside it, and no further. Source: common practice. */
const insideAcidSpan = 0.3

/** The pH from which lead is bound. Source: common practice. */
export const leadPH = 6.5

/** The pH that lime is to bring. */
export const limeAimOf = (ground: Where): number => {
  const { crop } = ground
  const own = ownAimIn(ground.overrulings)
  if (own !== undefined) return own
  const aim = ground.againstLead ? Math.max(leadPH, aimOf(ground)) : aimOf(ground)
  return lovesAcid(crop) ? Math.min(aim, crop.pH.low + insideAcidSpan) : aim
}

/** Crops that want acid ground, or stand it so well that they are limed only far below their span. */
export const lovesAcid = ({
  acidRequiring,
  limeBelow: own,
  pH,
}: Pick<Crop, 'acidRequiring' | 'limeBelow' | 'pH'>): boolean => acidRequiring || (own !== undefined && own < pH.low)

/** Plots on sand are not limed as far, for manganese and zinc; organic soil no further than it needs. */
export const aimOf = ({ crop: { use, pH }, sandy, organic, limits: { lime }, overrulings }: Where): number =>
  ownAimIn(overrulings) ??
  Math.min(pH.aim, use === 'plot' && sandy ? lime.plotAimOnSand : pH.aim, organic ? lime.organicAim : pH.aim)

/** The pH below which it is limed. */
export const limeBelow = ({ crop: { pH, limeBelow: own }, organic, againstLead, limits: { lime } }: Where): number =>
  againstLead ? leadPH : Math.min(own ?? pH.low, organic ? Math.min(lime.organicBelow, pH.low) : Infinity)

type Where = Pick<Ground, 'crop' | 'sandy' | 'organic' | 'againstLead' | 'limits' | 'overrulings'>

/** A depth that nobody typed. */
export const usualDepth = (v: number, key: `depth.usual-${'dug' | 'sulfur' | 'surface'}`): Given<'in'> =>
  given(quantity(v, 'in'), say(key, { depth: v }), 'practice')

/** The depth typed for an area, in, unless an advisor put another in its place; undefined for the usual one. */
export function depthOf({ depth, overrulings }: Pick<Ground, 'depth' | 'overrulings'>): Given<'in'> | undefined {
  const own = ownDepthIn(overrulings)
  if (own !== undefined) return given(quantity(own, 'in'), say('depth.own', { depth: own }), 'reported')
  return depth === undefined ? undefined : given(quantity(depth, 'in'), say('depth.typed', { depth }), 'reported')
}

/** The depth that lime treats here: the one typed, or the usual one for ground that can or cannot be dug. */
export const limeDepth = (ground: Pick<Ground, 'depth' | 'overrulings' | 'planted' | 'limits'>): Given<'in'> =>
  depthOf(ground) ??
  (ground.planted
    ? usualDepth(ground.limits.lime.surfaceDepth, 'depth.usual-surface')
    : usualDepth(ground.limits.lime.dugDepth, 'depth.usual-dug'))

/** The depth that sulfur treats here. */
export const sulfurDepth = (ground: Pick<Ground, 'depth' | 'overrulings' | 'limits'>): Given<'in'> =>
  depthOf(ground) ?? usualDepth(ground.limits.sulfur.depth, 'depth.usual-sulfur')
