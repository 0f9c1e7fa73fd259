import type { Case } from '../case/case'
import { countsFrom, loggedFrom } from '../passes/standing'
import { say, type Sentence } from '../told/sentence'
import { openPasses, type AreaPlan, type Plan } from './plan'

/** A fact of a plan that somebody has to know of before a letter of it leaves. */
export interface Finding {
  readonly areaId: string
  readonly area: string
  /** The pass that it is about, by its key; null where it is about all of the area. */
  readonly pass: string | null
  readonly about: Sentence
}

/** What an advisor has to look at: days that break a rule, days that nobody typed, and a season that is over. */
export const findingsIn = (kase: Case, { areas }: Pick<Plan, 'areas'>): readonly Finding[] =>
  areas.flatMap((plan) => {
    const of = { areaId: plan.areaId, area: plan.name }
    const { planting } = plan
    const assumed =
      planting?.assumed && plan.passes.length > 0 ? [say('program.planting-assumed', { on: planting.day })] : []
    const whole = [...assumed, ...seasonOver(kase, plan)].map((about): Finding => ({ ...of, pass: null, about }))
    const ofPasses = plan.passes.flatMap(({ pass, state, problems }): Finding[] =>
      state === 'open' || state === 'moved' ? problems.map((about) => ({ ...of, pass: pass.key, about })) : [],
    )
    return [...whole, ...ofPasses]
  })

/**
 * Everything that is still to be fed lies in a later year than the season that is worked on, and what was put on in that
 * season was taken off it: the next season has needs of its own.
 */
function seasonOver(kase: Case, plan: AreaPlan): readonly Sentence[] {
  const fed = openPasses(plan).filter(({ pass }) => pass.need !== 'lime' && pass.need !== 'sulfur')
  const area = kase.areas.find(({ id }) => id === plan.areaId)!
  const logged = loggedFrom(kase, area.id, countsFrom(kase, area, 'fertilizer')).filter(
    ({ what, done }) => done !== 'skipped' && what !== 'lime' && what !== 'sulfur',
  )
  const over = fed.length > 0 && logged.length > 0 && fed.every(({ day }) => day.slice(0, 4) > kase.season)
  return over ? [say('program.season-over', { season: kase.season, next: String(Number(kase.season) + 1) })] : []
}
