'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { addApplication, removeApplication } from '@/core/acts/areas'
import { unmovePass } from '@/core/acts/decisions'
import type { Application } from '@/core/case/applications'
import { dayNumber } from '@/core/calendar/day'
import { isOpen, type Dated } from '@/core/passes/program/dated'
import { whyTested } from '@/core/passes/program/tests'
import type { Plan } from '@/core/plan/plan'
import { productRef } from '@/core/shelf/product'
import type { Sentence } from '@/core/sentence/sentence'
import { asTyped } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { dateWords, places, productWords, weight } from '@/wording/format'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { LogLine } from '../log/LogLine'
import { whatOf, type Proposal } from '../../shared/years/names'
import { en } from './messages'
import { today } from '../../shared/today'

interface Props {
  plan: Plan
  proposal: Proposal | null
  onMove: (key: string, to: string) => void
  onPut: (proposal: Proposal) => void
  onLeave: () => void
}

interface Entry {
  readonly day: string | null
  readonly area: string
  readonly what: string
  readonly why: readonly Sentence[]
  /** The pass that it is, where it is one. */
  readonly dated?: Dated
}

/** One by one, in the order of the days: what, where, how much, and what speaks against it. */
export function Days({ plan, ...moving }: Props) {
  const entries = plan.areas.flatMap(({ name: area, passes, tests, planting }): Entry[] => [
    ...passes.map((dated) => ({
      day: dated.day,
      area,
      dated,
      what: whatOf(dated),
      why: dated.problems,
    })),
    ...tests.map((test) => ({ day: test.day, area, what: en.test, why: [whyTested(test)] })),
    ...(planting ? [{ day: planting.day, area, what: en.planting, why: [] }] : []),
  ])
  const yearOf = ({ day }: Entry) => day?.slice(0, 4) ?? en.noDay
  const years = [...new Set(entries.map(yearOf))].sort()
  return years.map((year) => (
    <section key={year} aria-label={year} className="mt-6 print:break-after-page">
      <h2 className="border-ink border-b font-serif text-xl font-semibold">{year}</h2>
      <table className="w-full table-fixed border-collapse text-[15px]">
        <colgroup>
          <col className="w-40" />
          <col className="w-[26%]" />
          <col />
          <col className="w-28" />
        </colgroup>
        <thead className="sr-only">
          <tr>
            {[en.when, en.area, en.what, en.amount].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {entries
            .filter((entry) => yearOf(entry) === year)
            .sort((a, b) => (a.day ?? '').localeCompare(b.day ?? ''))
            .map((entry, i) => (
              <DayRow key={entry.dated?.pass.key ?? `${entry.what} ${entry.area} ${i}`} entry={entry} {...moving} />
            ))}
        </tbody>
      </table>
    </section>
  ))
}

function DayRow({ entry, proposal, onMove, onPut, onLeave }: Omit<Props, 'plan'> & { entry: Entry }) {
  const { kase } = useOpenCase()
  const { day, area, what, why, dated } = entry
  const open = dated !== undefined && isOpen(dated)
  const asked = proposal && dated?.pass.key === proposal.key && proposal.breaks.length > 0 ? proposal : null
  return (
    <tr className="border-rule border-t align-top">
      <td className="py-2 pr-4">
        {dated && open ? (
          <>
            <span className="print:hidden">
              <DayField dated={dated} onMove={onMove} />
            </span>
            <strong className="hidden print:inline">{day ? dateWords(day) : en.noDay}</strong>
          </>
        ) : (
          <strong>{day ? dateWords(day) : en.unknownDay}</strong>
        )}
      </td>
      <td className="py-2 pr-4">{area}</td>
      <td className="py-2 pr-4">
        <span className={dated ? 'font-semibold' : ''}>{what}</span>
        {dated && <span className="text-ink-2"> {en.turn(dated.pass.n, dated.treatment.passes?.count ?? 1)}</span>}
        {why.map((one) => (
          <span key={one.key} className={`block text-[14px] ${dated ? 'text-clay font-semibold' : 'text-ink-2'}`}>
            {render(one, kase.measures)}
          </span>
        ))}
        {asked && (
          <span role="alert" className="border-clay mt-1 block border-l-4 pl-3">
            {en.asks(dateWords(asked.to))} {asked.breaks.map((one) => render(one, kase.measures)).join(' ')}{' '}
            <Button className="mr-2" onClick={() => onPut(asked)}>
              {en.moveAllTheSame}
            </Button>
            <Button kind="text" onClick={onLeave}>
              {en.leave}
            </Button>
          </span>
        )}
        {dated && <Answers dated={dated} />}
      </td>
      <td className="py-2 text-right whitespace-nowrap">
        {dated && <strong className="font-serif text-lg">{weight(dated.pass.amount.value.v, kase.measures)}</strong>}
      </td>
    </tr>
  )
}

/** What became of a pass: done, skipped, or moved, each taken back with one click. */
function Answers({ dated }: { dated: Dated }) {
  const { pass, state, entry } = dated
  const { kase, act } = useOpenCase()
  const [differently, setDifferently] = useState(false)
  const log = (done: Application['done']) =>
    act(addApplication(answerTo(dated, done, weight(pass.amount.value.v, kase.measures))))
  const move = Object.hasOwn(kase.decisions.moves, pass.key) ? kase.decisions.moves[pass.key] : undefined
  if (state === 'covered') return null
  if (entry)
    return (
      <span className="text-ink-2 block text-[14px]">
        {state === 'skipped' ? en.skipped : entry.done === 'otherwise' ? en.doneAs(entry.note) : en.done}{' '}
        <Button kind="text" className="print:hidden" onClick={() => act(removeApplication(entry.id))}>
          {en.undoIt}
        </Button>
      </span>
    )
  return (
    <div className="text-ink-2 text-[14px] print:hidden">
      {move && (
        <>
          {en.moved(move.by, dateWords(move.planned))}{' '}
          <Button kind="text" className="mr-4" onClick={() => act(unmovePass(pass.key))}>
            {en.back}
          </Button>
        </>
      )}
      <Button kind="text" className="mr-4" onClick={() => log('as-planned')}>
        {en.doIt}
      </Button>
      <Button kind="text" className="mr-4" aria-expanded={differently} onClick={() => setDifferently(!differently)}>
        {en.doOtherwise}
      </Button>
      <Button kind="text" onClick={() => log('skipped')}>
        {en.skipIt}
      </Button>
      {differently && <LogLine first={lineFor(dated)} pass={pass} onLogged={() => setDifferently(false)} />}
    </div>
  )
}

/** What was planned, as one would say it, to be changed into what was done. */
const lineFor = ({ pass: { product, amount } }: Dated): string =>
  product ? `${places(amount.value.v, 1)} lb ${productWords(product)} today` : ''

/** An entry of the log that answers a pass, as it was planned, of today. */
function answerTo(dated: Dated, done: Application['done'], amount: string): Application {
  const { pass } = dated
  return {
    id: newId(),
    areaId: pass.areaId,
    date: today(),
    what: pass.need === 'lime' || pass.need === 'sulfur' ? pass.need : 'fertilizer',
    note: `${amount} ${whatOf(dated)}`,
    product: pass.product ? productRef(pass.product) : null,
    amount: asTyped(pass.amount.value.v, 'lb'),
    pass: pass.key,
    done,
  }
}

/** A day that can be typed over; taken when one leaves the field, so that half a date moves nothing. */
function DayField({ dated, onMove }: { dated: Dated; onMove: (key: string, to: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const day = dated.day ?? ''
  const isWrong = typed !== null && dayNumber(typed) === undefined
  const take = () => {
    if (typed === null || isWrong) return
    setTyped(null)
    if (typed !== day) onMove(dated.pass.key, typed)
  }
  return (
    <TextField
      label={en.dayOf(whatOf(dated))}
      hideLabel
      type="date"
      value={typed ?? day}
      error={isWrong ? en.needsDay : undefined}
      onChange={setTyped}
      onDone={take}
    />
  )
}
