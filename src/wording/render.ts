import type { Sentence, Text } from '../core/told/sentence'
import { en } from './interface/catalogue'
import type { Measures } from './format'

/**
 * Puts a sentence of the core into the interface's words. Throws ReferenceError for a key that it does not have, which
 * the catalogue's test keeps from happening.
 *
 * @example render(say('missing.crop')) // 'Choose what grows here.'
 */
export function render(sentence: Sentence, measures: Measures = 'feet'): string {
  const phrase = en[sentence.key]
  if (!phrase) throw new ReferenceError(`no words for ${sentence.key}`)
  return phrase(sentence.args, measures)
}

export const textOf = (text: Text): string => text.en
