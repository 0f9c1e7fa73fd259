import type { Case } from '../core/case'

/** What a case file holds; docs/case-file.md tells of it. */
export interface CaseFile {
  readonly format: 'agrologos-case'
  readonly schema: 1
  readonly case: Case
}

export const toCaseFile = (kase: Case): string =>
  `${JSON.stringify({ format: 'agrologos-case', schema: 1, case: kase } satisfies CaseFile, null, 2)}\n`

/** A name that a person finds again: the client, the place, the day. */
export function caseFileName({ client, place, updatedAt }: Case): string {
  const words = [client, place]
    .join(' ')
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  return `${words.slice(0, 60) || 'case'}-${updatedAt.slice(0, 10)}.json`
}
