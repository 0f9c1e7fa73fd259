import type { Application } from '../case/applications'
import type { AreaInSeason } from '../case/in-season'
import type { Crop } from '../guides/crop'
import type { Depth, Sampling, TestId } from '../guides/sampling'
import { say, type Sentence } from '../sentence/sentence'

/** Ground that is sampled, as far as it is known. */
export interface Sampled {
  readonly area: AreaInSeason
  /** What was put on there. */
  readonly applied: readonly Application[]
  /** ft²; undefined while nobody knows. */
  readonly size?: number
  readonly crop: Crop | null
}

/**
 * Cores for one composite: the usual number, more of large ground, fewer of small.
 * Source: the guide's sampling table, common practice.
 *
 * @param sqFt all the ground in it; undefined counts as ordinary
 */
export function coresFor(sqFt: number | undefined, { cores }: Sampling): number {
  if (sqFt === undefined) return cores.usual
  return sqFt > cores.largeOver ? cores.large : sqFt < cores.smallUnder ? cores.small : cores.usual
}

/** How deep, in: the shallowest of what is sampled together; where children play, the surface alone. */
export function depthFor(ground: readonly Sampled[], { depth, playDepth }: Sampling): Depth {
  if (ground.some(({ area }) => area.concerns.includes('play'))) return playDepth
  const those = ground.map(({ crop }) => depth[crop?.use ?? 'bed'])
  return those.reduce((least, one) => (one.to < least.to ? one : least), those[0] ?? depth.bed)
}

export interface Asked {
  readonly test: TestId
  readonly why: Sentence
}

/**
 * Tests to ask for: the routine one or that of mix, and others where something speaks for them.
 * Source: common practice.
 */
export function testsFor(ground: readonly Sampled[]): readonly Asked[] {
  const has = (concern: AreaInSeason['concerns'][number]) => ground.some(({ area }) => area.concerns.includes(concern))
  const mix = ground.some(({ crop }) => crop?.use === 'container')
  const vegetables = ground.some(({ crop }) => crop?.use === 'bed' && crop.edible)
  const asked: (Asked | false)[] = [
    mix ? { test: 'media', why: say('sample.media') } : { test: 'routine', why: say('sample.routine') },
    has('burnt') && { test: 'salts', why: say('sample.salts') },
    (has('lead') || has('play')) && { test: 'lead', why: say('sample.lead') },
    vegetables && !mix && { test: 'nitrate', why: say('sample.nitrate') },
    has('weak') && !mix && { test: 'micronutrients', why: say('sample.micronutrients') },
  ]
  return asked.filter((one) => one !== false)
}
