import { unparse } from 'papaparse'
import type { Summary } from '@/store/db'
import { en } from './messages'

/** The Desk as CSV, with a mark that tells spreadsheets it is UTF-8. A cell that begins like a formula is quoted as text. */
export const listCsv = (summaries: readonly Summary[]): string =>
  `\uFEFF${unparse(
    {
      fields: [...en.listHeads],
      data: summaries.map((one) => [
        one.client,
        one.place,
        one.areas.join('; '),
        en.waits[one.waitsFor],
        one.updatedAt,
      ]),
    },
    { escapeFormulae: true },
  )}\r\n`
