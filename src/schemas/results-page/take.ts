import { withEntry, type Act } from '../../core/acts/act'
import { collect, coveredBy, leadWhereNewer, pinGuides } from '../../core/acts/reports'
import { blankReport } from '../../core/case/blank'
import type { Case } from '../../core/case/case'
import type { Original, Report } from '../../core/report/report'
import type { LineField } from '../../core/report/line-fields'
import { idsOf, membersOf } from '../../core/case/members'
import type { Guide } from '../../core/guides/guide'
import { linesOf } from '../../core/report/layout'
import { recommendedIn, typedIn } from '../../core/report/lines'
import type { KeptMapping } from '../layout'
import type { ReadPlace } from '../backup'
import { filled, kindBy } from '../results-file/filled'
import { onlyUnit, type FileManner } from '../results-file/mapping'
import { openIn, type FoundValue, type PaperRead } from './read'

/** What somebody said of a value that was found. */
export interface Correction {
  /** What it is; null: nothing that is wanted. */
  readonly meaning?: LineField | null
  readonly unit?: string
  readonly text?: string
  /** Of several it is this one. */
  readonly chosen?: true
}

export type Corrections = ReadonlyMap<number, Correction>

/** The values with what somebody said of them. Of several that could be meant the chosen one stays. */
export function corrected(values: readonly FoundValue[], said: Corrections): readonly FoundValue[] {
  const groups = new Set(values.flatMap((one) => (said.get(one.id)?.chosen ? [groupOf(one)] : [])))
  return values.flatMap((one): readonly FoundValue[] => {
    const correction = said.get(one.id)
    if (one.open === 'several' && groups.has(groupOf(one)) && !correction?.chosen) return []
    if (!correction) return [one]
    const meaning = correction.meaning === undefined ? one.meaning : correction.meaning
    const text = correction.text ?? one.text
    const moved = correction.meaning !== undefined && correction.meaning !== one.meaning
    const unit = correction.unit ?? (moved ? meaning && onlyUnit(meaning) : one.unit)
    // What nobody wants is settled too.
    const open = correction.meaning === null ? null : openIn(meaning, text, unit)
    return [
      { ...one, meaning, text, unit, open: open ?? (one.open === 'several' && !correction.chosen ? 'several' : null) },
    ]
  })
}

const groupOf = ({ meaning, sample, crop }: FoundValue): string => [meaning, sample, crop].join('|')

/** Values that one report is made of: of one sample, with what is recommended for one crop. */
export interface PaperEntry {
  readonly key: string
  readonly sample: string
  readonly crop: string
  readonly values: readonly FoundValue[]
}

/** What a paper holds, a report to each sample and each crop that it speaks of. */
export function entriesOf(values: readonly FoundValue[]): readonly PaperEntry[] {
  return [...new Set(values.map(({ sample }) => sample))].flatMap((sample) => {
    const own = values.filter((one) => one.sample === sample)
    const crops = [...new Set(own.map(({ crop }) => crop))].filter(Boolean)
    return (crops.length > 0 ? crops : ['']).map((crop) => ({
      key: `${sample}|${crop}`,
      sample,
      crop,
      values: own.filter((one) => one.crop === '' || one.crop === crop),
    }))
  })
}

/** A value that counts as it stands. */
export const isSettled = ({ open, meaning, unit }: FoundValue): boolean =>
  open === null && meaning !== null && unit !== null

/**
 * Which area each entry is of: by the code on its bag or report, by its crop, or, of a paper with one entry alone, the
 * area that is open. Of several that could be meant none is.
 *
 * @param cropOf the crop that words mean
 */
export function areasFor(
  entries: readonly PaperEntry[],
  kase: Case,
  areaId: string,
  cropOf: (words: string) => string | null,
): ReadonlyMap<string, string> {
  const fold = (text: string) => text.trim().toLowerCase()
  const found = new Map<string, string>()
  const taken = new Set<string>()
  for (const { key, sample, crop } of entries) {
    const byCode = [...kase.reports.map(({ code, areas }) => ({ code, areas: idsOf(areas) })), ...kase.samples]
      .filter(({ code }) => code !== '' && fold(code) === fold(sample))
      .flatMap(({ areas }) => areas)
    const known = kase.areas.filter(({ id, name }) => byCode.includes(id) || (sample && fold(name) === fold(sample)))
    const meant = cropOf(crop)
    const grows = (known.length > 0 ? known : kase.areas).filter(
      ({ name, seasons }) =>
        (meant !== null && seasons[kase.season]?.crop === meant) || (crop !== '' && fold(name) === fold(crop)),
    )
    const free = (grows.length > 0 || crop !== '' ? grows : known).filter(({ id }) => !taken.has(id))
    if (free.length !== 1) continue
    found.set(key, free[0]!.id)
    taken.add(free[0]!.id)
  }
  return found.size === 0 && entries.length === 1 ? new Map([[entries[0]!.key, areaId]]) : found
}

/** What a paper says beside its values, as it was found or put right. */
export interface AboutPaper {
  readonly laboratory: string
  readonly date: string
  readonly manner: FileManner
}

/**
 * A report with the values of an entry. Into one that is begun only what it lacks is put: what somebody typed stays.
 *
 * @param begun the report; a new one has its id alone
 */
export function reportOf(begun: Report, entry: PaperEntry, { laboratory, date, manner }: AboutPaper): Report {
  const settled = entry.values.filter(isSettled)
  const values = settled
    .filter(({ meaning }) => typedIn(begun, meaning!).text.trim() === '')
    .map(({ meaning, text, unit }) => ({ field: meaning!, text, unit: unit! }))
  const fresh = linesOf(begun).every(({ field }) => typedIn(begun, field).text.trim() === '')
  const lines = fresh ? values.map(({ field, unit }) => ({ field, unit })) : begun.lines
  const kind = kindBy({ manner })
  return {
    ...filled({ ...begun, lines }, { code: entry.sample, date, laboratory, values }, { manner }),
    kind: kind === 'mix' ? kind : begun.kind,
  }
}

/** An entry that is taken, the report that it goes into, and the area that it is of. */
export interface TakenEntry {
  readonly entry: PaperEntry
  readonly reportId: string
  readonly areaId: string
}

/**
 * Takes entries of a paper into a case: into reports that are there, or into new ones, each of its bag's areas.
 *
 * @param original the paper itself, which the reports name; null where it is not kept
 */
export const takeEntries =
  (taken: readonly TakenEntry[], about: AboutPaper, original: Original | null, guides: readonly Guide[]): Act =>
  (kase) => {
    const put = (begun: Report, entry: PaperEntry): Report => {
      const report = reportOf(begun, entry, about)
      const names = report.originals.some(({ id }) => id === original?.id)
      return original && !names ? { ...report, originals: [...report.originals, original] } : report
    }
    const begun = taken.filter(({ reportId }) => kase.reports.some(({ id }) => id === reportId))
    const fresh = taken
      .filter((one) => !begun.includes(one))
      .map(({ entry, reportId, areaId }) =>
        put({ ...blankReport(reportId), areas: membersOf(coveredBy(kase, areaId, entry.sample)) }, entry),
      )
    const filledIn = begun.reduce<Case>((now, { reportId, entry }) => {
      const reports = withEntry(now.reports, reportId, (report) => put(report, entry))
      return pinGuides(reportId, guides)(leadWhereNewer(reportId, guides)({ ...now, reports }))
    }, kase)
    return collect(fresh, guides, 'where-none')(filledIn)
  }

/** Where on the paper the values of each report stand. */
export const placesOf = (taken: readonly TakenEntry[]): readonly ReadPlace[] =>
  taken.flatMap(({ entry, reportId }) =>
    entry.values.filter(isSettled).map(({ meaning, place }) => ({ ...place, report: reportId, field: meaning! })),
  )

/** What the next paper of this laboratory is read by: every name as it was taken at last. */
export function keptOf(
  { signature, dates }: PaperRead,
  values: readonly FoundValue[],
  said: Corrections,
  manner: FileManner,
  before: KeptMapping | undefined,
): KeptMapping {
  const columns = new Map((before?.columns ?? []).map((column) => [column.name, column]))
  for (const { id, name, meaning, unit } of values) {
    const correction = said.get(id)
    if (correction?.meaning !== undefined || correction?.unit !== undefined) columns.set(name, { name, meaning, unit })
  }
  return {
    signature,
    columns: [...columns.values()].slice(-400),
    decimal: before?.decimal ?? null,
    dates: before?.dates ?? dates,
    manner,
  }
}

/** Reports of the case that may be this one: of its laboratory, code and day. */
export const alreadyThere = (
  { reports }: Case,
  { sample, values }: PaperEntry,
  { laboratory, date }: AboutPaper,
): Report | undefined =>
  reports.find(
    (one) =>
      one.code === sample &&
      one.date === date &&
      one.laboratory === laboratory &&
      values.some(({ meaning }) => meaning && typedIn(one, meaning).text !== '') &&
      values
        .filter(isSettled)
        .every(({ meaning, text }) => recommendedIn(meaning!) || typedIn(one, meaning!).text === text),
  )
