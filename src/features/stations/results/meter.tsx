'use client'

import { pH as pHTest } from '@/core/report/tests/pH'
import { addReport } from '@/core/acts/reports'
import { isMember, membersOf } from '@/core/case/members'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/case/blank'
import type { AreaInSeason } from '@/core/case/in-season'
import { numberIn } from '@/core/report/fields'
import { layoutFor, onPaper } from '@/core/report/layout'
import { readLine } from '@/core/report/lines'
import { readersOf, spotSummary } from '@/core/sampling/spot-check'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { en } from './messages'

/** Spot readings that no report holds yet, offered where reports are. */
export function SpotOffer({ area, onCame }: { area: AreaInSeason; onCame: (id: string) => void }) {
  const meter = useMeter(area)
  if (!meter || meter.taken) return null
  return (
    <p className="border-brim mt-2 flex flex-wrap items-center gap-3 border-l-4 py-1 pl-3" role="status">
      {en.spotsRead(meter.count, meter.text)}
      <Button onClick={() => onCame(meter.take())}>{en.meter(meter.count)}</Button>
    </p>
  )
}

/** The spot checks of an area as a report: their mean, and the range from the lowest to the highest. */
export function useMeter(area: AreaInSeason) {
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
    act(
      addReport(
        { ...blank, date, laboratory: en.meterName(readersOf(mine)), areas: membersOf([area.id]), measured: { pH } },
        guides,
      ),
    )
    return id
  }
  // A report of theirs that stands here already.
  const taken = kase.reports.some(
    ({ kind, areas, measured }) => kind === 'meter' && isMember(areas, area.id) && measured.pH?.text === text,
  )
  return { count, text, taken, take }
}
