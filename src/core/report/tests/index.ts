import type { Language } from '../../sentence/text'
import { blank, type Typed } from '../../units/typed'
import type { MannerId } from '../manners'
import type { TestDefinition } from './definition'
import { acidity } from './acidity'
import { bufferPH } from './buffer-pH'
import { cec } from './cec'
import { elementTests } from './elements'
import { freeLime } from './free-lime'
import { lead } from './lead'
import { molybdenum } from './molybdenum'
import { nitrate } from './nitrate'
import { organicMatter } from './organic-matter'
import { pH } from './pH'
import { salts } from './salts'
import { sampleDepth } from './sample-depth'
import { sar } from './sar'

/** Everything that a report may measure, in the order in which forms list it. */
export const tests = [
  pH,
  bufferPH,
  acidity,
  freeLime,
  organicMatter,
  cec,
  nitrate,
  ...elementTests,
  salts,
  sar,
  lead,
  molybdenum,
  sampleDepth,
] as const satisfies readonly TestDefinition[]

export type MeasuredField = (typeof tests)[number]['id']

export const measuredFields: readonly MeasuredField[] = tests.map(({ id }) => id)

const byId = new Map<string, TestDefinition>(tests.map((test) => [test.id, test]))

export const testOf = (field: MeasuredField): TestDefinition => byId.get(field)!

const blanks = new Map(tests.map((test) => [test.id as string, blank(test.unit)]))

/** What a report measured, by test; one that is missing was not made. */
type Measured = Readonly<Partial<Record<MeasuredField, Typed>>>

/** What was typed for a test; blank where it was not made. */
export const measuredIn = ({ measured }: { readonly measured: Measured }, test: MeasuredField): Typed =>
  measured[test] ?? blanks.get(test)!

const typedBefore = new WeakMap<Measured, readonly MeasuredField[]>()

/** The tests for which something was typed, in their order. Of the same ones it is looked for once. */
export function testedIn({ measured }: { readonly measured: Measured }): readonly MeasuredField[] {
  const before = typedBefore.get(measured)
  if (before) return before
  const now = measuredFields.filter((test) => (measured[test]?.text ?? '') !== '')
  typedBefore.set(measured, now)
  return now
}

export const isMeasured = (field: string): field is MeasuredField => byId.has(field)

/** What a test is called within a sentence, by its id. */
export const namesOfTests = (language: Language): Readonly<Record<MeasuredField, string>> =>
  Object.fromEntries(tests.map(({ id, named }) => [id, named[language]])) as Record<MeasuredField, string>

/** The tests whose meaning hangs on how they were made. */
export const measuredBy = (manner: MannerId): readonly MeasuredField[] =>
  measuredFields.filter((field) => testOf(field).manner === manner)
