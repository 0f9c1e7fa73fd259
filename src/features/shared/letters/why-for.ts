import { whyOf } from '@/core/letter/why'
import { allLocal } from '@/store/office'
import { missingChanged } from '@/store/missing'
import { wordWhy } from '@/wording/why'
import type { WhyFor } from './paper-for'

/** What the page of reasons says, in words. */
export const whyFor: WhyFor = (kase, plan, { guides, products }, words, language) => {
  const why = whyOf(kase, plan, (area) => missingChanged(kase, area, guides, products, allLocal()))
  return wordWhy(why, kase.client, words, language, kase.measures)
}
