'use client'

import { useState } from 'react'
import { v4 as newId } from 'uuid'
import { addApplication, removeApplication } from '@/core/case/acts/areas'
import type { Application } from '@/core/case/applications'
import { ledger, ledgerLines, type AreaLedger } from '@/core/passes/ledger'
import { readLogLine, type LoggedLine } from '@/core/passes/log/line'
import { productNamed, productRef } from '@/core/shelf/product'
import { asTyped } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { RemoveButton } from '@/ui/RemoveButton'
import { TextField } from '@/ui/TextField'
import { dateWords, places, productWords, weight } from '@/wording/format'
import { render, textOf } from '@/wording/render'
import { answerOf, useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { today } from '../../shared/today'
import { en } from './messages'

/** What was really put on, typed as it is said; and what it sums to. */
export function LogStation() {
  const { kase } = useOpenCase()
  if (kase.areas.length === 0) return <p className="mt-5 font-serif text-lg">{en.noAreas}</p>
  return (
    <>
      <p className="mt-2 mb-3 max-w-[70ch]">{en.lead}</p>
      <LogLine />
      <Entries />
      <Ledger />
    </>
  )
}

/** One line, told back as it was understood before it is kept. */
function LogLine() {
  const { kase, recommendation, act } = useOpenCase()
  const products = useProducts()
  const [text, setText] = useState('')
  const [asked, setAsked] = useState(false)
  const areas = kase.areas.map(({ id, name }) => {
    const { crop, use } = answerOf(recommendation, id)
    return { id, name, use: crop && use }
  })
  const line = readLogLine(text, areas, products, today())
  const nameOf = (id: string) => kase.areas.find((one) => one.id === id)!.name
  const wordsOf = ({ lb, product, areaId, date }: LoggedLine) =>
    en.understood(weight(lb, kase.measures), productWords(product, textOf), nameOf(areaId), dateWords(date))
  const put = () => {
    setAsked(true)
    if (!line.ok) return
    const { areaId, date, what, product, lb } = line.value
    const amount = asTyped(lb, 'lb')
    const entry = {
      id: newId(),
      areaId,
      date,
      what,
      note: text.trim(),
      product: productRef(product),
      amount,
      pass: null,
    }
    act(addApplication({ ...entry, done: 'otherwise' }))
    setText('')
    setAsked(false)
  }
  const told = line.ok
    ? [wordsOf(line.value), ...line.value.remarks.map((one) => render(one, kase.measures))].join('. ')
    : undefined
  return (
    <form
      className="flex max-w-3xl flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        put()
      }}
    >
      <div className="min-w-64 flex-1">
        <TextField
          label={en.line}
          most={200}
          value={text}
          placeholder={en.example}
          echo={told ?? (text.trim() === '' || line.ok ? undefined : render(line.refusal, kase.measures))}
          error={asked && !line.ok ? render(line.refusal, kase.measures) : undefined}
          onChange={(next) => {
            setText(next)
            setAsked(false)
          }}
        />
      </div>
      <Button kind="act" type="submit" className="mt-5">
        {en.log}
      </Button>
    </form>
  )
}

/** Every entry, the latest first. */
function Entries() {
  const { kase, act } = useOpenCase()
  const products = useProducts()
  const nameOf = (id: string) => kase.areas.find((one) => one.id === id)?.name ?? ''
  const whatOf = ({ note, product, amount }: Application) => {
    const named = productNamed(products, product)
    if (!named || amount.value === null) return note
    return `${weight(amount.value, kase.measures)} ${productWords(named, textOf)}`
  }
  const entries = [...kase.applications].sort((a, b) => b.date.localeCompare(a.date))
  return (
    <section aria-label={en.entries} className="mt-6">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.entries}</h2>
      {entries.length === 0 && <p className="text-ink-2 py-2">{en.none}</p>}
      <ul>
        {entries.map((entry) => (
          <li
            key={entry.id}
            className="border-rule grid grid-cols-[8rem_1fr_auto] items-center gap-x-4 border-b py-1.5 sm:grid-cols-[8rem_12rem_1fr_auto]"
          >
            <strong>{dateWords(entry.date)}</strong>
            <span>{nameOf(entry.areaId)}</span>
            <span className="col-span-2 sm:col-span-1">
              {whatOf(entry)}
              <span className="text-ink-2">
                {entry.done === 'skipped' ? `, ${en.skipped}` : entry.pass ? `, ${en.planned}` : ''}
              </span>
            </span>
            <RemoveButton label={en.remove(whatOf(entry))} onClick={() => act(removeApplication(entry.id))} />
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What went on by area and year, in pounds and on 1,000 ft². */
function Ledger() {
  const { kase } = useOpenCase()
  const kept = ledger(kase, useProducts()).filter(({ years }) => years.length > 0)
  if (kept.length === 0) return null
  return (
    <section aria-label={en.ledger} className="mt-6">
      <h2 className="border-ink border-b font-serif text-lg font-semibold">{en.ledger}</h2>
      <p className="text-ink-2 mt-1 text-[14px]">{en.ledgerLead}</p>
      {kept.map((one) => (
        <LedgerTable key={one.areaId} kept={one} />
      ))}
    </section>
  )
}

function LedgerTable({ kept: { areaId, years } }: { kept: AreaLedger }) {
  const { kase, recommendation } = useOpenCase()
  const { size } = answerOf(recommendation, areaId)
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
      {years.map(
        ({ year, untold }) =>
          untold > 0 && <p key={year} className="text-ink-2 text-[13.5px]">{`${year}: ${en.untold(untold)}`}</p>,
      )}
    </div>
  )
}
