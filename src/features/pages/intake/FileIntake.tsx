'use client'

import { useRouter } from 'next/navigation'
import { Suspense, useState } from 'react'
import { homesOf, type Home } from '@/core/intake/match'
import type { ListedResults } from '@/schemas/results-file/open'
import { soundSummary } from '@/store/summary'
import { db, type Summary } from '@/store/db'
import { takeHomes } from '@/store/intake'
import { beginsWith } from '@/store/office'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { useFileDrop } from '@/ui/useFileDrop'
import { intake, useDropped } from '../../shared/dropped'
import { Progress } from '@/ui/Progress'
import { takeInWorker } from '@/workers/results'
import { useGuides } from '../../case/useCase'
import { late } from '../../shared/late/late'
import { en as resultWords } from '../../stations/results/messages'
import { isReady } from '../../stations/results/ready'
import { cellsOf, useResultsFile } from '../../stations/results/useResultsFile'
import { en } from './messages'
import { decisionOf, pileOf, takenHomes, type Decision } from './taking'

const MappingTable = late(() => import('../../stations/results/MappingTable').then((found) => found.MappingTable))
const Homes = late(() => import('./Homes').then((found) => found.Homes))

/** What a file was read as: its homes, and the cases that they could be of. */
interface Read {
  readonly homes: readonly Home[]
  readonly cases: ReadonlyMap<string, Summary>
}

/** A file that is opened, mapped, matched to the cases, and taken in. */
export function FileIntake() {
  const [several, setSeveral] = useState(false)
  const [read, setRead] = useState<Read | null>(null)
  const [unread, setUnread] = useState(false)
  const match = async ({ samples }: ListedResults) => {
    const rows = (await db.summaries.toArray()).map(soundSummary).filter((one) => !one.trashedAt)
    const homes = homesOf(samples, rows)
    setRead({ homes, cases: new Map(rows.map((one) => [one.id, one])) })
  }
  const results = useResultsFile((found) => {
    setUnread(false)
    match(found).catch(() => setUnread(true))
  })
  const { file, mapping, list, fault, work, stopped } = results
  const open = (picked: File) => {
    setRead(null)
    void results.open(picked)
  }
  useFileDrop((files) => {
    setSeveral(files.length > 1)
    if (files[0]) open(files[0])
  })
  // One that was dropped on the Desk.
  useDropped(intake, open)
  const hasClient = mapping?.columns.some(({ meaning }) => meaning === 'client')
  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <FilePicker label={en.choose} accept=".csv,.txt,.tsv,text/csv,text/plain" onFile={open} />
        <span className="text-ink-2">{en.drop}</span>
      </div>
      {several && <p role="status">{en.several}</p>}
      {fault && (
        <p role="alert" className="text-clay mt-2 font-semibold">
          {resultWords.fileFaults[fault]}
        </p>
      )}
      {file && mapping && (
        <>
          <p className="mt-3" role="status">
            <strong>{file.name}</strong>:{' '}
            {resultWords.about(
              file.opened.rowCount,
              file.opened.encoding,
              resultWords.separators[file.opened.separator],
            )}
          </p>
          <Suspense>
            <MappingTable
              mapping={mapping}
              cellsOf={(at) => cellsOf(file.opened, mapping, at)}
              dated={mapping.columns.some(({ meaning }) => meaning === 'date')}
              onChange={(next) => {
                setRead(null)
                results.change(next)
              }}
            />
          </Suspense>
          {!hasClient && mapping.shape !== 'long' && <p className="text-clay mt-2 font-semibold">{en.noClientAtAll}</p>}
          {work ? (
            <div className="mt-4">
              <Progress
                label={resultWords.reading}
                share={work.share}
                cancel={resultWords.stop}
                onCancel={() => work.stop.abort()}
              />
            </div>
          ) : (
            !list && (
              <Button kind="act" className="mt-4" disabled={!isReady(mapping)} onClick={() => void results.read()}>
                {resultWords.read}
              </Button>
            )
          )}
          {stopped && <p role="status">{resultWords.stopped}</p>}
          {unread && (
            <p role="alert" className="text-clay mt-2 font-semibold">
              {en.unread}
            </p>
          )}
          {list && read && <Decide key={file.name} results={results} list={list} read={read} />}
        </>
      )}
    </>
  )
}

interface DecideProps {
  results: ReturnType<typeof useResultsFile>
  list: ListedResults
  read: Read
}

/** Which home goes where, and all of them at once into the cases. */
function Decide({ results: { file, mapping }, list, read: { homes, cases } }: DecideProps) {
  const router = useRouter()
  const guides = useGuides()
  const [said, say] = useState<ReadonlyMap<number, Decision>>(new Map())
  const [work, setWork] = useState<{ share: number; stop: AbortController } | null>(null)
  const [stopped, setStopped] = useState(false)
  const [fault, setFault] = useState(false)
  const decided = homes.map((home, i) => said.get(i) ?? decisionOf(home))
  const open = decided.filter((one) => one === undefined).length
  const ready = decided.filter((one) => one && one.kind !== 'leave').length
  const take = async () => {
    const stop = new AbortController()
    setFault(false)
    setStopped(false)
    setWork({ share: 0, stop })
    try {
      const places = list.samples.map((_, i) => i)
      const samples = await takeInWorker(file!.bytes, mapping!, places)
      const chosen = homes.flatMap((home, i) => (decided[i] ? [{ ...home, decision: decided[i] }] : []))
      const taken = takenHomes(chosen, samples, mapping!, guides, await beginsWith())
      const pile = pileOf(file!.name, taken)
      await takeHomes(taken, pile, (share) => setWork({ share, stop }), stop.signal)
      router.push(`/intake?pile=${encodeURIComponent(pile.id)}`)
    } catch {
      if (stop.signal.aborted) setStopped(true)
      else setFault(true)
      setWork(null)
    }
  }
  const known = decided.filter((one) => one?.kind === 'case').length
  const made = decided.filter((one) => one?.kind === 'new').length
  return (
    <section className="border-ink mt-4 border-t-[1.5px] pt-2">
      <p role="status">
        <strong>{en.homes(homes.length, list.samples.length)}</strong>: {en.counted(known, made, open)}
      </p>
      <Suspense>
        <Homes
          homes={homes}
          samples={list.samples}
          cases={cases}
          decided={decided}
          onDecide={(at, decision) => {
            const next = new Map(said)
            if (decision) next.set(at, decision)
            else next.delete(at)
            say(next)
          }}
        />
      </Suspense>
      {open > 0 && <p className="text-clay mt-2 font-semibold">{en.stillOpen(open)}</p>}
      {fault && (
        <p role="alert" className="text-clay mt-2 font-semibold">
          {en.refused}
        </p>
      )}
      {stopped && <p role="status">{resultWords.stopped}</p>}
      {work === null ? (
        <Button kind="act" className="mt-3" disabled={ready === 0} onClick={() => void take()}>
          {en.take(ready)}
        </Button>
      ) : (
        <div className="mt-3">
          <p role="status">{en.taking}</p>
          <Progress label={en.taking} share={work.share} cancel={resultWords.stop} onCancel={() => work.stop.abort()} />
        </div>
      )}
    </section>
  )
}
