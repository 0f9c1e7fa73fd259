'use client'

import type { Report } from '@/core/report/report'
import { english } from '@/wording/languages'
import { reportWords } from '@/wording/report-words'
import { en } from './messages'

/** Which report the amounts rest on. */
export const RestsOn = ({ report }: { report: Report }) => (
  <p className="text-ink-2 text-[14px]">{en.restsOn(reportWords(report, english))}</p>
)
