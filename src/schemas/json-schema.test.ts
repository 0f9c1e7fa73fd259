import { caseSchemaNumber } from '../core/case/schema'
import Ajv2020 from 'ajv/dist/2020'
import { blankArea, blankCase, blankReport, blankSeason } from '../core/case/blank'
import { guides } from '../core/guides/guides'
import { shippedProducts } from '../core/shelf/products'
import { sampleCases } from '../demo/sample-cases'
import { caseFileJsonSchema, caseFileSchema } from './case-file'

const ajv = new Ajv2020({ strict: false, validateFormats: false })
const schema = ajv.compile(caseFileJsonSchema())
const edit = { id: 'e', by: 'MV', at: '2026-03-01T10:00:00.000Z', kind: 'edit', inverse: [] } as const
const patches = [{ op: 'replace', path: ['areas', 'a', 'name'], value: 'x' }] as const
const file = (kase: unknown, log: unknown = [{ ...edit, patches }], guides: unknown = [], products: unknown = []) => ({
  format: 'agrologos-case',
  schema: caseSchemaNumber,
  case: kase,
  log,
  guides,
  products,
})
const withUse = (use: string) => {
  const [guide] = guides
  return { ...guide, crops: { tomato: { ...guide!.crops.tomato, use } } }
}
const blank = { ...blankCase('c', edit.at), areas: [blankArea('a', '')], reports: [blankReport('r')] }

/** A validator that is not ours, over the schema that is published, must come to the same as ours. */
test.each<[string, unknown, boolean]>([
  ...sampleCases.map((kase): [string, unknown, boolean] => [kase.client, file(kase), true]),
  ['blank', file(blank), true],
  ['a field too many', file({ ...blank, extra: 1 }), false],
  ['a field too few', file({ ...blank, client: undefined }), false],
  ['a wrong type', file({ ...blank, client: 7 }), false],
  [
    'a crop that is no id',
    file({ ...blank, areas: [{ ...blankArea('a', ''), seasons: { 2026: { ...blankSeason, crop: 'Man drake' } } }] }),
    false,
  ],
  ['a guide', file(blank, [], [guides[0]]), true],
  ['a guide with a use made up', file(blank, [], [withUse('orchard')]), false],
  ['a guide without a version', file({ ...blank, areas: [{ ...blankArea('a', ''), guide: 'mehlich-3' }] }), false],
  ['a product', file(blank, [], [], [shippedProducts[0]]), true],
  ['a product that holds nothing', file(blank, [], [], [{ ...shippedProducts[0], liming: {} }]), false],
  ['a year that is none', file({ ...blank, season: 'soon' }), false],
  ['a name of 10,000 letters', file({ ...blank, client: 'x'.repeat(10_000) }), false],
  ['501 areas', file({ ...blank, areas: Array.from({ length: 501 }, (_, i) => blankArea(String(i), '')) }), false],
  ['no log', { ...file(blank), log: undefined }, false],
  ['an edit of a strange kind', file(blank, [{ ...edit, patches, kind: 'guess' }]), false],
  ['a position instead of an id', file(blank, [{ ...edit, patches: [{ op: 'remove', path: [1] }] }]), false],
])('%s', (_, content, good) => {
  const found: unknown = JSON.parse(JSON.stringify(content))
  expect(schema(found)).toBe(good)
  expect(caseFileSchema.validate(found, { convert: false }).error === undefined).toBe(good)
})
