import { confirmationKey, creditsKnown, figuresFor, type Confirmation, type Decisions } from '../case/decisions'
import type { Crop } from '../guides/crop'
import type { Typed } from '../units/typed'
import { say, type Sentence } from '../sentence/sentence'
import { byLaboratory, type Need, type What } from './need'

/**
 * Who let the figure of a need go, while it is still the figure that was let go. One that goes against the reading, or
 * beyond what any ground is given, is not followed before: nothing of it goes into bags or letter.
 */
export type LetGo = (of: What, figure: Typed) => Confirmation | undefined

export const letGoIn =
  ({ confirmations }: Pick<Decisions, 'confirmations'>, areaId: string): LetGo =>
  (of, { text, unit }) => {
    const key = confirmationKey(areaId, of)
    const found = Object.hasOwn(confirmations, key) ? confirmations[key]! : undefined
    return found?.figure.text === text && found.figure.unit === unit ? found : undefined
  }

/** Whether somebody said that the laboratory of this report knew of manure, legume and nitrate here. */
export const knewCreditsIn = (
  { confirmations }: Pick<Decisions, 'confirmations'>,
  areaId: string,
  reportId: string,
) => {
  const key = confirmationKey(areaId, creditsKnown)
  return Object.hasOwn(confirmations, key) && confirmations[key]!.figure.text === reportId
}

/** The crop that somebody said a report's figures were printed for; null for all of them, undefined where nobody said. */
export function printedForIn(
  { confirmations }: Pick<Decisions, 'confirmations'>,
  areaId: string,
  reportId: string,
): string | null | undefined {
  const key = confirmationKey(areaId, figuresFor)
  const [report, crop] = Object.hasOwn(confirmations, key) ? confirmations[key]!.figure.text.split(' ') : []
  return report === reportId ? crop || null : undefined
}

/**
 * lb per 1,000 ft² a year beyond which a printed figure is a slip until somebody says that it is not. Of sulfur where the
 * crop wants no acid ground. Source: common practice.
 */
export const mostPrinted = { lime: 350, sulfur: 30, N: 10, 'P₂O₅': 15, 'K₂O': 15, S: 20 } as const

/** lb per 1,000 ft² in one figure beyond which one is doubted, and stands. Source: common practice. */
export const usualMost = {
  turf: { N: 2, 'P₂O₅': 2, 'K₂O': 3 },
  bed: { N: 6, 'P₂O₅': 8, 'K₂O': 8 },
} as const

/** What speaks against a printed rate by itself, whatever is read. */
export function beyondMost(
  of: What,
  rate: number | undefined,
  crop: Pick<Crop, 'acidRequiring'>,
): Sentence | undefined {
  if (of === 'sulfur' && crop.acidRequiring) return undefined
  const most = (mostPrinted as Partial<Record<What, number>>)[of]
  return most !== undefined && rate !== undefined && rate > most ? say('held.beyond', { of, rate, most }) : undefined
}

/** A need whose figure waits for a word: the figure and ours stand beside it, and none is followed. */
export const heldNeed = <Of extends What>(of: Of, why: Sentence, checks: Need<Of>['checks']): Need<Of> => ({
  of,
  outcome: 'check',
  why,
  lead: { ...byLaboratory, by: 'held' },
  checks,
  remarks: [],
})
