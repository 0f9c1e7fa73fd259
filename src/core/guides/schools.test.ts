import { answer, printed, typed } from '../testing/one-area'
import { compareGuides, withFigure } from './compare'
import { guides } from './guides'
import { withSchools } from './schools'

const of = (schools: Record<string, string>, ...[area, report = {}]: Parameters<typeof answer>) =>
  answer(area, report, { schools })

describe('schools (common practice)', () => {
  test.each([
    ['blueberries at 5.4', { crop: 'highbush-blueberry', texture: 'loam' }, 5.4, {}, 'leave'],
    ['school B, 4.8 to 5.2', { crop: 'highbush-blueberry', texture: 'loam' }, 5.4, { 'blueberry-pH': 'B' }, 'sulfur'],
    ['school C, 4.2 to 5.0', { crop: 'highbush-blueberry', texture: 'loam' }, 5.1, { 'blueberry-pH': 'C' }, 'sulfur'],
    ['potatoes are left', { crop: 'potato', texture: 'loam' }, 6.6, {}, 'leave'],
    ['potatoes by choice', { crop: 'potato', texture: 'loam' }, 6.6, { 'potato-pH': 'sulfur' }, 'sulfur'],
  ] as const)('%s', (_, area, pH, schools, outcome) =>
    expect(of(schools, area, { pH: typed(pH) }).reaction.outcome).toBe(outcome),
  )
  test('lime in passes of 50 or 25 lb: 100 lb are two or four', () => {
    const passes = (schools: Record<string, string>) =>
      of(schools, { crop: 'zoysia' }, { pH: typed(5), ...printed({ lime: typed('100 lb/1000') }) }).reaction.need!
        .passes!.count
    expect([passes({}), passes({ 'lime-pass': '25' })]).toEqual([2, 4])
  })
  test('plots to 7.0, but on sand never beyond 6.5', () => {
    const aim = (texture: 'loam' | 'sand') =>
      String(of({ 'plot-pH': '7.0' }, { crop: 'plot-corn', texture }, { pH: typed(5.5) }).reaction.why.args.aim)
    expect([aim('loam'), aim('sand')]).toEqual(['7', '6.5'])
  })
  test('potassium in the west: 190 ppm is medium up to 200, else optimum', () => {
    const className = (schools: Record<string, string>) =>
      of(schools, { crop: 'tomato' }, { extractant: 'olsen', K: typed('190', 'ppm') }).needs[2]!.rating!.className
    expect([className({}), className({ 'potassium-west': '200' })]).toEqual(['optimum', 'medium'])
  })
  test('the answer says which were followed, and only those that bear on the crop', () =>
    expect(
      [7, 4].map((pH) =>
        of({ 'blueberry-pH': 'B' }, { crop: 'highbush-blueberry', texture: 'sand' }, { pH: typed(pH) }).schools.map(
          ({ option }) => option.en,
        ),
      ),
    ).toEqual([
      ['school B, 4.8 to 5.2'],
      ['school B, 4.8 to 5.2', '50 lb per 1,000 ft²', 'by sufficiency: dolomitic where Mg is low'],
    ]))
  test.each(guides.flatMap((guide) => guide.schools.map((school) => [guide.id, school.id, guide, school] as const)))(
    '%s: %s: the first option changes nothing, every other one something',
    (_, id, guide, { options }) => {
      const [first, ...others] = options.map((option) => withSchools(guide, { [id]: option.id }))
      expect(first).toBe(guide)
      const changes = others.map((one) => compareGuides(guide, one).length)
      // The turf guide has lawns only, so that questions on other crops change nothing there.
      if (guide.id !== 'mlsn-turf') expect(Math.min(...changes)).toBeGreaterThan(0)
    },
  )
  test('an option nobody knows is the first', () =>
    expect(withSchools(guides[0]!, { 'lime-pass': '7' })).toBe(guides[0]))
})

describe('an office’s own figures', () => {
  const own = { author: 'Office', title: 'Own', year: null, status: 'common practice', recalled: false } as const
  const [guide] = guides
  test('a figure is changed in one place, its table gets the office’s name, and the other guide stays', () => {
    const changed = withFigure(guide!, ['crops', 'tomato', 'pH', 'high'], 7.2, own)
    expect(compareGuides(guide!, changed)).toEqual([
      { path: ['crops', 'tomato', 'pH', 'high'], before: 6.8, after: 7.2 },
      { path: ['crops', 'tomato', 'source'], before: 'practice', after: own },
    ])
    expect(guide!.crops.tomato!.pH.high).toBe(6.8)
  })
  test('a bound inside a list', () => {
    const changed = withFigure(guide!, ['classes', 'K', 0, 'bounds', 2], 150, own)
    expect(changed.classes.K[0]!.bounds).toEqual([45, 90, 150, 200])
    expect(changed.classes.source).toBe(own)
    expect(compareGuides(changed, changed)).toEqual([])
  })
})
