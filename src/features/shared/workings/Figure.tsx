'use client'

import clsx from 'clsx'
import { useEffect, useId, useRef } from 'react'
import { Formula } from '@/ui/Formula'
import { useOpenCase } from '../../case/context'
import type { Explained } from '../../case/explained'

interface Props {
  /** What it opens into. */
  of: Explained
  /** In other words than the number alone. */
  children?: string
  size?: 'scoop' | 'need' | 'text'
}

/** A computed number. It opens into its workings, which follow it while they are open. */
export function Figure({ of, children = of.shown, size = 'text' }: Props) {
  const { explain, explained } = useOpenCase()
  const id = useId()
  const isOpen = explained?.by === id
  const open = useRef(isOpen)
  useEffect(() => {
    open.current = isOpen
    if (isOpen && explained.working !== of.working) explain({ ...of, by: id })
  }, [isOpen, explained, of, explain, id])
  useEffect(() => () => (open.current ? explain(null) : undefined), [explain])
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      onClick={() => explain(isOpen ? null : { ...of, by: id })}
      title="Show how it comes about"
      className={clsx(
        'decoration-slate hover:text-slate cursor-pointer text-left underline decoration-dotted decoration-[1.5px] underline-offset-4',
        size === 'scoop' && 'font-serif text-[38px] leading-[1.05] font-semibold',
        size === 'need' && 'font-serif text-[25px] leading-tight font-semibold',
      )}
    >
      <Formula>{children}</Formula>
    </button>
  )
}
