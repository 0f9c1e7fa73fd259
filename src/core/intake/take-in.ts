import { addAreas } from '../acts/areas'
import { collect } from '../acts/reports'
import type { Act } from '../acts/act'
import { blankArea } from '../case/blank'
import type { Area } from '../case/area'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { withParts } from '../case/in-season'
import { membersOf } from '../case/members'
import { guideWithCrop } from '../guides/choose'
import type { Guide, GuideRef } from '../guides/guide'
import { typedSize } from '../reading/soil'
import type { Season } from '../case/season'
import { folded } from './match'

/** A report of a file, with what the file says of the ground. */
export interface IncomingReport {
  readonly report: Report
  /** Of the area, should it be a new one. */
  readonly areaId: string
  /** What the file calls the ground; blank where it does not say. */
  readonly area: string
  /** The crop that its words mean; null where they mean none of ours. */
  readonly crop: string | null
  /** As the file has it. */
  readonly cropWords: string
  readonly size: string
}

/** What a new area begins with in this office. */
export interface Begins {
  readonly guide: GuideRef
  readonly feeding: Season['feeding']
}

/** Whether a case has this report already: of that code and day, from that laboratory. */
const isThere = ({ reports }: Pick<Case, 'reports'>, { code, date, laboratory }: Report): boolean =>
  reports.some(
    (one) =>
      one.code.trim().toLowerCase() === code.trim().toLowerCase() &&
      code.trim() !== '' &&
      one.date === date &&
      folded(one.laboratory) === folded(laboratory),
  )

/**
 * Takes the reports of a file into a case. Each is of the bag whose code it bears, or of the area that the file names, or
 * of the only one that grows its crop; else an area is made for it. Two samples of one file are of two areas. What is
 * there already is left alone, and so is everything that was typed.
 */
export const takeReports =
  (incoming: readonly IncomingReport[], guides: readonly Guide[], begins: Begins): Act =>
  (kase) => {
    const taken = new Set<string>()
    return incoming.reduce((now, one) => takeOne(now, one, guides, begins, taken), kase)
  }

/** @param taken the areas that another sample of the file is of; its own is noted there */
function takeOne(kase: Case, one: IncomingReport, guides: readonly Guide[], begins: Begins, taken: Set<string>): Case {
  const { report } = one
  if (isThere(kase, report)) return kase
  const bag = kase.samples.find(({ code }) => code !== '' && code === report.code)
  if (bag) {
    for (const id of bag.areas) taken.add(id)
    return collect([{ ...report, areas: membersOf(bag.areas) }], guides, 'where-none')(kase)
  }
  const found = areaFor(kase, one, taken)
  const there = found ? kase : addAreas([newArea(kase, one, guides, begins)])(kase)
  const id = found?.id ?? one.areaId
  taken.add(id)
  return collect([{ ...report, areas: membersOf([id]) }], guides, 'where-none')(there)
}

/** The ground of a case that a report is of; undefined where it is none of it, or where it could be several. */
function areaFor(kase: Case, { area, crop, report }: IncomingReport, taken: ReadonlySet<string>): Area | undefined {
  const coded = kase.reports.find(({ code }) => code !== '' && code.trim() === report.code.trim())
  const of = (wanted: (one: Area) => boolean) => {
    const all = kase.areas.filter((one) => !taken.has(one.id) && wanted(one))
    return all.length === 1 ? all[0] : undefined
  }
  if (area) return of(({ name }) => folded(name) === folded(area))
  if (coded) return of(({ id }) => coded.areas[id] === true)
  if (crop) return of(({ seasons }) => seasons[kase.season]?.crop === crop)
  return of(() => true)
}

function newArea(kase: Case, one: IncomingReport, guides: readonly Guide[], { guide, feeding }: Begins): Area {
  const { areaId, area, crop, cropWords, size, report } = one
  const called = [area, crop ? '' : cropWords].filter(Boolean).join(', ') || cropWords || report.code
  const again = kase.areas.some(({ name }) => folded(name) === folded(called))
  const blank = blankArea(areaId, again && report.code ? `${called} (${report.code})` : called)
  return withParts(blank, kase.season, {
    guide: crop ? guideWithCrop(guides, guide, crop) : guide,
    feeding,
    crop,
    size: size ? typedSize(size, blank.size, kase, kase.measures) : blank.size,
  })
}
