'use client'

import type { Case } from '@/core/case'
import { caseFileName, toCaseFile } from '@/store/case-file'

/** Hands the case to the browser as a file to save. */
export function saveCaseFile(kase: Case) {
  const url = URL.createObjectURL(new Blob([toCaseFile(kase)], { type: 'application/json' }))
  const link = Object.assign(document.createElement('a'), { href: url, download: caseFileName(kase) })
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
