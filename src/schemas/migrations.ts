/** A document as it was, of whatever schema; nothing about it is certain before it is checked. */
type Old = Readonly<Record<string, unknown>>

const isRecord = (value: unknown): value is Old => typeof value === 'object' && value !== null && !Array.isArray(value)

const list = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : [])

/** What became of a case from one schema to the next. A step once released is never changed. */
const caseSteps: Readonly<Record<number, (kase: Old) => Old>> = {
  // Reports may name neutralizable acidity.
  1: (kase) => ({
    ...kase,
    schema: 2,
    reports: list(kase.reports).map((report) =>
      isRecord(report) ? { ...report, acidity: { text: '', unit: 'meq/100 g', value: null } } : report,
    ),
  }),
}

/** What became of the file around it. Schema 1 kept no log. */
const fileSteps: Readonly<Record<number, (file: Old) => Old>> = {
  1: (file) => ({ ...file, schema: 2, log: [] }),
}

function climbed(document: unknown, steps: typeof caseSteps): unknown {
  let now = document
  while (isRecord(now) && typeof now.schema === 'number' && steps[now.schema]) now = steps[now.schema]!(now)
  return now
}

/** A case of any older schema as it is today; anything else comes back as it was, to be refused by the schema. */
export const migratedCase = (kase: unknown): unknown => climbed(kase, caseSteps)

/** A case file likewise. */
export function migrated(file: unknown): unknown {
  const now = climbed(file, fileSteps)
  return isRecord(now) && now !== file ? { ...now, case: migratedCase(now.case) } : now
}
