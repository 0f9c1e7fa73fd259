'use client'

import { liveQuery } from 'dexie'
import { keepSetting, setting } from '@/store/db'

/** How strong the colours are on this machine; as the system asks for where nobody chose. */
export type Contrast = 'more' | 'usual'

const bySystem = () => window.matchMedia('(prefers-contrast: more)')
const show = (contrast: Contrast) => (document.documentElement.dataset.contrast = contrast)

export const contrastNow = (): Contrast => (document.documentElement.dataset.contrast === 'more' ? 'more' : 'usual')

/** Kept for the next time where the browser keeps anything, and shown. */
export async function chooseContrast(contrast: Contrast): Promise<void> {
  await keepSetting('contrast', contrast).catch(() => undefined)
  show(contrast)
}

/** Shows what was chosen on this machine, in this tab or another, else what the system asks for. */
export function followContrast(): () => void {
  const asked = bySystem()
  let chosen: Contrast | undefined
  const settle = () => show(chosen ?? (asked.matches ? 'more' : 'usual'))
  settle()
  asked.addEventListener('change', settle)
  const kept = liveQuery(() => setting('contrast')).subscribe({
    next: (found) => {
      chosen = found
      settle()
    },
    error: () => undefined,
  })
  return () => {
    asked.removeEventListener('change', settle)
    kept.unsubscribe()
  }
}
