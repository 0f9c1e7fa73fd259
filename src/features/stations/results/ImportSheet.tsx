'use client'

import { collect, coveredBy } from '@/core/acts/reports'
import { idsOf, isMember, membersOf } from '@/core/case/members'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useMemo, useRef, useState } from 'react'
import { v4 as newId } from 'uuid'
import { blankReport } from '@/core/case/blank'
import type { Case } from '@/core/case/case'
import type { AreaInSeason } from '@/core/case/in-season'
import { filled, kindBy } from '@/schemas/results-file/filled'
import type { ListedResults } from '@/schemas/results-file/open'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { AsideChoice } from '@/ui/LineField'
import { Progress } from '@/ui/Progress'
import { Sheet as Overlay } from '@/ui/Sheet'
import { TextField } from '@/ui/TextField'
import { takeInWorker } from '@/workers/results'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { MappingTable } from './MappingTable'
import { isReady } from './ready'
import { cellsOf, useResultsFile } from './useResultsFile'
import { en } from './messages'

interface Props {
  area: AreaInSeason
  onCame: (id: string) => void
  onClose: () => void
}

/** A file of results: how it is read is proposed, shown and corrected; then one says which sample is of which area. */
export function ImportSheet({ area, onCame, onClose }: Props) {
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const [chosen, choose] = useState<ReadonlyMap<number, string>>(new Map())
  const { file, mapping, list, fault, work, stopped, open, read, change } = useResultsFile((found) =>
    choose(matches(found, kase, area)),
  )
  const takeIn = async () => {
    if (!file || !mapping) return
    const places = [...chosen.keys()]
    const samples = await takeInWorker(file.bytes, mapping, places)
    const reports = samples.map((sample, i) => ({
      ...filled(
        { ...blankReport(newId()), lines: sample.values.map(({ field, unit }) => ({ field, unit })) },
        sample,
        mapping,
      ),
      kind: kindBy(mapping),
      areas: membersOf(coveredBy(kase, chosen.get(places[i]!)!, sample.code)),
    }))
    act(collect(reports, guides))
    onCame(reports.find((report) => isMember(report.areas, area.id))?.id ?? reports[0]!.id)
  }
  return (
    <Overlay title={en.importTitle} onClose={onClose}>
      <p className="text-ink-2 mt-1 mb-3">{en.importLead}</p>
      <FilePicker
        label={en.importChoose}
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        onFile={(one) => void open(one)}
      />
      {fault && (
        <p role="alert" className="text-clay mt-2 font-semibold">
          {en.fileFaults[fault]}
        </p>
      )}
      {file && mapping && (
        <>
          <p className="mt-3" role="status">
            {en.about(file.opened.rowCount, file.opened.encoding, en.separators[file.opened.separator])}
          </p>
          {!mapping.columns.some(({ meaning }) => meaning) && (
            <p className="text-clay font-semibold">{en.fileFaults.nothing}</p>
          )}
          <MappingTable
            mapping={mapping}
            cellsOf={(at) => cellsOf(file.opened, mapping, at)}
            dated={mapping.columns.some(({ meaning }) => meaning === 'date')}
            onChange={change}
          />
          {work ? (
            <div className="mt-4">
              <Progress label={en.reading} share={work.share} cancel={en.stop} onCancel={() => work.stop.abort()} />
            </div>
          ) : (
            !list && (
              <Button kind="act" className="mt-4" disabled={!isReady(mapping)} onClick={() => void read()}>
                {en.read}
              </Button>
            )
          )}
          {stopped && <p role="status">{en.stopped}</p>}
          {list && <Samples kase={kase} list={list} chosen={chosen} onChoose={choose} onTake={() => void takeIn()} />}
        </>
      )}
    </Overlay>
  )
}

/** Samples whose codes this case knows, by its bags, its reports or its areas; a file of one sample is of this area. */
function matches({ samples }: ListedResults, kase: Case, area: AreaInSeason): ReadonlyMap<number, string> {
  const known = new Map<string, string>()
  const fold = (text: string) => text.trim().toLowerCase()
  for (const one of kase.areas) known.set(fold(one.name), one.id)
  const reports = kase.reports.map(({ code, areas }) => ({ code, areas: idsOf(areas) }))
  for (const { code, areas } of [...reports, ...kase.samples]) {
    if (code && areas[0]) known.set(fold(code), areas[0])
  }
  const found = new Map<number, string>()
  const used = new Set<string>()
  samples.forEach(({ code }, i) => {
    const id = known.get(fold(code))
    if (id === undefined || used.has(id)) return
    used.add(id)
    found.set(i, id)
  })
  return found.size === 0 && samples.length === 1 ? new Map([[0, area.id]]) : found
}

interface SamplesProps {
  kase: Case
  list: ListedResults
  chosen: ReadonlyMap<number, string>
  onChoose: (chosen: ReadonlyMap<number, string>) => void
  onTake: () => void
}

/** The samples of the file, and which area each is of. */
function Samples({ kase, list, chosen, onChoose, onTake }: SamplesProps) {
  const [query, setQuery] = useState('')
  const wanted = query.trim().toLowerCase()
  // Of thousands, sorted once for each word or choice.
  const shown = useMemo(
    () =>
      list.samples
        .map((sample, i) => ({ sample, i }))
        .filter(({ sample, i }) => wanted === '' || sample.code.toLowerCase().includes(wanted) || chosen.has(i))
        .sort((x, y) => Number(chosen.has(y.i)) - Number(chosen.has(x.i))),
    [list, wanted, chosen],
  )
  const scroller = useRef<HTMLDivElement>(null)
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing is memoized over what it returns
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 40,
    overscan: 8,
  })
  return (
    <section className="border-ink mt-4 border-t-[1.5px] pt-2">
      <p role="status">
        <strong>{en.listed(list.samples.length, list.stray, list.withoutUnit, list.beyond)}.</strong>{' '}
        <span className="text-ink-2">{en.matched}</span>
      </p>
      {list.samples.length > 8 && <TextField label={en.find} value={query} onChange={setQuery} />}
      <div ref={scroller} className="border-rule mt-2 max-h-72 overflow-auto border">
        <ul style={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map(({ index, start, size }) => {
            const { sample, i } = shown[index]!
            return (
              <li
                key={i}
                className="border-rule absolute right-0 left-0 flex items-center gap-3 border-b px-2"
                style={{ top: start, height: size }}
              >
                <span className="min-w-0 flex-1 truncate">
                  <strong>{sample.code || en.noCode}</strong>{' '}
                  <span className="text-ink-2 text-sm">
                    {[sample.date, en.values(sample.count)].filter(Boolean).join(', ')}
                  </span>
                </span>
                <span className="w-52">
                  <AsideChoice
                    label={`${sample.code || en.noCode} ${en.forArea}`}
                    value={chosen.get(i) ?? null}
                    options={kase.areas.map((one) => ({ value: one.id, label: one.name }))}
                    none={en.noneHere}
                    onChange={(id) => {
                      const next = new Map(chosen)
                      if (id) next.set(i, id)
                      else next.delete(i)
                      onChoose(next)
                    }}
                  />
                </span>
              </li>
            )
          })}
        </ul>
      </div>
      <Button kind="act" className="mt-3" disabled={chosen.size === 0} onClick={onTake}>
        {en.takeIn(chosen.size)}
      </Button>
    </section>
  )
}
