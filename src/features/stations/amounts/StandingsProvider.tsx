'use client'

import { useMemo, type ReactNode } from 'react'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { planFor } from '@/core/plan/plan'
import { nutrientStill, treatmentStill } from '@/core/plan/still'
import { usePlan } from '../../shared/plan/usePlan'
import { StandingsContext } from './still'

/** Tells the amounts in it what is still to do of them. */
export function StandingsProvider({ areaId, children }: { areaId: string; children: ReactNode }) {
  const { kase } = useOpenCase()
  const plan = planFor(usePlan(), areaId)
  const told = useMemo<React.ContextType<typeof StandingsContext>>(
    () => ({
      treatment: (need) => treatmentStill(plan, need),
      nutrient: (need) => nutrientStill(plan, need),
      bagLb: (need) => plan.treatments.find((one) => one.need === need)?.bagLb ?? undefined,
    }),
    [plan],
  )
  return (
    <StandingsContext value={told}>
      {plan.limited.length > 0 && (
        <ul className="border-clay my-2 border-l-4 pl-3 text-[15px]">
          {plan.limited.map((one) => (
            <li key={`${one.args.name} ${one.args.what}`}>{render(one, kase.measures)}</li>
          ))}
        </ul>
      )}
      {children}
    </StandingsContext>
  )
}
