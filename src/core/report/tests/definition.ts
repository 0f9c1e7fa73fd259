import type { ReportKind } from '../../report/kinds'
import type { Text } from '../../told/text'
import type { Field } from '../../units/typed'
import type { MannerId } from '../manners'

/**
 * What a report may measure, in one place: form, imports, reading, trends, errors and the schema go by it. Another test
 * is another file here, a line in the index, and a word on how it is read (`reading/lines.ts`).
 */
export interface TestDefinition {
  /** Its key in a report. */
  readonly id: string
  /** As a form calls it. */
  readonly label: Text
  /** As a reading calls it, where that is shorter. */
  readonly short?: Text
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
