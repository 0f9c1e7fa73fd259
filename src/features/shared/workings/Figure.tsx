'use client'

import clsx from 'clsx'
import { Formula } from '@/ui/Formula'
import { useOpenCase } from '../../case/context'

/** A computed number. It opens into its workings. */
export function Figure({
  opens,
  children,
  size = 'text',
}: {
  opens: string
  children: string
  size?: 'scoop' | 'need' | 'text'
}) {
  const { explain, explained } = useOpenCase()
  return (
    <button
      type="button"
      aria-expanded={explained === opens}
      onClick={() => explain(explained === opens ? null : opens)}
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
