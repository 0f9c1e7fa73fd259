'use client'

import { Search } from 'lucide-react'
import { en } from './messages'
import { openCommand } from './opening'

/** For those who have no key for it, or do not know it yet. */
export function CommandButton() {
  return (
    <button
      type="button"
      title={`${en.open} (Ctrl+K)`}
      onClick={() => openCommand('box')}
      className="text-ink-2 hover:text-ink flex min-h-9 cursor-pointer items-center gap-1.5 p-1.5 text-[15px]"
    >
      <Search size={18} aria-hidden />
      <span className="sr-only lg:not-sr-only">{en.open}</span>
    </button>
  )
}
