'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react'
import { guideNamed } from '@/core/guides/guide'
import type { Doubtable } from '@/core/doubt/doubtable'
import type { Doubts, UnsureOf } from '@/core/doubt/draws'
import { reportOfArea } from '@/core/case/in-force'
import type { AreaRecommendation } from '@/core/recommend'
import { keepSetting, setting } from '@/store/db'
import { TickField } from '@/ui/TickField'
import { weight } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { useGuides, useProducts } from '../../case/useCase'
import { en } from './messages'

/** Undefined while it is not known yet; null where nobody asked, or there is nothing to tell. */
const DoubtsContext = createContext<Doubts | null | undefined>(null)

/** ms that a case rests before its errors are carried through. */
const rest = 700

const useWanted = () =>
  useLiveQuery(
    () =>
      setting('doubt').then(
        (is) => is !== 'off',
        () => true,
      ),
    [],
  ) ?? false

interface Props {
  /** The answer whose amounts they are: it stays the same while nothing that it rests on changes. */
  found: AreaRecommendation
  children: ReactNode
}

/** Tells what stands in it how sure the amounts of an area are, once the case rests. */
export function SureProvider({ found, children }: Props) {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const wanted = useWanted()
  const [told, tell] = useState<{ of: AreaRecommendation; doubts: Doubts | null } | null>(null)
  useEffect(() => {
    if (!wanted) return
    const stop = new AbortController()
    const wait = setTimeout(() => {
      const guide = guideNamed(guides, found.guide)
      import('@/workers/doubt')
        .then(({ doubtsInWorker }) =>
          doubtsInWorker({ ...kase, letters: [] }, found.areaId, guide ? [guide] : [], products, stop.signal),
        )
        .then(
          (doubts) => tell({ of: found, doubts }),
          () => undefined,
        )
    }, rest)
    return () => {
      clearTimeout(wait)
      stop.abort()
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the answer stands for the case that it is of
  }, [found, guides, products, wanted])
  const doubts = !wanted ? null : told?.of === found ? told.doubts : undefined
  return <DoubtsContext value={doubts}>{children}</DoubtsContext>
}

/** How far an amount may be off. */
export function Sure({ of }: { of: Doubtable }) {
  const { kase } = useOpenCase()
  const doubts = useContext(DoubtsContext)
  if (doubts === null) return null
  const range = doubts?.amounts.find((one) => one.of === of)
  const [low, high] = range ? [range.low, range.high].map((lb) => weight(lb, kase.measures)) : []
  return (
    // Its line is kept for it, so that nothing moves when it comes.
    <p className="text-ink-2 min-h-5 text-[13.5px]" title={en.sureTitle}>
      {low !== high && en.sure(low!, high!)}
    </p>
  )
}

/** Decisions that may be otherwise in so few draws are not spoken of. */
const unlikely = 0.05

/** Whether the decision itself is in doubt, and what would settle it. */
export function Settles() {
  const { kase, area } = useOpenCase()
  const doubts = useContext(DoubtsContext)
  if (doubts === null) return null
  if (doubts === undefined) return <p className="min-h-5" />
  const { decisions, narrows, draws } = doubts
  const likely = (['lime', 'none', 'sulfur', 'unknown'] as const)
    .filter((one) => decisions[one] >= unlikely)
    .sort((a, b) => decisions[b] - decisions[a])
  const again = narrows.find(({ by }) => by === 'again')
  const hasBuffer = reportOfArea(kase, area?.id ?? '')?.measured.bufferPH?.value != null
  const named = (by: UnsureOf) =>
    by === 'pH' && again ? en.laboratoryPH : by === 'buffer' && hasBuffer ? en.surerBuffer : en.narrowing[by]
  const [best] = narrows
  const worst = narrows.at(-1)
  return (
    <>
      {likely.length > 1 && (
        <p className="text-ink-2 mt-1 text-[14px]">
          {en.decisions(likely.map((one) => en.decision[one](Math.round(decisions[one] * 100))).join(', '), draws)}
        </p>
      )}
      {best && (
        <p className="text-ink-2 text-[14px]">
          {best.share < 0.85 ? en.narrows(named(best.by), Math.round((1 - best.share) * 100)) : en.narrowsNothing}
          {best.share < 0.85 &&
            worst &&
            worst.by !== best.by &&
            worst.by !== 'again' &&
            worst.share > 0.95 &&
            ` ${en.notBy(named(worst.by))}`}
          {again && best.by !== 'again' && best.share < 0.85 && ` ${en.again(Math.round((1 - again.share) * 100))}`}
        </p>
      )}
    </>
  )
}

/** The one switch. */
export function SureSwitch() {
  const wanted = useWanted()
  return (
    <div className="mt-3 print:hidden">
      <TickField
        label={en.sureSwitch}
        checked={wanted}
        onChange={(on) => void keepSetting('doubt', on ? 'on' : 'off')}
      />
    </div>
  )
}
