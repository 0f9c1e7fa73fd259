'use client'

import { useEffect } from 'react'
import { planFor } from '@/core/plan/plan'
import { nutrientStill, treatmentStill } from '@/core/plan/still'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { usePlan } from '../../shared/plan/usePlan'
import type { Standings } from './still'

interface Props {
  areaId: string
  /** What stands around it is told; null once it is gone. */
  tell: (told: Standings | null) => void
}

/** Tells the amounts of an area what is still to do of them; shows what a year's limits hold back. */
export function StandingsTold({ areaId, tell }: Props) {
  const { kase } = useOpenCase()
  const plan = planFor(usePlan(), areaId)
  useEffect(() => {
    tell({
      treatment: (need) => treatmentStill(plan, need),
      nutrient: (need) => nutrientStill(plan, need),
      bagLb: (need) => plan.treatments.find((one) => one.need === need)?.bagLb ?? undefined,
    })
    return () => tell(null)
  }, [plan, tell])
  if (plan.limited.length === 0) return null
  return (
    <ul className="border-clay my-2 border-l-4 pl-3 text-[15px]">
      {plan.limited.map((one) => (
        <li key={`${one.args.name} ${one.args.what}`}>{render(one, kase.measures)}</li>
      ))}
    </ul>
  )
}
