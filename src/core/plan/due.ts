import type { Case } from '../case/case'
import { dayAt, dayNumber } from '../calendar/day'
import type { Due } from './due-kinds'
import { openPasses, type Plan } from './plan'

/** Days after its report by which a client should have the letter. A custom of this app: none is published. */
const letterWithin = 14

/**
 * Of every kind the first that is still open, the earliest in front.
 *
 * @param ready whether the case waits for nothing but its letter
 */
export function duesOf(
  kase: Pick<Case, 'areas' | 'samples' | 'reports' | 'letters' | 'letter'>,
  plan: Pick<Plan, 'areas'>,
  ready: boolean,
): readonly Due[] {
  const { areas, samples } = kase
  // What would go on ground that nobody tested waits for its test, unless a client was told of it.
  const isTold = kase.letters.length > 0 || kase.letter.printedAt !== null
  const isSaid = (areaId: string) => isTold || areas.some(({ id, reportId }) => id === areaId && reportId !== null)
  const open = plan.areas.flatMap((area): Due[] => [
    ...openPasses(area).flatMap(({ day, treatment }): Due[] => {
      if (!isSaid(area.areaId)) return []
      const leads = treatment.need === 'sulfur' && area.planting !== null && day < area.planting.day
      return [{ day, what: leads ? 'sulfur' : 'pass', of: area.name }]
    }),
    ...area.tests.map(({ day }): Due => ({ day, what: 'test', of: area.name })),
  ])
  const out = samples.flatMap(({ due, code, reportId }): Due[] =>
    reportId === null && dayNumber(due) !== undefined ? [{ day: due, what: 'sample', of: code }] : [],
  )
  const all = [...open, ...out, ...(ready ? unsent(kase) : [])].sort((a, b) => a.day.localeCompare(b.day))
  return all.filter((one, i) => all.findIndex(({ what }) => what === one.what) === i)
}

/** A letter that has not left since the newest of the reports that lead came back. */
function unsent({ areas, reports, letters, letter }: Pick<Case, 'areas' | 'reports' | 'letters' | 'letter'>): Due[] {
  const days = reports.filter(({ id }) => areas.some(({ reportId }) => reportId === id)).map(({ date }) => date)
  const back = days.sort().at(-1)
  const number = back === undefined ? undefined : dayNumber(back)
  if (back === undefined || number === undefined) return []
  const left = [...letters.map(({ handed }) => handed), letter.printedAt].flatMap((at) => at?.slice(0, 10) ?? [])
  return left.some((day) => day >= back) ? [] : [{ day: dayAt(number + letterWithin), what: 'letter', of: '' }]
}
