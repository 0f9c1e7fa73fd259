import { formatISO } from 'date-fns'

/** `2026-11-26`, of this day where one is. */
export const today = (): string => formatISO(new Date(), { representation: 'date' })
