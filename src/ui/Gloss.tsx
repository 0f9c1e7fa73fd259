'use client'

import { useId, useState, type ReactNode } from 'react'

interface Props {
  /** What the word means, in a sentence. */
  says: string
  children: ReactNode
}

/** A word of the trade that explains itself where it stands: under the pointer, in focus, or tapped. Escape shuts it. */
export function Gloss({ says, children }: Props) {
  const id = useId()
  const [open, setOpen] = useState(false)
  return (
    <span className="relative inline-block" onPointerEnter={() => setOpen(true)} onPointerLeave={() => setOpen(false)}>
      <button
        type="button"
        aria-describedby={open ? id : undefined}
        className="decoration-ink-2 min-h-6 cursor-help text-left underline decoration-dotted underline-offset-3"
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onClick={() => setOpen(true)}
        onKeyDown={(event) => event.key === 'Escape' && setOpen(false)}
      >
        {children}
      </button>
      {open && (
        <span
          id={id}
          role="tooltip"
          className="bg-ink text-sheet absolute top-full left-0 z-30 w-64 max-w-[70vw] rounded-[3px] px-3 py-2 text-[14px] leading-snug font-normal print:hidden"
        >
          {says}
        </span>
      )}
    </span>
  )
}
