'use client'

import { intlFormatDistance } from 'date-fns'
import { useLiveQuery } from 'dexie-react-hooks'
import { Search, Trash2 } from 'lucide-react'
import Link from 'next/link'
import type { Due } from '@/core/passes/program/due'
import { dateWords } from '@/wording/format'
import { today } from '../../shared/today'
import { useDeferredValue, useMemo, useState } from 'react'
import type { SoundSummary } from '@/store/damage'
import { db, type Summary } from '@/store/db'
import { Button } from '@/ui/Button'
import { useInSight } from '@/ui/useInSight'
import { en } from './messages'
import { finder } from './find'

interface Props {
  summaries: readonly SoundSummary[]
  /** Whether that is all of them, or the rest is still being read. */
  whole: boolean
  onTrash: (id: string) => void
  onSaveList: (shown: readonly Summary[]) => void
}

/** The cases, the last changed first, and a word to find one by. */
export function CaseList({ summaries, whole, onTrash, onSaveList }: Props) {
  const [words, setWords] = useState('')
  const find = useMemo(() => finder(summaries), [summaries])
  const shown = find(useDeferredValue(words))
  return (
    <>
      <div className="mt-4 mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <label className="border-edge bg-sheet focus-within:outline-slate flex min-w-60 flex-1 items-center gap-2 rounded-[3px] border px-2.5 focus-within:outline-[2.5px] focus-within:outline-offset-1">
          <Search size={17} aria-hidden className="text-ink-2 shrink-0" />
          <input
            type="search"
            aria-label={en.find}
            placeholder={en.find}
            value={words}
            autoComplete="off"
            spellCheck={false}
            onChange={(event) => setWords(event.target.value)}
            className="placeholder:text-ink-2/75 min-h-10 w-full min-w-0 bg-transparent outline-none"
          />
        </label>
        <p role="status" className="text-ink-2 text-sm">
          {!whole ? '…' : words.trim() ? en.foundOf(shown.length, summaries.length) : en.count(summaries.length)}
        </p>
        <Button kind="text" onClick={() => onSaveList(shown)}>
          {en.saveList}
        </Button>
      </div>
      {shown.length === 0 ? (
        <p className="border-rule border-t py-6 font-serif text-lg">{en.nothingFound(words.trim())}</p>
      ) : (
        <Rows shown={shown} onTrash={onTrash} />
      )}
    </>
  )
}

/** Only the rows in sight are drawn. */
function Rows({ shown, onTrash }: { shown: readonly SoundSummary[]; onTrash: (id: string) => void }) {
  const undecided = useLiveQuery(
    () =>
      db.conflicts
        .orderBy('caseId')
        .uniqueKeys()
        .then(
          (ids) => new Set(ids),
          () => new Set(),
        ),
    [],
    new Set(),
  )
  const { list, items, measure, above, below } = useInSight(shown.length, 75, (i) => shown[i]!.id)
  return (
    <table ref={list} className="w-full border-collapse" aria-rowcount={shown.length + 1}>
      <thead className="text-ink-2 text-left text-[13.5px]">
        <tr>
          <th className="py-2 font-normal">{en.client}</th>
          <th className="hidden px-3 py-2 font-normal sm:table-cell">{en.areas}</th>
          <th className="py-2 pl-3 font-normal">{en.next}</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {above > 0 && <Space height={above} />}
        {items.map(({ index, key }) => {
          const one = shown[index]!
          return (
            <tr
              key={key}
              ref={measure}
              data-index={index}
              aria-rowindex={index + 2}
              className="border-rule hover:bg-sheet relative border-t align-top"
            >
              <Cells one={one} undecided={undecided.has(one.id)} onTrash={onTrash} />
            </tr>
          )
        })}
        {below > 0 && <Space height={below} />}
      </tbody>
    </table>
  )
}

const Space = ({ height }: { height: number }) => (
  <tr aria-hidden>
    <td colSpan={4} style={{ height }} className="p-0" />
  </tr>
)

/** What falls due next, and whether that is over. */
function NextDue({ due: { day, what, of } }: { due: Due }) {
  const late = day < today()
  return (
    <p className={`text-sm ${late ? 'text-clay font-semibold' : ''}`}>
      {en.due[what](dateWords(day), of)}
      {late && `, ${en.overdue}`}
    </p>
  )
}

function Cells({ one, undecided, onTrash }: { one: SoundSummary; undecided: boolean; onTrash: (id: string) => void }) {
  const client = one.client || en.unnamed
  return (
    <>
      <td className="py-3">
        <Link
          href={`/case?id=${encodeURIComponent(one.id)}&station=${one.waitsFor}`}
          prefetch={false}
          className="font-serif text-[20px] leading-tight font-semibold after:absolute after:inset-0"
        >
          {client}
        </Link>
        <p className="text-ink-2">
          {one.place}
          {one.sample && <span className="border-edge ml-2 rounded-[3px] border px-1.5 text-[13px]">{en.sample}</span>}
        </p>
      </td>
      <td className="hidden px-3 py-3 sm:table-cell">{one.areas.join(', ') || en.noAreas}</td>
      <td className="py-3 pl-3">
        <strong className="font-semibold">{en.waits[one.waitsFor]}</strong>
        {one.due && <NextDue due={one.due} />}
        {one.damaged && <span className="text-clay block text-sm font-semibold">{en.damaged}</span>}
        {undecided && <span className="text-clay block text-sm font-semibold">{en.undecided}</span>}
        <p className="text-ink-2 text-sm">
          {en.changed} {intlFormatDistance(new Date(one.updatedAt), new Date())}
        </p>
      </td>
      <td className="relative z-10 py-3 text-right">
        <button
          type="button"
          aria-label={en.throwAway(client)}
          title={en.throwAway(client)}
          onClick={() => onTrash(one.id)}
          className="text-ink-2 hover:text-clay cursor-pointer p-1.5"
        >
          <Trash2 size={17} aria-hidden />
        </button>
      </td>
    </>
  )
}
