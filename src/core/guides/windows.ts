import { both, type English } from './spanish'
import type { Text } from '../sentence/text'
import type { SourceRef } from '../units/sources'

/** First and last month, 1 to 12; a span may run over the new year. */
export type Months = readonly [from: number, to: number]

/** When a dressing is due. Months are those of the northern temperate zone; absent where growth alone tells. */
export interface Window {
  readonly label: Text
  /** In the order in which they are served. */
  readonly months?: readonly Months[]
}

export interface Windows {
  /** By the id that crops call them by. */
  readonly dates: Readonly<Record<string, Window>>
  readonly source: SourceRef
}

const due = (label: English, ...months: readonly Months[]): Window => ({
  label: both(label),
  ...(months.length > 0 && { months }),
})

const dates = {
  'before-planting': due('before planting'),
  'at-planting': due('at planting'),
  'side-dress': due('beside the rows when growth is under way'),
  'side-dress-corn': due('beside the rows at 12 to 14 in tall, at most ½ lb N per 100 ft of row'),
  'side-dress-fruit': due('beside the plants at first fruit'),
  'four-weeks-on': due('three to four weeks later'),
  'before-bulbing': due('again after three to four weeks, none once the soil cracks at bulbing'),
  'bud-break': due('at bud break', [3, 5]),
  'six-weeks-on': due('six weeks later'),
  'early-spring': due('in early spring, none after midsummer', [3, 4]),
  'early-spring-or-harvest': due('in early spring, or right after the harvest', [3, 4], [6, 7]),
  'late-summer': due('in late summer', [8, 9]),
  'before-ripening': due('about 90 days before ripening (after the harvest instead where winters are cold)'),
  'after-harvest': due('after the harvest'),
  renovation: due('at renovation, right after the harvest', [7, 7]),
  'at-seeding': due('at seeding'),
  'six-to-eight-weeks-on': due('six to eight weeks later'),
  'cool-lawn': due(
    'September first, then October to November, then May; none in a dry summer',
    [9, 9],
    [10, 11],
    [5, 5],
  ),
  'warm-lawn': due('from green-up to the middle of September', [4, 9]),
} as const satisfies Record<string, Window>

export type WindowId = keyof typeof dates

export const houseWindows: Windows = { dates, source: 'practice' }
