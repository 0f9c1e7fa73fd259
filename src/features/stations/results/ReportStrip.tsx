'use client'

import { newestFirst } from '@/core/acts/reports'
import { isMember } from '@/core/case/members'
import { Plus } from 'lucide-react'
import type { AreaInSeason } from '@/core/case/in-season'
import { Button } from '@/ui/Button'
import { dateWords } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { en } from './messages'

interface Props {
  area: AreaInSeason
  shownId: string
  onShow: (id: string) => void
  onAnother: () => void
}

/** The reports that speak of an area, the newest first, and which of them is in force. */
export function ReportStrip({ area, shownId, onShow, onAnother }: Props) {
  const { kase } = useOpenCase()
  const reports = newestFirst(kase.reports.filter((one) => isMember(one.areas, area.id) || one.id === area.reportId))
  return (
    <nav aria-label={en.reportsOf(area.name)} className="mt-3 flex flex-wrap items-stretch gap-2">
      {reports.map((report) => {
        const inForce = report.id === area.reportId
        const shown = report.id === shownId
        return (
          <button
            key={report.id}
            type="button"
            aria-pressed={shown}
            onClick={() => onShow(report.id)}
            className={`flex cursor-pointer items-center gap-2 rounded-[3px] border px-3 py-1.5 text-left text-[14.5px] leading-tight ${shown ? 'border-ink bg-margin border-2' : 'border-edge bg-sheet hover:border-ink'}`}
          >
            <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden>
              <path
                d="M6 .8l5.200 5.200l-5.200 5.200l-5.200-5.200z"
                className={inForce ? 'fill-moss stroke-moss' : 'stroke-ink-2 fill-none'}
              />
            </svg>
            <span>
              <strong>{report.date ? dateWords(report.date) : en.undated}</strong>
              {inForce && <span className="text-moss font-semibold"> {en.inForce}</span>}
              <span className="text-ink-2 block text-[13px]">
                {[report.laboratory || en.kinds[report.kind], report.code].filter(Boolean).join(' · ')}
              </span>
            </span>
          </button>
        )
      })}
      <Button onClick={onAnother} className="flex items-center gap-1.5">
        <Plus size={16} aria-hidden />
        {en.another}
      </Button>
    </nav>
  )
}
