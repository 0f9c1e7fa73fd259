import { amountsOf, differ, type What } from './amounts'
import type { Area, Case, LineField, Report } from './case'
import type { Guide } from './guides/guide'
import { readLine, withLine } from './reports/lines'
import { recommend, type AreaRecommendation } from './recommend'
import { say, type Sentence } from './sentence'
import type { TextureId } from './guides/soils'

/** A test that the report does not have: what it would add, and what it could change here. */
export interface MissingTest {
  readonly id: MissingId
  readonly adds: Sentence
  /** What lies between the least and the most that it could come to. */
  readonly changes: readonly Change[]
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
  readonly trials: (report: Report) => readonly Trial[]
}

const isBlank = (report: Report, field: keyof Report) => (report[field] as { text: string }).text.trim() === ''
const tries =
  (field: LineField, unit: string, ...texts: readonly string[]): Candidate['trials'] =>
  (report) =>
    texts.map((text) => ({ report: withLine(report, field, readLine(field, text, unit)) }))
const isMix = ({ crop }: AreaRecommendation) => crop?.use === 'container'
const wantsLime = ({ answer, crop }: AreaRecommendation) =>
  !!answer && !!crop && answer.pH !== null && answer.pH < crop.pH.low && answer.reaction.dose?.ledBy.id !== 'laboratory'

const candidates = {
  pH: { missing: (report) => isBlank(report, 'pH'), trials: tries('pH', '', '5', '8') },
  bufferPH: {
    missing: (report, _, found) => isBlank(report, 'bufferPH') && wantsLime(found) && !isMix(found),
    trials: (report) => {
      const kind = report.extractant === 'mehlich-1' ? 'Adams–Evans' : 'SMP'
      return tries('bufferPH', '', ...(kind === 'SMP' ? ['6.1', '6.8'] : ['7.4', '7.9']))({ ...report, buffer: kind })
    },
  },
  texture: {
    missing: (_, area, found) =>
      area.texture === null && !isMix(found) && /needs-input$/.test(found.answer?.reaction.why.key ?? ''),
    trials: (report) => [
      { report, texture: 'sand' },
      { report, texture: 'clay' },
    ],
  },
  P: { missing: (report) => isBlank(report, 'P'), trials: tries('P', 'ppm', 'very low', 'high') },
  K: { missing: (report) => isBlank(report, 'K'), trials: tries('K', 'ppm', 'very low', 'high') },
  cec: {
    missing: (report, _, found) =>
      isBlank(report, 'cec') && !!found.answer?.needs.some(({ why }) => why.key === 'reading.needs-cec'),
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
    trials: (report) => tries('salts', 'dS/m', '0.5', '6')({ ...report, saltsBy: 'saturated-paste' }),
  },
  lead: {
    missing: (report, area) =>
      isBlank(report, 'lead') && (area.concerns.includes('lead') || area.concerns.includes('play')),
    trials: (report) => tries('lead', 'ppm', '30', '600')({ ...report, leadBy: 'total' }),
  },
} as const satisfies Record<string, Candidate>

export type MissingId = keyof typeof candidates
export const missingIds = Object.keys(candidates) as MissingId[]

/**
 * The tests that an area's report lacks, each tried at both ends of what may well come back, so that one sees whether it
 * could change the answer. Those that could come first.
 */
export function missingTests(kase: Case, area: Area, guides: readonly Guide[]): readonly MissingTest[] {
  const report = kase.reports.find(({ id }) => id === area.reportId)
  if (!report) return []
  const answered = ({ report: tried, texture }: Trial) =>
    recommend({ ...kase, areas: [texture ? { ...area, texture } : area], reports: [tried] }, guides).areas[0]!
  const found = answered({ report })
  if (!found.answer) return []
  return (Object.entries(candidates) as [MissingId, Candidate][])
    .filter(([, { missing }]) => missing(report, area, found))
    .map(([id, { trials }]) => ({
      id,
      adds: say(`missing-test.${id}`),
      changes: changesBetween([amountsOf(found), ...trials(report).map((trial) => amountsOf(answered(trial)))]),
    }))
    .sort((a, b) => Number(b.changes.length > 0) - Number(a.changes.length > 0))
}

/** What differs among the outcomes, the first of which is as things stand and may not know. */
function changesBetween([now, ...tried]: readonly ReadonlyMap<What, number>[]): readonly Change[] {
  const all = new Set(tried.flatMap((one) => [...one.keys()]))
  return [...all].flatMap((what) => {
    const values = [now!, ...tried].flatMap((one) => one.get(what) ?? [])
    const [low, high] = [Math.min(...values), Math.max(...values)]
    return differ(low, high) || (!now!.has(what) && high > 0) ? [{ what, low, high }] : []
  })
}
