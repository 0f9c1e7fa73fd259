import type { Climate } from './soils'
import type { SourceRef } from '../units/sources'
import type { Text } from '../sentence/text'

/** A day of any year, `MM-DD`. */
export type YearDay = string

/** What the calendar needs to know of a place: its frosts, and how warm its soil is. */
export interface Region {
  readonly id: string
  readonly label: Text
  readonly hemisphere: 'north' | 'south'
  /** The usual last frost of spring and first of autumn; null where there is none. */
  readonly lastFrost: YearDay | null
  readonly firstFrost: YearDay | null
  /** °F at 4 in, in the middle of each month, January first. */
  readonly soil: readonly number[]
  readonly source: SourceRef
}

const region = (
  id: string,
  en: string,
  hemisphere: Region['hemisphere'],
  frosts: readonly [last: YearDay, first: YearDay] | null,
  soil: readonly number[],
): Region => ({
  id,
  label: { en },
  hemisphere,
  lastFrost: frosts?.[0] ?? null,
  firstFrost: frosts?.[1] ?? null,
  soil,
  source: 'practice',
})

/**
 * Neutral climates to begin with, round figures that stand for no station. Source: common practice.
 */
export const regions: readonly Region[] = [
  region(
    'cool-inland',
    'cool inland, winters freeze',
    'north',
    ['05-10', '10-05'],
    [31, 31, 36, 47, 58, 67, 72, 71, 63, 52, 42, 34],
  ),
  region(
    'cool-mild',
    'cool, mild winters',
    'north',
    ['04-15', '10-25'],
    [38, 40, 44, 50, 57, 63, 68, 68, 62, 54, 46, 40],
  ),
  region('warm-inland', 'warm inland', 'north', ['04-05', '11-01'], [42, 45, 53, 62, 70, 77, 81, 80, 75, 64, 53, 45]),
  region('warm-coast', 'warm coast', 'north', ['02-25', '12-01'], [54, 56, 62, 69, 76, 81, 83, 83, 80, 73, 64, 57]),
  region('no-frost', 'without frost', 'north', null, [68, 68, 71, 74, 77, 80, 81, 82, 81, 78, 74, 70]),
  region(
    'south-cool',
    'southern half of the world, cool',
    'south',
    ['10-15', '04-25'],
    [66, 66, 61, 54, 47, 42, 40, 42, 47, 53, 58, 63],
  ),
  region(
    'south-warm',
    'southern half of the world, warm',
    'south',
    ['09-05', '06-05'],
    [78, 78, 75, 69, 62, 56, 54, 57, 62, 67, 72, 76],
  ),
]

const usual: Readonly<Record<Climate, string>> = { cool: 'cool-inland', warm: 'warm-inland' }

/** The region of a case: the one that was chosen, else the one that is usual for its climate. */
export const regionFor = (id: string | null, climate: Climate, known: readonly Region[] = regions): Region =>
  known.find((one) => one.id === id) ?? regions.find((one) => one.id === usual[climate])!
