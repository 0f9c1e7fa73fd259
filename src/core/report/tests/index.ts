import type { MannerId } from '../manners'
import type { TestDefinition } from './definition'
import { acidity } from './acidity'
import { bufferPH } from './buffer-pH'
import { cec } from './cec'
import { elementTests } from './elements'
import { freeLime } from './free-lime'
import { lead } from './lead'
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
  organicMatter,
  cec,
  nitrate,
  ...elementTests,
  salts,
  sar,
  freeLime,
  lead,
  sampleDepth,
] as const satisfies readonly TestDefinition[]

export type MeasuredField = (typeof tests)[number]['id']

export const measuredFields: readonly MeasuredField[] = tests.map(({ id }) => id)

const byId = new Map<string, TestDefinition>(tests.map((test) => [test.id, test]))

export const testOf = (field: MeasuredField): TestDefinition => byId.get(field)!

export const isMeasured = (field: string): field is MeasuredField => byId.has(field)

/** The tests whose meaning hangs on how they were made. */
export const measuredBy = (manner: MannerId): readonly MeasuredField[] =>
  measuredFields.filter((field) => testOf(field).manner === manner)
