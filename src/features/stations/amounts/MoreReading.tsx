'use client'

import { balanced, type Base } from '@/core/reading/bases'
import type { Answer } from '@/core/recommend'
import { Formula } from '@/ui/Formula'
import { figure, spanWords, unitOf } from '@/wording/format'
import { classWord, lineName } from '@/wording/phrase'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { en } from './messages'

/** These have rows of their own on the sheet. */
const above: ReadonlySet<string> = new Set(['pH', 'buffer', 'P', 'K'])

/** What else the report says, and what that means for this crop. */
export function MoreReading({ answer, all }: { answer: Answer; all: boolean }) {
  const { kase } = useOpenCase()
  const lines = all ? answer.reading : answer.reading.filter(({ id }) => !above.has(id))
  if (lines.length === 0 && answer.bases.length === 0) return null
  return (
    <section aria-label={en.reading} className="mt-4">
      <h2 className="font-semibold">{en.reading}</h2>
      <dl className="mt-1 grid grid-cols-[auto_auto_1fr] gap-x-4 gap-y-1 text-[14.5px] leading-snug">
        {lines.map(({ id, value, className, wanted, meaning }) => (
          <div key={id} className="col-span-3 grid grid-cols-subgrid">
            <dt>{lineName(id)}</dt>
            <dd className="text-right tabular-nums">
              {value && <Formula>{`${figure(value.value.v, 3)} ${unitOf(value.value.of)}`.trim()}</Formula>}
            </dd>
            <dd>
              {className && <strong>{classWord(className)}. </strong>}
              <Formula>{render(meaning, kase.measures)}</Formula>
              {wanted && <span className="text-moss whitespace-nowrap"> {en.wanted(spanWords(wanted))}</span>}
            </dd>
          </div>
        ))}
        {answer.bases.some(({ percent }) => percent !== undefined) && (
          <div className="col-span-3 grid grid-cols-subgrid">
            <dt>{en.bases}</dt>
            <dd className="col-span-2">
              {answer.bases.map(({ base, percent }) => `${base} ${figure(percent!, 2)} %${spanOf(base)}`).join(' · ')}
            </dd>
          </div>
        )}
      </dl>
    </section>
  )
}

/** The span of the base-saturation school beside it. */
const spanOf = (base: Base): string => (base === 'Na' ? '' : ` (${en.balanced(balanced[base][0], balanced[base][1])})`)
