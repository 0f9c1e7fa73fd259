import { readFileSync } from 'node:fs'
import Papa from 'papaparse'
import { guides } from '../src/core/guides/guides'
import { homesOf } from '../src/core/intake/match'
import { letterOf } from '../src/core/letter/letter'
import { whyOf } from '../src/core/letter/why'
import { planOf } from '../src/core/plan/plan'
import { recommend } from '../src/core/recommend'
import { shippedProducts } from '../src/core/shelf/products'
import { sampleCases } from '../src/demo/sample-cases'
import { paperOf } from '../src/paper/build'
import { pdfOf } from '../src/paper/pdf/pdf'
import type { Fonts } from '../src/paper/pdf/sheet'
import { listResults, openResults } from '../src/schemas/results-file/open'
import { english } from '../src/wording/languages'
import { wordWhy } from '../src/wording/why'
import { missingTests } from '../src/core/compare/missing'

/** How long letters take as PDF and how large they are; and a file of 10,000 homes until it is known whose each is. */
const font = (name: string) => new Uint8Array(readFileSync(`node_modules/${name}`))
const fonts: Fonts = {
  serif: font('source-serif/TTF/SourceSerif4-Regular.ttf'),
  'serif-bold': font('source-serif/TTF/SourceSerif4-Semibold.ttf'),
  sans: font('source-sans/TTF/SourceSans3-Regular.ttf'),
  'sans-bold': font('source-sans/TTF/SourceSans3-Semibold.ttf'),
}
const papers = sampleCases.map((kase) => {
  const plan = planOf(kase, recommend(kase, guides), { guides, today: '2026-11-26' })
  const letter = letterOf(kase, plan)
  const reasons = whyOf(kase, plan, (area) => missingTests(kase, area, guides, shippedProducts))
  const why = wordWhy(reasons, kase.client, english, 'en', kase.measures)
  return paperOf(kase, { letter, why, head: null, words: english, language: 'en', before: null })
})

const timed = async <Of>(run: () => Of | Promise<Of>): Promise<readonly [Of, number]> => {
  const before = performance.now()
  const made = await run()
  return [made, Math.round(performance.now() - before)]
}

async function main() {
  const [warm] = await timed(() => pdfOf([papers[1]!], fonts))
  console.log(`a letter with its page of reasons as PDF: ${Math.round(warm.length / 1_000)} kB (300 wanted)`)
  const [, once] = await timed(() => pdfOf([papers[1]!], fonts))
  console.log(`  once more: ${once} ms (2,000 wanted)`)
  const pile = Array.from({ length: 33 }, (_, i) => ({ ...papers[i % papers.length]!, why: null }))
  const [bytes, all] = await timed(() => pdfOf(pile, fonts))
  console.log(`33 letters in one PDF: ${all} ms, ${Math.round(bytes.length / 1_000)} kB`)

  const rows = Array.from({ length: 10_000 }, (_, i) => ({
    Client: `Client ${i % 7_000}`,
    Address: `Lane ${i % 7_000}`,
    'Sample ID': `S-${i}`,
    Crop: 'Sweet corn',
    'Size (sq ft)': 100 + (i % 900),
    pH: (5 + (i % 25) / 10).toFixed(1),
    'M3-P (ppm)': i % 200,
    'M3-K (ppm)': i % 300,
  }))
  const file = new TextEncoder().encode(Papa.unparse(rows))
  const known = Array.from({ length: 5_000 }, (_, i) => ({
    id: `case-${i}`,
    client: `${i} client`,
    place: `${i} lane`,
    codes: [`old-${i}`],
  }))
  const [homes, took] = await timed(() => {
    const { mapping } = openResults(file)
    return homesOf(listResults(file, mapping).samples, known)
  })
  const here = homes.filter(({ caseId }) => caseId).length
  console.log(`10,000 samples: ${homes.length} homes, ${here} of them known, in ${took} ms (2,000 wanted)`)
}

void main()
