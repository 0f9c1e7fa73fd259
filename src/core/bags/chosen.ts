import type { Fertilizer } from '../shelf/product'
import type { Outcome } from '../sentence/sentence'
import type { HouseChoice } from './house'
import type { OneFertilizer } from './one-fertilizer'
import type { Supply } from './supply'
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

/** What was chosen for an area and may go there: one of the two at most. */
export interface Chosen {
  readonly mix: TakenMix | null
  readonly one: { readonly material: Fertilizer; readonly bagLb: number; readonly mix: OneFertilizer } | null
}

/** What an area is fed with: what was chosen, and what is named in its place, or for what it leaves short. */
export interface Fed extends Chosen {
  readonly named: HouseChoice | null
}

/**
 * @param staleMix the mix that was taken stands for other needs than today's: it is let go
 */
export function fedWith(bagged: Bagged, staleMix: boolean): Fed {
  const { mix, one } = chosenFor(bagged, staleMix)
  return { mix, one, named: mix || one ? bagged.filled : bagged.house }
}

/** What was chosen and may go there, a mix before the one fertilizer. */
export function chosenFor({ mixed, fertilizer }: Pick<Bagged, 'mixed' | 'fertilizer'>, staleMix = false): Chosen {
  if (mixed) return { mix: staleMix || mixed.barred.length > 0 ? null : mixed, one: null }
  if (!fertilizer?.mix.ok || fertilizer.mix.value.barred.length > 0) return { mix: null, one: null }
  const { material, bagLb, mix } = fertilizer
  return { mix: null, one: { material, bagLb, mix: mix.value } }
}

/** What all of that brings; nothing where there is none. */
export const broughtBy = ({ mix, one, named }: Fed): readonly Supply[] =>
  named?.supplies ?? mix?.supplies ?? one?.mix.supplies ?? []

/** The place of the first that is named: behind what was chosen. */
export const namedFrom = ({ mix, one }: Fed): number => (mix || one ? 1 : 0)
