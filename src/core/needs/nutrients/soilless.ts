import type { ReadingLine } from '../../reading/lines'
import { say } from '../../told/sentence'
import type { NutrientNeed } from './need'

const lineOf = { N: 'nitrate', 'P₂O₅': 'P', 'K₂O': 'K' } as const

/**
 * What mix without soil is short of. It is fed through the water by what the extract shows, so there is never a rate by
 * the area, and the salts alone say nothing of which element. Source: Warncke & Krauskopf, E-1736, recalled.
 */
export const mixNeeds = (reading: readonly ReadingLine[]): readonly NutrientNeed[] =>
  (['N', 'P₂O₅', 'K₂O'] as const).map((nutrient) => {
    const line = reading.find(({ id }) => id === lineOf[nutrient])
    if (!line) return { nutrient, outcome: 'unknown', why: say('soilless.not-tested', { nutrient }), checks: [] }
    return line.distance! < 0
      ? { nutrient, outcome: 'unknown', why: say('soilless.short', { nutrient }), checks: [] }
      : { nutrient, outcome: 'none', why: say('soilless.enough', { nutrient }), checks: [] }
  })
