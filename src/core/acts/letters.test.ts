import { blankCase } from '../case/blank'
import { changeBetween } from '../case/changes'
import type { GivenLetter } from '../case/decisions'
import { inputsOf } from '../letter/inputs'
import { freezeLetter, handOut, thawLetter, writeSentence } from './letters'

const kase = blankCase('c', '2026-11-26T10:00:00.000Z')
const at = '2026-11-26T11:00:00.000Z'
const given: GivenLetter = {
  id: 'one',
  at,
  by: 'MV',
  checkedBy: 'TB',
  language: 'en',
  inputs: '0'.repeat(64),
  core: '0.8.0',
  handed: null,
  document: '{}',
}
const words = { words: 'Come back soon.', was: 'Test again.', by: 'MV', at }

test('what was checked stands until it is let go, and stays among the letters', () => {
  const frozen = freezeLetter(given)(kase)
  expect(frozen.letter).toMatchObject({ frozen: 'one', printedAt: null })
  const out = { ...given, id: 'out', handed: at }
  const handed = handOut({ ...out, document: '{"live":1}' })(frozen)
  expect(handed).toMatchObject({ letters: [{ id: 'one', handed: at }], letter: { frozen: 'one', printedAt: at } })
  expect(handOut({ ...out, handed: '2027-01-01T00:00:00.000Z' })(handed)).toBe(handed)
  expect(thawLetter(handed)).toMatchObject({ letters: [{ id: 'one' }], letter: { frozen: null } })
  expect(handOut(out)(kase)).toMatchObject({ letters: [{ id: 'out' }], letter: { printedAt: at } })
})

test('a letter is kept once, and what was only checked is noted as handed out when it leaves', () => {
  const out = { ...given, id: 'out', handed: at }
  const once = handOut(out)(kase)
  expect(handOut({ ...out, id: 'again' })(once)).toBe(once)
  expect(handOut({ ...out, id: 'other', document: '{"other":1}' })(once).letters).toHaveLength(2)
  const thawed = thawLetter(freezeLetter(given)(kase))
  expect(handOut(out)(thawed).letters).toMatchObject([{ id: 'one', handed: at }])
})

test('a sentence in own words is a change of its own, also where only ours became another', () => {
  const written = writeSentence('en/retest', words)(kase)
  const seen = writeSentence('en/retest', { ...words, was: 'Test in spring.' })(written)
  expect(changeBetween(written, seen).patches).toHaveLength(1)
  expect(writeSentence('en/retest', undefined)(seen).letter.edits).toEqual({})
})

test('a letter comes of everything but who signs it and what became of earlier ones', () => {
  const same = [{ rev: 7 }, { updatedAt: at }, { letters: [given] }, { calendarSent: ['x'] }, { draftedBy: 'TB' }]
  for (const parts of same) expect(inputsOf({ ...kase, ...parts })).toBe(inputsOf(kase))
  expect(inputsOf(Object.fromEntries(Object.entries(kase).reverse()) as never)).toBe(inputsOf(kase))
  const others = [
    { client: 'Aldous' },
    { measures: 'metres' as const },
    { season: '2027' },
    writeSentence('a', words)(kase),
  ]
  for (const parts of others) expect(inputsOf({ ...kase, ...parts })).not.toBe(inputsOf(kase))
})
