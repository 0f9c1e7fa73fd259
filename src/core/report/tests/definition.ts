import type { ReportKind } from '../../report/kinds'
import type { Text } from '../../sentence/text'
import type { Field } from '../../units/typed'
import type { MannerId } from '../manners'

/**
 * What a report may measure, in one place: form, imports, reading, trends, errors, the schema and the words for it go by
 * it. Another test is another file here and a line in the index; one that an amount hangs on has a reader too.
 */
export interface TestDefinition {
  /** Its key in a report. */
  readonly id: string
  /** As a form calls it. */
  readonly label: Text
  /** As a reading calls it, where that is shorter. */
  readonly short?: Text
  /** Within a sentence, in the languages of a client. */
  readonly named: Required<Text>
  /** What it is, for somebody’s first day. */
  readonly about?: string
  /** What is said of it where nothing is rated by it; absent: it is read on its own (`reading/lines.ts`). */
  readonly says?: Text
  /** Units, the range outside which it is not believed, and an example. Source: common practice, unless said. */
  readonly field: Field
  /** The unit in which a paper prints it, unless it says otherwise. */
  readonly unit: string
  /** A plain number; what is measured may otherwise be a limit or a range. */
  readonly plain?: true
  /** As papers and files name it, in lower case. */
  readonly names: readonly string[]
  /** What decides what its number means. */
  readonly manner?: MannerId
  /** One standard deviation, in its own unit; absent where nothing is known of it. Source: common practice. */
  readonly error?: (v: number, kind: ReportKind, cores: number) => number
}
