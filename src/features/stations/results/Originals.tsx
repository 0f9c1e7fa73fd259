'use client'

import type { ViewFault } from './pdf'
import { useLiveQuery } from 'dexie-react-hooks'
import { FileText, Paperclip, RotateCw, X, ZoomIn, ZoomOut } from 'lucide-react'
import { Suspense, useEffect, useRef, useState, type ReactNode, type RefObject } from 'react'
import type { Original } from '@/core/report/report'
import { attachmentOf, largestOriginal, originalFault, type OriginalFault } from '@/store/attachments'
import { db, type Attachment } from '@/store/db'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { useOpenCase } from '../../case/context'
import type { Sheet } from './ReportLines'
import type { Mark } from './Marks'
import { en, lineLabel } from './messages'
import { useScrollTogether } from './useScrollTogether'
import { late } from '../../shared/late/late'

const PdfPages = late(() => import('./PdfPages').then((found) => found.PdfPages))

type Fault = OriginalFault | ViewFault | 'refused'

interface ListProps {
  sheet: Sheet
  onShow: (id: string) => void
  /** Reads the values off it. */
  onRead: (file: Attachment) => void
}

/** The paper itself as it was attached, and a way to attach it. */
export function OriginalList({ sheet, onShow, onRead }: ListProps) {
  const { kase } = useOpenCase()
  const { report, change } = sheet
  const [fault, setFault] = useState<Fault | null>(null)
  const latest = useRef<File>(undefined)
  const attach = async (file: File) => {
    latest.current = file
    const bytes = file.size > largestOriginal ? undefined : new Uint8Array(await file.arrayBuffer())
    const found: Fault | undefined = bytes ? originalFault(bytes) : 'too-large'
    if (found || !bytes) return setFault(found ?? 'broken')
    const attached = attachmentOf(kase.id, file.name.slice(0, 200), bytes)
    const broken = await opens(attached.type, file)
    // Another was chosen while this one was opened: what is said is said of that.
    if (broken && latest.current !== file) return
    if (broken) return setFault(broken)
    const { id, name, type } = attached
    if (!(await sheet.attach({ id, name, type }, attached))) return setFault('refused')
    setFault(null)
    onShow(id)
  }
  const readKept = async (id: string) => {
    const kept = await db.attachments.get(id).catch(() => undefined)
    if (kept) onRead(kept)
    else setFault('gone')
  }
  return (
    <section aria-label={en.originals}>
      <FilePicker
        label={en.attach}
        accept="application/pdf,image/png,image/jpeg,image/webp"
        onFile={(file) => void attach(file)}
      />
      <ul>
        {report.originals.map(({ id, name, type }) => (
          <li key={id} className="flex items-center gap-1.5 pt-1">
            {type === 'application/pdf' ? <FileText size={16} aria-hidden /> : <Paperclip size={16} aria-hidden />}
            <button
              type="button"
              aria-label={en.show(name)}
              className="text-moss min-w-0 flex-1 cursor-pointer truncate text-left underline"
              onClick={() => onShow(id)}
            >
              {name}
            </button>
            {type === 'application/pdf' && (
              <Button kind="text" onClick={() => void readKept(id)} aria-label={`${en.readIt}: ${name}`}>
                {en.readIt}
              </Button>
            )}
            <button
              type="button"
              aria-label={en.detach(name)}
              className="text-ink-2 cursor-pointer p-1"
              onClick={() => change((draft) => void (draft.originals = draft.originals.filter((one) => one.id !== id)))}
            >
              <X size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {fault && (
        <p role="alert" className="text-clay mt-1 text-[14.5px] font-semibold">
          {en.originalFaults[fault]}
        </p>
      )}
    </section>
  )
}

/** Why a file does not open, before it is kept. */
async function opens(type: string, file: File): Promise<ViewFault | undefined> {
  if (type === 'application/pdf') return (await import('./pdf')).pdfFault(await file.arrayBuffer())
  return createImageBitmap(file).then(
    (picture) => void picture.close(),
    () => 'broken' as const,
  )
}

interface ViewProps {
  original: Original
  /** The report that is shown beside it, and the line of it that is spoken of. */
  report: string
  line: string | null
  /** What holds the lines: the paper scrolls with them. */
  lines: RefObject<HTMLElement | null>
  onClose: () => void
}

/** The original beside the lines, to type by. It stays in sight while they scroll. */
export function OriginalView({ original, report, line, lines, onClose }: ViewProps) {
  const scroller = useRef<HTMLDivElement>(null)
  const [zoom, setZoom] = useState(1)
  const [turn, setTurn] = useState(0)
  const [fault, setFault] = useState<ViewFault | null>(null)
  const kept = useLiveQuery(
    () =>
      db.attachments.get(original.id).then(
        (found) => found ?? null,
        () => null,
      ),
    [original.id],
  )
  const told = kept === null ? 'gone' : fault
  const marks = (kept?.places ?? [])
    .filter((one) => one.report === report)
    .map(({ page, box, field }): Mark => ({ page, box, key: field, label: lineLabel(field), open: false }))
  const passed = useScrollTogether(lines, scroller, marks.length > 0)
  return (
    <section
      aria-label={en.originals}
      className="border-edge bg-margin sticky top-2 flex h-[calc(100dvh-1rem)] flex-col self-start rounded-[3px] border"
    >
      <div className="border-edge flex items-center gap-1 border-b px-2 py-1">
        <strong className="min-w-0 flex-1 truncate text-[14px]">{original.name}</strong>
        <Tool label={en.smaller} onClick={() => setZoom(Math.max(0.5, zoom / 1.25))}>
          <ZoomOut size={17} aria-hidden />
        </Tool>
        <Tool label={en.larger} onClick={() => setZoom(Math.min(5, zoom * 1.25))}>
          <ZoomIn size={17} aria-hidden />
        </Tool>
        <Tool label={en.turn} onClick={() => setTurn((turn + 90) % 360)}>
          <RotateCw size={17} aria-hidden />
        </Tool>
        <Tool label={en.hide} onClick={onClose}>
          <X size={17} aria-hidden />
        </Tool>
      </div>
      {told && (
        <p role="alert" className="text-clay p-3 font-semibold">
          {en.originalFaults[told]}
        </p>
      )}
      {kept && !told && (
        <div
          ref={scroller}
          data-scroller
          role="region"
          aria-label={original.name}
          // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keys too
          tabIndex={0}
          className="min-h-0 flex-1 overflow-auto"
        >
          {kept.type === 'application/pdf' ? (
            <Suspense fallback={<p className="p-3">{en.opening}</p>}>
              <PdfPages
                bytes={kept.bytes}
                zoom={zoom}
                turn={turn}
                onFault={setFault}
                marks={marks}
                shown={passed ?? line}
              />
            </Suspense>
          ) : (
            <Photo
              bytes={kept.bytes}
              type={kept.type}
              name={original.name}
              zoom={zoom}
              turn={turn}
              onBroken={() => setFault('broken')}
            />
          )}
        </div>
      )}
    </section>
  )
}

const Tool = ({ label, onClick, children }: { label: string; onClick: () => void; children: ReactNode }) => (
  <button
    type="button"
    aria-label={label}
    title={label}
    onClick={onClick}
    className="hover:bg-sheet cursor-pointer rounded-[3px] p-2"
  >
    {children}
  </button>
)

interface PhotoProps {
  bytes: ArrayBuffer
  type: string
  name: string
  zoom: number
  turn: number
  onBroken: () => void
}

function Photo({ bytes, type, name, zoom, turn, onBroken }: PhotoProps) {
  const image = useRef<HTMLImageElement>(null)
  useEffect(() => {
    const url = URL.createObjectURL(new Blob([bytes], { type }))
    if (image.current) image.current.src = url
    return () => URL.revokeObjectURL(url)
  }, [bytes, type])
  return (
    <img
      ref={image}
      alt={name}
      onError={onBroken}
      className="max-w-none"
      style={{ width: `${zoom * 100}%`, transform: `rotate(${turn}deg)` }}
    />
  )
}
