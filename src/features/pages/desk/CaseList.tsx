'use client'

import clsx from 'clsx'
import { addDays, formatISO, intlFormatDistance } from 'date-fns'
import { useLiveQuery } from 'dexie-react-hooks'
import { Search, Trash2 } from 'lucide-react'
import Link from 'next/link'
import { stations, type Station } from '@/core/case/stations'
import { dueKinds, type Due, type DueKind } from '@/core/plan/due-kinds'
import { dateWords } from '@/wording/format'
import { today } from '../../shared/today'
import { Suspense, useDeferredValue, useId, useMemo, useState } from 'react'
import type { SoundSummary } from '@/store/summary'
import { db, type Summary } from '@/store/db'
import { Button } from '@/ui/Button'
import { useInSight } from '@/ui/useInSight'
import { late } from '../../shared/late/late'
import { en } from './messages'
import { finder } from './find'

const Several = late(() => import('./Several').then((found) => found.Several))

interface Props {
  summaries: readonly SoundSummary[]
  /** Whether that is all of them, or the rest is still being read. */
  whole: boolean
  onTrash: (ids: readonly string[]) => void
  onSaveList: (shown: readonly Summary[]) => void
}

type When = keyof typeof en.dueWhen
type Sort = keyof typeof en.sorts

const dayFromNow = (days: number): string => formatISO(addDays(new Date(), days), { representation: 'date' })

/** Days from now within which something falls due. */
const within: Readonly<Record<When, number>> = { late: -1, week: 7, month: 31 }

/** What falls due first, of one kind or any. */
const dueIn = ({ dues = [] }: Pick<Summary, 'dues'>, kind: DueKind | null): Due | undefined =>
  kind === null ? dues[0] : dues.find(({ what }) => what === kind)

/** Days from now within which what falls due comes before what a case waits for. */
const soon = 7

/** The one next thing of a case: what falls due soon, else the station that it waits for, else what falls due later. */
function nextOf(one: Summary, kind: DueKind | null, until: string): { due: Due | undefined; first: boolean } {
  const due = dueIn(one, kind)
  return { due, first: due !== undefined && (kind !== null || due.day <= until || one.waitsFor === 'log') }
}

const byDay = (kind: DueKind | null) => (a: Summary, b: Summary) =>
  (dueIn(a, kind)?.day ?? '9999').localeCompare(dueIn(b, kind)?.day ?? '9999')

/** By what falls due soon, then by how far a case has come: what is nearly done leaves the office first. */
function byNext(until: string) {
  const order = (one: Summary) => {
    const { due, first } = nextOf(one, null, until)
    if (due && first && due.day <= until) return due.day
    return `9999-${one.waitsFor === 'log' ? 99 : 50 - stations.indexOf(one.waitsFor)}`
  }
  return (found: readonly SoundSummary[]) =>
    found
      .map((one) => [order(one), one] as const)
      .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))
      .map(([, one]) => one)
}

const byClient = (a: Summary, b: Summary) => (a.client || '\uffff').localeCompare(b.client || '\uffff')

/** Where one goes for what falls due. */
const stationOf: Readonly<Record<DueKind, Station>> = {
  sulfur: 'calendar',
  pass: 'calendar',
  test: 'sample',
  sample: 'sample',
  letter: 'letter',
}

/** The cases, a word to find one by, what falls due over all of them, and what is done with several at once. */
export function CaseList({ summaries, whole, onTrash, onSaveList }: Props) {
  const [words, setWords] = useState('')
  const [when, setWhen] = useState<When | null>(null)
  const [person, setPerson] = useState<string | null>(null)
  const [kind, setKind] = useState<DueKind | null>(null)
  const [sort, setSort] = useState<Sort>('next')
  const [chosen, choose] = useState<ReadonlySet<string>>(new Set())
  const find = useMemo(() => finder(summaries), [summaries])
  const wanted = useDeferredValue(words)
  const people = useMemo(() => [...new Set(summaries.flatMap(({ by }) => by || []))].sort(), [summaries])
  const shown = useMemo(() => {
    const last = when && dayFromNow(within[when])
    const found = find(wanted).filter(
      (one) =>
        (person === null || one.by === person) &&
        (kind === null || dueIn(one, kind) !== undefined) &&
        (last === null || (dueIn(one, kind)?.day ?? '9999') <= last),
    )
    if (sort === 'changed') return found
    if (sort === 'next' && kind === null) return byNext(dayFromNow(soon))(found)
    return [...found].sort(sort === 'client' ? byClient : byDay(kind))
  }, [find, wanted, when, person, kind, sort])
  const here = shown.filter(({ id }) => chosen.has(id))
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
        <Filter
          label={en.kind}
          value={kind}
          options={dueKinds.map((one) => [one, en.kinds[one]])}
          any={en.anyKind}
          onChange={(to) => setKind(to as DueKind | null)}
        />
        <Filter
          label={en.fallsDue}
          value={when}
          options={Object.entries(en.dueWhen)}
          any={en.dueAny}
          onChange={(to) => setWhen(to as When | null)}
        />
        {people.length > 1 && (
          <Filter
            label={en.person}
            value={person}
            options={people.map((one) => [one, one])}
            any={en.anyone}
            onChange={setPerson}
          />
        )}
        <Filter
          label={en.sort}
          value={sort}
          options={Object.entries(en.sorts)}
          onChange={(to) => setSort((to ?? 'next') as Sort)}
        />
      </div>
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <p role="status" className="text-ink-2 text-sm">
          {!whole
            ? '…'
            : shown.length < summaries.length
              ? en.foundOf(shown.length, summaries.length)
              : en.count(summaries.length)}
        </p>
        <Button kind="text" onClick={() => onSaveList(shown)}>
          {en.saveList}
        </Button>
      </div>
      <Suspense>
        {here.length > 0 && <Several chosen={here} onTrash={onTrash} onDone={() => choose(new Set())} />}
      </Suspense>
      {shown.length === 0 ? (
        <p className="border-rule border-t py-6 font-serif text-lg">
          {words.trim() ? en.nothingFound(words.trim()) : en.nothingLeft}
        </p>
      ) : (
        <Rows shown={shown} kind={kind} chosen={chosen} onChoose={choose} onTrash={(id) => onTrash([id])} />
      )}
    </>
  )
}

interface FilterProps {
  label: string
  value: string | null
  options: readonly (readonly [value: string, label: string])[]
  /** What stands for no choice; absent where one is always made. */
  any?: string
  onChange: (value: string | null) => void
}

function Filter({ label, value, options, any, onChange }: FilterProps) {
  const id = useId()
  return (
    <span className="text-ink-2 flex items-center gap-2 text-sm">
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value || null)}
        className="border-edge bg-sheet text-ink min-h-10 rounded-[3px] border px-2"
      >
        {any !== undefined && <option value="">{any}</option>}
        {options.map(([one, words]) => (
          <option key={one} value={one}>
            {words}
          </option>
        ))}
      </select>
    </span>
  )
}

interface RowsProps {
  shown: readonly SoundSummary[]
  /** Only of this kind is spoken. */
  kind: DueKind | null
  chosen: ReadonlySet<string>
  onChoose: (chosen: ReadonlySet<string>) => void
  onTrash: (id: string) => void
}

/** Only the rows in sight are drawn. */
function Rows({ shown, kind, chosen, onChoose, onTrash }: RowsProps) {
  const all = shown.every(({ id }) => chosen.has(id))
  const tick = (id: string, on: boolean) => {
    const next = new Set(chosen)
    if (on) next.add(id)
    else next.delete(id)
    onChoose(next)
  }
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
          <td className="w-8">
            <input
              type="checkbox"
              aria-label={en.chooseAll}
              className="accent-moss size-4.5"
              checked={all}
              onChange={(event) => onChoose(event.target.checked ? new Set(shown.map(({ id }) => id)) : new Set())}
            />
          </td>
          <th className="py-2 font-normal">{en.client}</th>
          <th className="hidden px-3 py-2 font-normal sm:table-cell">{en.areas}</th>
          <th className="py-2 pl-3 font-normal sm:w-72">{en.next}</th>
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
              <td className="relative z-10 py-3.5">
                <input
                  type="checkbox"
                  aria-label={en.choose(one.client || en.unnamed)}
                  className="accent-moss size-4.5"
                  checked={chosen.has(one.id)}
                  onChange={(event) => tick(one.id, event.target.checked)}
                />
              </td>
              <Cells one={one} kind={kind} undecided={undecided.has(one.id)} onTrash={onTrash} />
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
    <td colSpan={5} style={{ height }} className="p-0" />
  </tr>
)

/** What falls due next, and whether that is over. */
function NextDue({ due: { day, what, of }, first }: { due: Due; first?: boolean }) {
  const late = day < today()
  return (
    <p className={clsx(first ? 'font-semibold' : 'text-sm', late && 'text-clay font-semibold')}>
      {en.due[what](dateWords(day), of)}
      {late && `, ${en.overdue}`}
    </p>
  )
}

interface CellsProps extends Pick<RowsProps, 'kind' | 'onTrash'> {
  one: SoundSummary
  undecided: boolean
}

function Cells({ one, kind, undecided, onTrash }: CellsProps) {
  const client = one.client || en.unnamed
  const { due, first } = nextOf(one, kind, dayFromNow(soon))
  const said = (one.waitsFor === 'log' && due) || (one.waitsFor === 'letter' && first && due!.what === 'letter')
  const waits = said ? null : en.waits[one.waitsFor]
  return (
    <>
      <td className="py-3">
        <Link
          href={`/case?id=${encodeURIComponent(one.id)}&station=${first ? stationOf[due!.what] : one.waitsFor}`}
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
        {first && <NextDue due={due!} first />}
        {waits && (first ? <p className="text-sm">{waits}</p> : <strong className="font-semibold">{waits}</strong>)}
        {due && !first && <NextDue due={due} />}
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
