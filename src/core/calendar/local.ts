import { shippedHouse, type House } from '../shelf/house'
import { bansOf, type Ban, type YearLimit } from './ban'

/** What an office has settled for all of its cases. */
export interface Local {
  /** What may not go on. */
  readonly bans: readonly Ban[]
  /** What is named where nobody chose a fertilizer. */
  readonly house: House
}

/** Where nothing is settled. */
export const anywhere: Local = { bans: [], house: shippedHouse }

export const localOf = ({
  yearLimits,
  house,
}: {
  readonly yearLimits: readonly YearLimit[]
  readonly house?: Partial<House>
}): Local => ({ bans: bansOf(yearLimits), house: { ...shippedHouse, ...house } })
