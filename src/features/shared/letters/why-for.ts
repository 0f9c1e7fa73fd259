import type { Case } from '@/core/case/case'
import { whyOf, type Why } from '@/core/letter/why'
import type { Plan } from '@/core/plan/plan'
import { allLocal } from '@/store/office'
import { missingChanged } from '@/store/missing'
import type { Around } from './paper-for'

/** What the page of reasons says; it comes where one is asked for. */
export const whyFor = (kase: Case, plan: Plan, { guides, products }: Around): Why =>
  whyOf(kase, plan, (area) => missingChanged(kase, area, guides, products, allLocal()))

export type WhyFor = typeof whyFor
