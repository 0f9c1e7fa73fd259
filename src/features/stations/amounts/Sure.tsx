'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react'
import { guideNamed } from '@/core/guides/guide'
import type { Doubtable } from '@/core/doubt/figure'
import type { Doubts } from '@/core/doubt/draws'
import { keepSetting, setting } from '@/store/db'
import { TickField } from '@/ui/TickField'
import { weight } from '@/wording/format'
import { doubtsInWorker } from '@/workers/doubt'
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

/** Tells what stands in it how sure the amounts of an area are, once the case rests. */
export function SureProvider({ areaId, children }: { areaId: string; children: ReactNode }) {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const products = useProducts()
  const wanted = useWanted()
  // Only what an amount may hang on: a sentence of the letter changes nothing.
  const asked = useMemo(() => {
    const { areas, reports, samples, decisions, schools, season, applications, climate, region, ownRegion } = kase
    return JSON.stringify({
      areas,
      reports,
      samples,
      decisions,
      schools,
      season,
      applications,
      climate,
      region,
      ownRegion,
    })
  }, [kase])
  const [found, setFound] = useState<{ of: string; doubts: Doubts | null } | null>(null)
  useEffect(() => {
    if (!wanted) return
    const stop = new AbortController()
    const wait = setTimeout(() => {
      const area = kase.areas.find(({ id }) => id === areaId)
      const guide = area && guideNamed(guides, area.guide)
      doubtsInWorker({ ...kase, letters: [] }, areaId, guide ? [guide] : [], products, stop.signal).then(
        (doubts) => setFound({ of: asked + areaId, doubts }),
        () => undefined,
      )
    }, rest)
    return () => {
      clearTimeout(wait)
      stop.abort()
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asked stands for the case
  }, [asked, areaId, guides, products, wanted])
  const doubts = !wanted ? null : found?.of === asked + areaId ? found.doubts : undefined
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
  const doubts = useContext(DoubtsContext)
  if (doubts === null) return null
  if (doubts === undefined) return <p className="min-h-5" />
  const { decisions, narrows, draws } = doubts
  const likely = (['lime', 'none', 'sulfur', 'unknown'] as const)
    .filter((one) => decisions[one] >= unlikely)
    .sort((a, b) => decisions[b] - decisions[a])
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
          {best.share < 0.85
            ? en.narrows(en.narrowing[best.by], Math.round((1 - best.share) * 100))
            : en.narrowsNothing}
          {best.share < 0.85 &&
            worst &&
            worst.by !== best.by &&
            worst.share > 0.95 &&
            ` ${en.notBy(en.narrowing[worst.by])}`}
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
