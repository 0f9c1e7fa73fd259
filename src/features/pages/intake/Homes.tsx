'use client'

import { useVirtualizer } from '@tanstack/react-virtual'
import { useMemo, useRef } from 'react'
import type { Home } from '@/core/intake/match'
import type { Listed } from '@/schemas/results-file/open'
import type { Summary } from '@/store/db'
import { AsideChoice } from '@/ui/LineField'
import { en } from './messages'
import type { Decision } from './taking'

interface Props {
  homes: readonly Home[]
  samples: readonly Listed[]
  cases: ReadonlyMap<string, Summary>
  decided: readonly (Decision | undefined)[]
  /** Undefined: as the file alone decides. */
  onDecide: (at: number, decision: Decision | undefined) => void
}

/** The homes of a file, those first of which somebody has to say where they go. */
export function Homes({ homes, samples, cases, decided, onDecide }: Props) {
  const order = useMemo(
    () => homes.map((_, i) => i).sort((a, b) => rank(homes[a]!) - rank(homes[b]!) || a - b),
    [homes],
  )
  const scroller = useRef<HTMLDivElement>(null)
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing is memoized over what it returns
  const virtual = useVirtualizer({
    count: order.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 58,
    overscan: 8,
  })
  return (
    <div ref={scroller} className="border-rule mt-2 max-h-[26rem] overflow-auto border">
      <ul style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ index, start, size }) => {
          const i = order[index]!
          const home = homes[i]!
          return (
            <li
              key={i}
              className="border-rule absolute right-0 left-0 grid grid-cols-[1fr_10rem] items-center sm:grid-cols-[1fr_9rem_18rem] gap-3 border-b px-2"
              style={{ top: start, height: size }}
            >
              <span className="min-w-0">
                <strong className="block truncate">{home.client || en.noClient}</strong>
                <span className="text-ink-2 block truncate text-sm">
                  {[home.place, home.namesake && en.namesake].filter(Boolean).join(', ')}
                </span>
              </span>
              <span className="text-ink-2 hidden truncate text-sm sm:block">
                {home.samples.map((at) => samples[at]!.code || '–').join(', ')}
              </span>
              <Choice home={home} cases={cases} decision={decided[i]} onDecide={(one) => onDecide(i, one)} />
            </li>
          )
        })}
      </ul>
    </div>
  )
}

const rank = ({ couldBe, by }: Home) => (couldBe.length > 0 ? 0 : by === 'new' ? 2 : 1)

interface ChoiceProps {
  home: Home
  cases: Props['cases']
  decision: Decision | undefined
  onDecide: (decision: Decision | undefined) => void
}

/** Where a home goes: how it was known, and what else it could be. */
function Choice({ home, cases, decision, onDecide }: ChoiceProps) {
  const { caseId, couldBe, by, client } = home
  const could = [...(caseId ? [caseId] : []), ...couldBe]
  const named = (id: string) => {
    const one = cases.get(id)
    return [one?.client, one?.place].filter(Boolean).join(', ') || en.unnamed
  }
  const ask = decision === undefined
  return (
    <span className={`text-sm ${ask ? 'text-clay font-semibold' : ''}`}>
      {ask ? (by === 'code' ? en.askCode : en.ask) : en.by[decision.kind === 'new' ? 'new' : by]}
      <AsideChoice
        label={en.choice(client)}
        value={decision === undefined ? null : decision.kind === 'case' ? decision.id : decision.kind}
        options={[
          ...could.map((value) => ({ value, label: named(value) })),
          { value: 'new', label: en.makeNew },
          { value: 'leave', label: en.leave },
        ]}
        none={en.undecided}
        onChange={(value) =>
          onDecide(
            value === null
              ? undefined
              : value === 'new' || value === 'leave'
                ? { kind: value }
                : { kind: 'case', id: value },
          )
        }
      />
    </span>
  )
}
