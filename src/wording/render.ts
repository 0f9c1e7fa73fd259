import type { Sentence, Text } from '../core/told/sentence'
import { en } from './en'
import type { Measures } from './format'

export type Language = 'en'

const catalogues = { en } as const

/**
 * Puts a sentence of the core into words. Throws ReferenceError for a key the language does not have,
 * which the catalogue's test keeps from happening.
 *
 * @example render(say('missing.crop')) // 'Choose what grows here.'
 */
export function render(sentence: Sentence, measures: Measures = 'feet', language: Language = 'en'): string {
  const phrase = catalogues[language][sentence.key]
  if (!phrase) throw new ReferenceError(`no ${language} words for ${sentence.key}`)
  return phrase(sentence.args, measures)
}

export const textOf = (text: Text, language: Language = 'en'): string => text[language]
