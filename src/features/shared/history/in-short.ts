import type { Case } from '@/core/case/case'
import type { Edit } from '@/store/history'
import { describe } from './describe'
import { en } from './messages'

/** The first thing that an edit changed, and how many there are beside. */
export function inShort(edit: Edit, kase: Case): string {
  const [first, ...more] = describe(edit, kase)
  return [first, more.length > 0 && en.more(more.length)].filter(Boolean).join(' ')
}
