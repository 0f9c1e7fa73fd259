import { guides } from '../src/core/guides/guides'
import { letterOf } from '../src/core/letter/letter'
import { planOf, type Plan } from '../src/core/plan/plan'
import { recommend } from '../src/core/recommend'
import { productRef } from '../src/core/shelf/product'
import { sampleCases } from '../src/demo/sample-cases'
import { paperOf } from '../src/paper/build'
import { textOf } from '../src/paper/text'
import { english } from '../src/wording/languages'
import { spanish } from '../src/wording/spanish'

/** Prints the letters of the sample cases as text, each beside its plan: to be read aloud after every change. */
const today = '2026-11-26'
const languages = { en: english, es: spanish } as const

const planText = ({ areas, purchases }: Plan): string =>
  [
    ...areas.flatMap(({ name, passes, tests }) => [
      name,
      ...passes.map(({ pass, day, state, problems }) => {
        const what = pass.product ? productRef(pass.product) : pass.nutrient
        const keys = problems.map(({ key }) => key).join(' ')
        return `  ${day ?? 'no day'} ${state} ${pass.amount.value.v.toFixed(2)} lb ${what} ${pass.n} ${pass.how.by} ${keys}`
      }),
      ...tests.map(({ day, reason }) => `  ${day} test, ${reason.for}`),
    ]),
    ...purchases.map(({ product, all, bags }) => {
      const bought = bags.map(({ lb, count }) => `${count.value.v} × ${lb} lb`).join(', ')
      return `buy ${productRef(product)}: ${all.value.v.toFixed(2)} lb, ${bought}`
    }),
  ].join('\n')

const asked = process.argv.slice(2)
for (const kase of sampleCases.filter(({ id }) => asked.length === 0 || asked.some((one) => id.includes(one)))) {
  const plan = planOf(kase, recommend(kase, guides), { guides, today })
  console.log(`===== ${kase.id}\n\n${planText(plan)}`)
  for (const [language, words] of Object.entries(languages)) {
    const letter = letterOf(kase, plan)
    const paper = paperOf(kase, {
      letter,
      why: null,
      head: null,
      words,
      language: language as 'en' | 'es',
      before: null,
    })
    console.log(`\n----- ${language}\n\n${textOf(paper)}`)
  }
}
