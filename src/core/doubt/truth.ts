import type { Case } from '../case/case'
import type { Report } from '../report/report'
import { blankReport } from '../case/blank'
import { overrulingKey, reactionOf, type Overrulable } from '../case/decisions'
import { inSeason } from '../case/in-season'
import { guideNamed, type Guide } from '../guides/guide'
import { bearsOn } from '../guides/schools'
import { textures, type TextureId } from '../guides/soils'
import { mostPrinted } from '../needs/hold'
import { amountsOf } from '../compare/amounts'
import type { Need } from '../needs/need'
import { isLevel, levels } from '../needs/overruled'
import { figures, recommend, type Answer, type AreaRecommendation, type Figures } from '../recommend'
import { rowLength } from '../needs/portions'
import { isAcidifier, isLime, type Product } from '../shelf/product'
import { say, type Sentence } from '../sentence/sentence'
import { inUnit, readLine, withLine } from '../report/lines'
import { boundsOf } from '../reading/uncertainty'
import { exactly } from '../report/measured'
import type { Working } from '../units/workings'
import type { Doubtable } from './doubtable'
import { measuredIn } from '../report/tests'

/** What the ground takes by another assumption, and which. */
export interface Otherwise {
  readonly assumes: Sentence
  /** lb per 1,000 ft², of what the figure is of. */
  readonly rate: number
  /** How often one meets it. Recalled from practice; no count is published. */
  readonly prior: number
  /** It is no assumption but a mistake. */
  readonly slip?: true
}

/** What is right of one thing on one area, and all that a wrong figure may come from. */
export interface Truth {
  readonly of: Doubtable
  /** lb per 1,000 ft² in a year; 0 where nothing is needed. */
  readonly rate: number
  readonly areaSqFt: number
  readonly plants: number | null
  /** ft of row on the area. */
  readonly rowFt: number | null
  /** Tenths of pH to go, of lime and sulfur. */
  readonly tenths: { readonly from: number; readonly to: number; readonly count: number } | null
  readonly passes: number
  /** The share of the product that is the thing itself: nutrient, sulfur, or effective lime. */
  readonly share: number | null
  /** Worked out when it is asked for: it takes as many answers as there are assumptions. */
  readonly otherwise: () => readonly Otherwise[]
  /** lb per 1,000 ft² in one pass beyond which it harms; null where none is set. */
  readonly cap: number | null
  /** lb per 1,000 ft² a year beyond which no such ground is given any; null where that is no question. */
  readonly most: number | null
  /** How the rate comes about; null where nothing is needed. */
  readonly working: Working | null
}

/** The same case without what a laboratory or an advisor put in the place of our figures. */
function ours(kase: Case, areaId: string): Case {
  const overrulings = Object.fromEntries(
    Object.entries(kase.decisions.overrulings).filter(
      ([key]) => !(key.startsWith(`${areaId}/`) && /\/(?:amount|method)$/.test(key)),
    ),
  )
  const { recommends } = blankReport('')
  return {
    ...kase,
    areas: kase.areas.filter(({ id }) => id === areaId),
    reports: kase.reports.map((one) => ({ ...one, recommends })),
    decisions: { ...kase.decisions, overrulings },
    mix: null,
  }
}

/**
 * What our own methods give for one thing on one area, and what they would give by other assumptions.
 * Undefined where they give no figure.
 */
export function truthOf(
  kase: Case,
  areaId: string,
  of: Doubtable,
  guides: readonly Guide[],
  products: readonly Product[],
): Truth | undefined {
  const plain = ours(kase, areaId)
  const found = recommend(plain, guides, products).areas[0]
  const answer = found?.answer
  if (!found?.size.ok || !answer) return undefined
  const areaSqFt = found.size.value.area.value.v
  const rateIn = (one: Figures | null | undefined) => {
    const lb = one && amountsOf({ answer: one }).get(of)
    return typeof lb === 'number' ? (lb / areaSqFt) * 1000 : undefined
  }
  const rate = rateIn(answer)
  if (rate === undefined) return undefined
  const need = answer.needs.find((one) => one.of === of)
  const portion = (kind: 'plant' | 'row') => answer.portions.find((one) => one.of === kind)?.count.value.v ?? null
  const rows = portion('row')
  const again = (changed: Case) => rateIn(figures(changed, guides, products)[0])
  let otherwise: readonly Otherwise[] | undefined
  return {
    of,
    rate,
    areaSqFt,
    plants: portion('plant'),
    rowFt: rows === null ? null : rows * rowLength,
    tenths: tenthsOf(answer, of),
    passes: need?.passes?.count ?? 1,
    share: shareOf(answer, of),
    otherwise: () =>
      (otherwise ??= [...byChecks(need?.checks ?? [], areaSqFt), ...byChanges(plain, found, of, guides, again)]),
    cap: need?.passes?.cap.perPass ?? null,
    most: of === 'sulfur' && found.crop?.acidRequiring ? null : mostPrinted[of],
    working: rate > 0 ? (need?.rate ?? null) : null,
  }
}

function tenthsOf({ pH, settings }: Answer, of: Doubtable): Truth['tenths'] {
  const aim = settings.find((one) => one.of === 'aim')
  const to = aim?.own?.is ?? aim?.ours
  if ((of !== 'lime' && of !== 'sulfur') || pH === null || typeof to !== 'number') return null
  const count = Math.round(Math.abs(to - pH) * 10)
  return count > 0 ? { from: pH, to, count } : null
}

/** The share of the product chosen that is the thing itself. */
function shareOf({ needs, fertilizer }: Answer, of: Doubtable): number | null {
  const material = needs.find((one) => one.of === of)?.product?.material
  if (of === 'lime') {
    const { effectiveness = null } = isLime(material) ? material.liming : {}
    return typeof effectiveness === 'number' ? effectiveness : null
  }
  if (of === 'sulfur') return isAcidifier(material) ? material.acidifying.strength : null
  const grade = fertilizer ? fertilizer.material.feeding.grade[of] / 100 : 0
  return grade > 0 ? grade : null
}

/** Figures that stand beside ours already: other methods. */
const byChecks = (checks: Need['checks'], areaSqFt: number): readonly Otherwise[] =>
  checks.flatMap(({ label, amount }) =>
    amount
      ? [{ assumes: say('assumed.method', { method: label }), rate: (amount.value.v / areaSqFt) * 1000, prior: 0.5 }]
      : [],
  )

const aims = [5, 5.5, 6, 6.5, 7] as const
/** in: two thirds of the plough layer, a spade, a plough layer by the acre, and what is dug with care. */
const depths = [4, 6, 6 + 2 / 3, 8] as const

/** What comes of the same ground under another aim, depth, texture, school or level, or with its report misread. */
function byChanges(
  kase: Case,
  { crop, cropId, use }: AreaRecommendation,
  of: Doubtable,
  guides: readonly Guide[],
  again: (changed: Case) => number | undefined,
): readonly Otherwise[] {
  const [stored] = kase.areas
  const area = inSeason(stored!, kase.season)
  const report = kase.reports.find(({ id }) => id === area.reportId)
  const overruled = (need: string, what: Overrulable, text: string, value: number | null, unit = '') => {
    const key = overrulingKey(area.id, need, what)
    const is = { text, value, unit }
    const word = { of: what, is, replaced: is, reason: 'as assumed', by: '', at: '' }
    return { ...kase, decisions: { ...kase.decisions, overrulings: { ...kase.decisions.overrulings, [key]: word } } }
  }
  const tried = (assumes: Sentence, prior: number, changed: Case, slip?: true): readonly Otherwise[] => {
    const rate = again(changed)
    return rate === undefined || rate <= 0 ? [] : [{ assumes, rate, prior, ...(slip && { slip }) }]
  }
  const withReport = (changed: Report) => ({
    ...kase,
    reports: kase.reports.map((one) => (one.id === changed.id ? changed : one)),
  })
  if (of === 'lime' || of === 'sulfur')
    return [
      ...aims.flatMap((aim) =>
        aim === crop?.pH.aim
          ? []
          : tried(say('assumed.aim', { aim }), 0.4, overruled(reactionOf, 'aim', String(aim), aim)),
      ),
      ...depths.flatMap((depth) =>
        tried(say('assumed.depth', { depth }), 0.4, overruled(reactionOf, 'depth', String(depth), depth, 'in')),
      ),
      ...(Object.keys(textures) as TextureId[]).flatMap((texture) =>
        texture === area.texture
          ? []
          : tried(say('assumed.texture', { texture: textures[texture].label }), 0.25, {
              ...kase,
              areas: [{ ...stored!, texture }],
            }),
      ),
      ...byRange(),
      ...bySchools(),
    ]
  const unit = report?.unit === 'ppm' ? 'lb/acre' : report?.unit === 'lb/acre' ? 'ppm' : null
  const element = of === 'P₂O₅' ? 'P' : of === 'K₂O' ? 'K' : null
  return [
    ...(of === 'N' && isLevel(area.feeding)
      ? levels.flatMap((level) =>
          level === area.feeding
            ? []
            : tried(say('assumed.level', { level }), 0.4, overruled('N', 'level', level, null)),
        )
      : []),
    ...(report && unit && element
      ? tried(
          say('slip.soil-unit', { read: unit, is: report.unit }),
          0.6,
          withReport(
            inUnit({ ...report, lines: report.lines.filter(({ field }) => field !== element) }, element, unit),
          ),
          true,
        )
      : []),
    ...bySchools(),
  ]

  /** Where the test leaves the pH open, its ends and its middle. */
  function byRange(): readonly Otherwise[] {
    const { low = null, high = null } = (report && boundsOf(report, 'pH')) ?? {}
    if (!report || low === null || high === null) return []
    return [low, measuredIn(report, 'pH').value!, high].flatMap((pH) =>
      tried(say('assumed.pH', { pH }), 0.8, withReport(withLine(report, 'pH', readLine('pH', exactly(pH), '')))),
    )
  }

  function bySchools(): readonly Otherwise[] {
    const guide = guideNamed(guides, area.guide)
    return (guide?.schools ?? [])
      .filter((school) => !school.sampling && (!cropId || bearsOn(school, cropId, use)))
      .flatMap((school) =>
        school.options.flatMap(({ id, label }) =>
          tried(say('assumed.school', { school: school.label, option: label }), 0.3, {
            ...kase,
            schools: { ...kase.schools, [school.id]: id },
          }),
        ),
      )
  }
}
