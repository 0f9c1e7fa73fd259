import { sourceOf, type SourceRef } from '@/core/units/sources'
import { Formula } from '@/ui/Formula'
import { en } from './messages'

/** Where figures come from, and how sure that is. */
export function SourceMark({ of }: { of: SourceRef }) {
  const { author, title, year, status, recalled } = sourceOf(of)
  const named = [author, title, year].filter(Boolean).join(', ')
  return (
    <span className="text-slate text-[13px] leading-snug">
      <Formula>{named}</Formula>
      <span className="border-edge ml-1.5 rounded-[3px] border px-1 whitespace-nowrap">
        {en.status[status]}
        {recalled && `, ${en.recalled}`}
      </span>
    </span>
  )
}
