'use client'

import { ChevronRight } from 'lucide-react'
import { useId, useState, type ReactNode } from 'react'

interface Props {
  title: string
  /** What it holds, in a line, while it is shut. */
  told?: string
  /** It is open until somebody shuts it. */
  called?: boolean
  className?: string
  children: ReactNode
}

/** A named group of fields that opens when it is called for, by what is known or by a click. */
export function Fold({
  title,
  told,
  called = false,
  className = 'grid gap-x-5 gap-y-3 sm:grid-cols-2',
  children,
}: Props) {
  const id = useId()
  const [chosen, choose] = useState<boolean | null>(null)
  const open = chosen ?? called
  return (
    <div className="border-rule border-t pt-1.5">
      <button
        type="button"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        onClick={() => choose(!open)}
        className="group flex min-h-9 w-full cursor-pointer flex-wrap items-center gap-x-1.5 py-1 text-left"
      >
        <ChevronRight size={17} aria-hidden className="text-moss shrink-0 group-aria-expanded:rotate-90" />
        <span className="text-moss group-hover:text-ink font-semibold">{title}</span>
        {!open && told && <span className="text-ink-2 ml-2 min-w-48 flex-1 text-[14.5px]">{told}</span>}
      </button>
      {open && (
        <div id={id} className={`pt-1 pb-3 ${className}`}>
          {children}
        </div>
      )}
    </div>
  )
}
