'use client'

import { useMemo, type ReactNode } from 'react'
import { v4 as newId } from 'uuid'
import { addApplication, aYearLater, removeApplication } from '@/core/acts/areas'
import type { Application } from '@/core/case/applications'
import { ledger, ledgerLines, type AreaLedger } from '@/core/passes/ledger'
import { baggedClippings } from '@/core/passes/habit'
import { isMajor, majorNutrients } from '@/core/units/quantity'
import type { Dated } from '@/core/passes/program/dated'
import { openPasses, planFor, type AreaPlan } from '@/core/plan/plan'
import { trendOf } from '@/core/reading/trend'
import { Formula } from '@/ui/Formula'
import { useSeen } from '@/ui/useSeen'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { dateWords, places, weight } from '@/wording/format'
import { nutrient as nutrients } from '@/wording/phrase'
import { render } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { today } from '../../shared/today'
import { whatOf } from '../../shared/years/names'
import { usePlan } from '../../shared/plan/usePlan'
import { NothingYet } from '../../shared/NothingYet'
import { CourseOfArea } from './Course'
import { useHabits } from '../../shared/years/useHabits'
import { entryWords } from '@/wording/entry-words'
import { LogLine } from './LogLine'
import { Said } from './Said'
import { en } from './messages'

/** What was really put on, typed as it is said; and what it sums to. */
export function LogStation() {
  const { kase } = useOpenCase()
  if (kase.areas.length === 0) return <NothingYet says={en.noAreas} />
  return (
    <>
      <div className="print:hidden">
        <p className="mt-2 mb-3 max-w-[70ch]">{en.lead}</p>
        <LogLine />
      </div>
      <Said />
      <Entries />
      <Courses />
      <Now />
      <Ledger />
      <Button className="mt-5 print:hidden" onClick={() => window.print()}>
        {en.print}
      </Button>
    </>
  )
}

/** Every entry, the latest first. */
function Entries() {
  const { kase, act } = useOpenCase()
  const products = useProducts()
  const nameOf = (id: string) => kase.areas.find((one) => one.id === id)?.name ?? ''
  const wordsOf = (entry: Application) => entryWords(entry, products, kase.measures)
  const entries = [...kase.applications].sort((a, b) => b.date.localeCompare(a.date))
  return (
    <section aria-label={en.entries} className="mt-6">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.entries}</h2>
      {entries.length === 0 && <p className="text-ink-2 py-2">{en.none}</p>}
      <ul>
        {entries.map((entry) => (
          <li
            key={entry.id}
            className="border-rule grid grid-cols-[8rem_1fr_auto_auto] items-center gap-x-4 border-b py-1.5 sm:grid-cols-[8rem_12rem_1fr_auto_auto]"
          >
            <strong>{dateWords(entry.date)}</strong>
            <span>{nameOf(entry.areaId)}</span>
            <span className="col-span-2 sm:col-span-1">
              {wordsOf(entry)}
              <span className="text-ink-2">
                {entry.done === 'skipped'
                  ? `, ${en.skipped}`
                  : entry.pass
                    ? `, ${entry.done === 'otherwise' ? en.otherwise : en.planned}`
                    : ''}
              </span>
            </span>
            <Again entry={entry} words={wordsOf(entry)} />
            <RemoveButton
              className="print:hidden"
              label={en.remove(wordsOf(entry))}
              onClick={() => act(removeApplication(entry.id))}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Days that are told of each area. */
const mostDays = 4

/** What is said of each area now, and what comes next. */
function Now() {
  const { kase } = useOpenCase()
  const answered = usePlan().areas.flatMap((plan) => (plan.found.answer ? [{ plan, answer: plan.found.answer }] : []))
  if (answered.length === 0) return null
  return (
    <section aria-label={en.now} className="mt-6 print:break-inside-avoid">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.now}</h2>
      {answered.map(({ plan, answer }) => {
        const days = daysAhead(plan)
        return (
          <div key={plan.areaId} className="border-rule border-b py-2">
            <h3 className="font-semibold">{plan.name}</h3>
            <p>
              <Formula>{answer.headline.map((one) => render(one, kase.measures)).join(' ')}</Formula>
            </p>
            {days.length > 0 && (
              <ul className="text-[15px]">
                {days.slice(0, mostDays).map(({ day, dated }, i) => (
                  <li key={`${day} ${i}`}>
                    <strong>{dateWords(day)}</strong>{' '}
                    {dated ? `${weight(dated.pass.amount.value.v, kase.measures)} ${whatOf(dated)}` : en.test}
                  </li>
                ))}
              </ul>
            )}
          </div>
        )
      })}
    </section>
  )
}

/** What is still to be done on an area, in the order of its days. */
function daysAhead(area: AreaPlan): readonly { readonly day: string; readonly dated?: Dated }[] {
  const passes = openPasses(area).map((dated) => ({ day: dated.day, dated }))
  return [...passes, ...area.tests.map(({ day }) => ({ day }))].sort((a, b) => a.day.localeCompare(b.day))
}

/** Of many areas only those are reckoned that come near the window. */
function WhenSeen({ children }: { children: ReactNode }) {
  const [sight, seen] = useSeen<HTMLDivElement>()
  return (
    <div ref={sight} className="min-h-px">
      {seen && children}
    </div>
  )
}

/** The course of each area that was tested, with what is still to come. */
function Courses() {
  const plan = usePlan()
  const { kase, recommendation } = useOpenCase()
  const tested = recommendation.areas.filter(({ areaId }) => {
    const tests = Math.max(0, ...trendOf('pH', { id: areaId }, kase.reports).map(({ points }) => points.length))
    const moved = kase.applications.some(
      (one) => one.areaId === areaId && (one.what === 'lime' || one.what === 'sulfur'),
    )
    return tests > 1 || (tests > 0 && moved)
  })
  if (tested.length === 0) return null
  return (
    <section aria-label={en.course} className="mt-6">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.course}</h2>
      {tested.map((found) => (
        <WhenSeen key={found.areaId}>
          <CourseOfArea found={found} plan={planFor(plan, found.areaId)} />
        </WhenSeen>
      ))}
    </section>
  )
}

/** What went on by area and year, in pounds and on 1,000 ft². */
function Ledger() {
  const { kase } = useOpenCase()
  const products = useProducts()
  const kept = useMemo(() => ledger(kase, products).filter(({ years }) => years.length > 0), [kase, products])
  if (kept.length === 0) return null
  return (
    <section aria-label={en.ledger} className="mt-6">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.ledger}</h2>
      <p className="text-ink-2 mt-1 text-[14px]">{en.ledgerLead}</p>
      {kept.map((one) => (
        <WhenSeen key={one.areaId}>
          <LedgerTable kept={one} />
        </WhenSeen>
      ))}
    </section>
  )
}

function LedgerTable({ kept: { areaId, years } }: { kept: AreaLedger }) {
  const { kase, recommendation } = useOpenCase()
  const { size, use } = answerOf(recommendation, areaId)
  const { needs, habits } = useHabits({ areaId, years })
  const name = kase.areas.find(({ id }) => id === areaId)!.name
  const lines = ledgerLines.filter((line) => years.some(({ lb }) => lb[line] > 0))
  const most = Math.max(
    ...years.flatMap(({ lb }) => lines.filter((line) => line !== 'CaCO₃').map((line) => lb[line])),
    1e-9,
  )
  const thousand = size.ok ? size.value.area.value.v / 1_000 : undefined
  return (
    <div className="mt-3 overflow-x-auto">
      <table className="w-full min-w-[460px] text-[15px]">
        <caption className="pb-1 text-left font-semibold">{name}</caption>
        <thead>
          <tr className="text-ink-2 text-left text-[13.5px]">
            <td className="w-52" />
            {years.map(({ year }) => (
              <th key={year} scope="col" className="pr-4 font-semibold">
                {year}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line} className="border-rule border-t">
              <th scope="row" className="py-1 text-left font-normal">
                <Formula>{en.lines[line]}</Formula>
              </th>
              {years.map(({ year, lb }) => (
                <td key={year} className="py-1 pr-4">
                  <span className="font-semibold">{lb[line] > 0 ? weight(lb[line], kase.measures) : '–'}</span>
                  {thousand !== undefined && lb[line] > 0 && kase.measures === 'feet' && (
                    <span className="text-ink-2"> {en.perThousand(places(lb[line] / thousand, 2))}</span>
                  )}
                  {isMajor(line) && needs.get(year)?.[line] !== undefined && (
                    <span className="text-ink-2 block text-[13px]">
                      {en.needed(weight(needs.get(year)![line]!, kase.measures))}
                    </span>
                  )}
                  {line !== 'CaCO₃' && (
                    <span aria-hidden className="bg-margin mt-0.5 block h-1.5 max-w-40">
                      <span className="bg-moss block h-full" style={{ width: `${(100 * lb[line]) / most}%` }} />
                    </span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {habits.map((one) => (
        <p key={one.key} className="border-clay mt-2 border-l-4 pl-3 font-semibold">
          {render(one, kase.measures)}
        </p>
      ))}
      {use === 'lawn' && size.ok && (
        <p className="text-ink-2 mt-1 text-[13.5px]">
          {en.clippings(
            majorNutrients
              .map(
                (one) =>
                  `${weight((baggedClippings[one] * size.value.area.value.v) / 1_000, kase.measures)} ${nutrients[one]!}`,
              )
              .join(', '),
          )}
        </p>
      )}
      {years.map(
        ({ year, untold }) =>
          untold > 0 && <p key={year} className="text-ink-2 text-[13.5px]">{`${year}: ${en.untold(untold)}`}</p>,
      )}
    </div>
  )
}

/** Many do the same every year: one click for each. */
function Again({ entry, words }: { entry: Application; words: string }) {
  const { kase, act } = useOpenCase()
  const next = aYearLater(entry, '', today())
  const isThere = kase.applications.some(
    ({ areaId, product, date }) => areaId === entry.areaId && product === entry.product && date === next?.date,
  )
  if (!next || isThere || entry.done === 'skipped') return <span />
  return (
    <Button
      kind="text"
      className="min-h-7 print:hidden"
      aria-label={en.againOf(words, dateWords(next.date))}
      onClick={() => act(addApplication({ ...next, id: newId(), done: 'otherwise' }))}
    >
      {en.again(dateWords(next.date))}
    </Button>
  )
}
