import type { Fertilizer } from '../shelf/product'
import type { Outcome } from '../sentence/sentence'
import type { HouseChoice } from './house'
import type { OneFertilizer } from './one-fertilizer'
import type { TakenMix } from './taken'

/** What the needs of an area become in bags. */
export interface Bagged {
  /** The one that was chosen. */
  readonly fertilizer: {
    readonly material: Fertilizer
    readonly bagLb: number
    readonly mix: Outcome<OneFertilizer>
  } | null
  /** What the mix that the case has taken puts here; it goes before the one fertilizer. */
  readonly mixed: TakenMix | null
  /** What the office's fertilizers make of the needs; null where one was chosen that may go here. */
  readonly house: HouseChoice | null
  /** What they add where that which was chosen leaves a need short. */
  readonly filled: HouseChoice | null
}

/** What an area is fed with: what was chosen and may go here, and what is named for it, or for what that leaves short. */
export interface Fed {
  readonly mix: TakenMix | null
  readonly one: { readonly material: Fertilizer; readonly bagLb: number; readonly mix: OneFertilizer } | null
  readonly named: HouseChoice | null
}

/**
 * @param staleMix the mix that was taken stands for other needs than today's: it is let go
 */
export function fedWith({ fertilizer, mixed, house, filled }: Bagged, staleMix: boolean): Fed {
  if (mixed)
    return staleMix || mixed.barred.length > 0
      ? { mix: null, one: null, named: house }
      : { mix: mixed, one: null, named: filled }
  if (fertilizer?.mix.ok && fertilizer.mix.value.barred.length === 0) {
    const { material, bagLb, mix } = fertilizer
    return { mix: null, one: { material, bagLb, mix: mix.value }, named: filled }
  }
  return { mix: null, one: null, named: house }
}

/** The place of the first that is named: behind what was chosen. */
export const namedFrom = ({ mix, one }: Fed): number => (mix || one ? 1 : 0)
