'use client'

import type { Plan } from '@/core/plan/plan'
import { findingsIn } from '@/core/plan/findings'
import { Button } from '@/ui/Button'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { whatOf } from '../../shared/years/names'
import { en } from './messages'

/** What an advisor has to look at before the letter leaves; nothing of it is on the letter. */
export function Findings({ plan }: { plan: Plan }) {
  const { kase, go } = useOpenCase()
  const findings = findingsIn(kase, plan)
  if (findings.length === 0) return null
  const passes = plan.areas.flatMap((area) => area.passes)
  const nameOf = (key: string | null) => {
    const found = passes.find(({ pass }) => pass.key === key)
    return found ? `, ${whatOf(found)}` : ''
  }
  return (
    <details className="border-clay mb-3 max-w-[7.1in] border-l-4 pl-3 print:hidden">
      <summary className="cursor-pointer font-semibold">{en.findings(findings.length)}</summary>
      <ul className="text-[14.5px]">
        {findings.map(({ areaId, area, pass, about }) => (
          <li key={`${areaId} ${pass} ${about.key}`}>
            <strong>
              {area}
              {nameOf(pass)}:
            </strong>{' '}
            {render(about, kase.measures)}
          </li>
        ))}
      </ul>
      <Button kind="text" onClick={() => go('calendar')}>
        {en.toCalendar}
      </Button>
    </details>
  )
}
