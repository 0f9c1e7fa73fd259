import * as fc from 'fast-check'
import { guides } from '../core/guides/guides'
import { letterOf, type Letter } from '../core/letter/letter'
import { majorsOf, minorsOf } from '../core/needs/need'
import { doseOf } from '../core/needs/reaction'
import { recommend } from '../core/recommend'
import { anyCase, build } from '../core/testing/any-case'
import { sampleCases } from '../demo/sample-cases'
import type { Case } from '../core/case/case'
import type { Language } from '../core/told/text'
import { english, type ClientWords } from './languages'
import { longDate, wordLetter, type WordedLetter } from './letter'
import { spanish } from './spanish'

const cases = [...sampleCases, ...fc.sample(anyCase, { numRuns: 300, seed: 11 }).map(build)]
const letters = cases.map((kase): [Case, Letter] => [kase, letterOf(kase, recommend(kase, guides))])
const both: readonly (readonly [Language, ClientWords])[] = [
  ['en', english],
  ['es', spanish],
]
const worded = (letter: Letter, [language, words]: (typeof both)[number], measures: 'feet' | 'metres' = 'feet') =>
  wordLetter(letter, words, language, measures)
const everyWord = ({ title, addressee, date, areas, cautions, cautionsTitle, columns, foot, signed }: WordedLetter) => [
  ...[title, addressee, date, cautionsTitle, ...columns, ...cautions, ...foot, ...signed],
  ...areas.flatMap(({ name, about, says, instead, rows }) => [
    name,
    about,
    says,
    instead,
    ...rows.flatMap(Object.values),
  ]),
]

describe.each(both)('a letter in %s', (...language) => {
  test('has a word for everything, and no word that is none', () => {
    for (const [, letter] of letters)
      for (const measures of ['feet', 'metres'] as const)
        for (const word of everyWord(worded(letter, language, measures)))
          expect(word).not.toMatch(/undefined|NaN|null|Infinity|\[object/)
  })
  test('has a row for everything that is put on', () => {
    for (const [kase, letter] of letters) {
      const answers = recommend(kase, guides).areas.flatMap(({ answer }) => answer ?? [])
      worded(letter, language).areas.forEach(({ rows }, i) => {
        const answer = answers[i]!
        const bag = answer.fertilizer?.mix.ok && answer.fertilizer.mix.value.barred.length === 0
        const needs = bag ? 1 : majorsOf(answer).filter(({ passes }) => passes).length
        const carried = minorsOf(answer).filter(({ product }) => product).length
        expect(rows).toHaveLength((doseOf(answer.reaction) ? 1 : 0) + carried + needs)
        for (const { what, amount, when } of rows) expect([what, amount, when].every((word) => word !== '')).toBe(true)
      })
    }
  })
  test('says every caution once', () => {
    for (const [, letter] of letters) {
      const { cautions } = worded(letter, language)
      expect(new Set(cautions).size).toBe(letter.cautions.length)
    }
  })
})

describe('Spanish', () => {
  const inEnglish = new Set(letters.flatMap(([, letter]) => everyWord(worded(letter, both[0]!))))
  /** What people typed, and figures, are the same in any language. */
  const same = new Set(sampleCases.flatMap((kase) => kase.areas.map(({ name }) => name)))
  test('leaves nothing in English', () => {
    const left = letters
      .flatMap(([, letter]) => everyWord(worded(letter, both[1]!)))
      .filter((word) => inEnglish.has(word) && !same.has(word) && !/urea/.test(word) && /[a-z]{4}/i.test(word))
    expect([...new Set(left)]).toEqual([])
  })
  test('holds no letter that the shipped fonts lack', () => {
    const shipped = /^[\u0000-\u00ff\u2000-\u206f\u2212₂₃₅]*$/
    const words = letters.flatMap(([, letter]) => everyWord(worded(letter, both[1]!)))
    expect([...new Set(words.filter((word) => !shipped.test(word)))]).toEqual([])
  })
})

test('dates are those of the language; what is no day stays away', () => {
  expect(longDate('2026-10-19', 'en-US')).toBe('19 October 2026')
  expect(longDate('2026-10-19', 'es-US')).toBe('19 de octubre de 2026')
  expect(longDate('soon', 'es-US')).toBe('')
})

test('the school garden’s letter, as it is read', () => {
  const [, letter] = letters[0]!
  const [strip] = worded(letter, both[1]!).areas
  expect(strip).toMatchObject({
    name: 'In-ground strip',
    about: '9 pies × 31 pies, hortalizas variadas',
    rows: [{ what: 'cal en gránulos, dolomítica', when: 'una vez, mezclado con la tierra' }, {}],
  })
})
