'use client'

import clsx from 'clsx'
import { X } from 'lucide-react'

interface Props {
  /** What it takes away: said, not shown. */
  label: string
  onClick: () => void
  className?: string
}

/** Takes one entry of a list away. */
export function RemoveButton({ label, onClick, className }: Props) {
  return (
    <button
      type="button"
      aria-label={label}
      className={clsx('hover:bg-margin flex min-h-9 min-w-9 cursor-pointer items-center justify-center', className)}
      onClick={onClick}
    >
      <X size={16} aria-hidden />
    </button>
  )
}
