'use client'

import { Button } from './Button'

interface Props {
  label: string
  /** From 0 to 1. */
  share: number
  cancel: string
  onCancel: () => void
}

/** How far a piece of work is, and the way out of it. */
export function Progress({ label, share, cancel, onCancel }: Props) {
  return (
    <div className="flex items-center gap-3">
      <progress aria-label={label} value={share} max={1} className="accent-moss h-2.5 min-w-0 flex-1" />
      <span className="text-ink-2 w-24 text-right text-sm tabular-nums">{Math.floor(share * 100)} %</span>
      <Button onClick={onCancel}>{cancel}</Button>
    </div>
  )
}
