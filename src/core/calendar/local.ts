import { houseOf, type House } from '../shelf/house'
import type { Shelf } from '../shelf/shelf'
import { bansOf, type Ban, type YearLimit } from './ban'

/** What an office has settled for all of its cases. */
export interface Local {
  /** What may not go on. */
  readonly bans: readonly Ban[]
  /** What is named where nobody chose a fertilizer, and can be had here. */
  readonly house: House
}

interface Settled {
  readonly yearLimits: readonly YearLimit[]
  readonly house?: Partial<House>
  readonly shelf?: Shelf
}

export const localOf = ({ yearLimits, house = {}, shelf = {} }: Settled): Local => ({
  bans: bansOf(yearLimits),
  house: houseOf(house, shelf),
})

/** Where nothing is settled. */
export const anywhere: Local = localOf({ yearLimits: [] })
