'use client'

import clsx from 'clsx'
import { ChevronRight, X } from 'lucide-react'
import { useState } from 'react'
import { lengthsOf, outlineKinds, type Outline, type OutlineKind } from '@/core/case/outline'
import { planSize, shapeFaults, withTheirHoles, type PlanShape } from '@/core/ground/plan/plan-size'
import { untied, type Point } from '@/core/geometry/polygon'
import { readAreaSize } from '@/core/reading/soil'
import { feetPerMetre } from '@/core/units/factors'
import { readNumber } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { area as areaWords, places } from '@/wording/format'
import { render } from '@/wording/render'
import { inArea, useOpenCase } from '../../../case/context'
import { useCrops } from '../AreaFields'
import { fresh } from './drawing'
import { en } from './messages'
import { sureWords } from '../sure'
import { useShapes } from './useShapes'

const kinds = (Object.keys(outlineKinds) as OutlineKind[]).map((value) => ({ value, label: en.tool[value] }))

/** The same shapes as a list: made, sized and placed exactly, by keyboard alone. */
export function ShapeList({ selected, onSelect }: { selected: string | null; onSelect: (id: string) => void }) {
  const { area } = useOpenCase()
  const { add } = useShapes()
  const [kind, setKind] = useState<OutlineKind>('rectangle')
  const [unfolded, unfold] = useState<ReadonlySet<string>>(new Set())
  const shapes = area?.shapes ?? []
  const faults = shapeFaults(shapes)
  const isFaulty = (id: string) => faults.some(({ shapeId }) => shapeId === id)
  const toggle = (id: string) =>
    unfold((before) => new Set(before.has(id) ? [...before].filter((one) => one !== id) : [...before, id]))
  const rows = withTheirHoles(shapes).flatMap(({ shape, holes }) => {
    const called = holes.some(({ id }) => id === selected || isFaulty(id))
    const open = called || unfolded.has(shape.id)
    return [{ shape, holes, open }, ...(open ? holes : []).map((hole) => ({ shape: hole, holes: [], open: false }))]
  })
  return (
    <section className="mt-4" aria-label={en.shapes(area?.name ?? '')}>
      <h2 className="border-ink border-b-[1.5px] pb-1 font-serif text-lg font-semibold">
        {en.shapes(area?.name ?? '')}
      </h2>
      {area && <SizeLine />}
      {area?.shapes.length === 0 && <p className="text-ink-2 mt-1">{en.noShapes}</p>}
      <ul className="mt-1">
        {rows.map(({ shape, holes, open }) => (
          <ShapeRow
            key={shape.id}
            n={shapes.indexOf(shape) + 1}
            shape={shape}
            holes={holes}
            open={open}
            onToggle={() => toggle(shape.id)}
            here={shape.id === selected}
            fault={faults.find(({ shapeId }) => shapeId === shape.id)}
            onSelect={() => onSelect(shape.id)}
          />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="w-56">
          <SelectField label={en.kind} value={kind} options={kinds} onChange={(one) => one && setKind(one)} />
        </div>
        <Button onClick={() => onSelect(add(fresh(kind, [0, 0]), area ? 'part' : 'area'))}>{en.add}</Button>
      </div>
    </section>
  )
}

/** How big it is, how that was found, and how sure it is. */
export function SizeLine() {
  const { kase, area, edit } = useOpenCase()
  const { crop } = useCrops(area!)
  const size = readAreaSize(area!, kase, crop)
  const drawn = planSize(area!.shapes)
  if (!size.ok) return null
  const typed = area!.size.text.trim() !== '' && drawn.ok
  return (
    <>
      <p className="mt-1">
        <strong>{areaWords(size.value.area.value.v, kase.measures)}</strong>
        <span className="text-ink-2">, {sureWords(size.value.how)}</span>
      </p>
      {typed && drawn.ok && (
        <p className="mt-0.5 text-[14.5px]">
          {en.typedLeads(areaWords(drawn.value.area.value.v, kase.measures))}{' '}
          <Button
            kind="text"
            onClick={() =>
              edit(inArea(area!.id, (draft) => void (draft.size = { text: '', unit: 'ft²', value: null })))
            }
          >
            {en.takeDrawn}
          </Button>
        </p>
      )}
    </>
  )
}

interface RowProps {
  n: number
  shape: PlanShape
  /** What is cut out of it, and whether that is shown beneath. */
  holes: readonly PlanShape[]
  open: boolean
  onToggle: () => void
  here: boolean
  fault: ReturnType<typeof shapeFaults>[number] | undefined
  onSelect: () => void
}

function ShapeRow({ n, shape, holes, open, onToggle, here, fault, onSelect }: RowProps) {
  const { put, setHole, remove } = useShapes()
  const { outline } = shape
  const untie = () => {
    const points = outline.kind === 'polygon' ? untied(outline.points) : undefined
    if (points) put(shape.id, { kind: 'polygon', points })
  }
  return (
    <li
      className={clsx(
        'border-rule flex flex-wrap items-end gap-x-3 gap-y-1 border-b border-l-4 py-2 pl-2',
        here ? 'border-l-moss' : 'border-l-transparent',
        shape.hole && 'ml-6',
      )}
      onFocus={onSelect}
    >
      <p className="w-36 pb-1.5 font-semibold">{en.shapeNumber(n, en.tool[outline.kind])}</p>
      {outline.kind === 'polygon' ? (
        <Corners outline={outline} onChange={(points) => put(shape.id, { kind: 'polygon', points })} />
      ) : (
        [...lengthsOf(outline), 'x', 'y', ...('angle' in outline ? ['angle'] : [])].map((name) => (
          <Length key={name} name={name} outline={outline} onChange={(next) => put(shape.id, next)} />
        ))
      )}
      <TickField label={en.hole} checked={shape.hole} onChange={(on) => setHole(shape.id, on)} />
      <button
        type="button"
        aria-label={en.remove(n)}
        onClick={() => remove(shape.id)}
        className="hover:bg-margin ml-auto flex min-h-9 min-w-9 cursor-pointer items-center justify-center"
      >
        <X size={17} aria-hidden />
      </button>
      {holes.length > 0 && (
        <button
          type="button"
          aria-expanded={open}
          onClick={onToggle}
          className="group text-moss hover:text-ink flex min-h-9 w-full cursor-pointer items-center gap-1.5 font-semibold"
        >
          <ChevronRight size={17} aria-hidden className="group-aria-expanded:rotate-90" />
          {en.holes(holes.length)}
        </button>
      )}
      {fault && (
        <p role="alert" className="text-clay w-full text-[13.5px] font-semibold">
          {render(fault.sentence)}{' '}
          {fault.crosses && (
            <Button kind="text" onClick={untie}>
              {en.untie}
            </Button>
          )}
        </p>
      )}
    </li>
  )
}

/** ft in one of what a field is typed in; counts and degrees stand for themselves. */
const unitOf = (name: string, measures: 'feet' | 'metres') =>
  name === 'count' || name === 'angle'
    ? { factor: 1, word: '' }
    : measures === 'feet'
      ? { factor: 1, word: 'ft' }
      : { factor: feetPerMetre, word: 'm' }

type Placed = Exclude<Outline, { kind: 'polygon' }>

/** One length of a shape. What cannot be read stays in the field and changes nothing. */
function Length({ name, outline, onChange }: { name: string; outline: Placed; onChange: (next: Outline) => void }) {
  const { kase } = useOpenCase()
  const { factor, word } = unitOf(name, kase.measures)
  const v = (outline as unknown as Record<string, number>)[name]!
  const [typed, setTyped] = useState<string | null>(null)
  const shown =
    typed !== null && reads(typed, factor) === v
      ? typed
      : typed !== null && reads(typed, factor) === undefined
        ? typed
        : places(v / factor, 2)
            .replaceAll(',', '')
            .replace('−', '-')
  const type = (text: string) => {
    setTyped(text)
    const next = reads(text, factor)
    const counted = name === 'count' && next !== undefined ? Math.round(next) : next
    if (counted !== undefined && (counted >= 0 || name === 'x' || name === 'y' || name === 'angle'))
      onChange({ ...outline, [name]: counted })
  }
  return (
    <div className="w-22">
      <TextField
        label={en.lengths[name]!}
        value={shown}
        unit={word || undefined}
        numeric
        error={reads(shown, factor) === undefined ? en.numberError : undefined}
        onChange={type}
      />
    </div>
  )
}

function reads(text: string, factor: number): number | undefined {
  const [, sign, rest] = /^\s*([-−]?)(.*)$/.exec(text)!
  const read = readNumber(rest!)
  if (!read || rest!.slice(read.length).trim() !== '') return undefined
  return read.value * factor * (sign ? -1 : 1)
}

function Corners({
  outline,
  onChange,
}: {
  outline: Extract<Outline, { kind: 'polygon' }>
  onChange: (points: readonly Point[]) => void
}) {
  const { kase } = useOpenCase()
  const { factor } = unitOf('x', kase.measures)
  const written = outline.points.map(([x, y]) => `${short(x / factor)},${short(y / factor)}`).join('; ')
  const [typed, setTyped] = useState<string | null>(null)
  const known = typed === null ? undefined : cornersIn(typed, factor)
  const stands = known && JSON.stringify(known) === JSON.stringify(outline.points)
  const shown = typed !== null && (known === undefined || stands) ? typed : written
  return (
    <div className="min-w-60 flex-1">
      <TextField
        label={en.points}
        most={60_000}
        value={shown}
        error={cornersIn(shown, factor) === undefined ? en.pointsError : undefined}
        onChange={(text) => {
          setTyped(text)
          const points = cornersIn(text, factor)
          if (points && points.length > 0) onChange(points)
        }}
      />
    </div>
  )
}

const short = (v: number) => String(Math.round(v * 100) / 100)

/** `0,0; 12,0; 12,8`; undefined where a corner cannot be read. */
function cornersIn(text: string, factor: number): readonly Point[] | undefined {
  const points = text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => one.split(/[,\s]+/).map(Number))
  if (points.length === 0 || points.some((one) => one.length !== 2 || one.some((v) => !Number.isFinite(v))))
    return undefined
  return points.map(([x, y]): Point => [x! * factor, y! * factor])
}
