import type { Area } from '../case/area'
import type { Use } from '../guides/crop'
import type { MajorNutrient } from '../units/quantity'

/** The most of a nutrient in a calendar year, as an office's law has it; 0 is a ban. */
export interface YearLimit {
  readonly id: string
  readonly name: string
  readonly what: 'N' | 'P₂O₅'
  readonly where: 'all' | 'lawn'
  /** lb per 1,000 ft², as typed. */
  readonly most: string
}

/** A plain number as typed, not below nothing; undefined where it is none. */
export const readMost = (text: string): number | undefined =>
  /^\s*\d+(?:\.\d+)?\s*$/.test(text) ? Number(text) : undefined

/** A nutrient of which nothing may go on. */
export type Ban = Pick<YearLimit, 'name' | 'what' | 'where'>

/** The limits that leave nothing. */
export const bansOf = (limits: readonly YearLimit[]): readonly Ban[] =>
  limits.flatMap(({ name, what, where, most }) => (readMost(most) === 0 ? [{ name, what, where }] : []))

/** What may not go on an area: the office's bans, and that of the area itself, which has no name. */
export const bansOn = (
  { phosphorusBanned }: Pick<Area, 'phosphorusBanned'>,
  use: Use,
  bans: readonly Ban[],
): readonly Ban[] => [
  ...bans.filter(({ where }) => where === 'all' || use === 'lawn'),
  ...(phosphorusBanned ? [{ name: '', what: 'P₂O₅', where: 'all' } as const] : []),
]

/** The ban on a nutrient, where there is one. */
export const banOn = (bans: readonly Ban[], nutrient: MajorNutrient): Ban | undefined =>
  bans.find(({ what }) => what === nutrient)
