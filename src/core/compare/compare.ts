import { amountsOf } from './amounts'
import { differ } from '../needs/need'
import type { What } from '../needs/need'
import type { AreaRecommendation } from '../recommend'
import type { ReadingLine } from '../reading/lines'

/** A line that reads otherwise, as one guide or school and another have it; undefined where one has no such line. */
export interface LineChange {
  readonly id: string
  readonly before?: ReadingLine
  readonly after?: ReadingLine
}

/** lb on the area; undefined where it is not known. */
export interface AmountChange {
  readonly what: What
  readonly before?: number
  readonly after?: number
}

/** What another guide or school would change for an area: how its report reads, and what goes on. */
export function readingChanges(
  before: AreaRecommendation,
  after: AreaRecommendation,
): { readonly lines: readonly LineChange[]; readonly amounts: readonly AmountChange[] } {
  const [was, becomes] = [before, after].map(
    ({ answer }) => new Map((answer?.reading ?? []).map((one) => [one.id, one])),
  )
  const ids = new Set([...was!.keys(), ...becomes!.keys()])
  const lines = [...ids]
    .map((id) => ({ id, before: was!.get(id), after: becomes!.get(id) }))
    .filter((one) => said(one.before) !== said(one.after))
  const [then, now] = [amountsOf(before), amountsOf(after)]
  const amounts = [...new Set([...then.keys(), ...now.keys()])]
    .map((what) => ({ what, before: then.get(what), after: now.get(what) }))
    .filter((one) => differ(one.before, one.after))
  return { lines, amounts }
}

const said = (line: ReadingLine | undefined): string =>
  line ? JSON.stringify([line.className ?? line.meaning.key, line.wanted ?? null, line.between ?? null]) : ''
