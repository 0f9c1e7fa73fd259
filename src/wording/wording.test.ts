import { outlineKinds } from '../core/case/outline'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import * as fc from 'fast-check'
import { anyCase, build } from '../core/testing/any-case'
import { sampleCases } from '../demo/sample-cases'
import { cautions } from '../core/told/cautions'
import { classNames } from '../core/guides/guide'
import { guides } from '../core/guides/guides'
import { missingIds } from '../core/compare/missing'
import { leadClasses } from '../core/reading/lead'
import { saltBands } from '../core/reading/salts'
import { recommend } from '../core/recommend'
import { readSize } from '../core/ground/size'
import type { Args } from '../core/sentence/args'
import type { Key } from '../core/sentence/keys'
import { say, type Sentence } from '../core/sentence/sentence'
import { isDerived, steps, type Derived, type Working } from '../core/units/workings'
import { withoutCommon } from './changes'
import { derivation } from './derivation'
import { en } from './interface/catalogue'
import { area, difference, figure, measure, pHFigure, rate, volumeWords, weight } from './format'
import { passesWords } from './passes'
import { text, type Phrases } from './phrase'
import { render } from './render'

const sourceFiles = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? sourceFiles(join(folder, entry.name))
      : /\.ts$/.test(entry.name) && !/\.test\.ts$/.test(entry.name)
        ? [join(folder, entry.name)]
        : [],
  )

test('a sentence says what it is of: another key or argument does not compile', () => {
  const keys: readonly Key[] = [] as readonly (keyof Args)[]
  // @ts-expect-error -- no such key
  say('cap.turff')
  // @ts-expect-error -- an argument is missing
  const without = say('cap.turf')
  // @ts-expect-error -- an argument has another name
  say('cap.turf', { element: 'N' })
  // @ts-expect-error -- an argument is of another kind
  say('depth.typed', { depth: '6' })
  // @ts-expect-error -- both of the two take it
  say(keys.length > 0 ? 'cap.turf' : 'cap.none')
  // @ts-expect-error -- no phrase may read what it is not told
  const phrases: Partial<Phrases> = { 'cap.turf': (a) => text(a.element) }
  expect([phrases['cap.turf']!({ nutrient: 'N' }, 'feet'), without.args]).toEqual(['', {}])
})

describe('the catalogue', () => {
  const source = sourceFiles(join(__dirname, '../core'))
    .map((file) => readFileSync(file, 'utf8'))
    .join('\n')
  const subjects =
    'area|assumed|cap|course|credit|depth|doubt|field|finding|guide|habit|harm|headline|held|short|kit|label|laboratory|lead|lime|log|material|meaning|minimum|missing|missing-test|mix|nitrogen|not-measured|nutrient|other|overruled|passes|plan|planting|plausible|product|portion|program|reaction|reading|region|report|salts|sample|several|size|slip|soilless|spreader|step|stone|sulfur|texture|tri-state|unit|untested'
  const named = [...source.matchAll(new RegExp(`'((?:${subjects})\\.[A-Za-z0-9-]+)'`, 'g'))].map(([, key]) => key!)
  const composed = [
    ...['other-season', 'both', 'untold', 'no-buffering', 'small'].map((untaught) => `course.${untaught}`),
    ...['lime', 'sulfur', 'leave', 'do-not', 'not-here', 'unknown', 'check'].map((outcome) => `headline.${outcome}`),
    ...['lime', 'sulfur'].map((of) => `headline.${of}-asked`),
    ...leadClasses.slice(1).map((name) => `headline.lead-${name}`),
    ...Object.keys(outlineKinds).map((kind) => `plan.${kind}`),
    ...leadClasses.map((name) => `lead.${name}`),
    ...saltBands.map(({ name }) => `salts.${name}`),
    ...cautions.flatMap(({ key }) => [`caution.${key}`, `caution.${key}.why`]),
    ...classNames.flatMap((name) => [`meaning.P-${name}`, `meaning.K-${name}`]),
    ...['lime', 'sulfur'].flatMap((of) => [`reaction.${of}-needs-input`, `reaction.laboratory-${of}`]),
    ...['low', 'high', 'fits'].map((where) => `reaction.mix-${where}`),
    ...['low', 'typical', 'high'].map((name) => `meaning.matter-${name}`),
    ...['build-up', 'maintain', 'draw-down'].map((name) => `meaning.tri-state-${name}`),
    ...missingIds.map((id) => `missing-test.${id}`),
    ...['sandy', 'typical', 'heavy'].map((name) => `meaning.cec-${name}`),
    ...['well-used', 'left-over', 'too-much'].map((name) => `meaning.nitrate-${name}`),
    ...['pH', 'salts', 'nutrient'].flatMap((line) =>
      ['below', 'within', 'above'].map((where) => `meaning.extract-${line}-${where}`),
    ),
    ...['plant', 'bed', 'row'].map((of) => `portion.${of}`),
    ...['size.rows-echo', 'size.plants-echo'],
  ]
  const said = new Set([...named, ...composed])
  test('has words for every key that the core names', () => expect([...said].filter((key) => !(key in en))).toEqual([]))
  test('has no words that the core never says', () =>
    expect(Object.keys(en).filter((key) => !said.has(key))).toEqual([]))
  test('throws for a key it does not have', () =>
    expect(() => render(say('nothing.of-the-kind' as 'missing.crop'))).toThrow(ReferenceError))
})

/** All sentences and workings of the sample cases and of random ones, in words. */
function everyWord(): string[] {
  const words: string[] = []
  const seen = new Set<object>()
  const told = new Set<Derived>()
  const visit = (value: unknown) => {
    if (value === null || typeof value !== 'object' || seen.has(value)) return
    seen.add(value)
    if ('key' in value && 'args' in value) words.push(render(value as Sentence))
    if ('expression' in value && isDerived(value as Working) && !told.has(value as Derived)) {
      steps(value as Working).forEach((step) => told.add(step))
      words.push(
        ...derivation(value as Working, 'feet').flatMap((line) => [
          line.rule,
          line.arithmetic,
          line.source,
          ...line.inputs.flatMap((input) => Object.values(input)),
        ]),
      )
    }
    Object.values(value).forEach(visit)
  }
  const random = fc.sample(anyCase, { numRuns: 120, seed: 7 }).map(build)
  for (const kase of [...sampleCases, ...random]) visit(recommend(kase, guides))
  return words
}

describe('words of the sample cases, and of random ones', () => {
  const words = everyWord()
  test('none holds undefined, NaN, null, Infinity or a bare object', () =>
    expect(words.filter((text) => /undefined|NaN|null|Infinity|\[object/.test(text))).toEqual([]))
  test('none holds a letter that the shipped fonts lack and no component replaces', () => {
    const shipped =
      /^[\u0000-\u00ff\u0131\u0152\u0153\u02c6\u02dc\u2000-\u206f\u20ac\u2122\u2191\u2193\u2212\u2215₂₃₅π√]*$/
    expect(words.filter((text) => !shipped.test(text))).toEqual([])
  })
})

/** Rates by hand: 2 lb per 1,000 ft² is 3.2 oz per 100 ft²; × 4.88243 g/m² per lb/1,000 ft² (exact units) it is 97.65 g per 10 m². */
test.each([
  ['feet', 'runs from none to 3.2 oz per 100 ft² among'],
  ['metres', 'runs from none to 97.6 g per 10 m² among'],
] as const)('what several crops differ by is said in %s, as in the table beside it', (measures, words) =>
  expect(render(say('several.nutrient', { nutrient: 'N', low: 0, high: 2, use: 'bed' }), measures)).toContain(words),
)

describe('passes', () => {
  const two = {
    count: 2,
    interval: null,
    perYear: null,
    dressings: ['before planting', 'beside the plants at first fruit'].map((en) => ({ window: { label: { en } } })),
  } as never
  const on = (...labels: string[]) =>
    ({
      ...(two as object),
      count: labels.length,
      dressings: labels.map((en) => ({ window: { label: { en } } })),
    }) as never
  const four = { count: 4, interval: { months: 3 }, perYear: 2, dressings: [{ window: null }] } as never
  test.each([
    [passesWords(two, 'each'), '2 times: before planting, then beside the plants at first fruit'],
    [passesWords(two, 'all'), 'in 2 equal parts: before planting, then beside the plants at first fruit'],
    [passesWords(on('early', 'early', 'late'), 'each'), '3 times: twice early, then late'],
    [passesWords(on('early', 'early', 'early'), 'each'), '3 times: early'],
    [passesWords(four, 'each'), '4 passes, at least 3 months apart, at most 2 a year'],
    [passesWords(four, 'all'), 'in 4 equal passes, at least 3 months apart, at most 2 a year'],
  ])('%s', (said, expected) => expect(said).toBe(expected))
})

test.each([
  ['193 lb, in 3 passes; on the surface', '97 lb, in 3 passes; on the surface', ['193 lb', '97 lb']],
  ['193 lb, in 3 passes', '193 lb, in 2 passes', ['193 lb, in 3 passes', '193 lb, in 2 passes']],
  ['1,000 lb', '1,200 lb', ['1,000 lb', '1,200 lb']],
  ['the same', 'the same', ['the same', 'the same']],
  ['', '5 lb, once', ['', '5 lb, once']],
])('of “%s” and “%s” only what differs is told', (before, after, told) =>
  expect(withoutCommon(before, after)).toEqual(told),
)

describe('figures', () => {
  test.each([
    [weight(13.49, 'feet'), '13 lb 8 oz'],
    [weight(0.72, 'feet'), '11½ oz'],
    [weight(0.01, 'feet'), '0.16 oz'],
    [weight(9.99, 'feet'), '10 lb'],
    [weight(228.37, 'feet'), '228 lb'],
    [weight(13.49, 'metres'), '6.2 kg'],
    [measure(225, 0.65, 40, 'feet'), '5 × 40 lb bags and 25 lb'],
    [measure(1, 0.5, 50, 'feet'), 'about 2 cups'],
    [measure(0.001, 0.5, 50, 'feet'), 'less than ¼ teaspoon (0.45 g)'],
    // 25 lb ÷ 0.65 lb are 38.5 cups, 9.6 quarts; 28 cups are 7 quarts; 40 lb ÷ 0.4 lb are 25 quarts (definition).
    [measure(25, 0.65, 40, 'feet'), 'about 9½ quarts'],
    [measure(28, 1, 50, 'feet'), 'about 7 quarts'],
    [measure(40, 0.4, 50, 'feet'), 'about 1¼ five-gallon buckets'],
    [measure(41, 1, 100, 'feet'), 'part of one 100 lb bag'],
    [measure(45, 1, 50, 'feet'), '45 lb of one 50 lb bag'],
    [`${rate(30, 'bed', 'feet').amount} ${rate(30, 'bed', 'feet').per}`, '3 lb per 100 ft²'],
    [`${rate(2, 'lawn', 'feet').amount} ${rate(2, 'lawn', 'feet').per}`, '2 lb per 1,000 ft²'],
    [`${rate(1, 'plot', 'feet').amount} ${rate(1, 'plot', 'feet').per}`, '43.6 lb per acre'],
    [`${rate(1, 'lawn', 'metres').amount} ${rate(1, 'lawn', 'metres').per}`, '488 g per 100 m²'],
    [area(10_890, 'feet'), '0.25 acre'],
    [volumeWords(16, 'feet'), '16 ft³'],
    [volumeWords(128, 'feet'), '128 ft³ (4.7 yd³)'],
    [volumeWords(35.3147, 'metres'), '1 m³'],
    [area(10.7639, 'metres'), '1 m²'],
    [figure(2333.333), '2,333'],
    [figure(-0.5), '−0.5'],
    [figure(2e21), '2,000,000,000,000,000,000,000'],
    [pHFigure(6), '6.0'],
    [pHFigure(6.55), '6.55'],
    [difference(-0.174), '17 % less'],
  ])('%s', (shown, expected) => expect(shown).toBe(expected))
  test('a sum that can be read two ways says both', () => {
    const size = readSize('30+12 x 10', 'feet')
    expect(size.ok && render(size.value.echo)).toBe('30 + 12 × 10 = 150 ft²; write (30+12) x 10 for 420 ft²')
  })
})

/** What people can be asked to read at one go on a screen. Source: plain-language practice. */
const mostWords = 20

/** Sentences of what stands in the source to be shown, each value in them one word. */
function sentencesIn(file: string): readonly string[] {
  const found: string[] = []
  const look = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) found.push(node.text)
    if (ts.isTemplateExpression(node))
      found.push(node.head.text + node.templateSpans.map(({ literal }) => `X${literal.text}`).join(''))
    ts.forEachChild(node, look)
  }
  look(ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true))
  return found.flatMap((text) => text.split(/(?<=[.!?:;])\s+/))
}

const wordsIn = (sentence: string) => sentence.split(/\s+/).filter((word) => /[\p{L}\d]/u.test(word)).length

test('no sentence on a screen is longer than twenty words', () => {
  const files = [
    ...sourceFiles('src/features'),
    ...sourceFiles('src/wording/en'),
    ...sourceFiles('src/wording/interface'),
  ].filter((file) => !file.startsWith('src/features') || file.endsWith('messages.ts'))
  const sentences = files.flatMap(sentencesIn)
  expect(sentences.length).toBeGreaterThan(1_000)
  expect(sentences.filter((one) => wordsIn(one) > mostWords)).toEqual([])
})
