import { caseShape } from '../core/case/case'
import { blankOffice } from '../core/office'
import { membersOf } from '../core/case/members'
import { withFieldsSince } from '../core/shape/since'
import { isRecord, shapeAt } from '../core/shape/shape'
import { historyById, type Old } from './old-history'

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
  // Several crops, plants, rows, what earlier years left, new lawns; more tests; schools.
  2: (kase) => ({
    ...kase,
    schema: 3,
    schools: {},
    areas: list(kase.areas).map((area) => (isRecord(area) ? withPlanting(area) : area)),
    reports: list(kase.reports).map((report) => (isRecord(report) ? withMoreTests(report) : report)),
  }),
  // The plan, how the ground lies, samples and spot checks.
  3: (kase) => ({
    ...kase,
    schema: 4,
    plan: { north: 0, pace: blank('ft'), picture: null },
    sampling: true,
    samples: [],
    spotChecks: [],
    areas: list(kase.areas).map((area) =>
      isRecord(area)
        ? {
            ...area,
            shapes: [],
            lie: { colour: '', slope: null, shade: null, irrigated: false, toWater: blank('ft') },
            concerns: [],
            putOn: [],
          }
        : area,
    ),
  }),
  // Reports name their kind, the areas they speak of, the order of their paper, and the paper itself.
  4: (kase) => ({
    ...kase,
    schema: 5,
    reports: list(kase.reports).map((report) =>
      isRecord(report)
        ? { ...report, ...kindOf(report), areas: areasOf(kase, report), lines: [], originals: [] }
        : report,
    ),
  }),
  // Sets that several devices fill are records by id; what grows belongs to a year; what was put on is the log of the
  // case; products are named with their version; room for what people decide.
  5: (kase) => ({
    ...kase,
    schema: 6,
    season: yearOf(kase),
    areas: list(kase.areas).map((area) => (isRecord(area) ? withSeason(area, yearOf(kase)) : area)),
    applications: list(kase.areas).flatMap((area) => (isRecord(area) ? list(area.putOn).map(asApplication(area)) : [])),
    decisions: { overrulings: {}, confirmations: {}, moves: {}, caps: {}, settled: {} },
    shed: [],
    mix: null,
    letters: [],
    samples: list(kase.samples).map((sample) => (isRecord(sample) ? withMembers(sample, 'ticked') : sample)),
    reports: list(kase.reports).map((report) => (isRecord(report) ? withMembers(report, 'areas') : report)),
  }),
  // Spreaders and their trials; a mix says by which aim, from which bags and for which needs it was taken, and there was
  // none before; nor were figures overruled.
  6: (kase) => ({
    ...kase,
    schema: 7,
    spreaders: [],
    mix: null,
    decisions: isRecord(kase.decisions) ? { ...kase.decisions, overrulings: {} } : kase.decisions,
  }),
  // A cap of the advisor's own is an overruling like any other; no reason was asked for before.
  7: (kase) => ({
    ...kase,
    schema: 8,
    region: null,
    calendarSent: [],
    areas: list(kase.areas).map((area) => (isRecord(area) ? withSowing(area) : area)),
    decisions: isRecord(kase.decisions) ? withoutCaps(kase.decisions, kase) : kase.decisions,
  }),
  8: (kase) => ({ ...kase, schema: 9, ownRegion: null }),
  9: (kase) => ({
    ...kase,
    schema: 10,
    letters: list(kase.letters).map((given) => (isRecord(given) ? { ...given, handed: given.at } : given)),
    letter: isRecord(kase.letter)
      ? { ...kase.letter, language: 'en', why: false, workings: false, bothMeasures: false, edits: {}, frozen: null }
      : kase.letter,
  }),
  // What a report measured is a record by test.
  10: (kase) => ({ ...(valueSince10([], kase) as Old), schema: 11 }),
}

/** What a report could measure up to schema 10, each a field of its own. */
const measuredBefore: ReadonlySet<unknown> = new Set(
  'pH bufferPH acidity organicMatter cec nitrate P K Ca Mg S Na Zn Mn Fe Cu B salts sar freeLime lead sampleDepth'.split(
    ' ',
  ),
)

function withMeasured(report: unknown): unknown {
  if (!isRecord(report) || isRecord(report.measured)) return report
  const all = Object.entries(report)
  const some = (measured: boolean) => Object.fromEntries(all.filter(([name]) => measuredBefore.has(name) === measured))
  return { ...some(false), measured: some(true) }
}

/** Where a field of schema 10 stands now. */
const pathSince10 = (path: readonly unknown[]): readonly unknown[] =>
  path[0] === 'reports' && measuredBefore.has(path[2]) ? [...path.slice(0, 2), 'measured', ...path.slice(2)] : path

/** A patch of schema 10, that it can still be taken back. */
function patchSince10(patch: unknown): unknown {
  if (!isRecord(patch) || !Array.isArray(patch.path)) return patch
  const path = pathSince10(patch.path as unknown[])
  return 'value' in patch ? { ...patch, path, value: valueSince10(path, patch.value) } : { ...patch, path }
}

/** What stood at a path of a case of schema 10, with the fields that there are since. */
function valueSince10(path: readonly unknown[], value: unknown): unknown {
  const shape = path.every((key) => typeof key === 'string') ? shapeAt(caseShape, path as string[]) : undefined
  const told = withReports(path, value)
  return shape ? withFieldsSince(11, shape, told) : told
}

function withReports(path: readonly unknown[], value: unknown): unknown {
  if (path.length === 0 && isRecord(value)) return { ...value, reports: list(value.reports).map(withMeasured) }
  if (path[0] !== 'reports') return value
  return path.length === 1 ? list(value).map(withMeasured) : path.length === 2 ? withMeasured(value) : value
}

/** An edit of schema 10 likewise. */
export const editSince10 = (edit: unknown): unknown =>
  isRecord(edit)
    ? { ...edit, patches: list(edit.patches).map(patchSince10), inverse: list(edit.inverse).map(patchSince10) }
    : edit

/** A field on which two people have not agreed, of schema 10 or before. */
export function conflictSince10(conflict: unknown): unknown {
  if (!isRecord(conflict) || !Array.isArray(conflict.path)) return conflict
  const path = pathSince10(conflict.path as unknown[])
  return { ...conflict, path, ...('other' in conflict && { other: valueSince10(path, conflict.other) }) }
}

/** Seasons name the day of sowing; there were no moves before. */
const withSowing = (area: Old): Old => ({
  ...area,
  seasons: isRecord(area.seasons)
    ? Object.fromEntries(
        Object.entries(area.seasons).map(([year, season]) => [
          year,
          isRecord(season) ? { ...season, sown: '' } : season,
        ]),
      )
    : area.seasons,
})

const ruledCap = (is: unknown, by: unknown, at: unknown) => ({
  reason: 'Set before a reason was asked for.',
  by,
  at,
  of: 'cap',
  is,
  replaced: blank('lb/1000 ft²'),
})

function withoutCaps({ caps, ...decisions }: Old, kase: Old): Old {
  const ruled = Object.entries(isRecord(caps) ? caps : {}).map(([key, is]) => [
    `${key}/cap`,
    ruledCap(is, kase.draftedBy, kase.updatedAt),
  ])
  const before = isRecord(decisions.overrulings) ? decisions.overrulings : {}
  return { ...decisions, moves: {}, overrulings: { ...before, ...Object.fromEntries(ruled) } }
}

/** The year in which a case was begun: the one that it was worked on in. */
const yearOf = ({ createdAt }: Old): string => /^\d{4}/.exec(String(createdAt))?.[0] ?? '2026'

function withSeason({ putOn: _logged, ...area }: Old, year: string): Old {
  const { crop, otherCrops, feeding, newLawn, plants, rows, past, materials, ...ground } = area
  return {
    ...ground,
    seasons: {
      [year]: {
        ...{ crop, otherCrops, feeding, newLawn, plants, rows },
        past: named(past, 'manure'),
        materials: named(materials, 'lime', 'sulfur', 'fertilizer'),
      },
    },
  }
}

/** Products at the version that they had. */
const named = (of: unknown, ...names: readonly string[]): unknown =>
  isRecord(of)
    ? {
        ...of,
        ...Object.fromEntries(names.map((name) => [name, typeof of[name] === 'string' ? `${of[name]}@1` : of[name]])),
      }
    : of

const asApplication = (area: Old) => (entry: unknown) => {
  if (!isRecord(entry)) return entry
  const { year, ...rest } = entry
  return {
    ...rest,
    areaId: area.id,
    date: year,
    product: null,
    amount: blank('lb'),
    pass: null,
    done: 'as-planned',
  }
}

const kindOf = (report: Old): Old => ({ kind: report.extractant === 'saturated-media' ? 'mix' : 'laboratory' })

const areasOf = (kase: Old, report: Old): readonly unknown[] =>
  list(kase.areas).flatMap((area) => (isRecord(area) && area.reportId === report.id ? [area.id] : []))

const withMembers = (one: Old, set: string): Old => ({
  ...one,
  [set]: membersOf(list(one[set]).filter((id) => typeof id === 'string' || typeof id === 'number')),
})

const blank = (unit: string) => ({ text: '', unit, value: null })
const blanks = (unit: string, ...names: readonly string[]) =>
  Object.fromEntries(names.map((name) => [name, blank(unit)]))

const withPlanting = (area: Old): Old => ({
  ...area,
  otherCrops: [],
  newLawn: false,
  plants: { count: blank(''), age: blank('years'), shoots: blank('in'), dwarf: false },
  rows: blanks('ft', 'length', 'spacing'),
  past: { manure: null, manureRate: blank('lb/1000 ft²'), legume: null, beansNext: false },
  materials: isRecord(area.materials)
    ? {
        ...area.materials,
        limeScale: 'effective',
        limeSieves: blanks('%', 'cce', 'moisture', '4', '8', '20', '40', '60'),
        slowNitrogen: blank('%'),
      }
    : area.materials,
})

const withMoreTests = (report: Old): Old => ({
  ...report,
  micronutrients: null,
  boron: null,
  pHIn: 'water',
  nitrate: blank('ppm'),
  sampleDepth: blank('in'),
  salts: blank('dS/m'),
  saltsBy: null,
  sar: blank(''),
  freeLime: blank('%'),
  lead: blank('ppm'),
  leadBy: null,
  ...blanks('ppm', 'Ca', 'S', 'Na', 'Zn', 'Mn', 'Fe', 'Cu', 'B'),
  recommends: isRecord(report.recommends)
    ? { ...report.recommends, ...blanks('lb/1000 ft²', 'Mg', 'Ca', 'S', 'B', 'Zn', 'Mn', 'Fe', 'Cu') }
    : report.recommends,
})

/** The next number alone. */
const nextNumber = (file: Old): Old => ({ ...file, schema: Number(file.schema) + 1 })

/** What became of the file around it, where that changed too. Schema 1 kept no log, schema 2 no guides of an office. */
const fileSteps: typeof caseSteps = {
  ...Object.fromEntries(Object.keys(caseSteps).map((from) => [from, nextNumber])),
  1: (file) => ({ ...file, schema: 2, log: [] }),
  2: (file) => ({ ...file, schema: 3, guides: [] }),
  5: (file) => ({ ...file, schema: 6, products: [], log: historyById(file.case, list(file.log), migratedCase) }),
  7: (file) => ({ ...file, schema: 8, log: list(file.log).map(editWithoutCaps) }),
  10: (file) => ({ ...file, schema: 11, log: list(file.log).map(editSince10) }),
}

/** An edit of schema 7, that it can still be taken back: one of a cap speaks of an overruling now. */
export function editWithoutCaps(edit: unknown): unknown {
  if (!isRecord(edit)) return edit
  const told = (patch: unknown): unknown => {
    if (!isRecord(patch) || !Array.isArray(patch.path)) return patch
    const [root, part, key, ...rest] = patch.path as unknown[]
    if (root !== 'decisions' || part !== 'caps' || rest.length > 0) return patch
    const path = [root, 'overrulings', `${String(key)}/cap`]
    return 'value' in patch ? { ...patch, path, value: ruledCap(patch.value, edit.by, edit.at) } : { ...patch, path }
  }
  return { ...edit, patches: list(edit.patches).map(told), inverse: list(edit.inverse).map(told) }
}

function climbed(document: unknown, steps: typeof caseSteps): unknown {
  let now = document
  while (isRecord(now) && typeof now.schema === 'number' && steps[now.schema]) now = steps[now.schema]!(now)
  return now
}

/** A case of any older schema as it is today; anything else comes back as it was, to be refused by the schema. */
export const migratedCase = (kase: unknown): unknown => climbed(kase, caseSteps)

/** An office of before something was asked of it: blank, there. */
export const migratedOffice = (office: unknown): unknown => (isRecord(office) ? { ...blankOffice, ...office } : office)

/** A case file likewise. */
export function migrated(file: unknown): unknown {
  const now = climbed(file, fileSteps)
  return isRecord(now) && now !== file ? { ...now, case: migratedCase(now.case) } : now
}
