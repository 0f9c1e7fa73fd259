import { blankReport } from '../case/blank'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import type { LineField } from '../report/line-fields'
import type { SpotCheck } from '../case/sample'
import { guidesFor } from '../guides/choose'
import { type Guide, guideNamed, guideRef } from '../guides/guide'
import { lineUnit, readLine, typedIn, withLine } from '../report/lines'
import { isMember, membersOf } from '../case/members'
import { withAreas, withEntry, withoutEntry, type Act } from './act'

/**
 * Adds a report to the case, in force in the areas that it speaks of: in all of them, in those that have none, or nowhere
 * yet.
 */
export const addReport =
  (report: Report, guides: readonly Guide[], inForce: 'always' | 'where-none' | 'never' = 'where-none'): Act =>
  (kase) => {
    const rates = (areaId: string, now: string | null) =>
      isMember(report.areas, areaId) && (inForce === 'always' || (inForce === 'where-none' && now === null))
    const added = { ...kase, reports: [...kase.reports, report] }
    const led = withAreas(added, (area) => (rates(area.id, area.reportId) ? { ...area, reportId: report.id } : area))
    const pinned = pinGuides(report.id, guides)(led)
    return inForce === 'where-none' ? leadWhereNewer(report.id, guides)(pinned) : pinned
  }

/**
 * Puts a report in force in the areas that it speaks of and whose report is of an earlier day; a kit or a meter leads no
 * laboratory by itself. Where a day is not known nothing is put in force either; what an advisor chose before stays until
 * a day is typed anew.
 */
export const leadWhereNewer =
  (reportId: string, guides: readonly Guide[]): Act =>
  (kase) => {
    const report = kase.reports.find(({ id }) => id === reportId)
    if (!report || !isDay(report.date)) return kase
    const leads = (other: Report | undefined) =>
      other !== undefined && isDay(other.date) && other.date < report.date && (!madeAtHome(report) || madeAtHome(other))
    const led = withAreas(kase, (area) =>
      isMember(report.areas, area.id) && leads(kase.reports.find(({ id }) => id === area.reportId))
        ? { ...area, reportId }
        : area,
    )
    return led === kase ? kase : pinGuides(reportId, guides)(led)
  }

const madeAtHome = ({ kind }: Pick<Report, 'kind'>): boolean => kind === 'kit' || kind === 'meter'

/** `2026-05-12`; not while it is typed. */
const isDay = (date: string): boolean => /^\d{4}-\d\d-\d\d$/.test(date)

/** Rates the areas in which this report is in force by a guide that speaks for its extractant, where theirs does not. */
export const pinGuides =
  (reportId: string, guides: readonly Guide[]): Act =>
  (kase) => {
    const extractant = kase.reports.find(({ id }) => id === reportId)?.extractant
    if (!extractant) return kase
    return withAreas(kase, (area) => {
      if (area.reportId !== reportId) return area
      const now = guideNamed(guides, area.guide)
      const guide = guidesFor(guides, extractant, area.seasons[kase.season]?.crop ?? null)[0]
      return guide && now?.extractant !== extractant ? { ...area, guide: guideRef(guide) } : area
    })
  }

/** Fills in a line of a report, which takes its place on the paper where it has none. */
export const fillLine =
  (reportId: string, field: LineField, text: string): Act =>
  (kase) => ({
    ...kase,
    reports: withEntry(kase.reports, reportId, (report) => {
      const unit = lineUnit(report, field)
      const filled = withLine(report, field, readLine(field, text, unit))
      return report.lines.some((line) => line.field === field)
        ? filled
        : { ...filled, lines: [...report.lines, { field, unit }] }
    }),
  })

/** The report of that day on which a kit’s other readings of an area stand, and this one does not yet. */
export const begunKitReport = ({ reports }: Case, areaId: string, field: LineField, date: string): Report | undefined =>
  reports.find(
    (one) => one.kind === 'kit' && one.date === date && isMember(one.areas, areaId) && typedIn(one, field).text === '',
  )

/** What a kit told of one area. */
export interface KitReading {
  readonly areaId: string
  /** The report that it goes on where none of that day is begun. */
  readonly fresh: string
  readonly text: string
}

/** Puts what a kit told of several areas on their reports. */
export const readKit =
  (
    readings: readonly KitReading[],
    field: LineField,
    kit: Pick<Report, 'date' | 'laboratory'>,
    guides: readonly Guide[],
  ): Act =>
  (kase) =>
    readings.reduce((now, { areaId, fresh, text }) => {
      const begun = begunKitReport(now, areaId, field, kit.date)
      if (begun) return fillLine(begun.id, field, text)(now)
      const blank = { ...blankReport(fresh), kind: 'kit' as const, ...kit, areas: membersOf([areaId]) }
      return fillLine(fresh, field, text)(addReport(blank, guides)(now))
    }, kase)

/** Lets a report decide for an area. */
export const putInForce =
  (areaId: string, reportId: string, guides: readonly Guide[]): Act =>
  (kase) =>
    pinGuides(
      reportId,
      guides,
    )(withAreas(kase, (area) => (area.id === areaId && area.reportId !== reportId ? { ...area, reportId } : area)))

/** Lets a report speak of an area, in force there; or no longer, where the newest of the others takes its place. */
export const setCovers =
  (areaId: string, reportId: string, covers: boolean, guides: readonly Guide[]): Act =>
  (kase) => {
    const area = kase.areas.find(({ id }) => id === areaId)
    if (!area || !kase.reports.some(({ id }) => id === reportId)) return kase
    const reports = withEntry(kase.reports, reportId, (report) => ({
      ...report,
      areas: covers ? { ...report.areas, [areaId]: true as const } : without(report.areas, areaId),
    }))
    if (covers) return putInForce(areaId, reportId, guides)({ ...kase, reports })
    return area.reportId === reportId ? fallBack({ ...kase, reports }, areaId, guides) : { ...kase, reports }
  }

/** Takes a report out; in its areas the newest of the others is in force then. */
export const removeReport =
  (reportId: string, guides: readonly Guide[]): Act =>
  (kase) => {
    const left: Case = {
      ...kase,
      reports: withoutEntry(kase.reports, reportId),
      samples: kase.samples.map((sample) => (sample.reportId === reportId ? { ...sample, reportId: null } : sample)),
    }
    return kase.areas
      .filter((area) => area.reportId === reportId)
      .reduce<Case>((now, { id }) => fallBack(now, id, guides), left)
  }

function fallBack(kase: Case, areaId: string, guides: readonly Guide[]): Case {
  const next = newestFirst(kase.reports.filter(({ areas }) => isMember(areas, areaId)))[0]
  const led = withAreas(kase, (area) => (area.id === areaId ? { ...area, reportId: next?.id ?? null } : area))
  return next ? pinGuides(next.id, guides)(led) : led
}

/** By date; one without a date is the newest. */
export const newestFirst = <One extends Pick<Report, 'date'>>(reports: readonly One[]): One[] =>
  [...reports].sort((a, b) => (b.date || '9999').localeCompare(a.date || '9999'))

const without = (areas: Report['areas'], areaId: string) => membersOf(Object.keys(areas).filter((id) => id !== areaId))

/** Takes reports in that came of samples, by the code on the bag. A bad corner speaks for itself, not for its area. */
export const collect =
  (reports: readonly Report[], guides: readonly Guide[], inForce: 'always' | 'where-none' = 'always'): Act =>
  (kase) =>
    reports.reduce<Case>((now, report) => {
      const sample = now.samples.find(({ code, reportId }) => code !== '' && code === report.code && !reportId)
      const taken = addReport(report, guides, sample?.corner ? 'never' : inForce)(now)
      if (!sample) return taken
      const back = { reportId: report.id, back: report.date || sample.back, due: '' }
      return { ...taken, samples: withEntry(taken.samples, sample.id, (one) => ({ ...one, ...back })) }
    }, kase)

/** The areas that a report of this code speaks of, where it is of one of them: a bag may hold soil of several. */
export function coveredBy({ samples }: Pick<Case, 'samples'>, areaId: string, code: string): readonly string[] {
  const bag = samples.find((one) => one.code !== '' && one.code === code && one.areas.includes(areaId))
  return bag && !bag.corner ? bag.areas : [areaId]
}

export const addSpotCheck =
  (check: SpotCheck): Act =>
  (kase) => ({ ...kase, spotChecks: [...kase.spotChecks, check] })

export const removeSpotCheck =
  (id: string): Act =>
  (kase) => ({ ...kase, spotChecks: withoutEntry(kase.spotChecks, id) })
