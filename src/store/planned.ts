import type { Case } from '../core/case/case'
import { planOf, type Around, type Plan } from '../core/plan/plan'
import type { Recommendation } from '../core/recommend'

interface Made {
  readonly kase: Case
  readonly around: Around
  readonly plan: Plan
}

const plans = new WeakMap<Recommendation, Made>()

const sameAround = (a: Around, b: Around) =>
  a.guides === b.guides && a.products === b.products && a.rules === b.rules && a.today === b.today

/** The plan of a case, made once for whoever asks for it of this version. */
export function plannedChanged(kase: Case, recommendation: Recommendation, around: Around): Plan {
  const known = plans.get(recommendation)
  if (known?.kase === kase && sameAround(known.around, around)) return known.plan
  const plan = planOf(kase, recommendation, around)
  plans.set(recommendation, { kase, around, plan })
  return plan
}
