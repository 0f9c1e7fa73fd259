import { syllable } from 'syllable'
import { letterOf } from '../core/letter/letter'
import { plan } from '../core/testing/planned'
import { sampleCases } from '../demo/sample-cases'
import { english } from '../wording/languages'
import { wordLetter, type WordedLetter } from '../wording/letter'
import { spanish } from '../wording/spanish'

const letters = sampleCases.map((kase) => {
  return { kase, letter: letterOf(kase, plan(kase)) }
})

/** The sentences of a letter, without tables and signatures. Only a full stop ends one. */
const proseOf = ({ areas, cautions, foot }: WordedLetter): readonly string[] =>
  [...areas.flatMap(({ says }) => says), ...cautions, ...foot]
    .flatMap(({ text }) => text.split(/(?<=[.!?])\s+/))
    .filter((sentence) => /\p{L}{2}/u.test(sentence))

const wordsOf = (text: string): readonly string[] => text.match(/\p{L}+/gu) ?? []

/** Syllables of a Spanish word: strong vowels each, weak ones with a neighbour unless they are accented. */
function syllablesES(word: string): number {
  const letters = word
    .toLowerCase()
    .replace(/qu(?=[eiéí])/g, 'k')
    .replace(/gu(?=[eiéí])/g, 'g')
    .replace(/y(?![aeiouáéíóú])/g, 'i')
  const groups = letters.match(/[aeoáéóíúiuü]+/g) ?? []
  const inGroup = (group: string) => {
    let count = 0
    let before = ''
    for (const vowel of group) {
      const strong = (one: string) => 'aeoáéóíú'.includes(one) && one !== ''
      if (before === '' || (strong(before) && strong(vowel))) count += 1
      before = strong(vowel) || !strong(before) ? vowel : before
    }
    return count
  }
  return Math.max(
    1,
    groups.reduce((sum, group) => sum + inGroup(group), 0),
  )
}

test.each([
  ['cal', 1],
  ['suelo', 2],
  ['análisis', 4],
  ['día', 2],
  ['tierra', 2],
  ['quema', 2],
  ['siguiente', 3],
  ['aérea', 4],
  ['muy', 1],
])('%s has %i syllables', (word, count) => expect(syllablesES(word)).toBe(count))

describe.each(letters.map((one) => [one.kase.id, one] as const))('the letter of %s', (_, { kase, letter }) => {
  /** Flesch–Kincaid grade (Kincaid and others 1975): 0.39 words a sentence + 11.8 syllables a word − 15.59. */
  test('is read at grade 8 or below in English', () => {
    const sentences = proseOf(wordLetter(letter, english, 'en', kase.measures))
    const words = sentences.flatMap(wordsOf)
    const syllables = words.reduce((sum, word) => sum + syllable(word), 0)
    const grade = (0.39 * words.length) / sentences.length + (11.8 * syllables) / words.length - 15.59
    expect(grade).toBeLessThanOrEqual(8)
  })
  /** Fernández Huerta (1959), as corrected by Law: 206.84 − 60 syllables a word − 1.02 words a sentence; from 80 it is easy. */
  test('is easy in Spanish', () => {
    const sentences = proseOf(wordLetter(letter, spanish, 'es', kase.measures))
    const words = sentences.flatMap(wordsOf)
    const syllables = words.reduce((sum, word) => sum + syllablesES(word), 0)
    const ease = 206.84 - (60 * syllables) / words.length - (1.02 * words.length) / sentences.length
    expect(ease).toBeGreaterThanOrEqual(80)
  })
})
