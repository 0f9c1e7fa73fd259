import { anywhere, type Local } from '../calendar/local'
import { reportInForce } from '../case/in-force'
import { amountsOf } from './amounts'
import { differ, type What } from '../needs/need'
import type { Area } from '../case/area'
import type { Case } from '../case/case'
import type { Report } from '../report/report'
import type { LineField } from '../report/line-fields'
import { measuredIn, type MeasuredField } from '../report/tests/index'
import { type Guide, guideNamed } from '../guides/guide'
import { boundsOf } from '../reading/uncertainty'
import { readLine, withLine } from '../report/lines'
import { exactly } from '../report/measured'
import { untested } from '../case/untested'
import { recommend, type AreaRecommendation } from '../recommend'
import type { Product } from '../shelf/product'
import { say, type Sentence } from '../sentence/sentence'
import type { TextureId } from '../guides/soils'

/** A test that the report does not have: what it would add, and what it could change here. */
export interface MissingTest {
  readonly id: MissingId
  readonly adds: Sentence
  /** What lies between the least and the most that it could come to. */
  readonly changes: readonly Change[]
  /** It could change what matters most, be the amounts as they are. */
  readonly decides: boolean
}

export interface Change {
  readonly what: What
  /** lb on this area. */
  readonly low: number
  readonly high: number
}

/** The report and the area as they would be with another result. */
interface Trial {
  readonly report: Report
  readonly texture?: TextureId
}

interface Candidate {
  readonly missing: (report: Report, area: Area, found: AreaRecommendation) => boolean
  /** Results at the ends of what may well come back. Source: common practice. */
  readonly trials: (report: Report, found: AreaRecommendation, guide: Guide) => readonly Trial[]
}

const isBlank = (report: Report, field: MeasuredField) => measuredIn(report, field).text.trim() === ''
const tries =
  (field: LineField, unit: string, ...texts: readonly string[]): Candidate['trials'] =>
  (report) =>
    triesOf(report, field, unit, ...texts)
const triesOf = (report: Report, field: LineField, unit: string, ...texts: readonly string[]): readonly Trial[] =>
  texts.map((text) => ({ report: withLine(report, field, readLine(field, text, unit)) }))

/** Words rate by any class table; critical and minimum levels want ppm of the guide's own extractant, and K a CEC. */
const triesOfMajor =
  (field: 'P' | 'K', low: string, high: string): Candidate['trials'] =>
  (report, { crop }, { extractant }) => {
    if (crop!.phosphorusPotassium.method === 'class-table') return triesOf(report, field, 'ppm', 'very low', 'high')
    const measured = isBlank(report, 'cec') ? withLine(report, 'cec', readLine('cec', '12', 'meq/100 g')) : report
    return triesOf({ ...measured, extractant: report.extractant ?? extractant }, field, 'ppm', low, high)
  }
/** The ends between which a kit or a meter leaves the pH, each as a better test would give it. */
const endsOf = (report: Report): readonly string[] => {
  const { low = null, high = null } = boundsOf(report, 'pH') ?? {}
  return low === null || high === null ? [] : [exactly(low), exactly(high)]
}
const isMix = ({ crop }: AreaRecommendation) => crop?.use === 'container'
const wantsLime = ({ answer, crop }: AreaRecommendation) =>
  !!answer && !!crop && answer.pH !== null && answer.pH < crop.pH.low && answer.reaction.need?.lead?.by !== 'laboratory'

const candidates = {
  pH: { missing: (report) => isBlank(report, 'pH'), trials: tries('pH', '', exactly(5), exactly(8)) },
  narrowPH: {
    missing: (report) => endsOf(report).length === 2,
    trials: (report) => triesOf(report, 'pH', '', ...endsOf(report)),
  },
  bufferPH: {
    missing: (report, _, found) => isBlank(report, 'bufferPH') && wantsLime(found) && !isMix(found),
    trials: (report) => {
      const kind = report.extractant === 'mehlich-1' ? 'Adams–Evans' : 'SMP'
      return triesOf({ ...report, buffer: kind }, 'bufferPH', '', ...(kind === 'SMP' ? ['6.1', '6.8'] : ['7.4', '7.9']))
    },
  },
  texture: {
    missing: (_, area, found) =>
      area.texture === null && !isMix(found) && found.answer?.reaction.need?.lacks === 'ground',
    trials: (report) => [
      { report, texture: 'sand' },
      { report, texture: 'clay' },
    ],
  },
  P: { missing: (report) => isBlank(report, 'P'), trials: triesOfMajor('P', '3', '300') },
  K: { missing: (report) => isBlank(report, 'K'), trials: triesOfMajor('K', '20', '900') },
  cec: {
    missing: (report, _, found) => isBlank(report, 'cec') && !!found.answer?.needs.some(({ lacks }) => lacks === 'cec'),
    trials: tries('cec', 'meq/100 g', '4', '16'),
  },
  organicMatter: {
    missing: (report, _, found) => isBlank(report, 'organicMatter') && !isMix(found),
    trials: tries('organicMatter', '%', '1', '9'),
  },
  nitrate: {
    missing: (report, _, found) => isBlank(report, 'nitrate') && found.crop?.use === 'bed' && found.crop.edible,
    trials: tries('nitrate', 'ppm', '2', '25'),
  },
  salts: {
    missing: (report, area) => isBlank(report, 'salts') && area.concerns.includes('burnt'),
    trials: (report) => triesOf({ ...report, saltsBy: 'saturated-paste' }, 'salts', 'dS/m', '0.5', '6'),
  },
  lead: {
    missing: (report, area) =>
      isBlank(report, 'lead') && (area.concerns.includes('lead') || area.concerns.includes('play')),
    trials: (report) => triesOf({ ...report, leadBy: 'total' }, 'lead', 'ppm', '30', '600'),
  },
} as const satisfies Record<string, Candidate>

export type MissingId = keyof typeof candidates
export const missingIds = Object.keys(candidates) as MissingId[]

/**
 * The tests that an area's report lacks, each tried at both ends of what may well come back, so that one sees whether it
 * could change the answer. Those that could come first.
 */
export function missingTests(
  kase: Case,
  area: Area,
  guides: readonly Guide[],
  products: readonly Product[],
  local: Local = anywhere,
): readonly MissingTest[] {
  const report = reportInForce(kase, area) ?? untested
  const guide = guideNamed(guides, area.guide)
  if (!guide) return []
  const answered = ({ report: tried, texture }: Trial) =>
    recommend(
      { ...kase, areas: [{ ...area, reportId: tried.id, ...(texture && { texture }) }], reports: [tried] },
      guides,
      products,
      local,
    ).areas[0]!
  const found = answered({ report })
  if (!found.answer) return []
  return (Object.entries(candidates) as [MissingId, Candidate][])
    .filter(([, { missing }]) => missing(report, area, found))
    .map(([id, { trials }]) => {
      const tried = trials(report, found, guide).map(answered)
      return {
        id,
        adds: say(`missing-test.${id}`),
        changes: changesBetween([found, ...tried].map(amountsOf)),
        decides: tried.some((one) => firstOf(one) !== firstOf(found)),
      }
    })
    .sort((a, b) => rank(b) - rank(a))
}

const rank = ({ changes, decides }: MissingTest) => (changes.length > 0 ? 2 : decides ? 1 : 0)
const firstOf = ({ answer }: AreaRecommendation) => answer?.headline[0]?.key

/** What differs among the outcomes, the first of which is as things stand and may not know. */
function changesBetween([now, ...tried]: readonly ReadonlyMap<What, number>[]): readonly Change[] {
  const all = new Set(tried.flatMap((one) => [...one.keys()]))
  return [...all].flatMap((what) => {
    const values = [now!, ...tried].flatMap((one) => one.get(what) ?? [])
    const [low, high] = [Math.min(...values), Math.max(...values)]
    return differ(low, high) || (!now!.has(what) && high > 0) ? [{ what, low, high }] : []
  })
}
