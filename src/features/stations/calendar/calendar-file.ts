import ical, { ICalCalendarMethod, ICalEventStatus, ICalEventTransparency } from 'ical-generator'
import type { Case } from '@/core/case/case'
import { whyTested } from '@/core/passes/program/tests'
import type { Plan } from '@/core/plan/plan'
import { dayNumber, type Day } from '@/core/calendar/day'
import type { Product } from '@/core/shelf/product'
import { entryWords } from '@/wording/entry-words'
import { productWords, weight } from '@/wording/format'
import { english } from '@/wording/languages'
import { howWords } from '@/wording/letter'
import { capital, nutrient } from '@/wording/phrase'
import { render } from '@/wording/render'

export interface CalendarFile {
  readonly text: string
  /** Of the events in it that stand. */
  readonly ids: readonly string[]
  /** How many former ones it calls off. */
  readonly off: number
}

const msPerDay = 86_400_000

/**
 * The days of a case as iCalendar: whole days, by ids that stay, so that a second import updates them; what a former file
 * had and is no more is called off.
 *
 * @param products that the log names
 * @param now when the file is made, an instant
 */
export function calendarFile(kase: Case, { areas }: Plan, products: readonly Product[], now: string): CalendarFile {
  const file = ical({ prodId: '//Agrologos//Calendar//EN', method: ICalCalendarMethod.PUBLISH })
  const event = (id: string, day: Day, summary: string, description: string, status: ICalEventStatus) => {
    const start = new Date(dayNumber(day)! * msPerDay)
    file.createEvent({
      id,
      sequence: kase.rev,
      stamp: new Date(now),
      start,
      end: new Date(start.getTime() + msPerDay),
      allDay: true,
      summary,
      description,
      status,
      // A day on which something is to be applied is not a day on which one is taken.
      transparency: ICalEventTransparency.TRANSPARENT,
    })
    return id
  }
  const client = [kase.client, kase.place].filter(Boolean).join(', ')
  const whom = client && `For ${client}.`
  const uid = (key: string) => `${kase.id}/${key}@agrologos`
  const ids = areas.flatMap(({ areaId, name, passes, tests }) => [
    ...passes.flatMap(({ pass, day, state, entry, problems }) => {
      if (day === null || state === 'skipped' || state === 'covered') return []
      const what = pass.product ? productWords(pass.product) : (nutrient[pass.nutrient!] ?? '')
      const applied = entry && entryWords(entry, products, kase.measures)
      const amount = applied || `${weight(pass.amount.value.v, kase.measures)} ${what}`
      const how = state === 'done' ? '' : capital(howWords(pass, english, kase.measures))
      const told = [whom, how && `${how}.`, ...problems.map((one) => render(one, kase.measures))].filter(Boolean)
      const title = `${state === 'done' ? 'Done: ' : ''}${name}: ${amount}`
      return [event(uid(pass.key), day, title, told.join(' '), ICalEventStatus.CONFIRMED)]
    }),
    ...tests.map((test) =>
      event(
        uid(`${areaId}/test/${test.before ?? 'last'}`),
        test.day,
        `${name}: soil test`,
        [whom, render(whyTested(test))].filter(Boolean).join(' '),
        ICalEventStatus.CONFIRMED,
      ),
    ),
  ])
  const gone = kase.calendarSent.filter((id) => !ids.includes(id))
  const today = now.slice(0, 10)
  const reasonOf = (id: string) => {
    const stopped = areas.find(({ areaId }) => id.startsWith(uid(`${areaId}/sulfur`).split('@')[0]!))?.stopped
    return stopped ? render(stopped, kase.measures) : ''
  }
  for (const id of gone) event(id, today, 'Called off', reasonOf(id), ICalEventStatus.CANCELLED)
  // Every line ends with CRLF, the last one too (RFC 5545).
  return { text: `${file.toString().trimEnd()}\r\n`, ids, off: gone.length }
}
