import type { Sentence } from '../core/sentence/sentence'
import type { Text } from '../core/sentence/text'
import { en } from './interface/catalogue'
import type { Measures } from './format'
import { worded } from './phrase'

/**
 * Puts a sentence of the core into the interface's words. Throws ReferenceError for a key that it does not have, which
 * the catalogue's test keeps from happening.
 *
 * @example render(say('missing.crop')) // 'Choose what grows here.'
 */
export const render = (sentence: Sentence, measures: Measures = 'feet'): string => worded(en, sentence, measures)

export const textOf = (text: Text): string => text.en
