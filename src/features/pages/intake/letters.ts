import { unparse } from 'papaparse'
import type { Case } from '@/core/case/case'
import type { GivenLetter } from '@/core/case/decisions'
import { letterOf, thingsIn } from '@/core/letter/letter'
import { noRules } from '@/core/calendar/rule'
import { planningDay, planOf, type Plan } from '@/core/plan/plan'
import { recommend } from '@/core/recommend'
import { readPaper } from '@/paper/read'
import { whenOf, type Paper } from '@/paper/paper'
import { soundCases } from '@/store/desk'
import { allLocal } from '@/store/office'
import { keepLetters } from '@/store/intake'
import { english } from '@/wording/languages'
import { wordLetter } from '@/wording/letter'
import { asGiven, pdfOf } from '../../shared/letters/handing'
import { paperFor, type Around } from '../../shared/letters/paper-for'
import { today } from '../../shared/today'
import { en } from './messages'

/** The cases that are there and can be read, in their order. */
const casesOf = async (ids: readonly string[]): Promise<readonly Case[]> =>
  (await soundCases(ids)).filter((one) => one !== undefined)

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
  const papers: Paper[] = []
  const given = new Map<string, GivenLetter>()
  for (const [i, kase] of cases.entries()) {
    signal.throwIfAborted()
    const frozen = kase.letters.find(({ id }) => id === kase.letter.frozen)
    const paper = frozen ? readPaper(frozen.document) : await paperNow(kase, around)
    if (paper) {
      papers.push(paper)
      given.set(kase.id, asGiven(kase, paper, true))
    }
    onProgress((0.5 * (i + 1)) / cases.length)
    await new Promise((rest) => setTimeout(rest))
  }
  if (papers.length === 0) return null
  const { file, missing } = await pdfOf(papers, signal)
  await keepLetters(given)
  onProgress(1)
  return {
    file,
    letters: papers.length,
    drafts: papers.filter(({ letter }) => letter.draft).length,
    without: ids.length - papers.length,
    missing,
  }
}

function planNow(kase: Case, { guides, products, office }: Around): Plan {
  const found = recommend(kase, guides, products, allLocal())
  return planOf(kase, found, { guides, products, rules: office ?? noRules, today: planningDay(kase, today()) })
}

async function paperNow(kase: Case, around: Around): Promise<Paper | null> {
  const { language } = kase.letter
  const before = kase.letters.filter((one) => one.handed && one.language === language).at(-1)
  const earlier = before ? readPaper(before.document) : null
  const whyFor = kase.letter.why ? (await import('../../shared/letters/why-for')).whyFor : null
  return paperFor(kase, planNow(kase, around), around, await wordsOf(language), language, earlier, whyFor)
}

/** What was recommended, a row for each thing on each area. A cell that begins like a formula is quoted as text. */
export async function recommendedCsv(ids: readonly string[], around: Around): Promise<string> {
  const data = (await casesOf(ids)).flatMap((kase) => {
    const letter = letterOf(kase, planNow(kase, around))
    const worded = wordLetter(letter, english, 'en', kase.measures)
    return letter.areas.flatMap((area, i) =>
      thingsIn(area).map(({ lb }, k) => {
        const { report, size, crop, name } = area
        const one = worded.areas[i]!.rows[k]!
        return [
          kase.client,
          kase.place,
          name,
          size ? `${Math.round(size.area.value.v)} ft²` : '',
          crop?.en ?? '',
          report?.code ?? '',
          one.what,
          one.amount,
          String(Math.round(lb * 100) / 100),
          whenOf(one),
        ]
      }),
    )
  })
  return `\uFEFF${unparse({ fields: [...en.csvHeads], data }, { escapeFormulae: true })}\r\n`
}
