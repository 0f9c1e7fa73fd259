import type { Application } from '../case/applications'
import type { Area } from '../case/area'
import type { Case } from '../case/case'
import { reportInForce } from '../case/in-force'
import { feeds, isAcidifier, isLime, productRef, type Product } from '../shelf/product'
import { productNamed } from '../shelf/product-named'
import { poundsOf } from '../shelf/shed'
import { say } from '../sentence/sentence'
import { isMajor, majorNutrients, quantity, type MajorNutrient } from '../units/quantity'
import { derive, given, type Derived, type Working } from '../units/workings'
import { contentOf, type LedgerLine } from './ledger'
import { passesOf, type Pass, type Treatment } from './pass'
import type { Day } from '../calendar/day'

/** What of a plan is done, and what is still to do. */
export interface Standing {
  /** lb of the treatment's own product, or nutrient, that went on towards it: as planned, or beside the plan. */
  readonly put: number
  /** The days on which that was, as they were typed, in their order. */
  readonly days: readonly string[]
  /** The entry that answers each pass. */
  readonly answered: ReadonlyMap<string, Application>
  /** What is still to be put on, with the numbers that its passes have in the plan; null where nothing is. */
  readonly left: Treatment | null
}

type Logged = Pick<Case, 'applications' | 'season' | 'reports'>

/**
 * The day from which what was put on counts towards a need of today. Lime and sulfur count from the report that asks for
 * them; what feeds, from the beginning of the season.
 */
export function countsFrom(
  { season, reports }: Pick<Case, 'season' | 'reports'>,
  area: Pick<Area, 'reportId'>,
  need: string,
): Day {
  const spring = `${season}-01-01`
  return need === 'lime' || need === 'sulfur' ? reportInForce({ reports }, area)?.date || spring : spring
}

/** What was put on an area from a day on. Of a month or a year that is named alone, its first day counts. */
export const loggedFrom = ({ applications }: Pick<Case, 'applications'>, areaId: string, from: Day) =>
  applications.filter(
    (one) => one.areaId === areaId && /^\d{4}/.test(one.date) && `${one.date}-01-01`.slice(0, 10) >= from,
  )

/** The entry of the log that answers each pass of a treatment; one of an older plan answers none. */
export function answersTo(kase: Logged, area: Pick<Area, 'id' | 'reportId'>, { key, need }: Treatment) {
  const since = loggedFrom(kase, area.id, countsFrom(kase, area, need))
  return new Map(since.flatMap((one) => (one.pass?.startsWith(`${key}/`) ? [[one.pass, one] as const] : [])))
}

/** A share of the plan that is not worth a walk over the ground. Source: common practice. */
const trifle = 0.05

/** lb that no scale shows. */
const hair = 1e-6

/** How each treatment of an area stands, by its key. */
export function standingsOf(
  kase: Logged,
  area: Pick<Area, 'id' | 'reportId'>,
  treatments: readonly Treatment[],
  products: readonly Product[],
): ReadonlyMap<string, Standing> {
  const planned = new Set(treatments.flatMap((one) => [...answersTo(kase, area, one).keys()]))
  const since = (one: Treatment) =>
    loggedFrom(kase, area.id, countsFrom(kase, area, one.need)).filter(({ done }) => done !== 'skipped')
  const alike = (one: Treatment) => treatments.filter((other) => measureOf(other) === measureOf(one))
  const standings = new Map<string, Standing>()
  for (const one of treatments.filter((each) => !isBare(each))) {
    const others = since(one).filter(({ pass }) => !planned.has(pass ?? ''))
    const lb = (entries: readonly Application[]) => lbBeside(one, entries, alike(one), products)
    standings.set(one.key, standingOf(one, answersTo(kase, area, one), besides(others, lb), products))
  }
  // Of a nutrient as such everything counts that brought it, but for what the bags of the plan were to bring.
  for (const one of treatments.filter(isBare)) {
    const answered = answersTo(kase, area, one)
    const others = since(one).filter(({ pass }) => !answered.has(pass ?? ''))
    const ofBags = lbOfBags(one, treatments, standings)
    const lb = (entries: readonly Application[]) => Math.max(0, lbBrought(one, entries, products) - ofBags)
    standings.set(one.key, standingOf(one, answered, besides(others, lb), products))
  }
  return new Map(treatments.map(({ key }) => [key, standings.get(key)!]))
}

/** What was put on beside the passes of a treatment, lb of it, and by which entries. */
interface Beside {
  readonly lb: number
  readonly entries: readonly Application[]
}

const besides = (entries: readonly Application[], lb: (of: readonly Application[]) => number): Beside => ({
  lb: lb(entries),
  entries: entries.filter((one) => lb([one]) > 0),
})

/** One of the three nutrients as such, in no product of the plan. */
const isBare = ({ product, nutrient }: Treatment): boolean => product === null && nutrient !== null && isMajor(nutrient)

const lbBrought = (one: Treatment, entries: readonly Application[], products: readonly Product[]): number =>
  entries.reduce((sum, entry) => sum + contentIn(entry, measureOf(one)!, products), 0)

/** lb of a nutrient that bags of the plan were to bring and bring no more, since other things went on in their place. */
const lbOfBags = (
  bare: Treatment,
  treatments: readonly Treatment[],
  standings: ReadonlyMap<string, Standing>,
): number =>
  treatments.reduce((sum, { key, product, all }) => {
    const left = standings.get(key)?.left?.all.value.v ?? 0
    return product ? sum + contentOf(product, Math.max(0, all.value.v - left))[measureOf(bare)!] : sum
  }, 0)

/** lb of a treatment's own product that entries beside its passes stand for: of the same product, or by what it is for. */
function lbBeside(
  treatment: Treatment,
  entries: readonly Application[],
  alike: readonly Treatment[],
  products: readonly Product[],
): number {
  const isOf = ({ product }: Treatment, ref: Application['product']) => product !== null && productRef(product) === ref
  const same = entries.filter(({ product }) => isOf(treatment, product))
  const measure = measureOf(treatment)
  const held = (one: Treatment) => one.all.value.v * (measure ? perPound(one, measure) : 0)
  const all = alike.reduce((sum, one) => sum + held(one), 0)
  const rest = entries.filter(({ product }) => !alike.some((one) => isOf(one, product)))
  const brought = rest.reduce((sum, one) => sum + (measure ? contentIn(one, measure, products) : 0), 0)
  const own = same.reduce((sum, one) => sum + (lbOf(one, products) ?? 0), 0)
  return own + (all > 0 ? (treatment.all.value.v * brought) / all : 0)
}

function lbOf({ product, amount }: Application, products: readonly Product[]): number | undefined {
  const named = productNamed(products, product)
  const weighed = amount.unit !== 'bags' && product === null ? poundsOf(amount, { bagLb: 0 }) : undefined
  return named ? poundsOf(amount, named) : weighed
}

type Measured = Pick<Treatment, 'need' | 'product' | 'nutrient' | 'meets'>

/** What a treatment is measured by where something else was put on in its place; undefined where nothing else serves. */
export function measureOf({ need, product, nutrient, meets }: Measured): LedgerLine | undefined {
  if (need === 'lime') return 'CaCO₃'
  if (need === 'sulfur') return 'S'
  if (nutrient) return isMajor(nutrient) ? lineOf(nutrient) : undefined
  if (meets) return lineOf(meets)
  if (!product || !feeds(product)) return undefined
  const { grade } = product.feeding
  return lineOf(majorNutrients.reduce((most, one) => (grade[one] > grade[most] ? one : most)))
}

/** The line of the ledger that a nutrient is counted on. */
export const lineOf = (nutrient: MajorNutrient): LedgerLine => (nutrient === 'N' ? 'firstYearN' : nutrient)

const perPound = ({ product }: Treatment, measure: LedgerLine): number => (product ? contentOf(product, 1)[measure] : 1)

/** lb of a measure in an entry; the sulfur of a fertilizer makes nothing acid by this. */
function contentIn(entry: Application, measure: LedgerLine, products: readonly Product[]): number {
  const product = productNamed(products, entry.product)
  const lb = lbOf(entry, products)
  const serves = product && (measure === 'S' ? isAcidifier(product) : measure === 'CaCO₃' ? isLime(product) : true)
  return serves && lb !== undefined ? contentOf(product, lb)[measure] : 0
}

/**
 * What is left of a treatment. Passes that were done or skipped leave it; where more was put on than planned the others
 * become less, or fewer; what was put on short, or skipped, is not made up for.
 */
function standingOf(
  treatment: Treatment,
  answered: Standing['answered'],
  beside: Beside,
  products: readonly Product[],
): Standing {
  const passes = passesOf(treatment)
  const open = passes.filter(({ key }) => !answered.has(key))
  const put = passes.reduce((sum, pass) => sum + lbDone(treatment, pass, answered.get(pass.key), products), beside.lb)
  const leftAlone = answered.size === 0 && beside.lb < hair
  if (leftAlone) return { put: 0, days: [], answered, left: treatment }
  const counted = [...answered.values(), ...beside.entries].filter(({ done }) => done !== 'skipped')
  const days = [...new Set(counted.map(({ date }) => date))].sort()
  const skipped = lbAll(passes.filter(({ key }) => answered.get(key)?.done === 'skipped'))
  const openLb = lbAll(open)
  const all = treatment.all.value.v
  const target = Math.min(all - put - skipped, openLb)
  if (target <= trifle * all) return { put, days, answered, left: null }
  return { put, days, answered, left: leftOf(treatment, open, put + skipped, openLb) }
}

const lbAll = (passes: readonly Pass[]) => passes.reduce((sum, { amount }) => sum + amount.value.v, 0)

/** lb of a pass that were put on; as much as was planned where nobody says how much. */
function lbDone(
  treatment: Treatment,
  pass: Pass,
  entry: Application | undefined,
  products: readonly Product[],
): number {
  if (!entry || entry.done === 'skipped') return 0
  const lb = lbOf(entry, products)
  const product = productNamed(products, entry.product)
  if (lb === undefined) return pass.amount.value.v
  if (!product || !pass.product || productRef(product) === productRef(pass.product)) return lb
  const measure = measureOf(treatment)
  const each = measure && contentOf(pass.product, 1)[measure]
  return each ? contentIn(entry, measure, products) / each : lb
}

function leftOf(treatment: Treatment, open: readonly Pass[], gone: number, openLb: number): Treatment {
  const { all, passes, each, first } = treatment
  const of = all.value.of as 'lb product'
  const inputs: Record<string, Working> = {
    planned: all,
    gone: given(quantity(gone, of), say('passes.gone'), 'reported'),
    open: given(quantity(openLb, of), say('passes.open'), 'arithmetic'),
  }
  const left = derive(of, 'min(planned - gone, open)', inputs, say('passes.left'), 'arithmetic')
  if (!passes) return { ...treatment, all: left, each: left, numbers: [1] }
  const dated = passes.firsts !== undefined || passes.dressings.some(({ window }) => window !== null)
  const count = dated ? open.length : Math.min(open.length, Math.ceil(left.value.v / each.value.v - hair))
  const scaled = (one: Derived) =>
    derive(
      of,
      'each * left / open',
      { each: one, left, open: inputs.open! },
      say('passes.each', { count }),
      'arithmetic',
    )
  const kept = open.slice(0, count)
  const early = passes.firsts ? kept.filter(({ n }) => n <= passes.firsts!.count).length : 0
  const now = dated
    ? scaled(each)
    : derive(
        of,
        'left / passes',
        { left, passes: given(quantity(count, 'passes'), say('passes.open'), 'arithmetic') },
        say('passes.each', { count }),
        'arithmetic',
      )
  const then = first && early > 0 ? scaled(first) : undefined
  const { firsts: _before, ...same } = passes
  return {
    ...treatment,
    all: left,
    each: now,
    first: then,
    passes: {
      ...same,
      count,
      each: now,
      ...(then && { firsts: { count: early, each: then } }),
      dressings: kept.map(({ n }) => passes.dressings[n - 1]!),
    },
    numbers: kept.map(({ n }) => n),
  }
}
