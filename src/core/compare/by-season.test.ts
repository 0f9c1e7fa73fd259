import { anywhere } from '../calendar/local'
import { withParts } from '../case/in-season'
import { blankReport } from '../case/blank'
import { membersOf } from '../case/members'
import { otherSeasons } from './by-season'
import { guides } from '../guides/guides'
import { doseOf } from '../needs/reaction'
import { shippedProducts } from '../shelf/products'
import { answer, oneArea, typed } from '../testing/one-area'

test('other seasons go by the crop and the test of then, the latest first; a year without a crop is none', () => {
  const printed = (id: string, date: string, pH: string) => ({
    ...blankReport(id),
    date,
    areas: membersOf(['a']),
    measured: { pH: typed(pH) },
  })
  const kase = oneArea(
    { crop: 'highbush-blueberry', texture: 'loam' },
    {},
    { season: '2026', reports: [printed('old', '2024-10-01', '5.4'), printed('r', '2026-03-01', '6.6')] },
  )
  const [now] = kase.areas
  const seasons = [
    ['2025', { crop: 'tomato' }],
    ['2027', { crop: 'tomato' }],
    ['2023', { crop: null }],
  ] as const
  const area = seasons.reduce((one, [year, parts]) => withParts(one, year, parts), now!)
  const told = otherSeasons({ ...kase, areas: [area] }, 'a', guides, shippedProducts, anywhere)
  expect(told.map(({ year, tested, found }) => [year, tested, found.answer!.pH])).toEqual([
    ['2027', '2026-03-01', 6.6],
    ['2025', '2024-10-01', 5.4],
  ])
  // As if that had been all that was ever said.
  const then = answer({ crop: 'tomato', texture: 'loam' }, printed('r', '2024-10-01', '5.4'))
  const amount = (of: typeof then) => doseOf(of.reaction)!.amount.value.v
  expect(amount(told[1]!.found.answer!)).toBeCloseTo(amount(then), 9)
})
