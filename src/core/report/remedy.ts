import type { Report } from './report'
import type { LineField } from './line-fields'
import type { Sentence } from '../sentence/sentence'
import type { Element, TestUnit } from '../units/quantity'
import type { BufferKind } from './buffers'
import type { RateUnit } from '../units/rates'
import { inUnit, readLine, typedIn, withLine } from './lines'

/** What would put a doubtful report right, at one stroke. */
export type Remedy =
  | { readonly kind: 'text'; readonly field: LineField; readonly text: string }
  | { readonly kind: 'unit'; readonly elements: readonly Element[]; readonly unit: TestUnit }
  | { readonly kind: 'buffer'; readonly buffer: BufferKind }
  | { readonly kind: 'rate-unit'; readonly field: LineField; readonly unit: RateUnit }

/** What in a report can hardly be so, where it stands, and what would put it right. */
export interface Doubt {
  readonly sentence: Sentence
  readonly field: LineField
  readonly remedy?: Remedy
  /** It is worth a look, and nothing that is typed settles it. */
  readonly stands?: true
}

/** Puts a sentence about a field right, where the number that was meant is plain: a lost point, an oxide for its element. */
export function remedyFor(field: LineField, { args }: Sentence): Remedy | undefined {
  const meant = args.meant ?? args.share
  return typeof meant === 'number' ? { kind: 'text', field, text: String(Number(meant.toPrecision(3))) } : undefined
}

/** The report put right. A number that gets another unit loses the one typed after it. */
export function remedied(report: Report, remedy: Remedy): Report {
  if (remedy.kind === 'buffer') return { ...report, buffer: remedy.buffer }
  if (remedy.kind === 'rate-unit') return inUnit(report, remedy.field, remedy.unit)
  if (remedy.kind === 'text') {
    const { unit } = typedIn(report, remedy.field)
    return withLine(report, remedy.field, readLine(remedy.field, remedy.text, unit))
  }
  const { elements, unit } = remedy
  const lines = report.lines.map((one) =>
    (elements as readonly string[]).includes(one.field) ? { ...one, unit } : one,
  )
  return elements.reduce<Report>(
    (now, element) => withLine(now, element, { ...readLine(element, bare(typedIn(now, element).text), unit), unit }),
    { ...report, lines },
  )
}

/** Without the unit typed after it. */
const bare = (text: string): string =>
  text.replace(/\s*(?:ppm|mg\/kg|(?:lbs?|pounds|#)\s*(?:\/|per)\s*(?:acre|ac|a))\b/i, '')
