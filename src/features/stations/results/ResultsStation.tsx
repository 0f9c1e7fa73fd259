'use client'

import { putInForce } from '@/core/acts/reports'
import { Suspense, useRef, useState } from 'react'
import { v4 as newId } from 'uuid'
import type { Report } from '@/core/report/report'
import type { AreaInSeason } from '@/core/case/in-season'
import { cropsOf } from '@/core/guides/choose'
import { guideNamed, type Guide } from '@/core/guides/guide'
import { implausible } from '@/core/needs/plausibility'
import { readReport } from '@/core/reading/soil'
import { layoutFor, type ReportLayout } from '@/core/report/layout'
import type { Doubt } from '@/core/report/remedy'
import { Button } from '@/ui/Button'
import type { Attachment } from '@/store/db'
import { answerOf, useOpenCase } from '../../case/context'
import { useDropped } from '../../shared/dropped'
import { useGuides } from '../../case/useCase'
import { NothingYet } from '../../shared/NothingYet'
import { NewReport, type Ways } from './NewReport'
import { SpotOffer } from './meter'
import { OriginalView } from './Originals'
import { ReportLines, type Sheet } from './ReportLines'
import { ReportStrip } from './ReportStrip'
import { en } from './messages'
import type { PaperToTake } from './ReadSheet'
import { useLayouts, useReport } from './useReport'
import { useReader, type ReaderState } from './useReader'
import { late } from '../../shared/late/late'

const PaperSide = late(() => import('./PaperSide').then((found) => found.PaperSide))
const ArrangeSheet = late(() => import('./ArrangeSheet').then((found) => found.ArrangeSheet))
const PasteSheet = late(() => import('./PasteSheet').then((found) => found.PasteSheet))
const ImportSheet = late(() => import('./ImportSheet').then((found) => found.ImportSheet))
const KitSheet = late(() => import('./KitSheet').then((found) => found.KitSheet))
const ReadSheet = late(() => import('./ReadSheet').then((found) => found.ReadSheet))
const DropsSheet = late(() => import('./DropsSheet').then((found) => found.DropsSheet))

/** The reports of one area: typed down the sheet, pasted, imported, fetched, or read off a kit or meter. */
export function ResultsStation() {
  const { kase, area } = useOpenCase()
  const waiting = useDropped(kase.id, null)
  if (!area)
    return (
      <div className="mt-5">
        {waiting > 0 && (
          <p role="status" className="border-brim mb-3 border-l-4 pl-2">
            {en.droppedWaits}
          </p>
        )}
        <NothingYet says={en.noArea} />
      </div>
    )
  return <Reports key={area.id} area={area} />
}

/** What grows in mix without soil is read by its extract. */
const growsInMix = (guides: readonly Guide[], { guide, crop }: AreaInSeason): boolean =>
  crop !== null && cropsOf(guides, guide).get(crop)?.use === 'container'

/** What is laid over the station. */
type Over =
  | { kind: 'new' | 'arrange' | 'import' | 'kit' | 'drops' }
  | { kind: 'paste'; text: string }
  | { kind: 'read'; paper: PaperToTake }
  | null

function Reports({ area }: { area: AreaInSeason }) {
  const { kase } = useOpenCase()
  const guides = useGuides()
  const layouts = useLayouts(kase)
  const [fresh, setFresh] = useState(() => newId())
  const [chosen, choose] = useState<string | null>(null)
  const [paper, setPaper] = useState<ReportLayout | null>(null)
  const [over, lay] = useState<Over>(null)
  const [original, setOriginal] = useState<string | null>(null)
  const [line, setLine] = useState<string | null>(null)
  const lines = useRef<HTMLDivElement>(null)
  const reader = useReader((paper) => lay({ kind: 'read', paper }))
  useDropped(kase.id, over?.kind === 'read' || reader.state?.kind === 'reading' ? null : reader.read)
  const there = kase.reports.some(({ id }) => id === chosen) || chosen === fresh
  const shownId = (there ? chosen : area.reportId) ?? fresh
  const sheet = useReport(area, shownId, paper ?? (growsInMix(guides, area) ? layoutFor('mix') : layouts.next))
  const { report } = sheet
  const doubts = useDoubts(area, report, sheet)
  const shownOriginal = report.originals.find(({ id }) => id === original)
  const ways: Ways = {
    paste: () => lay({ kind: 'paste', text: '' }),
    import: () => lay({ kind: 'import' }),
    kit: () => lay({ kind: 'kit' }),
    drops: () => lay({ kind: 'drops' }),
    read: reader.read,
  }
  const came = (id: string) => {
    choose(id)
    lay(null)
  }
  const typeOn = (layout: ReportLayout) => {
    const id = newId()
    setPaper(layout)
    setFresh(id)
    came(id)
  }
  const keep = async (file: Attachment) => {
    const kept = await sheet.attach({ id: file.id, name: file.name, type: file.type }, file)
    reader.clear()
    if (kept) setOriginal(file.id)
  }
  return (
    <>
      <ReportStrip
        area={area}
        shownId={shownId}
        onShow={(id) => {
          setOriginal(null)
          came(id)
        }}
        onAnother={() => lay(over?.kind === 'new' ? null : { kind: 'new' })}
      />
      {over?.kind !== 'new' && <SpotOffer area={area} onCame={came} />}
      {over?.kind === 'new' && <NewReport area={area} layouts={layouts} ways={ways} onPaper={typeOn} onCame={came} />}
      {reader.state && <Reader state={reader.state} onClear={reader.clear} onKeep={(file) => void keep(file)} />}
      {sheet.stored && area.reportId !== report.id && <NotInForce area={area} report={report} />}
      <div
        className={`mt-3 grid gap-x-8 gap-y-5 ${shownOriginal ? 'xl:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]' : 'lg:grid-cols-[minmax(0,1fr)_15.5rem]'}`}
      >
        <div
          ref={lines}
          data-entry
          className="@container"
          onFocus={({ target }) => setLine(target.closest<HTMLElement>('[data-line]')?.dataset.line ?? null)}
        >
          <ReportLines
            key={shownId}
            area={area}
            sheet={sheet}
            doubts={doubts}
            onBlock={(text) => lay({ kind: 'paste', text })}
          />
          <Onward />
        </div>
        {shownOriginal ? (
          <OriginalView
            original={shownOriginal}
            report={report.id}
            line={line}
            lines={lines}
            onClose={() => setOriginal(null)}
          />
        ) : (
          <Suspense>
            <PaperSide
              area={area}
              sheet={sheet}
              layouts={layouts}
              onArrange={() => lay({ kind: 'arrange' })}
              onBlankPaper={setPaper}
              onOriginal={setOriginal}
              onRead={(file) => void reader.readKept(file, report)}
              ways={ways}
            />
          </Suspense>
        )}
      </div>
      <LaidOver
        over={over}
        area={area}
        sheet={sheet}
        onCame={(id, file) => {
          came(id)
          if (file !== undefined) setOriginal(file)
        }}
        onClose={() => lay(null)}
      />
    </>
  )
}

interface LaidOverProps {
  over: Over
  area: AreaInSeason
  sheet: Sheet
  /** With a report that came, and the original that its values were read from. */
  onCame: (id: string, file?: string | null) => void
  onClose: () => void
}

function LaidOver({ over, area, sheet, onCame, onClose }: LaidOverProps) {
  return (
    <Suspense>
      {over?.kind === 'arrange' && <ArrangeSheet sheet={sheet} onClose={onClose} />}
      {over?.kind === 'paste' && <PasteSheet sheet={sheet} text={over.text} onClose={onClose} />}
      {over?.kind === 'import' && <ImportSheet area={area} onCame={onCame} onClose={onClose} />}
      {over?.kind === 'kit' && <KitSheet area={area} onCame={onCame} onClose={onClose} />}
      {over?.kind === 'read' && <ReadSheet area={area} paper={over.paper} onCame={onCame} onClose={onClose} />}
      {over?.kind === 'drops' && <DropsSheet sheet={sheet} onClose={onClose} />}
    </Suspense>
  )
}

function NotInForce({ area, report }: { area: AreaInSeason; report: Report }) {
  const { act } = useOpenCase()
  const guides = useGuides()
  return (
    <p className="border-brim mt-2 flex flex-wrap items-center gap-3 border-l-4 py-1 pl-3" role="status">
      {en.notInForce}
      <Button onClick={() => act(putInForce(area.id, report.id, guides))}>{en.putInForce}</Button>
    </p>
  )
}

interface ReaderProps {
  state: ReaderState
  onClear: () => void
  onKeep: (file: Attachment) => void
}

/** What came of a file whose values were not read. */
function Reader({ state, onClear, onKeep }: ReaderProps) {
  if (state.kind === 'reading') return <p role="status">{en.readingPaper}</p>
  return (
    <div role="alert" className="border-clay mt-2 flex flex-wrap items-center gap-3 border-l-4 pl-3">
      <span className="text-clay font-semibold">
        {state.kind === 'fault' ? en.originalFaults[state.fault] : en.readNothing[state.why]}
      </span>
      {state.kind === 'nothing' && <Button onClick={() => onKeep(state.file)}>{en.readAttach}</Button>}
      <Button kind="text" onClick={onClear}>
        {en.hide}
      </Button>
    </div>
  )
}

/** What can hardly be so: of the report in force as its answer has it, of another one as it stands. */
function useDoubts(area: AreaInSeason, report: Report, { stored }: Sheet): readonly Doubt[] {
  const { recommendation } = useOpenCase()
  const guides = useGuides()
  if (!stored) return []
  if (report.id === area.reportId) return answerOf(recommendation, area.id).doubts
  const guide = guideNamed(guides, area.guide) ?? null
  return implausible(readReport(report, area), report, guide)
}

function Onward() {
  const { go } = useOpenCase()
  return (
    <div className="mt-6 flex flex-wrap gap-3">
      <Button kind="act" onClick={() => go('reading')}>
        {en.next}
      </Button>
      <Button onClick={() => go('amounts')}>{en.toAmounts}</Button>
    </div>
  )
}
