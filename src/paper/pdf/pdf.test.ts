import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import * as fc from 'fast-check'
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Case } from '../../core/case/case'
import { guides } from '../../core/guides/guides'
import { letterOf } from '../../core/letter/letter'
import { whyOf } from '../../core/letter/why'
import { plan } from '../../core/testing/planned'
import { shippedProducts } from '../../core/shelf/products'
import { anyCase, build } from '../../core/testing/any-case'
import { sampleCases } from '../../demo/sample-cases'
import { english } from '../../wording/languages'
import { spanish } from '../../wording/spanish'
import { wordWhy } from '../../wording/why'
import { paperOf } from '../build'
import { areaOf, type Paper } from '../paper'
import { lettersMissing, pdfOf } from './pdf'
import type { Fonts } from './sheet'
import { missingTests } from '../../core/compare/missing'

const font = (name: string) => new Uint8Array(readFileSync(join('node_modules', name)))
const fonts: Fonts = {
  serif: font('source-serif/TTF/SourceSerif4-Regular.ttf'),
  'serif-bold': font('source-serif/TTF/SourceSerif4-Semibold.ttf'),
  sans: font('source-sans/TTF/SourceSans3-Regular.ttf'),
  'sans-bold': font('source-sans/TTF/SourceSans3-Semibold.ttf'),
}
const head = { name: 'Ossian Vale Extension', address: '12 Lake Road', disclaimer: 'Advice, no warranty.' }
const both = [
  ['en', english],
  ['es', spanish],
] as const

function paper(kase: Case, [language, words]: (typeof both)[number], pages = false): Paper {
  const found = plan(kase)
  const reasons = pages ? whyOf(kase, found, (area) => missingTests(kase, area, guides, shippedProducts)) : null
  const why = reasons && wordWhy(reasons, kase.client, words, language, kase.measures)
  const letter = letterOf(kase, found)
  const asked = { ...kase, letter: { ...kase.letter, workings: pages } }
  return paperOf(asked, { letter, why, head, words, language, before: null })
}

/** The text of every page in the order in which it is read aloud, spaces left out. */
async function readBack(bytes: Uint8Array) {
  const pdf = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise
  const pages: string[] = []
  for (let n = 1; n <= pdf.numPages; n += 1) {
    const { items } = await (await pdf.getPage(n)).getTextContent()
    pages.push(bare(items.map((item) => ('str' in item ? item.str : '')).join('')))
  }
  return { pdf, pages }
}
const bare = (text: string) => text.replace(/\s+/g, '')

/** Everything that a letter says, in the order of its first page. */
const wordsOf = ({ letter }: Paper): readonly string[] => [
  letter.title,
  letter.addressee,
  letter.draft,
  ...letter.areas.flatMap(({ name, says }) => [name, ...says.map(({ text }) => text)]),
  ...letter.steps.flatMap(({ when, rows }) => [
    when,
    ...rows.flatMap(({ what, amount, measure, days, when: how }, i) => [
      areaOf(rows, i),
      what,
      amount,
      measure,
      [days, how].filter(Boolean).join('; '),
    ]),
  ]),
  ...letter.toBuy,
  letter.note,
  ...letter.cautions.map(({ text }) => text),
  ...letter.foot.map(({ text }) => text),
]

/** Where each stands behind the one before; what is not there is named. */
function missingInOrder(text: string, words: readonly string[]): readonly string[] {
  let at = 0
  return words.map(bare).flatMap((word) => {
    const found = text.indexOf(word, at)
    if (found < 0) return [word]
    at = found + word.length
    return []
  })
}

describe.each(both)('the PDF in %s', (...language) => {
  test.each(sampleCases.map((kase) => [kase.id, kase] as const))(
    'of %s says everything on one page, in order, and is small',
    async (_, kase) => {
      const one = paper(kase, language, true)
      const bytes = await pdfOf([one], fonts)
      const { pdf, pages } = await readBack(bytes)
      expect(missingInOrder(pages[0]!, wordsOf(one))).toEqual([])
      for (const { name, reported, wanted } of one.why!.areas.flatMap(({ lines }) => lines))
        expect(pages.slice(1).join('')).toContain(bare(name + reported + wanted))
      for (const { steps } of one.workings!.amounts)
        for (const { arithmetic } of steps) expect(pages.join('')).toContain(bare(arithmetic))
      expect((await pdf.getMarkInfo())?.Marked).toBe(true)
      const { info } = await pdf.getMetadata()
      expect(info).toMatchObject({
        Title: `${one.letter.title}. ${one.letter.addressee}`,
        Language: `${language[0]}-US`,
      })
      expect(bytes.length).toBeLessThan(300_000)
    },
  )

  /** Every amount that the screen shows is the one on paper. */
  test('says what 60 random cases say, none of it lost', async () => {
    const papers = fc
      .sample(anyCase, { numRuns: 60, seed: 17 })
      .map((seed) => paper(build(seed), language))
      .filter(({ letter }) => letter.areas.length > 0)
    expect(papers.length).toBeGreaterThan(45)
    const { pages } = await readBack(await pdfOf(papers, fonts))
    // What stands at the foot of each page parts a sentence that goes over its end.
    const all = pages.map((page) => page.replace(/·\d+\/\d+$/, '')).join('')
    const lost = papers.flatMap(({ letter }) =>
      letter.steps
        .flatMap(({ rows }) => rows)
        .filter(({ area, what, amount, measure }) => !all.includes(bare(area + what + amount + measure))),
    )
    expect(lost).toEqual([])
  })

  test('has a glyph for every letter, and embeds its fonts', async () => {
    const { pdf } = await readBack(await pdfOf([paper(sampleCases[0]!, language, true)], fonts))
    const names = new Set<string>()
    let glyphs = 0
    for (let n = 1; n <= pdf.numPages; n += 1) {
      const page = await pdf.getPage(n)
      const { fnArray, argsArray } = await page.getOperatorList()
      fnArray.forEach((operator: number, i: number) => {
        const [first] = (argsArray[i] ?? []) as readonly unknown[]
        if (operator === OPS.setFont) names.add(String(first))
        if (operator !== OPS.showText) return
        for (const one of first as readonly (number | { originalCharCode: number; unicode: string })[]) {
          if (typeof one === 'number') continue
          glyphs += 1
          // The first glyph of a font is `.notdef`, the box of what it does not have.
          if (one.originalCharCode === 0 || one.unicode === '') throw new RangeError(`no glyph for ${one.unicode}`)
        }
      })
      for (const name of names)
        expect(page.commonObjs.get(name)).toMatchObject({ missingFile: false, name: expect.stringMatching(/\+Source/) })
    }
    expect(glyphs).toBeGreaterThan(2_000)
    expect(names.size).toBe(4)
  })
})

test('what no font has is told; Greek, Cyrillic and every accent are there', () => {
  const of = (client: string) => [paper({ ...sampleCases[1]!, client }, both[0])]
  expect(lettersMissing(of('Ñandú Łukasz Žižek Ðorđe Nguyễn Γιάννης Юлия'), fonts)).toEqual([])
  expect(lettersMissing(of('王 小明'), fonts)).toEqual(['王', '小', '明'])
})
