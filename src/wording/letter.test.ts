import { plan } from '../core/testing/planned'
import * as fc from 'fast-check'
import { guides } from '../core/guides/guides'
import { cardsOf } from '../core/letter/cards'
import { letterOf, type Letter } from '../core/letter/letter'
import { majorsOf, minorsOf } from '../core/needs/need'
import { doseOf } from '../core/needs/reaction'
import { recommend } from '../core/recommend'
import { anyCase, build } from '../core/testing/any-case'
import { blankSeason } from '../core/case/blank'
import type { AreaInSeason } from '../core/case/in-season'
import type { ReportParts } from '../core/report/report-with'
import { oneArea, typed } from '../core/testing/one-area'
import { sampleCases } from '../demo/sample-cases'
import type { Case } from '../core/case/case'
import type { Language } from '../core/sentence/text'
import { english, type ClientWords } from './languages'
import { worded as inWords } from './phrase'
import type { Sentence } from '../core/sentence/sentence'
import { wordCard } from './cards'
import { wordLetter, type Line, type WordedLetter } from './letter'
import { longDate } from './long-date'
import { spanish } from './spanish'

const cases = [...sampleCases, ...fc.sample(anyCase, { numRuns: 300, seed: 11 }).map(build)]
const letters = cases.map((kase): [Case, Letter] => [kase, letterOf(kase, plan(kase))])
const both: readonly (readonly [Language, ClientWords])[] = [
  ['en', english],
  ['es', spanish],
]
const worded = (letter: Letter, [language, words]: (typeof both)[number], measures: 'feet' | 'metres' = 'feet') =>
  wordLetter(letter, words, language, measures)
const worded_ = (sentence: Sentence, words: ClientWords) => inWords(words.matters, sentence, 'feet')
const textsOf = (lines: readonly Line[]): readonly string[] => lines.map(({ text }) => text)
const everyWord = ({ title, addressee, date, areas, cautions, cautionsTitle, columns, ...below }: WordedLetter) => [
  ...[title, addressee, date, cautionsTitle, ...columns, ...textsOf(cautions), below.toBuyTitle, ...below.toBuy],
  ...[...textsOf(below.foot), ...below.signed, below.draft, below.stepsTitle],
  ...below.steps.flatMap(({ when, rows }) => [when, ...rows.flatMap(Object.values)]),
  ...areas.flatMap(({ name, about, says, instead, rows }) => [
    name,
    about,
    ...textsOf(says),
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
        const mix = answer.fertilizer?.mix.ok ? answer.fertilizer.mix.value : undefined
        const own = mix && mix.barred.length === 0 ? mix : undefined
        const named = own ? answer.filled : answer.house
        const supplies = (named ?? own)?.supplies
        const short = supplies?.filter(
          ({ supplied, wanted }) => typeof wanted !== 'string' && supplied.value.v < 0.9 * wanted.value.v,
        )
        const needs = supplies
          ? (own ? 1 : 0) + (named?.products.length ?? 0) + short!.length
          : majorsOf(answer).filter(({ passes }) => passes).length
        const carried = minorsOf(answer).filter(({ outcome }) => outcome === 'apply').length
        const things = new Set(letter.areas[i]!.passes.map(({ treatment }) => treatment.key))
        expect(things.size).toBe((doseOf(answer.reaction) ? 1 : 0) + carried + needs)
        for (const { what, amount, when } of rows) expect([what, amount, when].every((word) => word !== '')).toBe(true)
      })
    }
  })
  /** Whatever the sheets warn of, hold back or cannot tell, the client is told. */
  test('says every ban, hold, gate, and what is short or not known', () => {
    const [nutrients, matters] = [language[1].letter.nutrients, language[1].matters]
    for (const [kase, letter] of letters) {
      const answers = recommend(kase, guides).areas.flatMap(({ answer }) => answer ?? [])
      worded(letter, language).areas.forEach(({ says: lines, rows }, i) => {
        const says = textsOf(lines).join(' ')
        const answer = answers[i]!
        const says_ = says.toLowerCase()
        for (const need of answer.needs) {
          const name = nutrients[need.of]?.toLowerCase()
          if (need.barred === 'ban')
            expect(says).toContain(matters['headline.banned']({ nutrient: need.of, name: need.ban!.name }, 'feet'))
          if (need.outcome === 'check') expect(says).toContain(worded_(need.why, language[1]))
          const told = ['headline.N-only-known', 'headline.P-K-unknown'] as const
          const unknown = need.of !== 'N' && told.some((key) => says.includes(matters[key]({}, 'feet')))
          if (name && (need.outcome === 'by-label' || (need.outcome === 'unknown' && !unknown)))
            expect(says_).toContain(name)
          if (name && need.outcome === 'apply' && !need.product && !answer.fertilizer?.mix.ok && !answer.house)
            expect(rows.some(({ what }) => what.toLowerCase().startsWith(name))).toBe(true)
        }
        for (const { id, className } of answer.reading)
          if (className === 'low' && nutrients[id] && ['Mg', 'Ca', 'S', 'B', 'Zn', 'Mn', 'Fe', 'Cu'].includes(id))
            expect(
              says_.includes(nutrients[id].toLowerCase()) || rows.some(({ what }) => what.includes(`(${id})`)),
            ).toBe(true)
        const dose = doseOf(answer.reaction)
        // What waits for a test is in the timetable under that test alone.
        if (dose && dose.passes.count > 2)
          expect(letter.areas[i]!.tests.some(({ before }) => before !== null)).toBe(true)
        if (dose) expect(letter.purchases.some(({ product }) => product === dose.product.material)).toBe(true)
      })
    }
  })
  test('says every caution once', () => {
    for (const [, letter] of letters) {
      const { cautions } = worded(letter, language)
      expect(new Set(textsOf(cautions)).size).toBe(letter.cautions.length)
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
      .filter(
        (word) =>
          inEnglish.has(word) &&
          !String(word)
            .split(', ')
            .every((name) => same.has(name)) &&
          !/urea/.test(word) &&
          /[a-z]{4}/i.test(word),
      )
    expect([...new Set(left)]).toEqual([])
  })
  test('holds no letter that the shipped fonts lack', () => {
    const shipped = /^[\u0000-\u00ff\u2000-\u206f\u2212₂₃₅]*$/
    const words = letters.flatMap(([, letter]) => everyWord(worded(letter, both[1]!)))
    expect([...new Set(words.filter((word) => !shipped.test(word)))]).toEqual([])
  })
})

test('dates are those of the language; what is no day stays away', () => {
  expect(longDate('2026-10-19', 'en-US')).toBe('October 19, 2026')
  expect(longDate('2026-10-19', 'es-US')).toBe('19 de octubre de 2026')
  expect(longDate('soon', 'es-US')).toBe('')
})

/** A card for each pass: all of them together are what the letter says. */
describe.each(both)('cards in %s', (language, words) => {
  test('add up to what the letter gives, and leave no caution out', () => {
    let seen = 0
    for (const [kase, letter] of letters) {
      const cards = cardsOf(plan(kase))
      for (const { passes, areaId } of letter.areas) {
        const own = passes.filter(({ pass }) => pass.product !== null).map(({ pass }) => pass)
        expect(cards.filter(({ pass }) => pass.areaId === areaId).map(({ pass }) => pass)).toEqual(own)
        seen += own.length
      }
      // Ground that is limed or acidified, and fed, has a card for every word of caution.
      for (const { areaId, answer } of recommend(kase, guides).areas) {
        const own = cards.filter(({ pass }) => pass.areaId === areaId)
        const isFor = (...needs: readonly string[]) => own.some(({ pass }) => needs.includes(pass.need))
        if (!answer || !isFor('lime', 'sulfur') || !isFor('fertilizer')) continue
        const told = new Set(own.flatMap(({ cautions }) => cautions.map(({ key }) => key)))
        expect(answer.cautions.map(({ key }) => key).filter((key) => !told.has(key))).toEqual([])
      }
      for (const card of cards) {
        const { cautions, ...said } = wordCard(card, words, language, 'feet')
        expect([...cautions, ...Object.values(said)].join(' ')).not.toMatch(/undefined|NaN|null|Infinity|\[object/)
        expect([said.what, said.amount, said.where].every((word) => word !== '')).toBe(true)
      }
    }
    expect(seen).toBeGreaterThan(100)
  })
})

test('the school garden’s letter, as it is read', () => {
  const [, letter] = letters[0]!
  const [strip] = worded(letter, both[1]!).areas
  expect(strip).toMatchObject({
    name: 'In-ground strip',
    about: '9 pies × 31 pies, hortalizas variadas',
    rows: [
      { what: 'cal en gránulos, dolomítica', when: 'mezcle con la tierra, a 6 pulgadas de hondo' },
      {
        what: '21-0-0 sulfato de amonio',
        when: '2 aplicaciones; antes de plantar; mezcle con la tierra de arriba',
      },
      { what: '0-0-50 sulfato de potasio', when: 'mezcle con la tierra de arriba' },
    ],
  })
})

test.each(both)('in %s an area of which nothing can be said is named all the same', (...language) => {
  const [kase] = letters[0]!
  const more: Case = {
    ...kase,
    areas: [
      ...kase.areas,
      { ...kase.areas[0]!, id: 'late', name: 'Rose bed', size: { text: '', unit: '', value: null }, shapes: [] },
    ],
  }
  const letter = letterOf(more, plan(more))
  expect(letter.open).toEqual(['Rose bed'])
  expect(worded(letter, language).foot[0]!.text).toContain('Rose bed')
})

/** What a client would wonder at is said: common practice. */
test.each<[string, Partial<AreaInSeason>, ReportParts, RegExp]>([
  ['clover makes its own', { crop: 'clover' }, { pH: typed('6.5') }, /makes its own, if the seed was inoculated/],
  ['nitrate is left over', { crop: 'tomato' }, { pH: typed('6.5'), nitrate: typed('300', 'ppm') }, /still has enough/],
  // Scab above 5.5, and a pH in salt 0.5 to 0.6 below that in water: common practice.
  ['potatoes get scab', { crop: 'potato' }, { pH: typed('6.4') }, /pH 6\.4: potato gets scab above 5\.5\. Add no lime/],
  ['nor within their span', { crop: 'potato' }, { pH: typed('5.8') }, /gets scab above 5\.5/],
  [
    'a pH was measured in salt',
    { crop: 'tomato' },
    { pH: typed('5.6'), pHIn: 'salt' },
    /measured pH 5\.6 in a salt solution\. That is about 6\.15 in water/,
  ],
  [
    'nitrogen is left off for long shoots',
    {
      crop: 'apple',
      plants: { ...blankSeason.plants, count: typed('3', ''), age: typed('8', 'years'), shoots: typed('20', 'in') },
    },
    { pH: typed('6.5') },
    /shoots are long enough/,
  ],
  [
    'rich soil feeds shrubs',
    { crop: 'conifers' },
    { pH: typed('5.5'), organicMatter: typed('9', '%') },
    /rich in organic matter/,
  ],
])('%s, and the letter says so', (_, area, report, said) => {
  const kase = oneArea({ texture: 'loam', ...area }, report)
  const [worded_] = worded(letterOf(kase, plan(kase)), both[0]!).areas
  expect(textsOf(worded_!.says).join(' ')).toMatch(said)
})
