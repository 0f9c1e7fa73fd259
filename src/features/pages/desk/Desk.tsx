'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { Suspense, useEffect, useState } from 'react'
import { soundSummary, type SoundSummary } from '@/store/summary'
import { db } from '@/store/db'
import { Button, buttonClass } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { useFileDrop } from '@/ui/useFileDrop'
import { CommandButton } from '../../shared/command/CommandButton'
import { dropOn, intake, useDropped } from '../../shared/dropped'
import { idle } from '../../shared/late/idle'
import { late } from '../../shared/late/late'
import { usePutBack } from '../../shared/usePutBack'
import { Offer } from '../../shared/way/Offer'
import { through } from '../../shared/way/through'
import type { OpenedFile, Problem } from './actions'
import { CaseList } from './CaseList'
import { Empty } from './Empty'
import { en } from './messages'
import { Trash } from './Trash'

/** What the Desk can do comes after what it shows. */
const actions = () => import('./actions')

const ArrivalSheet = late(() => import('../../shared/exchange/ArrivalSheet').then((found) => found.ArrivalSheet))
const RestoreSheet = late(() => import('../../shared/backup/RestoreSheet').then((found) => found.RestoreSheet))
const Reminder = late(() => import('../../shared/backup/Reminder').then((found) => found.Reminder))

/** What stands beside the cases. */
const sheets = [
  ['/intake', en.intake],
  ['/bench', en.bench],
  ['/practice', en.practice],
  ['/guides', en.guides],
  ['/shelf', en.shelf],
  ['/office', en.office],
] as const

type Found = { summaries: SoundSummary[]; whole: boolean } | 'refused'

/** As many as fill a screen come first; all of them right after. */
function useSummaries(): Found | undefined {
  const newest = useLiveQuery(() =>
    db.summaries
      .orderBy('updatedAt')
      .reverse()
      .limit(30)
      .toArray()
      .then(
        (rows) => rows.map(soundSummary),
        () => undefined,
      ),
  )
  const all = useLiveQuery<Found>(() =>
    // Sorted here: reading backwards along an index is many times slower than reading all.
    db.summaries.toArray().then(
      (rows) => ({
        summaries: rows.map(soundSummary).sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1)),
        whole: true,
      }),
      () => 'refused' as const,
    ),
  )
  return all ?? (newest && newest.length > 0 ? { summaries: newest, whole: false } : undefined)
}

/**
 * Once the Desk shows what there is: puts the samples in, and looks after what lies here; tells of cases that cannot be
 * shown as they are found.
 */
function useUpkeep(shown: boolean) {
  const [damaged, setDamaged] = useState<ReadonlySet<string>>(new Set())
  const [seeded, setSeeded] = useState(false)
  const [rested, setRested] = useState(false)
  useEffect(() => {
    if (!shown) return
    const control = new AbortController()
    void idle()
      .then(() => {
        setRested(true)
        return actions()
      })
      .then(async ({ seedOnce, emptyOldTrash, sweepOnce, findDamaged, judgeUnjudged }) => {
        await seedOnce().finally(() => setSeeded(true))
        await emptyOldTrash().catch(() => undefined)
        await findDamaged(setDamaged, control.signal).catch(() => undefined)
        await judgeUnjudged(control.signal, idle).catch(() => undefined)
        await sweepOnce()
      })
    return () => control.abort()
  }, [shown])
  return { damaged, seeded, rested }
}

/** All cases by what they wait for. */
export function Desk() {
  const router = useRouter()
  const found = useSummaries()
  const [problem, setProblem] = useState<Problem | null>(null)
  const [opened, setOpened] = useState<Extract<OpenedFile, { kind: 'known' | 'backup' }> | null>(null)
  const { damaged, seeded, rested } = useUpkeep(found !== undefined)
  const [putBack, gone] = usePutBack()
  const start = async () =>
    router.push(`/case?id=${encodeURIComponent(await (await actions()).startCase())}&station=ground`)
  const toCase = (id: string) => router.push(`/case?id=${encodeURIComponent(id)}&station=amounts`)
  const openFile = async (file: File) => {
    setProblem(null)
    const opened: OpenedFile = await (await actions()).openFile(file)
    if (opened.kind === 'taken') toCase(opened.id)
    else if (opened.kind === 'problem') setProblem(opened.problem)
    else setOpened(opened)
  }
  useDropped('desk', (file) => void openFile(file))
  useFileDrop(([file]) => {
    if (!file) return
    // A case or a backup is opened here; a laboratory's file is taken in.
    if (/\.(?:json|zip)$/i.test(file.name)) return void openFile(file)
    dropOn(intake, [file])
    router.push('/intake')
  })
  const act = (run: (found: Awaited<ReturnType<typeof actions>>) => Promise<unknown>) =>
    void actions().then((found) => run(found).catch(() => setProblem({ sentence: en.actRefused, details: [] })))
  const all =
    found && found !== 'refused'
      ? found.summaries.map((one) => (damaged.has(one.id) ? { ...one, damaged: true as const } : one))
      : []
  const summaries = all.filter((one) => !one.trashedAt)
  const trashed = all.filter((one) => one.trashedAt)
  const throwAway = (ids: readonly string[]) =>
    act(async ({ setAllTrashed }) => {
      await setAllTrashed(ids, true)
      const [only] = summaries.filter(({ id }) => id === ids[0])
      gone(en.gone(ids.length, only?.client || en.unnamed), () => setAllTrashed(ids, false))
    })
  const dropSamples = () => act(async ({ removeSamples }) => gone(en.samplesGone, await removeSamples()))
  const picker = (
    <FilePicker
      label={en.open}
      accept=".json,.zip,application/json,application/zip"
      onFile={(file) => void openFile(file)}
    />
  )
  return (
    <div className="mx-auto max-w-5xl px-5 pb-16 sm:px-8">
      <header className="border-ink border-b-[1.5px] pt-6 pb-3">
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <p className="font-serif text-[27px] leading-none font-semibold">Agrologos</p>
          <h1 className="text-ink-2 flex-1 text-lg leading-none">{en.title}</h1>
          <nav aria-label={en.sheets} className="flex flex-wrap gap-x-1">
            {sheets.map(([href, name]) => (
              <Link key={href} href={href} className="hover:bg-margin rounded-[3px] px-2.5 py-1.5 font-semibold">
                {name}
              </Link>
            ))}
          </nav>
        </div>
        {summaries.length > 0 && (
          <div className="mt-4 flex flex-wrap items-center gap-3">
            <Link href="/counter" className={buttonClass('act')}>
              {en.counter}
            </Link>
            <Button onClick={() => void start()}>{en.start}</Button>
            {picker}
            <span className="ml-auto">
              <CommandButton />
            </span>
          </div>
        )}
      </header>
      {found === 'refused' && (
        <p role="alert" className="text-clay border-clay mt-4 border-l-4 pl-3 font-semibold">
          {en.refused}
        </p>
      )}
      {problem && <ProblemNote problem={problem} />}
      <Suspense>
        {rested && found !== 'refused' && <Reminder />}
        {opened?.kind === 'known' && (
          <ArrivalSheet
            there={opened.there}
            arrival={opened.arrival}
            onTaken={toCase}
            onClose={() => setOpened(null)}
          />
        )}
        {opened?.kind === 'backup' && <RestoreSheet file={opened.file} onClose={() => setOpened(null)} />}
      </Suspense>
      {summaries.some(({ id }) => id === through.id) && <Offer />}
      <main className="mt-2">
        {putBack}
        {found && seeded && summaries.length === 0 && (
          <Empty
            start={() => void start()}
            loadSamples={() => act(({ loadSamples }) => loadSamples())}
            openFile={picker}
            refused={found === 'refused'}
          />
        )}
        {summaries.length > 0 && (
          <CaseList
            summaries={summaries}
            whole={found !== 'refused' && found?.whole === true}
            onTrash={throwAway}
            onSaveList={(shown) => act(({ saveList }) => saveList(shown))}
          />
        )}
        {trashed.length > 0 && (
          <Trash trashed={trashed} onPutBack={(id) => act(({ setTrashed }) => setTrashed(id, false))} />
        )}
        {summaries.some((one) => one.sample) && (
          <Button kind="text" className="mt-6" onClick={dropSamples}>
            {en.removeSamples}
          </Button>
        )}
      </main>
    </div>
  )
}

function ProblemNote({ problem }: { problem: Problem }) {
  return (
    <div role="alert" className="text-clay border-clay mt-4 border-l-4 pl-3">
      <p className="font-semibold">{problem.sentence}</p>
      <ul className="text-sm">
        {problem.details.map((detail) => (
          <li key={detail}>{detail}</li>
        ))}
      </ul>
    </div>
  )
}
