import * as fc from 'fast-check'
import { groupOf } from './core/bags/house'
import { barredBy, outOfPlace } from './core/bags/one-fertilizer'
import { anywhere } from './core/calendar/local'
import { inSeason } from './core/case/in-season'
import { guides } from './core/guides/guides'
import { letterOf, type LetterPass } from './core/letter/letter'
import { mostPrinted } from './core/needs/hold'
import { majorsOf } from './core/needs/need'
import type { AreaPlan } from './core/plan/plan'
import { feedingFor } from './core/recommend'
import { housed } from './core/shelf/house'
import { feeds } from './core/shelf/product'
import { shippedProducts } from './core/shelf/products'
import { anyPlanned, caseOf, rulesOf, today } from './core/testing/any-planned'
import { plan } from './core/testing/planned'
import { isMajor } from './core/units/quantity'
import type { Case } from './core/case/case'
import { english } from './wording/languages'
import { wordLetter } from './wording/letter'
import { spanish } from './wording/spanish'

const both = [
  ['en', english, / in any fertilizer that holds it/],
  ['es', spanish, / en un fertilizante que lo tenga/],
] as const

/** A product of the office that may go on an area brings a nutrient, in no more than any ground is given. */
function couldBring(kase: Case, { areaId, found }: AreaPlan, { pass, treatment }: LetterPass): boolean {
  const area = kase.areas.find(({ id }) => id === areaId)!
  const feeding = feedingFor(kase, inSeason(area, kase.season), guides, shippedProducts, anywhere)!
  const { nutrient } = pass
  if (!nutrient || !isMajor(nutrient)) return false
  if (treatment.all.value.v > (mostPrinted[nutrient] * feeding.area.value.v) / 1_000) return false
  const needs = majorsOf(found.answer!)
  // Three products meet three needs.
  const there = new Set(needs.length > 0 ? [] : [nutrient])
  return housed(anywhere.house, groupOf(feeding), shippedProducts).some(
    (one) =>
      one.feeding.grade[nutrient] > 0 &&
      !there.has(nutrient) &&
      !outOfPlace(one, feeding, false) &&
      barredBy(one, feeding, 0, needs).length === 0,
  )
}

const sentences = (text: string): readonly string[] => text.split(/(?<=[.!?:;])\s/)
const words = (sentence: string): number => sentence.trim().split(/\s+/).length

/** Most words of a sentence. Source: common practice in plain writing. */
const most = 20

test('letters of cases as they come, in both languages: what to do, how much and how, in sentences a client reads once', () => {
  const found = new Map<string, string>()
  const runs = { numRuns: Number(process.env.LETTERS ?? 300), seed: 33 }
  for (const [i, one] of fc.sample(anyPlanned, runs).entries()) {
    const kase = caseOf(one)
    const made = plan(kase, today, { rules: rulesOf(one.most) })
    const letter = letterOf(kase, made)
    const fault = (what: string) => found.set(what.replace(/[\d.]+/g, '#'), `${i}: ${what}`)
    letter.areas.forEach((area) => {
      const planned = made.areas.find(({ areaId }) => areaId === area.areaId)!
      for (const pass of area.passes)
        if (!pass.pass.product && couldBring(kase, planned, pass)) fault(`bare ${pass.pass.nutrient}`)
      const phosphorus = area.passes.some(({ pass: { product, nutrient } }) =>
        product ? feeds(product) && product.feeding.grade['P₂O₅'] > 0 : nutrient === 'P₂O₅',
      )
      if (phosphorus && area.says.some(({ key }) => key === 'headline.no-P' || key === 'headline.no-P-low-K'))
        fault('phosphorus is given where none is needed')
    })
    for (const [language, spoken] of both) {
      const worded = wordLetter(letter, spoken, language, kase.measures)
      for (const { when, rows } of worded.steps)
        for (const { what, amount, when: how } of rows) {
          if (!when) fault('no day')
          if (!what || (amount === '' && what !== spoken.letter.test)) fault(`nothing of ${what}`)
          if (amount !== '' && !how) fault(`${what}: no how`)
        }
      const said = [
        ...worded.areas.flatMap(({ id, says }) => says.map(({ text }) => [id, text] as const)),
        ...[...worded.cautions, ...worded.foot].map(({ text }) => ['', text] as const),
        ...worded.steps.flatMap(({ rows }) => rows.map(({ when }) => ['row', when] as const)),
      ]
      for (const [, text] of said)
        for (const sentence of sentences(text))
          if (words(sentence) > most) fault(`${words(sentence)} words: ${sentence}`)
      const ofArea = said.filter(([id]) => id !== 'row').map(([id, text]) => `${id} ${text}`)
      for (const text of ofArea) if (ofArea.indexOf(text) !== ofArea.lastIndexOf(text)) fault(`twice: ${text}`)
    }
  }
  expect([...found.values()]).toEqual([])
})
