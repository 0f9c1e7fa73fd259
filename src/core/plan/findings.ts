import type { Case } from '../case/case'
import { inSeason } from '../case/in-season'
import { fedWith, type Bagged } from '../bags/chosen'
import { reportInForce } from '../case/in-force'
import { printedForIn } from '../needs/hold'
import { isHeld } from '../needs/need'
import { isOpen } from '../passes/program/dated'
import { countsFrom, loggedFrom } from '../passes/standing'
import { say, type Sentence, type Severity } from '../sentence/sentence'
import { openPasses, type AreaPlan, type Plan } from './plan'

/** A fact of a plan that somebody has to know of before a letter of it leaves. */
export interface Finding {
  readonly severity: Severity
  readonly areaId: string
  readonly area: string
  /** The pass that it is about, by its key; null where it is about all of the area. */
  readonly pass: string | null
  /** Where it is put right. */
  readonly at: 'ground' | 'results' | 'amounts' | 'materials' | 'calendar'
  /** The season in which the work goes on, where this one is over. */
  readonly season?: string
  readonly about: Sentence
}

type Fact = Pick<Finding, 'severity' | 'at' | 'about'> & Partial<Pick<Finding, 'pass' | 'season'>>

const order = { decide: 0, client: 1, advisor: 2 } as const satisfies Record<Severity, number>

/** Everything that is to be decided before a letter of a plan leaves, then what its client is told, then what is good to know. */
export function findingsIn(kase: Case, { areas, staleMix }: Pick<Plan, 'areas' | 'staleMix'>): readonly Finding[] {
  const strengths = strengthsIn(kase, areas)
  return areas
    .flatMap((plan) => {
      const { areaId, name } = plan
      const facts = [
        ...ofAnswer(plan, staleMix),
        ...printedForOne(kase, plan),
        ...strengthOf(plan, strengths),
        ...seasonOver(kase, plan),
        ...ofDays(plan),
      ]
      return facts.map((fact): Finding => ({ areaId, area: name, pass: null, ...fact }))
    })
    .sort((a, b) => order[a.severity] - order[b.severity])
}

/** The lime of an area that is bought in bags, and what was typed of its strength there; blank: nothing. */
interface Strength {
  readonly areaId: string
  readonly area: string
  readonly product: string
  readonly typed: string
}

const strengthsIn = (kase: Case, areas: readonly AreaPlan[]): readonly Strength[] =>
  areas.flatMap(({ areaId, name, treatments }) => {
    const product = treatments.find(({ need }) => need === 'lime')?.product
    if (!product) return []
    const { materials } = inSeason(
      kase.areas.find(({ id }) => id === areaId)!,
      kase.season,
    )
    const { limeScale, limeEffective, limeSieves } = materials
    const typed = [limeEffective, ...Object.values(limeSieves)].map(({ text }) => text.trim()).join('')
    return [{ areaId, area: name, product: product.id, typed: typed && `${limeScale} ${typed}` }]
  })

/** One bag has one strength: where it was typed for another area, it is asked for here. */
function strengthOf({ areaId }: AreaPlan, all: readonly Strength[]): readonly Fact[] {
  const own = all.find((one) => one.areaId === areaId)
  const other = own && all.find(({ product, typed }) => product === own.product && typed !== '' && typed !== own.typed)
  return other && own.typed === ''
    ? [{ severity: 'decide', at: 'materials', about: say('finding.strength', { area: other.area }) }]
    : []
}

/** What is missing, held back, or no longer what it was when somebody decided it. */
function ofAnswer({ found, treatments }: AreaPlan, staleMix: boolean): readonly Fact[] {
  const { answer, missing, quarrels, doubts } = found
  const decide = (at: Finding['at'], about: Sentence): Fact => ({ severity: 'decide', at, about })
  if (!answer) return missing.map(({ station, sentence }) => decide(station, sentence))
  const { mixed, fertilizer } = answer
  const barred = mixed ? mixed.barred.length > 0 : fertilizer?.mix.ok === true && fertilizer.mix.value.barred.length > 0
  const moved = [
    ...answer.needs.flatMap(({ of, overruled }) => (overruled?.moved ? [of] : [])),
    ...answer.settings.flatMap(({ need, own }) => (own?.moved && own.counts ? [need] : [])),
  ]
  const { size } = found
  const full = size.ok && size.value.assumed ? [size.value.echo] : []
  return [
    ...full.map((about): Fact => ({ severity: 'advisor', at: 'ground', about })),
    ...answer.needs.filter(isHeld).map(({ why }) => decide('amounts', why)),
    ...moved.map((of) => decide('amounts', say('finding.moved', { of }))),
    ...(mixed && staleMix ? [decide('materials', say('finding.stale-mix'))] : []),
    ...(barred ? [decide('materials', say('finding.barred'))] : []),
    ...ofBags(answer, treatments, staleMix),
    ...doubts.map(({ sentence: about, stands }): Fact => ({
      severity: stands ? 'advisor' : 'decide',
      at: 'results',
      about,
    })),
    ...quarrels.map((about): Fact => ({ severity: about.severity, at: 'amounts', about })),
  ]
}

/** What nobody chose, and what no product of the office could be named for. */
function ofBags(answer: Bagged, treatments: AreaPlan['treatments'], staleMix: boolean): readonly Fact[] {
  const { named } = fedWith(answer, staleMix)
  const bare = treatments.flatMap(({ product, nutrient }) => (product === null && nutrient ? [nutrient] : []))
  return [
    ...(bare.length > 0
      ? [{ severity: 'decide', at: 'materials', about: say('finding.bare', { nutrients: bare.join(' ') }) } as const]
      : []),
    ...(named ? [{ severity: 'advisor', at: 'materials', about: say('finding.named') } as const] : []),
  ]
}

/** Of several crops a laboratory’s figures were printed for one, and nobody said for which. */
function printedForOne(kase: Case, { areaId, found }: AreaPlan): readonly Fact[] {
  const report = reportInForce(
    kase,
    kase.areas.find(({ id }) => id === areaId)!,
  )
  const printed = report && Object.values(report.recommends).some((one) => typeof one === 'object' && one.text !== '')
  if (found.others.length === 0 || !printed || printedForIn(kase.decisions, areaId, report.id) !== undefined) return []
  return [{ severity: 'decide', at: 'results', about: say('finding.figures-for') }]
}

/** Days that break a rule, and the one of planting that nobody typed. */
function ofDays({ planting, passes }: AreaPlan): readonly Fact[] {
  const open = passes.filter(isOpen)
  const assumed = planting?.assumed && open.length > 0 ? [say('program.planting-assumed', { on: planting.day })] : []
  return [
    ...open.flatMap(({ pass, problems }) =>
      problems.map((about): Fact => ({ severity: about.severity, pass: pass.key, at: 'calendar', about })),
    ),
    ...assumed.map((about): Fact => ({ severity: 'advisor', at: 'ground', about })),
  ]
}

/**
 * Everything that is still to be fed lies in a later year than the season that is worked on, and what was put on in that
 * season was taken off it: the next season has needs of its own.
 */
function seasonOver(kase: Case, plan: AreaPlan): readonly Fact[] {
  const fed = openPasses(plan).filter(({ pass }) => pass.need !== 'lime' && pass.need !== 'sulfur')
  const area = kase.areas.find(({ id }) => id === plan.areaId)!
  const logged = loggedFrom(kase, area.id, countsFrom(kase, area, 'fertilizer')).filter(
    ({ what, done }) => done !== 'skipped' && what !== 'lime' && what !== 'sulfur',
  )
  const over = fed.length > 0 && logged.length > 0 && fed.every(({ day }) => day.slice(0, 4) > kase.season)
  const season = String(Number(kase.season) + 1)
  const about = say('program.season-over', { season: kase.season, next: season })
  return over ? [{ severity: 'decide', at: 'ground', season, about }] : []
}
