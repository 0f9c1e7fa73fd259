'use client'

import clsx from 'clsx'
import { useMemo, useState } from 'react'
import { v4 as newId } from 'uuid'
import type { Report } from '@/core/report/report'
import { allFields, type LineField } from '@/core/report/line-fields'
import type { AreaInSeason } from '@/core/case/in-season'
import { lineField, typedIn } from '@/core/report/lines'
import { texts } from '@/core/shape/limits'
import type { FileManner } from '@/schemas/results-file/mapping'
import type { FoundValue, PaperRead } from '@/schemas/results-page/read'
import {
  alreadyThere,
  areasFor,
  corrected,
  entriesOf,
  isSettled,
  keptOf,
  placesOf,
  takeEntries,
  type Correction,
  type Corrections,
  type PaperEntry,
} from '@/schemas/results-page/take'
import type { KeptMapping } from '@/schemas/layout'
import { attach } from '@/store/cases'
import type { Attachment } from '@/store/db'
import { keepPaper } from '@/store/papers'
import { Button } from '@/ui/Button'
import { AsideChoice } from '@/ui/LineField'
import { SelectField } from '@/ui/SelectField'
import { Sheet as Overlay } from '@/ui/Sheet'
import { TextField } from '@/ui/TextField'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { cropFinder } from '../../shared/crop-finder'
import type { Mark } from './Marks'
import { MannerChoices } from './MappingTable'
import { PdfPages } from './PdfPages'
import { en, lineLabel } from './messages'
import { unitChoices } from './ReportFields'

/** A paper that was read, and what is known of its laboratory. */
export interface PaperToTake {
  readonly file: Attachment
  readonly read: PaperRead
  readonly before: KeptMapping | undefined
  /** Pages that were not looked at. */
  readonly unread: number
  /** The report that names the file already; what it lacks is put into it. */
  readonly into: Report | null
}

interface Props {
  area: AreaInSeason
  paper: PaperToTake
  onCame: (report: string, original: string) => void
  onClose: () => void
}

/** What was read off a paper, each value marked there. Nothing counts before somebody has looked and says so. */
export function ReadSheet({ area, paper, onCame, onClose }: Props) {
  const { file, read, before, unread, into } = paper
  const { kase, act } = useOpenCase()
  const guides = useGuides()
  const [said, say] = useState<Corrections>(new Map())
  const [about, setAbout] = useState({ laboratory: read.laboratory, date: read.date, manner: read.manner })
  const values = useMemo(() => corrected(read.values, said), [read, said])
  const entries = useMemo(() => entriesOf(values), [values])
  const [areas, setAreas] = useState(() =>
    areasFor(entriesOf(read.values), kase, area.id, cropFinder(guides, area.guide)),
  )
  const [shown, show] = useState<string | null>(null)
  const [noRoom, setNoRoom] = useState(false)
  const asked = useMemo(() => new Set(read.values.flatMap((one) => (one.open ? one.id : []))), [read])
  const open = values.filter((one) => one.open !== null)
  const wanted = entries.filter(({ key }) => areas.has(key))
  const settled = new Set(wanted.flatMap((entry) => entry.values.filter(isSettled).map(({ id }) => id)))
  const fields = [...new Set(values.flatMap(({ meaning }) => meaning ?? []))]
  const correct = (id: number, change: Correction) => say(new Map(said).set(id, { ...said.get(id), ...change }))
  const takeIn = async (withFile: boolean) => {
    const taken = wanted.map((entry, i) => ({
      entry,
      reportId: into && i === 0 ? into.id : newId(),
      areaId: areas.get(entry.key)!,
    }))
    const { id, name, type } = file
    const doing = takeEntries(taken, about, withFile ? { id, name, type } : null, guides)
    if (!withFile) act(doing)
    else if (!(await attach(kase.id, doing, { ...file, places: [...(file.places ?? []), ...placesOf(taken)] })))
      return setNoRoom(true)
    void keepPaper(keptOf(read, values, said, about.manner, before)).catch(() => undefined)
    onCame(taken[0]!.reportId, id)
  }
  const there = wanted.some((entry) => !into && alreadyThere(kase, entry, about))
  return (
    <Overlay wide title={en.readTitle} onClose={onClose}>
      <p role="status">{en.readLead(values.length, open.length)}</p>
      {unread > 0 && <p className="text-clay font-semibold">{en.readUnread(unread)}</p>}
      {there && <p className="border-brim mt-1 border-l-4 pl-2">{en.readThere}</p>}
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button kind="act" autoFocus disabled={settled.size === 0} onClick={() => void takeIn(true)}>
          {en.readTaken(settled.size, wanted.length)}
        </Button>
        {wanted.length === 0 && <span className="text-clay font-semibold">{en.readNone}</span>}
        {wanted.length > 0 && wanted.length < entries.length && (
          <span className="text-ink-2">
            {en.readLeft(
              entries
                .filter((entry) => !wanted.includes(entry))
                .map(({ sample, crop }) => crop || sample)
                .join(', '),
            )}
          </span>
        )}
      </div>
      {noRoom && (
        <p role="alert" className="text-clay mt-2 font-semibold">
          {en.readNoRoom} <Button onClick={() => void takeIn(false)}>{en.readWithout}</Button>
        </p>
      )}
      <div className="mt-3 grid gap-x-6 gap-y-4 lg:grid-cols-2">
        <div className="order-2 min-w-0 lg:order-1">
          <div className="grid gap-x-4 gap-y-2 sm:grid-cols-3">
            <TextField
              label={en.laboratory}
              most={texts.laboratory}
              value={about.laboratory}
              onChange={(laboratory) => setAbout({ ...about, laboratory })}
            />
            <TextField
              label={en.date}
              type="date"
              value={about.date}
              onChange={(date) => setAbout({ ...about, date })}
            />
            <MannerChoices
              fields={fields}
              manner={about.manner}
              onChange={(manner: FileManner) => setAbout({ ...about, manner })}
            />
          </div>
          {entries.map((entry, i) => (
            <Entry
              key={entry.key}
              entry={entry}
              values={
                entries.findIndex(({ sample }) => sample === entry.sample) === i
                  ? entry.values
                  : entry.values.filter(({ crop }) => crop !== '')
              }
              asked={asked}
              sole={entries.length === 1}
              into={entries[0] === entry ? into : null}
              areaId={areas.get(entry.key) ?? null}
              options={kase.areas.map(({ id, name }) => ({ value: id, label: name }))}
              shown={shown}
              onArea={(id) => {
                const next = new Map(areas)
                if (id) next.set(entry.key, id)
                else next.delete(entry.key)
                setAreas(next)
              }}
              onShow={show}
              onCorrect={correct}
            />
          ))}
        </div>
        <div
          data-scroller
          role="region"
          aria-label={en.readPages}
          // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keys too
          tabIndex={0}
          className="border-edge bg-margin sticky top-0 order-1 h-[38dvh] self-start overflow-auto border lg:order-2 lg:h-[calc(100dvh-5rem)]"
        >
          <PdfPages
            bytes={file.bytes}
            zoom={1}
            turn={read.turns[0] ?? 0}
            onFault={() => undefined}
            marks={values.filter(({ meaning, open: why }) => meaning !== null || why !== null).map(markOf)}
            shown={shown}
            onShow={show}
          />
        </div>
      </div>
    </Overlay>
  )
}

const markOf = ({ id, name, text, unit, place, open }: FoundValue): Mark => ({
  ...place,
  key: String(id),
  label: [name, text, unit].filter(Boolean).join(' '),
  open: open !== null,
})

interface EntryProps {
  entry: PaperEntry
  /** Those that stand in no entry above. */
  values: readonly FoundValue[]
  /** What was open at first stays where it is when it is settled. */
  asked: ReadonlySet<number>
  sole: boolean
  into: Report | null
  areaId: string | null
  options: readonly { readonly value: string; readonly label: string }[]
  shown: string | null
  onArea: (id: string | null) => void
  onShow: (key: string) => void
  onCorrect: (id: number, change: Correction) => void
}

/** The values of one report, those first that somebody has to say something of. */
function Entry({ entry, values, asked, sole, into, areaId, options, shown, onArea, onShow, onCorrect }: EntryProps) {
  const [first, rest] = [values.filter(({ id }) => asked.has(id)), values.filter(({ id }) => !asked.has(id))]
  const kept = into
    ? values.filter(({ meaning }) => meaning && typedIn(into, meaning).text.trim() !== '').map(({ name }) => name)
    : []
  return (
    <section className="border-ink mt-4 border-t-[1.5px] pt-1.5">
      <div className="flex items-end gap-3">
        <h3 className="flex-1 font-serif text-[17px] font-semibold">{en.readEntry(entry.sample, entry.crop)}</h3>
        {!(sole && into) && (
          <span className="w-56">
            <SelectField
              label={`${en.readEntry(entry.sample, entry.crop)} ${en.readOf}`}
              value={areaId}
              options={options}
              none={en.noneHere}
              onChange={onArea}
            />
          </span>
        )}
      </div>
      {values.length < entry.values.length && <p className="text-ink-2">{en.readMeasured}</p>}
      {kept.length > 0 && <p className="text-ink-2">{en.readKept(kept.join(', '))}</p>}
      <ul className="mt-1">
        {[...first, ...rest].map((one) => (
          <Row
            key={one.id}
            value={one}
            isShown={shown === String(one.id)}
            onShow={() => onShow(String(one.id))}
            onCorrect={(change) => onCorrect(one.id, change)}
          />
        ))}
      </ul>
    </section>
  )
}

const meaningOptions = allFields.map((value) => ({ value, label: lineLabel(value) }))

interface RowProps {
  value: FoundValue
  isShown: boolean
  onShow: () => void
  onCorrect: (change: Correction) => void
}

function Row({ value: { name, meaning, text, unit, open }, isShown, onShow, onCorrect }: RowProps) {
  const units = meaning ? lineField(meaning).units : []
  return (
    <li
      onFocus={onShow}
      onPointerEnter={onShow}
      className={clsx(
        'border-rule grid grid-cols-[minmax(0,1fr)_6rem_6.5rem] items-center gap-x-2 sm:grid-cols-[minmax(0,1fr)_minmax(0,11.5rem)_6rem_6.5rem] border-b py-px',
        isShown && 'bg-wash',
      )}
    >
      <span className="text-ink-2 col-span-full truncate text-[14px] sm:col-span-1" title={name}>
        {name}
      </span>
      <AsideChoice<LineField>
        label={en.readIs(name)}
        value={meaning}
        options={meaningOptions}
        none={open === 'name' ? en.readWhat : en.readWanted}
        wanted={open === 'name'}
        quiet
        onChange={(next) => onCorrect({ meaning: next })}
      />
      <input
        aria-label={en.readValue(name)}
        value={text}
        inputMode="decimal"
        autoComplete="off"
        maxLength={80}
        onChange={(event) => onCorrect({ text: event.target.value })}
        className={clsx(
          'bg-sheet min-h-8 w-full rounded-[3px] border px-1.5 text-right font-semibold',
          open === 'range' ? 'border-clay border-2' : 'border-rule',
        )}
      />
      {units.length > 1 ? (
        <AsideChoice
          label={en.readUnit(name)}
          value={unit}
          options={unitChoices(units)}
          none={en.unitNone}
          wanted={open === 'unit'}
          quiet
          onChange={(next) => next && onCorrect({ unit: next })}
        />
      ) : (
        <span className="text-ink-2 text-sm">{unit}</span>
      )}
      {open && (
        <p className="text-clay col-span-full flex flex-wrap items-center gap-3 pb-1 text-[13.5px]">
          {en.readOpen[open]}
          {open === 'several' && <Button onClick={() => onCorrect({ chosen: true })}>{en.readThis}</Button>}
          {open === 'name' && (
            <Button kind="text" onClick={() => onCorrect({ meaning: null })}>
              {en.readWanted}
            </Button>
          )}
        </p>
      )}
    </li>
  )
}
