import { formatISO, lightFormat } from 'date-fns'
import { dateWords } from '@/wording/format'

/** `2026-11-26`, of this day where one is. */
export const today = (): string => formatISO(new Date(), { representation: 'date' })

/** `26 Nov 2026, 10:05`, of a moment where one is. */
export function momentWords(instant: string): string {
  const at = new Date(instant)
  return `${dateWords(lightFormat(at, 'yyyy-MM-dd'))}, ${lightFormat(at, 'HH:mm')}`
}
