'use client'

import { pH as pHTest } from '@/core/report/tests/pH'
import { addReport } from '@/core/case/acts/reports'
import { membersOf } from '@/core/case/members'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/case/blank'
import type { AreaInSeason } from '@/core/case/in-season'
import { numberIn } from '@/core/report/fields'
import { layoutFor, onPaper, shippedLayouts, type ReportLayout } from '@/core/report/layout'
import { readLine } from '@/core/report/lines'
import { spotSummary } from '@/core/ground/sampling/spot-check'
import { Button } from '@/ui/Button'
import { textOf } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { useCollect } from '../sample/collect'
import { en } from './messages'
import type { useLayouts } from './useReport'

/** How a report may come in beside being typed. */
export type Way = 'paste' | 'import' | 'kit' | 'drops'

interface Props {
  area: AreaInSeason
  layouts: ReturnType<typeof useLayouts>
  ways: Readonly<Record<Way, () => void>>
  onPaper: (layout: ReportLayout) => void
  onCame: (id: string) => void
}

/** Asks how another report comes in. */
export function NewReport({ area, layouts, ways, onPaper: typeOn, onCame }: Props) {
  const meter = useMeter(area)
  const collect = useCollect()
  return (
    <section aria-label={en.newTitle} className="border-moss bg-wash mt-2 border-l-4 px-4 py-2.5">
      <p className="text-ink-2">{en.newLead}</p>
      <h3 className="mt-2 font-semibold">{en.typeIt}</h3>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {layouts.own.map((layout) => (
          <Button key={layout.id} onClick={() => typeOn(layout)}>
            {layout.name}
          </Button>
        ))}
        {shippedLayouts.map((layout) => (
          <Button key={layout.id} onClick={() => typeOn(layout)}>
            {textOf(layout.title)}
          </Button>
        ))}
      </div>
      <h3 className="mt-2 font-semibold">{en.bringIt}</h3>
      <div className="mt-1.5 flex flex-wrap gap-2">
        <Button onClick={ways.import}>{en.importFile}</Button>
        <Button onClick={ways.kit}>{en.kit}</Button>
        {meter && <Button onClick={() => onCame(meter.take())}>{en.meter(meter.count)}</Button>}
        {collect.waiting > 0 && (
          <Button disabled={collect.busy} onClick={() => void collect.collect()}>
            {en.fetch}
          </Button>
        )}
      </div>
      {collect.told && (
        <p role="status" className="mt-2">
          {collect.told}
        </p>
      )}
    </section>
  )
}

/** The spot checks of an area as a report: their mean, and the range from the lowest to the highest. */
function useMeter(area: AreaInSeason) {
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const mine = kase.spotChecks.filter(({ areaId }) => areaId === area.id)
  const summary = spotSummary(
    mine.flatMap(({ pH }) => numberIn(pHTest.field, pH) ?? []),
    Infinity,
  )
  if (!summary) return null
  const { mean, low, high, count } = summary
  const text = low === high ? mean.toFixed(2) : `${mean.toFixed(2)} ± ${Math.max(mean - low, high - mean).toFixed(2)}`
  const take = () => {
    const id = newId()
    const date = mine
      .map(({ at }) => at.slice(0, 10))
      .sort()
      .at(-1)!
    const blank = onPaper(blankReport(id), { ...layoutFor('meter'), kind: 'meter', lines: [{ field: 'pH', unit: '' }] })
    const pH = readLine('pH', text, '')
    act(addReport({ ...blank, date, laboratory: en.meterName, areas: membersOf([area.id]), pH }, guides))
    return id
  }
  return { count, take }
}
