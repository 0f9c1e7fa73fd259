import { compareGuides } from '../core/guides/compare'
import { guideRef, type Guide } from '../core/guides/guide'
import { guides } from '../core/guides/guides'
import { guideSchema } from './guide'
import { guideFile, openGuideFile } from './guide-file'

const [guide] = guides as [Guide, ...Guide[]]
const mixGuide = guides.find(({ medium }) => medium === 'soilless')!
/** The guide with one value put in at a path, or taken out. */
function mutated(path: string, value: unknown, of: Guide = guide): string {
  const whole = JSON.parse(guideFile(of)) as { guide: unknown }
  const keys = path.split('.')
  const holder = keys.slice(0, -1).reduce((inner, key) => (inner as Record<string, unknown>)[key], whole.guide)
  if (value === undefined) Reflect.deleteProperty(holder as object, keys.at(-1)!)
  else (holder as Record<string, unknown>)[keys.at(-1)!] = value
  return JSON.stringify(whole)
}

test.each(guides.map((one) => [guideRef(one), one] as const))(
  '%s passes its schema, and goes out and comes back',
  (_, one) => {
    expect(guideSchema.validate(one, { convert: false }).error).toBeUndefined()
    const opened = openGuideFile(guideFile(one))
    expect(opened.ok && compareGuides(one, opened.guide)).toEqual([])
  },
)

describe('a mutated guide fails with the right message', () => {
  test.each<[string, string, string]>([
    ['bounds that do not rise', mutated('classes.P.0.bounds', [15, 30, 30, 100]), 'must rise'],
    ['a bound too few', mutated('classes.K.0.bounds', [45, 90, 130]), 'guide.classes.K[0].bounds'],
    ['a last row with a condition', mutated('classes.P', [{ cecOver: 9, bounds: [1, 2, 3, 4] }]), 'end with one row'],
    ['two rows without one', mutated('minimums.Mg.rows', [{ lowBelow: 1 }, { lowBelow: 2 }]), 'end with one row'],
    ['an aim outside its span', mutated('crops.tomato.pH', { low: 6, high: 6.8, aim: 7 }), 'aim between'],
    ['a span upside down', mutated('crops.tomato.pH', { low: 6.8, high: 6, aim: 6.4 }), 'aim between'],
    ['a pH for another planet', mutated('crops.tomato.pH.high', 68), 'guide.crops.tomato.pH.high'],
    ['more for lean than for generous', mutated('crops.onion.nitrogen.low', 5), 'guide.crops.onion.nitrogen.high'],
    ['a tree by the acre', mutated('crops.apple.nitrogen.unit', 'lb N/acre'), 'guide.crops.apple.nitrogen'],
    ['a table without its source', mutated('rates.source', undefined), 'guide.rates.source'],
    ['a source nobody knows', mutated('limits.source', 'hearsay'), 'guide.limits.source'],
    ['a crop without its source', mutated('crops.roses.source', undefined), 'guide.crops.roses.source'],
    ['a rate below nothing', mutated('rates.lawn.K₂O.0', -1), 'guide.rates.lawn.K₂O[0]'],
    ['a limit as a word', mutated('limits.turf.daysApart', 'monthly'), 'guide.limits.turf.daysApart'],
    ['a limit too few', mutated('limits.lead.noFood', undefined), 'guide.limits.lead.noFood'],
    ['a method nobody has', mutated('methods.lime', ['smp', 'by-eye']), 'guide.methods.lime[1]'],
    ['an extractant made up', mutated('extractant', 'vinegar'), 'guide.extractant'],
    ['a version of none', mutated('version', 0), 'guide.version'],
    ['an id with a blank', mutated('id', 'my guide'), 'guide.id'],
    ['a window for nobody knows when', mutated('windows.dates.side-dress', undefined), '"side-dress", which'],
    [
      'a month for another planet',
      mutated('windows.dates.bud-break.months', [[3, 13]]),
      'windows.dates.bud-break.months[0][1]',
    ],
    ['no crops', mutated('crops', {}), 'guide.crops'],
    ['a field too many', mutated('crops.tomato.colour', 'red'), 'guide.crops.tomato.colour'],
    ['soilless without its extract', mutated('extract', undefined, mixGuide), 'guide.extract'],
    ['a school with one option', mutated('schools.0.options', []), 'guide.schools[0].options'],
  ])('%s', (_, text, message) => {
    const opened = openGuideFile(text)
    expect(
      !opened.ok && [opened.why, opened.details.map(({ message: said, field }) => `${field}: ${said}`).join('\n')],
    ).toEqual(['not-a-guide', expect.stringContaining(message)])
  })
  test('what is no guide file at all', () => {
    expect(openGuideFile('a leaflet')).toMatchObject({ ok: false, why: 'not-json' })
    expect(openGuideFile('{}')).toMatchObject({ ok: false, why: 'not-a-guide' })
    expect(openGuideFile('x'.repeat(2_100_000))).toMatchObject({ ok: false, why: 'too-large' })
  })
})
