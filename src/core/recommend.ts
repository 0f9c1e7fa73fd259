import type { Ground } from './candidate'
import { nutrients, type Area, type Case, type Choices, type Report } from './case'
import { cautionsFor } from './cautions'
import { fields, numberIn } from './fields'
import type { Size } from './geometry/size'
import type { Crop, Use } from './guides/crops'
import { guideRef, type Guide, type GuideRef } from './guides/guides'
import { fertilizers, sulfurMaterials, type Fertilizer } from './guides/materials'
import { textures } from './guides/soils'
import { chosenLime, stoneFor, type Stone } from './lime/stone'
import { headline, notMeasured } from './headline'
import { oneFertilizer, type OneFertilizer } from './mix/one-fertilizer'
import { nutrientNeed, type NutrientNeed } from './nutrients/need'
import { reaction, type Reaction } from './reaction'
import { reactionClass } from './reading/classify'
import { readAreaSize, readDepth, readReport, type Problem, type ReadReport } from './reading/soil'
import { say, type Outcome, type Sentence, type Text } from './sentence'
import { check } from './units/typed'
import { implausible } from './reading/plausibility'

/** Raised whenever the same case could give another number. */
export const coreVersion = '0.2.0'

export interface Recommendation {
  readonly core: string
  readonly areas: readonly AreaRecommendation[]
}

export interface AreaRecommendation {
  readonly areaId: string
  readonly guide: GuideRef | null
  readonly size: Outcome<Size>
  readonly crop: Crop | null
  /** Which rate this ground is spoken of in. */
  readonly use: Use
  readonly planted: boolean
  /** What can be said at all: null while size or crop is missing. */
  readonly answer: Answer | null
  /** What is missing before there is an answer. */
  readonly missing: readonly Sentence[]
  readonly problems: readonly Problem[]
  /** What in the report can hardly be so; nothing is blocked. */
  readonly doubts: readonly Sentence[]
}

export interface Answer {
  readonly pH: number | null
  readonly reactionClass: Text | null
  readonly reaction: Reaction
  readonly stone: Stone
  readonly needs: readonly NutrientNeed[]
  readonly fertilizer: {
    readonly material: Fertilizer
    readonly bagLb: number
    readonly mix: Outcome<OneFertilizer>
  } | null
  /** What matters most, in one or two sentences. */
  readonly headline: readonly Sentence[]
  readonly cautions: readonly Sentence[]
  /** What the report does not say and would change the answer. */
  readonly notMeasured: readonly Sentence[]
}

/**
 * The one way in: what every area of a case needs. Pure and deterministic; knows no clock.
 *
 * @param kase the case as kept
 * @param guides the guides its areas are pinned to
 */
export const recommend = (kase: Case, guides: readonly Guide[]): Recommendation => ({
  core: coreVersion,
  areas: kase.areas.map((area) => recommendArea(kase, area, guides)),
})

const emptyReport: Pick<ReadReport, 'soil' | 'tests' | 'recommends' | 'problems'> = {
  soil: {},
  tests: {},
  recommends: {},
  problems: [],
}

function recommendArea(kase: Case, area: Area, guides: readonly Guide[]): AreaRecommendation {
  const guide = guides.find((one) => guideRef(one) === area.guide) ?? null
  const crop = (area.crop && guide?.crops[area.crop]) || null
  const report = kase.reports.find((one) => one.id === area.reportId) ?? null
  const read: ReadReport = report
    ? readReport(report, area)
    : { ...emptyReport, soil: { texture: area.texture ?? undefined } }
  const size = readAreaSize(area, kase)
  const depth = readDepth(area)
  const planted = isPlanted(area, crop)
  const problems = [
    ...sizeProblem(area, size),
    ...problem('depth', depth),
    ...read.problems,
    ...materialProblems(area.materials),
  ]
  const missing = [
    ...(size.ok ? [] : [say('missing.size')]),
    ...(crop ? [] : [say(guide ? 'missing.crop' : 'missing.guide')]),
    ...(report ? [] : [say('missing.report')]),
  ]
  const use = crop?.use ?? 'bed'
  const doubts = implausible(read)
  const base = { areaId: area.id, guide: guide && guideRef(guide), size, crop, use, planted, problems, doubts }
  if (!size.ok || !crop || !guide || !report) return { ...base, answer: null, missing }
  const stone = stoneFor(read, report, guide)
  const ground: Ground = {
    area: size.value.area,
    crop,
    planted,
    depth: depth.ok ? depth.value : undefined,
    climate: kase.climate,
    sandy: area.texture !== null && textures[area.texture].sandy,
    choices: { lime: chosenLime(area.materials, stone), sulfur: chosenSulfur(area.materials) },
  }
  return { ...base, answer: answer(ground, read, report, area, guide, stone), missing }
}

function answer(ground: Ground, read: ReadReport, report: Report, area: Area, guide: Guide, stone: Stone): Answer {
  const { crop } = ground
  const ph = reaction(read, report, ground)
  const needs = nutrients.map((nutrient) =>
    nutrientNeed(nutrient, read, report, { area: ground.area, crop, guide, settings: area }),
  )
  const chosen = area.materials.fertilizer
  const material: Fertilizer | undefined = chosen ? fertilizers[chosen] : undefined
  const bagLb = material ? (numberIn(fields.bag, area.materials.fertilizerBag) ?? material.bagLb) : 0
  const mix =
    material && oneFertilizer(material, bagLb, area.materials.meets, needs, ground.area, crop, area.phosphorusBanned)
  const { pH } = read.soil
  return {
    pH: pH?.v ?? null,
    reactionClass: pH === undefined ? null : reactionClass(pH),
    reaction: ph,
    stone,
    needs,
    fertilizer: material && mix ? { material, bagLb, mix } : null,
    headline: headline(ph, needs),
    cautions: cautionsFor({
      crop,
      soil: read.soil,
      reaction: ph,
      needs,
      fertilizer: material,
      mix: mix?.ok ? mix.value : undefined,
      phosphorusBanned: area.phosphorusBanned,
    }),
    notMeasured: notMeasured(ph, needs, read),
  }
}

/** Turf and standing plants cannot be dug; beds and plots can, unless said otherwise. */
export const isPlanted = (area: Pick<Area, 'ground'>, crop: Pick<Crop, 'use'> | null): boolean =>
  area.ground ? area.ground === 'planted' : crop?.use === 'lawn' || crop?.use === 'planting'

function chosenSulfur(choices: Choices): Ground['choices']['sulfur'] {
  const material = sulfurMaterials[choices.sulfur ?? 'sulfur-prills']
  return { material, bagLb: numberIn(fields.bag, choices.sulfurBag) ?? material.bagLb }
}

const problem = (field: string, outcome: Outcome<unknown>): Problem[] =>
  outcome.ok ? [] : [{ field, sentence: outcome.refusal }]
const sizeProblem = (area: Area, size: Outcome<Size>): Problem[] =>
  area.size.text.trim() === '' ? [] : problem('size', size)
const materialProblems = (choices: Choices): Problem[] => [
  ...problem('limeEffective', check(fields.limeEffective, choices.limeEffective)),
  ...problem('limeBag', check(fields.bag, choices.limeBag)),
  ...problem('sulfurBag', check(fields.bag, choices.sulfurBag)),
  ...problem('fertilizerBag', check(fields.bag, choices.fertilizerBag)),
]
