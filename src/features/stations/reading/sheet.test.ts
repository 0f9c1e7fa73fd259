import * as fc from 'fast-check'
import { inSeason } from '@/core/case/in-season'
import { guides } from '@/core/guides/guides'
import { recommend } from '@/core/recommend'
import { shippedProducts } from '@/core/shelf/products'
import { anyCase, build } from '@/core/testing/any-case'
import { found, oneArea, typed } from '@/core/testing/one-area'
import { guidesOffered, inOrder, isAnother, ofAnySize, saidFirst, trialOf } from './sheet'

test('lines of several readings stand in the order of each of them, once', () =>
  fc.assert(
    fc.property(fc.array(anyCase, { minLength: 1, maxLength: 4 }), (cases) => {
      const readings = cases.map((any) => recommend(build(any), guides).areas[0]!.answer?.reading ?? [])
      const ids = inOrder(readings)
      expect([...ids].sort()).toEqual([...new Set(readings.flat().map(({ id }) => id))].sort())
      for (const reading of readings) {
        const own = reading.map(({ id }) => id)
        expect(ids.filter((id) => own.includes(id))).toEqual(own)
      }
    }),
    { numRuns: 40 },
  ))

test('ground without a size is read as any other', () => {
  const unsized = oneArea({ crop: 'tomato', size: typed('', 'ft²') }, { pH: typed('5.2') })
  expect(recommend(unsized, guides, shippedProducts).areas[0]!.answer).toBeNull()
  expect(recommend(ofAnySize(unsized, 'a'), guides, shippedProducts).areas[0]!.answer?.reading).not.toEqual([])
})

/** Lead above 100 ppm is the precaution; 4 dS/m of paste is more than tomatoes take (both common practice). */
test.each<[string, Parameters<typeof found>, RegExp | null]>([
  [
    'lead above the precaution',
    [{ crop: 'tomato' }, { pH: typed('6.5'), lead: typed('250', 'ppm'), leadBy: 'total' }],
    /lead/,
  ],
  ['lead below it', [{ crop: 'tomato' }, { pH: typed('6.5'), lead: typed('20', 'ppm'), leadBy: 'total' }], null],
  ['salts above the crop', [{ crop: 'tomato' }, { salts: typed('4', 'dS/m'), saltsBy: 'saturated-paste' }], /salt/],
  ['nothing of the kind', [{ crop: 'tomato' }, { pH: typed('6.5') }], null],
])('%s is said first, or nothing is', (_, [area, report], said) => {
  const first = saidFirst(found({ texture: 'loam', ...area }, report)).map(({ key }) => key)
  expect(first.length > 0).toBe(said !== null)
  if (said) expect(first.join()).toMatch(said)
})

test('guides that speak for the report are offered, and what is tried is told from what holds', () => {
  const kase = oneArea({ crop: 'tomato', texture: 'loam' }, { extractant: 'mehlich-3', pH: typed('6') })
  const area = inSeason(kase.areas[0]!, kase.season)
  const offered = guidesOffered(kase, area, guides)
  expect(offered.every(({ extractant, crops }) => extractant === 'mehlich-3' && 'tomato' in crops)).toBe(true)
  const [own] = offered as [(typeof offered)[0]]
  const school = own.schools.find(({ options }) => options.length > 1)!
  const [usual, other] = school.options.map(({ id }) => id) as [string, string]
  expect(isAnother({ guide: area.guide, schools: { [school.id]: usual } }, kase, area, own)).toBe(false)
  expect(isAnother({ schools: { [school.id]: other } }, kase, area, own)).toBe(true)
  expect(isAnother({ guide: 'olsen-west@1', schools: {} }, kase, area, own)).toBe(true)
  expect(trialOf(kase, 'a', { guide: 'olsen-west@1', schools: { x: 'y' } })).toMatchObject({
    schools: { x: 'y' },
    areas: [{ id: 'a', guide: 'olsen-west@1' }],
  })
})
