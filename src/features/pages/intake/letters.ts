import { format } from 'date-fns'
import { unparse } from 'papaparse'
import type { Case } from '@/core/case/case'
import type { GivenLetter } from '@/core/case/decisions'
import { letterOf } from '@/core/letter/letter'
import { recommend } from '@/core/recommend'
import { readPaper } from '@/paper/read'
import type { Paper } from '@/paper/paper'
import { inTodaysSchema, soundCase } from '@/store/damage'
import { db } from '@/store/db'
import { keepLetters } from '@/store/intake'
import { english } from '@/wording/languages'
import { wordLetter } from '@/wording/letter'
import { openDays, rulesTold } from '@/core/passes/program/program'
import { asGiven, pdfOf } from '../../shared/letters/handing'
import { paperFor, programFor, type Around } from '../../shared/letters/paper-for'
import { en } from './messages'

/** The cases that are there and can be read, in their order. */
async function casesOf(ids: readonly string[]): Promise<readonly Case[]> {
  const found = await db.cases.bulkGet([...ids])
  return found.flatMap((one) => (one ? (soundCase(inTodaysSchema(one)) ?? []) : []))
}

const wordsOf = async (language: Paper['language']) =>
  language === 'es' ? (await import('@/wording/spanish')).spanish : english

interface Written {
  readonly file: Blob
  readonly letters: number
  readonly drafts: number
  readonly without: number
  /** Letters that stand there as boxes, since no font has them. */
  readonly missing: readonly string[]
}

/**
 * The letters of several cases as one PDF, each in the language of its case, and kept there as it was handed out; null where none
 * of them has one. A letter that was checked goes as it was checked.
 */
export async function lettersOf(
  ids: readonly string[],
  around: Around,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<Written | null> {
  const cases = await casesOf(ids)
  const papers: { readonly kase: Case; readonly paper: Paper; readonly given: GivenLetter | null }[] = []
  for (const [i, kase] of cases.entries()) {
    signal.throwIfAborted()
    const frozen = kase.letters.find(({ id }) => id === kase.letter.frozen)
    const checked = frozen && readPaper(frozen.document)
    const paper = checked ?? (await paperNow(kase, around))
    if (paper) {
      const given = asGiven(kase, paper, true)
      const again = frozen !== undefined || kase.letters.at(-1)?.document === given.document
      papers.push({ kase, paper, given: again ? null : given })
    }
    onProgress((0.5 * (i + 1)) / cases.length)
    await new Promise((rest) => setTimeout(rest))
  }
  if (papers.length === 0) return null
  const { file, missing } = await pdfOf(
    papers.map(({ paper }) => paper),
    signal,
  )
  await keepLetters(new Map(papers.flatMap(({ kase, given }) => (given ? [[kase.id, given] as const] : []))))
  onProgress(1)
  return {
    file,
    letters: papers.length,
    drafts: papers.filter(({ paper }) => paper.letter.draft).length,
    without: ids.length - papers.length,
    missing,
  }
}

async function paperNow(kase: Case, around: Around): Promise<Paper | null> {
  const { language } = kase.letter
  const found = recommend(kase, around.guides, around.products)
  const dated = programFor(kase, found, around, format(new Date(), 'yyyy-MM-dd'))
  const before = kase.letters.filter((one) => one.handed && one.language === language).at(-1)
  const earlier = before ? readPaper(before.document) : null
  return paperFor(kase, found, dated, around, await wordsOf(language), language, earlier)
}

/** What was recommended, a row for each thing on each area. A cell that begins like a formula is quoted as text. */
export async function recommendedCsv(ids: readonly string[], around: Around): Promise<string> {
  const data = (await casesOf(ids)).flatMap((kase) => {
    const found = recommend(kase, around.guides, around.products)
    const dated = programFor(kase, found, around, format(new Date(), 'yyyy-MM-dd'))
    const letter = letterOf(kase, found, around.products, openDays(dated), rulesTold(dated))
    const worded = wordLetter(letter, english, 'en', kase.measures)
    return letter.areas.flatMap(({ rows, report, size, crop, name }, i) =>
      rows.map(({ all }, k) => {
        const { what, amount, days, when } = worded.areas[i]!.rows[k]!
        return [
          kase.client,
          kase.place,
          name,
          size ? `${Math.round(size.area.value.v)} ft²` : '',
          crop?.en ?? '',
          report?.code ?? '',
          what,
          amount,
          String(Math.round(all.value.v * 100) / 100),
          [days, when].filter(Boolean).join('; '),
        ]
      }),
    )
  })
  return `\uFEFF${unparse({ fields: [...en.csvHeads], data }, { escapeFormulae: true })}\r\n`
}
