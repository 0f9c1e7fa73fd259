import type { ReadingLine } from '../../reading/lines'
import { say } from '../../told/sentence'
import type { MajorNutrient } from '../../units/quantity'
import type { Need } from '../need'

const lineOf = { N: 'nitrate', 'P₂O₅': 'P', 'K₂O': 'K' } as const

/**
 * What mix without soil is short of. It is fed through the water by what the extract shows, so there is never a rate by
 * the area, and the salts alone say nothing of which element. Source: Warncke & Krauskopf, E-1736, recalled.
 */
export const mixNeeds = (reading: readonly ReadingLine[]): readonly Need<MajorNutrient>[] =>
  (['N', 'P₂O₅', 'K₂O'] as const).map((nutrient) => {
    const line = reading.find(({ id }) => id === lineOf[nutrient])
    const of = { of: nutrient, checks: [], remarks: [] }
    if (!line) return { ...of, outcome: 'unknown', lacks: 'test', why: say('soilless.not-tested', { nutrient }) }
    return line.distance! < 0
      ? { ...of, outcome: 'in-feed', why: say('soilless.short') }
      : { ...of, outcome: 'none', why: say('soilless.enough', { nutrient }) }
  })
