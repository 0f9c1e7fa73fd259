import type { Case } from '../case/case'
import type { Sample } from '../case/sample'
import { inSeason } from '../case/in-season'
import type { Area } from '../case/area'
import type { Guide } from '../guides/guide'
import { guideOf } from '../case/guide-of'
import type { Sampling } from '../guides/sampling'
import { readAreaSize, readDepth } from '../reading/soil'
import { fields, numberIn } from '../report/fields'
import type { Sentence } from '../sentence/sentence'
import { areasGround, type Outlined } from '../ground/area-ground'
import { groundArea } from '../geometry/polygon'
import { coresFor, depthFor, testsFor, type Asked, type Sampled } from './advice'
import { compositeSpots, cornerGround, type CoreSpot } from './spots'
import { againstMix, proposed } from './together'

/** One sample and all that follows from it. */
export interface SampleSheet {
  readonly sample: Sample
  readonly ground: readonly Sampled[]
  readonly outlines: readonly Outlined[]
  readonly sampling: Sampling
  readonly cores: number
  readonly coresProposed: number
  readonly depth: { readonly from: number; readonly to: number }
  readonly asked: readonly Asked[]
  readonly spots: readonly CoreSpot[]
  /** What speaks against the mix. */
  readonly against: readonly Sentence[]
}

function sampledOf(ground: Area, kase: Case, guides: readonly Guide[]): Sampled {
  const area = inSeason(ground, kase.season)
  const crops = guideOf(area, kase, guides).crops
  const crop = area.crop !== null && Object.hasOwn(crops, area.crop) ? crops[area.crop]! : null
  const size = readAreaSize(area, kase, crop)
  const applied = kase.applications.filter(({ areaId }) => areaId === area.id)
  return { area, crop, applied, size: size.ok ? size.value.area.value.v : undefined }
}

/** The samples of a case with their cores, depths and tests, and how the areas in no bag would best be bagged. */
export function sampling(kase: Case, guides: readonly Guide[]) {
  const all = kase.areas.map((area) => sampledOf(area, kase, guides))
  const inBags = new Set(kase.samples.flatMap((sample) => sample.areas))
  const free = all.filter(({ area }) => !inBags.has(area.id))
  return { sheets: kase.samples.map((sample) => sheetOf(sample, all, kase, guides)), free, proposal: proposed(free) }
}

function sheetOf(sample: Sample, all: readonly Sampled[], kase: Case, guides: readonly Guide[]): SampleSheet {
  const ground = sample.areas.flatMap((id) => all.filter(({ area }) => area.id === id))
  const { sampling } = guideOf(ground[0]?.area, kase, guides)
  const outlines = areasGround(
    ground.map(({ area, crop }) => {
      const size = readAreaSize(area, kase, crop)
      return { area, size: size.ok ? size.value : undefined }
    }),
  )
  // A corner is sampled where it is, and drawn within its area.
  const { cornerAt } = sample
  const sampled = cornerAt ? outlines.map((one) => ({ ...one, ground: cornerGround(one.ground, cornerAt) })) : outlines
  const sizes = cornerAt ? sampled.map((one) => groundArea(one.ground)) : ground.flatMap(({ size }) => size ?? [])
  const sqFt = sizes.length > 0 ? sizes.reduce((sum, size) => sum + size, 0) : undefined
  const coresProposed = coresFor(sqFt, sampling)
  const cores = Math.round(numberIn(fields.cores, sample.cores) ?? coresProposed)
  return {
    sample,
    ground,
    outlines,
    sampling,
    cores,
    coresProposed,
    depth: depthIn(sample, ground, sampling),
    asked: testsFor(ground),
    spots: compositeSpots(sampled, cores, sample.seed),
    against: againstMix(ground),
  }
}

function depthIn(sample: Sample, ground: readonly Sampled[], sampling: Sampling): SampleSheet['depth'] {
  const depth = readDepth(sample)
  return depth.ok && depth.value !== undefined ? { from: 0, to: depth.value } : depthFor(ground, sampling)
}

/** How deep a sample is taken, in. */
export function depthOf(sample: Sample, kase: Case, guides: readonly Guide[]): SampleSheet['depth'] {
  const ground = kase.areas.filter(({ id }) => sample.areas.includes(id)).map((area) => sampledOf(area, kase, guides))
  return depthIn(sample, ground, guideOf(ground[0]?.area, kase, guides).sampling)
}
