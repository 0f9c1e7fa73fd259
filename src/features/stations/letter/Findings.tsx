'use client'

import { openSeason } from '@/core/acts/areas'
import { findingsIn, type Finding } from '@/core/plan/findings'
import type { Plan } from '@/core/plan/plan'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { whatOf } from '../../shared/years/names'
import { en } from './messages'

/** What an advisor has to decide before the letter leaves, and folded below it what is good to know. */
export function Findings({ plan }: { plan: Plan }) {
  const { kase } = useOpenCase()
  const findings = findingsIn(kase, plan)
  const open = findings.filter(({ severity }) => severity === 'decide')
  const known = findings.filter(({ severity }) => severity !== 'decide')
  return (
    <div className="max-w-[7.1in] print:hidden">
      {open.length > 0 && (
        <section aria-label={en.decide(open.length)} className="border-clay mb-3 border-l-4 pl-3">
          <h2 className="font-semibold">{en.decide(open.length)}</h2>
          <List findings={open} plan={plan} />
        </section>
      )}
      {known.length > 0 && (
        <details className="mb-3">
          <summary className="cursor-pointer text-[14.5px]">{en.good(known.length)}</summary>
          <List findings={known} plan={plan} />
        </details>
      )}
    </div>
  )
}

function List({ findings, plan }: { findings: readonly Finding[]; plan: Plan }) {
  const { kase, go, act } = useOpenCase()
  const passes = new Map(plan.areas.flatMap((area) => area.passes.map((one) => [one.pass.key, one])))
  return (
    <ul className="grid gap-1 text-[14.5px]">
      {findings.map(({ areaId, area, pass, about, at, season, severity }, i) => (
        <li key={`${areaId} ${pass} ${about.key} ${i}`}>
          <strong>
            {area}
            {pass !== null && passes.has(pass) && `, ${whatOf(passes.get(pass)!)}`}:
          </strong>{' '}
          <Formula>{render(about, kase.measures)}</Formula> {severity === 'client' && en.onLetter}{' '}
          {season ? (
            <Button kind="text" onClick={() => act(openSeason(season))}>
              {en.openSeason(season)}
            </Button>
          ) : (
            <Button kind="text" onClick={() => go(at)}>
              {en.open[at]}
            </Button>
          )}
        </li>
      ))}
    </ul>
  )
}
