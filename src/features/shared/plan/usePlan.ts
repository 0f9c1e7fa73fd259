'use client'

import { useMemo } from 'react'
import { noRules } from '@/core/calendar/rule'
import { planningDay, planOf, type Around, type Plan, type Trying } from '@/core/plan/plan'
import { plannedChanged } from '@/store/planned'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../office/useOffice'
import { today } from '../today'

/** What the plan of the open case goes by beside it. */
function useAround(): Around {
  const { kase } = useOpenCase()
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  const rules = office ?? noRules
  const day = planningDay(kase, today())
  return useMemo(() => ({ guides, products, rules, today: day }), [guides, products, rules, day])
}

/** The plan of the open case: the same value on every station, made once for each version of the case. */
export function usePlan(): Plan {
  const { kase, recommendation } = useOpenCase()
  return plannedChanged(kase, recommendation, useAround())
}

/** The plan of the open case as it would be with other decisions. */
export function useTrying(): Trying {
  const { kase, recommendation } = useOpenCase()
  const around = useAround()
  return (decisions) => planOf({ ...kase, decisions }, recommendation, around)
}

/** The plan as it would have been on an earlier day; null where none is asked for. */
export function usePlanOf(day: string | null): Plan | null {
  const { kase, recommendation } = useOpenCase()
  const around = useAround()
  return useMemo(
    () => (day === null ? null : planOf(kase, recommendation, { ...around, today: planningDay(kase, day) })),
    [kase, recommendation, around, day],
  )
}
