import type { Case } from '@/core/case/case'
import { whyOf } from '@/core/letter/why'
import type { Plan } from '@/core/plan/plan'
import type { Language } from '@/core/sentence/text'
import { allLocal } from '@/store/office'
import { missingChanged } from '@/store/missing'
import type { ClientWords } from '@/wording/languages'
import { wordWhy, type WordedWhy } from '@/wording/why'
import type { Around } from './paper-for'

/** What the page of reasons says; it comes where one is asked for. */
export function whyFor(
  kase: Case,
  plan: Plan,
  { guides, products }: Around,
  words: ClientWords,
  language: Language,
): WordedWhy {
  const why = whyOf(kase, plan, (area) => missingChanged(kase, area, guides, products, allLocal()))
  return wordWhy(why, kase.client, words, language, kase.measures)
}

export type WhyFor = typeof whyFor
