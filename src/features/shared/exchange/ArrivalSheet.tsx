'use client'

import type { Case } from '@/core/case/case'
import { intlFormatDistance } from 'date-fns'
import { useState } from 'react'
import type { Version } from '@/store/ancestry'
import { keyOf, takeIn, type KnownArrival, type Take } from '@/store/exchange'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { Sheet } from '@/ui/Sheet'
import { nameField, shown } from '../history/describe'
import { en } from './messages'

interface Props {
  there: Version
  arrival: KnownArrival
  onTaken: (id: string) => void
  onClose: () => void
}

/** A case file whose case is here already: what differs, and what to do about it. Nothing is written before. */
export function ArrivalSheet({ there, arrival, onTaken, onClose }: Props) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const [refused, setRefused] = useState(false)
  const { here, standing, differences } = arrival
  const choose = (key: string, fromThere: boolean) =>
    setChosen(new Set(fromThere ? [...chosen, key] : [...chosen].filter((one) => one !== key)))
  const take = (how: Take) =>
    takeIn(there, how, chosen).then(onTaken, () => {
      setRefused(true)
    })
  const merges = standing === 'newer' || standing === 'parted' || standing === 'unrelated'
  return (
    <Sheet title={en.title(here.client)} onClose={onClose}>
      <p className="mt-1">{en.standing[standing]}</p>
      <p className="text-ink-2 text-sm">
        {en.savedHere(ago(here.updatedAt))} · {en.savedThere(ago(there.kase.updatedAt))}
      </p>
      {arrival.trashed && <p className="text-clay mt-1 font-semibold">{en.trashed}</p>}
      {differences.length > 0 && <Differences {...{ there, arrival, chosen, choose }} />}
      {refused && (
        <p role="alert" className="text-clay mt-3 font-semibold">
          {en.notKept}
        </p>
      )}
      <dl className="mt-5 grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2.5">
        {merges && (
          <Way
            act={standing === 'newer' ? en.update : en.merge}
            why={standing === 'newer' ? '' : en.mergeWhy}
            first
            onAct={() => void take('merge')}
          />
        )}
        {!merges && <Way act={en.open} why="" first onAct={() => void take('merge')} />}
        {differences.length > 0 && (
          <>
            <Way act={en.both} why={en.bothWhy} onAct={() => void take('both')} />
            {standing !== 'newer' && <Way act={en.replace} why={en.replaceWhy} onAct={() => void take('replace')} />}
          </>
        )}
        <Way act={en.cancel} why="" onAct={onClose} />
      </dl>
    </Sheet>
  )
}

const ago = (instant: string) => intlFormatDistance(new Date(instant), new Date())

function Way({ act, why, first, onAct }: { act: string; why: string; first?: boolean; onAct: () => void }) {
  return (
    <>
      <dt>
        <Button kind={first ? 'act' : 'quiet'} className="w-full" onClick={onAct}>
          {act}
        </Button>
      </dt>
      <dd className="text-ink-2 text-[15px]">{why}</dd>
    </>
  )
}

interface DifferencesProps {
  there: Version
  arrival: KnownArrival
  chosen: ReadonlySet<string>
  choose: (key: string, fromThere: boolean) => void
}

function Differences({ there, arrival, chosen, choose }: DifferencesProps) {
  const comes = new Set(arrival.changes.map(({ path }) => keyOf(path)))
  const clashes = new Set(arrival.clashes.map(({ path }) => keyOf(path)))
  // A clash over a whole area stands for the fields in it.
  const rows = [
    ...arrival.clashes.map(({ path, theirs, mine }) => ({ path, here: theirs, there: mine })),
    ...arrival.differences
      .filter(({ path }) => !arrival.clashes.some((one) => one.path.every((key, i) => path[i] === key)))
      .map(({ path, before, after }) => ({ path, here: before, there: after })),
  ]
  return (
    <div className="mt-3 max-h-[46vh] overflow-y-auto">
      <table className="w-full border-collapse text-[15px]">
        <thead className="text-ink-2 bg-sheet sticky top-0 text-left text-[13.5px]">
          <tr>
            <th className="py-1.5 font-normal">{en.field}</th>
            <th className="px-3 py-1.5 font-normal">{en.here}</th>
            <th className="px-3 py-1.5 font-normal">{en.there}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const key = keyOf(row.path)
            const name = nameField(row.path, row.here === undefined ? there.kase : arrival.here)
            return (
              <tr key={key} className="border-rule border-t align-top">
                <th className="py-2 text-left font-semibold">
                  <Formula>{name}</Formula>
                </th>
                {([false, true] as const).map((fromThere) => {
                  const text = fromThere ? said(row.there, there.kase) : said(row.here, arrival.here)
                  return (
                    <td key={String(fromThere)} className="px-3 py-2">
                      {clashes.has(key) ? (
                        <label className="flex cursor-pointer gap-2">
                          <input
                            type="radio"
                            name={key}
                            className="accent-moss mt-1"
                            aria-label={`${name}: ${text}, ${fromThere ? en.there : en.here}`}
                            checked={chosen.has(key) === fromThere}
                            onChange={() => choose(key, fromThere)}
                          />
                          <Formula>{text}</Formula>
                        </label>
                      ) : (
                        <>
                          <Formula>{text}</Formula>
                          {comes.has(key) === fromThere && (
                            <span className="text-ink-2 block text-[13px]">{fromThere ? en.comes : en.stays}</span>
                          )}
                        </>
                      )}
                    </td>
                  )
                })}
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}

const said = (value: unknown, kase: Case): string => (value === undefined ? en.gone : shown(value, kase))
