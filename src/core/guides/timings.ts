import type { CropId } from './crops'
import type { Months, WindowId } from './windows'

/** When a dressing is due, reckoned in days: from planting, from the dressing before, from the last frost; or by months. */
export type Timing =
  | { readonly from: 'planting' | 'before' | 'last-frost'; readonly days: readonly [earliest: number, latest: number] }
  | { readonly from: 'months'; readonly months: readonly Months[] }

const planting = (...days: readonly [number, number]): Timing => ({ from: 'planting', days })
const before = (...days: readonly [number, number]): Timing => ({ from: 'before', days })
const lastFrost = (...days: readonly [number, number]): Timing => ({ from: 'last-frost', days })
const months = (...spans: readonly Months[]): Timing => ({ from: 'months', months: spans })

/**
 * By the id of a shipped window, and of one that comes `again`. What is not here goes by the months that the guide names, and so does what goes by months,
 * where it names any. Source: common practice.
 */
const timings: Readonly<Partial<Record<WindowId | 'again', Timing>>> = {
  'before-planting': planting(-14, 0),
  'at-planting': planting(-3, 7),
  'at-seeding': planting(-3, 3),
  'side-dress': planting(30, 45),
  'side-dress-corn': planting(30, 45),
  'side-dress-fruit': planting(45, 70),
  'four-weeks-on': before(21, 28),
  'before-bulbing': before(21, 28),
  again: before(21, 28),
  'six-weeks-on': before(40, 49),
  'six-to-eight-weeks-on': before(42, 56),
  'bud-break': lastFrost(-35, 0),
  'early-spring': lastFrost(-40, 14),
  'early-spring-or-harvest': lastFrost(-40, 14),
  'before-ripening': lastFrost(-20, 20),
  'after-harvest': months([7, 8]),
}

/** When a window of a guide is due; undefined where its months tell. An office's own windows go by theirs. */
export const windowTiming = (id: string): Timing | undefined =>
  Object.hasOwn(timings, id) ? timings[id as WindowId] : undefined

/** Days from planting after which a crop takes no more nitrogen: onions bulb. Source: common practice. */
export const noneAfter: Readonly<Partial<Record<string, number>>> = { 'before-bulbing': 80 }

/** Before the last frost, after it, once it is warm, or so long before the first frost that it stands by then. */
export type Sown = 'hardy' | 'tender' | 'early-summer' | 'late-summer'

/** Crops that are not planted after the last frost. Source: common practice. */
export const sownBy: Readonly<Partial<Record<string, Sown>>> = {
  cabbage: 'hardy',
  onion: 'hardy',
  roots: 'hardy',
  potato: 'hardy',
  'leafy-greens': 'hardy',
  clover: 'late-summer',
  'plot-brassicas': 'late-summer',
  'plot-small-grains': 'late-summer',
} satisfies Partial<Record<CropId, Sown>>

/**
 * When things are planted where nobody typed a day: days from the last or the first frost. Hardy vegetables four to six
 * weeks before the last, tender ones two after it, warm grass once it is warm, cool grass and what is sown for the winter
 * late in August or in September. Source: common practice.
 */
export const usualPlanting: Readonly<Record<Sown, { readonly frost: 'last' | 'first'; readonly days: number }>> = {
  hardy: { frost: 'last', days: -35 },
  tender: { frost: 'last', days: 14 },
  'early-summer': { frost: 'last', days: 45 },
  'late-summer': { frost: 'first', days: -35 },
}

/** Days that a crop stands where no frost ends it, and one that is planted to stand over the winter. */
export const standing = { noFrost: 120, overWinter: 270 } as const

/**
 * Of what was planted in the fall: days from the last frost between which its spring dressings go, and after which it
 * takes no more nitrogen, since it bulbs. Source: common practice.
 */
export const overWinter = { first: [-42, -14], none: 14 } as const

/** °F: below the first nothing goes on frozen ground, below the second nothing feeds, below the third sulfur does nothing. */
export const coldest = { frozen: 34, feeding: 40, sulfur: 50 } as const

/** Warm turf: days after the last frost to full green-up, and before the first frost from when it is fed no more. */
export const warmTurf = { greenUp: 25, lastFeeding: 42 } as const

/** Months of the northern zone in which standing plants are fed: none after midsummer. */
export const standingMonths: Months = [1, 6]

/** Months from a treatment to a test that tells. Source: common practice. */
export const retestAfter = { lime: 6, sulfur: 3 } as const
/** Days by which two tests of one season may lie apart. Source: common practice. */
export const sameSeason = 45
/** Days before a gated pass at which its test is due. */
export const retestAhead = 21
/** Months that sulfur goes down ahead of planting, at the least. */
export const sulfurAhead = 6
