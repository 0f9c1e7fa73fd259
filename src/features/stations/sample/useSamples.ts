import type { Draft } from 'immer'
import { useLiveQuery } from 'dexie-react-hooks'
import { useMemo } from 'react'
import { v4 as newId } from 'uuid'
import { blankSample } from '@/core/case/blank'
import { addSamples, moveToBag, needSamples, removeSample, tickCore } from '@/core/acts/samples'
import type { Area } from '@/core/case/area'
import type { Case } from '@/core/case/case'
import type { Sample } from '@/core/case/sample'
import type { Point } from '@/core/geometry/polygon'
import { codesOf, sampleCode } from '@/core/sampling/codes'
import { sampling } from '@/core/sampling/sheet'
import { db, keepSetting, setting } from '@/store/db'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'

/** The samples of the case with their cores, depths and tests. */
export function useSamples() {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const { areas, samples } = kase
  return useMemo(
    () => sampling(kase, guides),
    // Spots of hundreds of cores are not to be placed anew at every stroke elsewhere in the case.
    [areas, samples, kase.season, kase.applications, kase.schools, kase.measures, kase.plan, guides],
  )
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

/** What a bag is named after. */
type Named = Pick<Area, 'id' | 'name'>

/** A bag to be made. */
export interface Bag {
  readonly areas: readonly Named[]
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
    recode: async (sample: Sample, areas: readonly Named[]) => {
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
    setNeeded: (needed: boolean) => act(needSamples(needed)),
  }
}
