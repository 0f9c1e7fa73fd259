import type { Case } from '../core/case'
import type { CaseFile, FiledEdit } from '../schemas/case-file'
import type { Version } from './ancestry'
import type { Edit } from './history'

/** A case with its log as the text of a case file. */
export const toCaseFile = ({ kase, log }: Version): string =>
  `${JSON.stringify({ format: 'agrologos-case', schema: 2, case: kase, log: log.map(filed) } satisfies CaseFile, null, 2)}\n`

/** An edit without what only this browser's database knows of it. */
function filed(edit: FiledEdit & Partial<Pick<Edit, 'seq' | 'caseId'>>): FiledEdit {
  const { id, by, at, kind, patches, inverse, knows } = edit
  return { id, by, at, kind, patches, inverse, ...(knows && { knows }) }
}

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
