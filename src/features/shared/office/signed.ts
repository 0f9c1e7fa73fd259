import type { Case } from '@/core/case/case'
import type { Signed } from '@/core/case/decisions'
import { setting } from '@/store/db'

/** A reason with the initials of who works here, else of who drafts, and the time. */
export const signed = async ({ draftedBy }: Pick<Case, 'draftedBy'>, reason: string): Promise<Signed> => ({
  reason,
  by: (await setting('signer').catch(() => undefined)) ?? draftedBy,
  at: new Date().toISOString(),
})
