import type { Case } from '../../case/case'
import { dayAt, dayNumber } from './day'
import type { Due } from './due-kinds'
import { isOpen, type Program } from './program'

/** Days after its report by which a client should have the letter. A custom of this app: none is published. */
const letterWithin = 14

/**
 * Of every kind the first that is still open, the earliest in front.
 *
 * @param ready whether the case waits for nothing but its letter
 */
export function duesOf(
  kase: Pick<Case, 'areas' | 'samples' | 'reports' | 'letters' | 'letter'>,
  program: Program,
  ready: boolean,
): readonly Due[] {
  const { areas, samples } = kase
  const nameOf = (areaId: string) => areas.find(({ id }) => id === areaId)?.name ?? ''
  // What would go on ground that nobody tested waits for its test, unless a client was told of it.
  const isTold = kase.letters.length > 0 || kase.letter.printedAt !== null
  const isSaid = (areaId: string) => isTold || areas.some(({ id, reportId }) => id === areaId && reportId !== null)
  const open = program.areas.flatMap(({ areaId, passes, retests, planting }): Due[] => [
    ...passes.flatMap((one): Due[] => {
      if (one.day === null || !isOpen(one) || !isSaid(areaId)) return []
      const leads = one.treatment.need === 'sulfur' && planting !== null && one.day < planting.day
      return [{ day: one.day, what: leads ? 'sulfur' : 'pass', of: nameOf(areaId) }]
    }),
    ...retests.map(({ day }): Due => ({ day, what: 'test', of: nameOf(areaId) })),
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
