import { majorNutrients, otherNutrients } from '../units/quantity'
import { measuredFields, type MeasuredField } from './tests'

/** What a laboratory may recommend, in the order in which an advisor looks. */
export const recommendedFields = ['lime', 'sulfur', ...majorNutrients, ...otherNutrients, 'limeDepth'] as const
export type RecommendedField = (typeof recommendedFields)[number]

/** A line of a report: a test, or what the laboratory recommends. */
export type LineField = MeasuredField | `recommends.${RecommendedField}`

/** Everything that a report may print, in that order. */
export const allFields: readonly LineField[] = [
  ...measuredFields,
  ...recommendedFields.map((field) => `recommends.${field}` as const),
]
