'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { intlFormatDistance } from 'date-fns'
import { Trash2 } from 'lucide-react'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react'
import { db, trashDays, type Summary } from '@/store/db'
import { Button, buttonClass } from '@/ui/Button'
import type { OpenedFile, Problem } from './actions'
import { en } from './messages'

/** What the Desk can do comes right after what it shows. */
const actions = () => import('./actions')

const ArrivalSheet = lazy(() => import('../exchange/ArrivalSheet').then((found) => ({ default: found.ArrivalSheet })))

type Found = { summaries: Summary[] } | 'refused'

/** All cases by what they wait for. */
export function Desk() {
  const router = useRouter()
  const found = useLiveQuery<Found>(() =>
    db.summaries
      .orderBy('updatedAt')
      .reverse()
      .toArray()
      .then(
        (summaries) => ({ summaries }),
        () => 'refused' as const,
      ),
  )
  const [problem, setProblem] = useState<Problem | null>(null)
  const [known, setKnown] = useState<Extract<OpenedFile, { kind: 'known' }> | null>(null)
  useEffect(() => {
    void actions().then(async ({ seedOnce, emptyOldTrash }) => {
      await seedOnce()
      await emptyOldTrash().catch(() => undefined)
    })
  }, [])
  const start = async () => router.push(`/case?id=${await (await actions()).startCase()}&station=ground`)
  const toCase = (id: string) => router.push(`/case?id=${id}&station=amounts`)
  const openFile = async (file: File) => {
    setProblem(null)
    const opened: OpenedFile = await (await actions()).openFile(file)
    if (opened.kind === 'taken') toCase(opened.id)
    else if (opened.kind === 'known') setKnown(opened)
    else setProblem(opened.problem)
  }
  const all = found && found !== 'refused' ? found.summaries : []
  const summaries = all.filter((one) => !one.trashedAt)
  const trashed = all.filter((one) => one.trashedAt)
  return (
    <div className="mx-auto max-w-5xl px-5 pb-16 sm:px-8">
      <header className="border-ink flex flex-wrap items-end gap-x-4 gap-y-3 border-b-[1.5px] pt-6 pb-3">
        <p className="font-serif text-[27px] leading-none font-semibold">Agrologos</p>
        <h1 className="text-ink-2 flex-1 text-lg leading-none">{en.title}</h1>
        {summaries.length > 0 && (
          <>
            <Link href="/office" className={buttonClass('quiet')}>
              {en.office}
            </Link>
            <OpenFile onFile={openFile} />
            <Button onClick={() => void start()}>{en.start}</Button>
            <Link href="/counter" className={buttonClass('act')}>
              {en.counter}
            </Link>
          </>
        )}
      </header>
      {found === 'refused' && (
        <p role="alert" className="text-clay border-clay mt-4 border-l-4 pl-3 font-semibold">
          {en.refused}
        </p>
      )}
      {problem && (
        <div role="alert" className="text-clay border-clay mt-4 border-l-4 pl-3">
          <p className="font-semibold">{problem.sentence}</p>
          <ul className="text-sm">
            {problem.details.map((detail) => (
              <li key={detail}>{detail}</li>
            ))}
          </ul>
        </div>
      )}
      {known && (
        <Suspense>
          <ArrivalSheet there={known.there} arrival={known.arrival} onTaken={toCase} onClose={() => setKnown(null)} />
        </Suspense>
      )}
      <main className="mt-2">
        {found && summaries.length === 0 && (
          <Empty start={start} openFile={<OpenFile onFile={openFile} />} refused={found === 'refused'} />
        )}
        {summaries.length > 0 && <Cases summaries={summaries} />}
        {trashed.length > 0 && <Trash trashed={trashed} />}
        {summaries.some((one) => one.sample) && (
          <Button
            kind="text"
            className="mt-6"
            onClick={() => void actions().then(({ removeSamples }) => removeSamples())}
          >
            {en.removeSamples}
          </Button>
        )}
      </main>
    </div>
  )
}

function Cases({ summaries }: { summaries: readonly Summary[] }) {
  return (
    <table className="w-full border-collapse">
      <thead className="text-ink-2 text-left text-[13.5px]">
        <tr>
          <th className="py-2 font-normal">{en.client}</th>
          <th className="hidden px-3 py-2 font-normal sm:table-cell">{en.areas}</th>
          <th className="py-2 pl-3 font-normal">{en.next}</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {summaries.map((one) => (
          <tr key={one.id} className="border-rule hover:bg-sheet relative border-t align-top">
            <td className="py-3">
              <Link
                href={`/case?id=${one.id}&station=${one.waitsFor === 'materials' || one.waitsFor === 'letter' ? 'amounts' : one.waitsFor}`}
                className="font-serif text-[20px] leading-tight font-semibold after:absolute after:inset-0"
              >
                {one.client || en.unnamed}
              </Link>
              <p className="text-ink-2">
                {one.place}
                {one.sample && (
                  <span className="border-edge ml-2 rounded-[3px] border px-1.5 text-[13px]">{en.sample}</span>
                )}
              </p>
            </td>
            <td className="hidden px-3 py-3 sm:table-cell">{one.areas.join(', ') || en.noAreas}</td>
            <td className="py-3 pl-3">
              <strong className="font-semibold">{en.waits[one.waitsFor]}</strong>
              <p className="text-ink-2 text-sm">
                {en.changed} {intlFormatDistance(new Date(one.updatedAt), new Date())}
              </p>
            </td>
            <td className="relative z-10 py-3 text-right">
              <button
                type="button"
                aria-label={en.throwAway(one.client || en.unnamed)}
                title={en.throwAway(one.client || en.unnamed)}
                onClick={() => void actions().then(({ setTrashed }) => setTrashed(one.id, true))}
                className="text-ink-2 hover:text-clay cursor-pointer p-1.5"
              >
                <Trash2 size={17} aria-hidden />
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** What was thrown away, and the way back. */
function Trash({ trashed }: { trashed: readonly Summary[] }) {
  return (
    <details className="border-rule mt-4 border-t pt-3">
      <summary className="cursor-pointer font-semibold">{en.trash(trashed.length)}</summary>
      <p className="text-ink-2 mt-1 text-sm">{en.trashWhy(trashDays)}</p>
      <ul>
        {trashed.map((one) => (
          <li key={one.id} className="flex flex-wrap items-baseline gap-3 py-1.5">
            <span className="font-serif text-lg">{one.client || en.unnamed}</span>
            <span className="text-ink-2 flex-1 text-sm">
              {one.place} · {en.thrownAway} {intlFormatDistance(new Date(one.trashedAt!), new Date())}
            </span>
            <Button onClick={() => void actions().then(({ setTrashed }) => setTrashed(one.id, false))}>
              {en.putBack}
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}

function Empty({ start, openFile, refused }: { start: () => Promise<void>; openFile: ReactNode; refused: boolean }) {
  return (
    <section className="py-8">
      <h2 className="font-serif text-2xl font-semibold">{en.empty}</h2>
      <p className="mt-1">{en.emptyLead}</p>
      <dl className="mt-6 grid max-w-2xl grid-cols-[auto_1fr] items-center gap-x-6 gap-y-4">
        <dt>
          <Link href="/counter" className={`${buttonClass('act')} block text-center`}>
            {en.counter}
          </Link>
        </dt>
        <dd>{en.counterWhy}</dd>
        <dt>
          <Button className="w-full" onClick={() => void start()}>
            {en.start}
          </Button>
        </dt>
        <dd>{en.startWhy}</dd>
        {!refused && (
          <>
            <dt>
              <Button className="w-full" onClick={() => void actions().then(({ loadSamples }) => loadSamples())}>
                {en.samples}
              </Button>
            </dt>
            <dd>{en.samplesWhy}</dd>
            <dt>{openFile}</dt>
            <dd />
          </>
        )}
      </dl>
    </section>
  )
}

function OpenFile({ onFile }: { onFile: (file: File) => Promise<void> }) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button onClick={() => input.current?.click()}>{en.open}</Button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label={en.open}
        className="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void onFile(file)
        }}
      />
    </>
  )
}
