import type { Draft } from 'immer'
import { useLiveQuery } from 'dexie-react-hooks'
import { useMemo } from 'react'
import { v4 as newId } from 'uuid'
import { blankSample } from '@/core/case/blank'
import { addSamples, moveToBag, removeSample, tickCore } from '@/core/case/acts/samples'
import type { Area, Case, Sample } from '@/core/case/case'
import { fields, numberIn } from '@/core/report/fields'
import { areasGround, type Outlined } from '@/core/ground/area-ground'
import { groundArea, type Point } from '@/core/ground/plan/polygon'
import { defaultGuide } from '@/core/guides/guides'
import { guideRef, type Guide } from '@/core/guides/guide'
import type { Sampling } from '@/core/guides/sampling'
import { withSchools } from '@/core/guides/schools'
import { coresFor, depthFor, testsFor, type Asked, type Sampled } from '@/core/ground/sampling/advice'
import { codesOf, sampleCode } from '@/core/ground/sampling/codes'
import { compositeSpots, cornerGround, type CoreSpot } from '@/core/ground/sampling/spots'
import { againstMix, proposed } from '@/core/ground/sampling/together'
import { readAreaSize, readDepth } from '@/core/reading/soil'
import type { Sentence } from '@/core/told/sentence'
import { db, keepSetting, setting } from '@/store/db'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'

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

export const guideOf = (area: Area | undefined, kase: Case, guides: readonly Guide[]): Guide =>
  withSchools(guides.find((one) => guideRef(one) === area?.guide) ?? defaultGuide, kase.schools)

function sampledOf(area: Area, kase: Case, guides: readonly Guide[]): Sampled {
  const crops = guideOf(area, kase, guides).crops
  const crop = area.crop !== null && Object.hasOwn(crops, area.crop) ? crops[area.crop]! : null
  const size = readAreaSize(area, kase, crop)
  return { area, crop, size: size.ok ? size.value.area.value.v : undefined }
}

/** The samples of the case with their cores, depths and tests. */
export function useSamples() {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const { areas, samples } = kase
  return useMemo(() => {
    const all = areas.map((area) => sampledOf(area, kase, guides))
    const inBags = new Set(samples.flatMap((sample) => sample.areas))
    return {
      sheets: samples.map((sample) => sheetOf(sample, all, kase, guides)),
      /** Areas in no bag. */
      free: all.filter(({ area }) => !inBags.has(area.id)),
      proposal: proposed(all.filter(({ area }) => !inBags.has(area.id))),
    }
    // Spots of hundreds of cores are not to be placed anew at every stroke elsewhere in the case.
  }, [areas, samples, kase.schools, kase.measures, kase.plan, guides])
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

const seeds = 2 ** 31
export const newSeed = () => Math.floor(Math.random() * seeds)

/** Codes that the office has used, in other cases too. */
async function usedCodes(kase: Case): Promise<Set<string>> {
  const elsewhere = await db.summaries
    .orderBy('codes')
    .uniqueKeys()
    .catch(() => [])
  return new Set([...(elsewhere as string[]), ...codesOf(kase)])
}

/** The letter of this device; chosen once, and the office's to change. */
export const deviceLetter = async (): Promise<string> => {
  const known = await setting('device').catch(() => undefined)
  if (known) return known
  const letter = String.fromCharCode(65 + Math.floor(Math.random() * 26))
  await keepSetting('device', letter).catch(() => undefined)
  return letter
}

/** Where else in the office a code stands. */
export function useDuplicate(code: string): boolean {
  const { kase } = useOpenCase()
  const key = code.trim().toUpperCase()
  const here = kase.samples.filter((one) => one.code.trim().toUpperCase() === key).length > 1
  const elsewhere = useLiveQuery(
    () =>
      key === ''
        ? 0
        : db.summaries
            .where('codes')
            .equals(key)
            .filter(({ id }) => id !== kase.id)
            .count()
            .catch(() => 0),
    [key, kase.id],
  )
  return here || (elsewhere ?? 0) > 0
}

/** A bag to be made. */
export interface Bag {
  readonly areas: readonly Area[]
  readonly corner?: string
  readonly cornerAt?: Point | null
}

/** Changes to the samples, each an edit of the case. */
export function useSampleEdits() {
  const { kase, edit, act } = useOpenCase()
  const change = (id: string, recipe: (draft: Draft<Sample>) => void) =>
    edit((draft) => {
      const sample = draft.samples.find((one) => one.id === id)
      if (sample) recipe(sample)
    })
  const make = async (bags: readonly Bag[]) => {
    const [device, used] = await Promise.all([deviceLetter(), usedCodes(kase)])
    const made = bags.map(({ areas, corner = '', cornerAt = null }) => {
      const code = sampleCode(kase.client, corner || areas[0]?.name || '', device, used)
      used.add(code)
      return { ...blankSample(newId(), newSeed()), code, corner, cornerAt, areas: areas.map(({ id }) => id) }
    })
    act(addSamples(made))
  }
  return {
    change,
    make,
    recode: async (sample: Sample, areas: readonly Area[]) => {
      const code = sampleCode(
        kase.client,
        sample.corner || areas[0]?.name || '',
        await deviceLetter(),
        await usedCodes(kase),
      )
      change(sample.id, (draft) => void (draft.code = code))
    },
    /** Puts an area into a bag, and out of the one it was in; null: into none. */
    move: (areaId: string, to: string | null) => act(moveToBag(areaId, to)),
    tick: (id: string, core: number, on: boolean) => act(tickCore(id, core, on)),
    remove: (id: string) => act(removeSample(id)),
    setNeeded: (needed: boolean) => edit((draft) => void (draft.sampling = needed)),
  }
}
