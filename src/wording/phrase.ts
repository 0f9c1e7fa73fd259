import type { Key } from '../core/sentence/keys'
import type { ArgsOf, Sentence, SentenceArg } from '../core/sentence/sentence'
import { namesOfTests, tests } from '../core/report/tests'
import type { TestDefinition } from '../core/report/tests/definition'
import { figure, pHFigure, type Measures } from './format'

/** How each sentence is worded, of nothing but what it is told of. */
export type Phrases = { readonly [K in Key]: (args: Readonly<ArgsOf<K>>, measures: Measures) => string }
/** A phrase for a sentence that is known only by what it is: the two belong together. */
type Phrase = (args: Sentence['args'], measures: Measures) => string

/** A sentence by the words that there are for it. Throws ReferenceError where there are none. */
export function worded(words: Partial<Phrases>, { key, args }: Sentence, measures: Measures): string {
  const phrase = words[key] as Phrase | undefined
  if (!phrase) throw new ReferenceError(`no words for ${key}`)
  return phrase(args, measures)
}

export const text = (arg: SentenceArg | undefined): string =>
  arg !== null && typeof arg === 'object' ? arg.en : typeof arg === 'number' ? figure(arg) : String(arg ?? '')
export const num = (arg: SentenceArg | undefined): number => Number(arg)
export const pH = (arg: SentenceArg | undefined): string => pHFigure(num(arg))
export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
/** What somebody typed, as a sentence. */
export const ended = (words: string): string => (/[.!?]$/.test(words) ? words : `${words}.`)
export const either = (words: readonly string[]) =>
  words.length < 3 ? words.join(' and ') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/** What a printed rate is of. */
export const stuff: Readonly<Record<string, string>> = {
  lime: 'lime',
  sulfur: 'sulfur',
  N: 'nitrogen',
  'P₂O₅': 'phosphate (P₂O₅)',
  'K₂O': 'potash (K₂O)',
  S: 'sulfur',
}

export const nutrient: Readonly<Record<string, string>> = {
  ...namesOfTests('en'),
  N: 'nitrogen',
  'P₂O₅': 'phosphate',
  'K₂O': 'potash',
}
/** What a law speaks of. */
export const banned: Readonly<Record<string, string>> = { ...nutrient, 'P₂O₅': 'phosphorus' }
export const classWords: Readonly<Record<string, string>> = {
  'very-low': 'very low',
  low: 'low',
  medium: 'medium',
  optimum: 'optimum',
  excess: 'above optimum',
}
export const substances: Readonly<Record<string, string>> = { product: 'lime', 'CaCO₃': 'pure lime', S: 'sulfur' }

/** Lines of a reading. Two are not called as the test that they rest on. */
const lineNames: Readonly<Record<string, string>> = {
  ...Object.fromEntries(tests.map(({ id, label, short }: TestDefinition) => [id, (short ?? label).en])),
  buffer: 'Buffer pH',
  EC: 'Salts',
  sodium: 'Sodium',
}

/** Classes of a reading's lines, as words. */
const lineClasses: Readonly<Record<string, string>> = {
  ...classWords,
  enough: 'Enough',
  typical: 'Typical',
  high: 'High',
  acceptable: 'Acceptable',
  sandy: 'Low',
  heavy: 'High',
  'very-high': 'Very high',
  low: 'Low',
  optimum: 'Optimum',
  'well-used': 'Well used',
  'left-over': 'Left over',
  'too-much': 'Too much',
  negligible: 'Negligible',
  'very-sensitive': 'Some',
  'many-crops': 'Many',
  'only-tolerant': 'Very many',
  'very-few': 'Extreme',
  'build-up': 'Low',
  maintain: 'Enough',
  'draw-down': 'High',
  sodic: 'Sodic',
  'not-sodic': 'Not sodic',
  'below-precaution': 'Below precaution',
  precaution: 'Above precaution',
  screening: 'Above screening',
  'no-food': 'No food crops',
  removal: 'Soil to be removed',
}

/** A class as a word; one that is a word already, as reactions are, stands as it is. */
export const classWord = (className: string): string => lineClasses[className] ?? className
export const lineName = (id: string): string => lineNames[id] ?? id
