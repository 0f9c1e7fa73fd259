import type { Case } from '@/core/case/case'
import type { Guide } from '@/core/guides/guide'
import { letterOf } from '@/core/letter/letter'
import type { Plan } from '@/core/plan/plan'
import type { Product } from '@/core/shelf/product'
import type { Language } from '@/core/sentence/text'
import { paperOf } from '@/paper/build'
import type { Paper, PaperHead } from '@/paper/paper'
import type { Office } from '@/core/office'
import type { ClientWords } from '@/wording/languages'
import type { WordedWhy } from '@/wording/why'

/** What a letter goes by beside its case and plan. */
export interface Around {
  readonly guides: readonly Guide[]
  readonly products: readonly Product[]
  readonly office: Office | null | undefined
}

/** What makes the page of reasons; it comes where one is asked for. */
export type WhyFor = (kase: Case, plan: Plan, around: Around, words: ClientWords, language: Language) => WordedWhy

/** The invented office of the samples heads none but their letters. */
const headOf = (office: Around['office'], sample: boolean): PaperHead | null =>
  office && (!office.sample || sample) && (office.name || office.address || office.disclaimer || office.logo)
    ? {
        name: [office.name, office.region].filter(Boolean).join(', '),
        address: office.address,
        disclaimer: office.disclaimer,
      }
    : null

/**
 * The letter of a case as a paper; null where nothing can be said yet.
 *
 * @param whyFor where the case asks for a page of reasons
 * @param before the one that was handed out before, in the same language
 */
export function paperFor(
  kase: Case,
  plan: Plan,
  around: Around,
  words: ClientWords,
  language: Language,
  before: Paper | null = null,
  whyFor: WhyFor | null = null,
): Paper | null {
  const letter = letterOf(kase, plan)
  if (letter.areas.length === 0) return null
  const why = kase.letter.why && whyFor ? whyFor(kase, plan, around, words, language) : null
  return paperOf(kase, { letter, why, head: headOf(around.office, kase.sample), words, language, before })
}
