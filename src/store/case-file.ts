import { caseShape, type Case } from '../core/case/case'
import { caseSchemaNumber } from '../core/case/schema'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import type { CaseFile, FiledEdit } from '../schemas/case-file'
import { knownOnly } from '../core/shape/readable'
import type { Version } from './ancestry'
import { compacted } from './compact'
import { ownGuidesOf } from './guides'
import type { Edit } from './history'
import { ownProductsOf } from './products'

/**
 * A case with its log, and the office's own guides and products that it goes by, as the text of a case file.
 *
 * @param legible whether it is set out for reading, which makes it twice as long
 */
export function toCaseFile(
  { kase, log }: Version,
  own: readonly Guide[],
  products: readonly Product[],
  legible = true,
): string {
  const file: CaseFile = {
    format: 'agrologos-case',
    schema: caseSchemaNumber,
    case: knownOnly(caseShape, kase),
    log: compacted(kase, log).map(filed),
    guides: ownGuidesOf(kase, own),
    products: ownProductsOf(kase, products),
  }
  const text = legible ? JSON.stringify(file, null, 2) : ''
  return `${legible && text.length <= fileLegible ? text : JSON.stringify(file)}\n`
}

/** Characters beyond which a file is no longer set out for reading. */
const fileLegible = 2_000_000

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
