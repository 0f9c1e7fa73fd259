'use client'

import type { Working } from '@/core/units/workings'
import { Formula } from '@/ui/Formula'
import { derivation } from '@/wording/derivation'
import { useOpenCase } from '../../case/context'

/** How a number comes about, step by step. */
export function Steps({ working }: { working: Working }) {
  const { kase } = useOpenCase()
  const lines = derivation(working, kase.measures)
  return (
    <ol className="mt-3 grid gap-3.5">
      {lines.map((line, i) => (
        <li key={i} className="grid grid-cols-[22px_1fr] text-[14px] leading-snug">
          <span className="text-slate font-bold">{i + 1}</span>
          <div className="min-w-0">
            <Formula>{line.rule}</Formula>
            <p className="mt-0.5 font-semibold wrap-anywhere">
              <Formula>{line.arithmetic}</Formula>
            </p>
            <ul className="text-ink-2 text-[13px]">
              {line.inputs.map((input, j) => (
                <li key={j}>
                  <span className="text-ink">
                    <Formula>{input.value}</Formula>
                  </span>
                  {', '}
                  <Formula>{input.label}</Formula>
                  {input.source && <span className="text-slate"> · {input.source}</span>}
                </li>
              ))}
            </ul>
            <p className="text-slate mt-0.5 text-[13px]">{line.source}</p>
          </div>
        </li>
      ))}
    </ol>
  )
}
