import type { LineField } from './line-fields'
import type { BoronMethod, ExtractantId, MicronutrientMethod } from '../guides/guide'
import { otherNutrients } from '../units/quantity'
import { buffers, type BufferKind } from './buffers'
import { lineField, recommendedIn } from './lines'
import { tests } from './tests'

/** What a column or a line of a table may be beside a test: whose it is, when, of what ground, and in long tables the test's name, result and unit. */
export const otherMeanings = [
  'code',
  'date',
  'laboratory',
  'client',
  'place',
  'area',
  'crop',
  'size',
  'test',
  'result',
  'unit',
] as const
/** Whose a sample is and of what ground, as far as a file says. */
export const aboutSample = ['code', 'date', 'laboratory', 'client', 'place', 'area', 'crop', 'size'] as const
export type AboutSample = (typeof aboutSample)[number]
export type Meaning = LineField | (typeof otherMeanings)[number]

/** What the name of a column or line says. */
export interface Named {
  /** Undefined where it is not known, or where it could be taken for something else. */
  readonly meaning?: Meaning
  /** The unit that it names; null where it names one that this field does not have; undefined where it names none. */
  readonly unit?: string | null
  readonly extractant?: ExtractantId
  readonly buffer?: BufferKind
  readonly micronutrients?: MicronutrientMethod
  readonly boron?: BoronMethod
  readonly pHIn?: 'salt'
}

/** Names as they are written, in lower case. NO₃ without “-N” and oxides are left out: they are other quantities. */
const names: readonly (readonly [Meaning, readonly string[]])[] = [
  ...tests.map(({ id, names: those }) => [id, those] as const),
  ['recommends.lime', ['lime', 'limestone', 'lime recommendation', 'lime requirement', 'lime needed']],
  ['recommends.sulfur', ['elemental sulfur', 'sulfur to lower ph']],
  ['recommends.N', ['nitrogen', 'n']],
  ['recommends.P₂O₅', ['p2o5', 'phosphate']],
  ['recommends.K₂O', ['k2o', 'potash']],
  ['code', ['sample', 'sample id', 'sample code', 'sample no', 'sample number', 'sample name', 'id', 'code', 'lab no']],
  ['date', ['date', 'date reported', 'report date', 'reported', 'date received', 'date sampled', 'sampled']],
  ['laboratory', ['laboratory', 'lab', 'lab name']],
  ['client', ['client', 'client name', 'customer', 'customer name', 'name', 'owner', 'homeowner', 'grower', 'account']],
  ['place', ['address', 'street', 'street address', 'property', 'site', 'site address', 'location', 'farm']],
  ['area', ['area', 'bed', 'plot', 'field', 'field id', 'description', 'sample description', 'area name']],
  ['crop', ['crop', 'plant', 'plants', 'planting', 'intended crop', 'crop to grow', 'crop grown']],
  ['size', ['size', 'area size', 'square feet', 'sq ft', 'sqft', 'size sq ft', 'area sq ft', 'acres', 'size acres']],
  ['test', ['test', 'analyte', 'parameter', 'determination', 'analysis', 'element', 'nutrient']],
  ['result', ['result', 'value', 'reading', 'results', 'concentration', 'measured']],
  ['unit', ['unit', 'units', 'uom']],
]
const meanings = new Map(names.flatMap(([meaning, those]) => those.map((name) => [name, meaning] as const)))

const methods: readonly (readonly [RegExp, Omit<Named, 'meaning' | 'unit'>])[] = [
  [/\bmehlich[\s-]*(?:3|iii)\b|\bm-?3\b/, { extractant: 'mehlich-3', micronutrients: 'mehlich-3', boron: 'mehlich-3' }],
  [/\bmehlich[\s-]*(?:1|i)\b|\bm-?1\b|\bdouble acid\b/, { extractant: 'mehlich-1', micronutrients: 'mehlich-1' }],
  // The strong Bray is another extractant.
  [/\bbray[\s-]*p?-?(?:2|ii)\b|\bstrong bray\b/, { extractant: 'other' }],
  [/\bbray(?:[\s-]*p?-?[1i])?\b/, { extractant: 'bray-1' }],
  [/\bolsen\b|\bbicarb(?:onate)?\b/, { extractant: 'olsen' }],
  [/\b(?:modified )?morgan\b/, { extractant: 'morgan' }],
  [/\bsme\b|\bsaturated media(?: extract)?\b/, { extractant: 'saturated-media' }],
  [/\bdtpa\b/, { micronutrients: 'DTPA' }],
  [/\bhot[\s-]*water\b/, { boron: 'hot-water' }],
  ...Object.entries(buffers).map(([buffer, { names: said }]) => [said, { buffer: buffer as BufferKind }] as const),
  [/\b(?:cacl2|0\.01 m|salt)\b(?!s)/, { pHIn: 'salt' }],
  [/\b(?:icp|colou?r(?:imetric)?|ammonium acetate|nh4oac|extractable|available)\b/, {}],
]

/** Units as one meets them at the end of a name, whether a field has them or not. */
const unitAtEnd =
  /(?:^|[\s,_:(/[-])((?:m|µ|u|k|n)?g\s*\/\s*(?:100\s*g|kg|g|l|dm3|ha|m2|m²)|ppm|ppb|pp2m|%|percent|pct|(?:lbs?|pounds|#|tons?|t)\s*(?:\/|per)\s*(?:acre|ac|a|1,?000(?:\s*(?:sq\.?\s*ft|ft2|ft²))?|100(?:\s*(?:sq\.?\s*ft|ft2|ft²))?|m|k)|(?:c?mol|meq|me|cmolc)(?:\(c\)|c)?\s*\/\s*(?:100\s*g|kg)|[dmu]s\s*\/\s*c?m|mmhos?(?:\s*\/\s*cm)?|index|inches|inch|in|cm)\s*[)\]]?\s*$/

const fold = (text: string) =>
  text
    .toLowerCase()
    .replace(/₂/g, '2')
    .replace(/₃/g, '3')
    .replace(/₄/g, '4')
    .replace(/₅/g, '5')
    .replace(/μ/g, 'µ')
    .replace(/\s+/g, ' ')
    .trim()

/**
 * The unit of a field that these words mean; null where they mean none of its units.
 *
 * @example unitNamed('K', 'lbs/A') // 'lb/acre'
 */
export function unitNamed(field: LineField, words: string): string | null {
  const said = fold(words).replace(/\s*\/\s*/g, '/')
  const same = said === 'ug/g' || said === 'µg/g' ? 'mg/kg' : said === 'pct' ? '%' : said
  const { units } = lineField(field)
  return units.find(({ unit, words: those }) => those.includes(same) || fold(unit) === same)?.unit ?? null
}

/**
 * The unit at the end of a text, in its own words and lower case; undefined where there is none.
 *
 * @example unitWordsIn('Phosphorus (P), ppm') // 'ppm'
 */
export const unitWordsIn = (text: string): string | undefined => unitAtEnd.exec(fold(text))?.[1]

/** Whether this is a unit at all, of whatever field. */
export const isUnitWord = (text: string): boolean => {
  const said = fold(text)
  return said !== '' && unitAtEnd.exec(said)?.[1]?.length === said.replace(/[)\]]$/, '').replace(/^[([]/, '').length
}

/**
 * What the name of a column or line of a laboratory's table says: `P (ppm)`, `Mehlich-3 K, lb/ac`, `SMP buffer pH`.
 * Nothing is taken where it could be something else: oxides of a soil test, nitrate that may be NO₃, bases in percent of
 * the exchange.
 *
 * @example named('M3-K [mg/kg]') // { meaning: 'K', unit: 'ppm', extractant: 'mehlich-3', … }
 */
export function named(text: string): Named {
  let rest = fold(text)
  const unitWords = unitAtEnd.exec(rest)?.[1]
  if (unitWords !== undefined && unitWords !== rest) rest = rest.slice(0, rest.lastIndexOf(unitWords))
  const said: Named[] = []
  for (const [pattern, what] of methods) {
    if (pattern.test(rest)) {
      said.push(what)
      rest = rest.replace(pattern, ' ')
    }
  }
  const asked = /\b(?:rec|recs|recommended|recommendation|apply|needed|need|requirement)\b\.?/
  const recommends = asked.test(rest)
  const bare = tidy(rest)
  const plain = meanings.get(bare) ?? twice(rest.replace(asked, ' ')) ?? meanings.get(tidy(rest.replace(asked, ' ')))
  const settledOn = settled(plain, recommends, unitWords, tidy(rest.replace(asked, ' ')))
  const { pHIn, ...manner } = Object.assign({}, ...said.reverse()) as Named
  const meaning = withManner(settledOn, manner, bare, fold(text))
  // Salt is the basis of a pH; an element in CaCl₂ is by no extractant of ours.
  if (meaning === 'pH' && pHIn) return { ...manner, meaning, pHIn }
  if (pHIn) return manner
  if (meaning === undefined || !isLine(meaning)) return { ...manner, meaning }
  if (unitWords === undefined || unitWords === fold(text)) return { ...manner, meaning }
  const unit = unitNamed(meaning, unitWords)
  // `Ca, %` is its share of the exchange, not calcium.
  return unit === null && /%|percent|pct|meq|mol/.test(unitWords) ? manner : { ...manner, meaning, unit }
}

/** `Phosphorus (P)` says one thing twice; `Phosphorus (P2O5)` does not. */
function twice(text: string): Meaning | undefined {
  const [, name, symbol] = /^(.*?)[\s,]*[([]\s*([a-z0-9]+)\s*[)\]]?[\s,:()[\]]*$/.exec(text) ?? []
  const meaning = meanings.get(tidy(name ?? ''))
  return meaning !== undefined && meaning === meanings.get(symbol!) ? meaning : undefined
}

/** `SMP pH` is its buffer's; `Bray P1` names the element with the method; a lime index is ten times a buffer pH. */
function withManner(meaning: Meaning | undefined, { buffer, extractant }: Named, bare: string, whole: string) {
  if (/\blime (?:test )?index\b/.test(whole)) return undefined
  if (meaning === 'pH' && buffer) return 'bufferPH'
  return meaning === undefined && bare === '' && extractant === 'bray-1' && /p/.test(whole) ? 'P' : meaning
}

const tidy = (text: string) =>
  text
    .replace(/[()[\]]/g, ' ')
    .replace(/[_:]/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,./-]+|[\s,/-]+$/g, '')

export const isLine = (meaning: Meaning): meaning is LineField =>
  !(otherMeanings as readonly string[]).includes(meaning)

/** The line that a name means; null where it means none. */
export const lineNamed = ({ meaning }: Pick<Named, 'meaning'>): LineField | null =>
  meaning !== undefined && isLine(meaning) ? meaning : null

const rateUnits = /^(?:lbs?|pounds|#|tons?|t)\s*(?:\/|per)\s*(?:1,?000|100|m|k)/

/** N, phosphate and potash are the laboratory's own lines where the name says so, or where a rate per ft² stands by it. */
function settled(
  meaning: Meaning | undefined,
  recommends: boolean,
  unit: string | undefined,
  name: string,
): Meaning | undefined {
  if (meaning === undefined) return undefined
  const rate = recommends || (unit !== undefined && rateUnits.test(unit))
  if (recommendedIn(meaning as LineField) && !/lime/.test(name)) return rate ? meaning : undefined
  if (!recommends) return meaning
  const nutrient = `recommends.${meaning}`
  return (otherNutrients as readonly string[]).includes(meaning)
    ? (nutrient as LineField)
    : isLine(meaning) && recommendedIn(meaning)
      ? meaning
      : undefined
}
