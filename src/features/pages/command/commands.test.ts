import { guideRef } from '@/core/guides/guide'
import { defaultGuide, guides } from '@/core/guides/guides'
import { shippedProducts } from '@/core/shelf/products'
import { sampleCases } from '@/demo/sample-cases'
import { commandsFor, type Around, type Kind } from './commands'

const kase = sampleCases.find(({ id }) => id === 'sample-school-garden')!
const summary = (id: string, client: string, place: string, trashedAt?: string) => ({
  ...{ id, client, place, areas: ['Front lawn'], crops: [], updatedAt: '2026-01-01' },
  ...(trashedAt && { trashedAt }),
})
const around = {
  ...{ kase, guides, guide: guideRef(defaultGuide), products: shippedProducts },
  ...{ undo: 'Long bed, Size: 9x31', redo: null, contrast: 'usual' },
  cases: [summary('c1', 'Odessa Marl', 'Kiln Lane'), summary('gone', 'Odessa Loam', 'Pit Lane', '2026-01-02')],
} as unknown as Around

const first = (text: string, here = around) => commandsFor(text, here)[0]

test.each<[string, Kind, RegExp]>([
  ['1.5 t/ac on 640 ft2', 'answer', /^44 lb on 640 ft²: 68\.9 lb/],
  ['12x18', 'answer', /^216 ft²$/],
  ['4.6 lb sulfur per 100 ft2', 'read', /second time/],
  ['letter', 'station', /^Letter$/],
  ['corn', 'area', /^Corn patch$/],
  ['odessa', 'case', /^Odessa Marl$/],
  ['kiln', 'case', /^Odessa Marl$/],
  ['blueberries', 'crop', /^highbush blueberry$/],
  ['undo', 'do', /^Undo: Long bed, Size: 9x31$/],
  ['start', 'do', /^Start a case$/],
  ['shelf', 'page', /^Shelf$/],
])('%s', (text, kind, label) => {
  expect(first(text)?.kind).toBe(kind)
  expect(first(text)?.label).toMatch(label)
})

test('what is in the trash is not found, and what nothing is called finds nothing', () => {
  expect(commandsFor('odessa', around).filter(({ kind }) => kind === 'case')).toHaveLength(1)
  expect(commandsFor('zzzz', around)).toEqual([])
})

test('outside a case there are neither stations nor what is done to a case', () => {
  const outside = commandsFor('', { ...around, kase: null, undo: null })
  expect(outside.map(({ kind }) => kind)).not.toContain('station')
  expect(outside.map(({ act }) => ('is' in act ? act.is : ''))).not.toContain('print')
})
