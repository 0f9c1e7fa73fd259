'use client'

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import { CSS } from '@dnd-kit/utilities'
import clsx from 'clsx'
import { GripVertical } from 'lucide-react'
import type { ReactNode } from 'react'
import type { Sampled } from '@/core/sampling/advice'
import { sampleState } from '@/core/sampling/state'
import { render } from '@/wording/render'
import { en } from './messages'
import { useSampleEdits } from './useSamples'
import type { SampleSheet } from '@/core/sampling/sheet'

const nowhere = 'nowhere'

interface Props {
  sheets: readonly SampleSheet[]
  free: readonly Sampled[]
  selected: string
  onSelect: (id: string) => void
}

/** The bags and what is in them. Areas move by drag and drop, or by the menu of each. */
export function Bags({ sheets, free, selected, onSelect }: Props) {
  const { move } = useSampleEdits()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 150, tolerance: 8 } }),
    useSensor(KeyboardSensor),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over) return
    const [areaId, from] = String(active.id).split(' ') as [string, string]
    if (over.id !== from) move(areaId, over.id === nowhere ? null : String(over.id))
  }
  return (
    <DndContext id="bags" sensors={sensors} onDragEnd={drop}>
      <ul className="mt-3 grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {sheets.map((sheet) => (
          <Bag key={sheet.sample.id} sheet={sheet} here={sheet.sample.id === selected} onSelect={onSelect}>
            {sheet.ground.map(({ area }) => (
              <Chip
                key={area.id}
                areaId={area.id}
                name={area.name}
                from={sheet.sample.id}
                sheets={sheets}
                fixed={sheet.sample.corner !== ''}
              />
            ))}
          </Bag>
        ))}
        {free.length > 0 && (
          <Place id={nowhere} className="border-edge border-dashed">
            <p className="font-semibold">{en.free}</p>
            {free.map(({ area }) => (
              <Chip key={area.id} areaId={area.id} name={area.name} from={nowhere} sheets={sheets} />
            ))}
          </Place>
        )}
      </ul>
    </DndContext>
  )
}

function Bag({
  sheet,
  here,
  onSelect,
  children,
}: {
  sheet: SampleSheet
  here: boolean
  onSelect: (id: string) => void
  children: ReactNode
}) {
  const { sample, cores, depth, against, ground } = sheet
  return (
    <Place id={sample.id} className={here ? 'border-moss bg-sheet' : 'border-edge'}>
      <button
        type="button"
        aria-pressed={here}
        onClick={() => onSelect(sample.id)}
        className="flex w-full cursor-pointer items-baseline justify-between gap-2 text-left"
      >
        <strong className="font-serif text-[19px]">{sample.code || '–'}</strong>
        <span className="text-ink-2 text-[14px]">{en.state[sampleState(sample)]}</span>
      </button>
      <p className="text-ink-2 text-[14px]">
        {cores} {en.cores.toLowerCase()}, {en.deep(depth.from, depth.to)}
        {sample.corner && ` · ${sample.corner}`}
      </p>
      {children}
      {ground.length === 0 && <p className="text-ink-2 py-1 text-[14px]">{en.noArea}</p>}
      {against.length > 0 && !sample.corner && (
        <div role="alert" className="text-clay mt-1 text-[13.5px] leading-snug">
          <strong>{en.against}:</strong> {against.map((sentence) => render(sentence)).join(' ')}
        </div>
      )}
    </Place>
  )
}

function Place({ id, className, children }: { id: string; className: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id })
  return (
    <li ref={setNodeRef} className={clsx('min-h-24 rounded-[3px] border-2 p-2.5', className, isOver && 'bg-wash')}>
      {children}
    </li>
  )
}

interface ChipProps {
  areaId: string
  name: string
  from: string
  sheets: readonly SampleSheet[]
  /** A corner's bag goes with its area. */
  fixed?: boolean
}

function Chip({ areaId, name, from, sheets, fixed = false }: ChipProps) {
  const { move } = useSampleEdits()
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${areaId} ${from}`,
    disabled: fixed,
  })
  return (
    <div
      ref={setNodeRef}
      style={transform ? { transform: CSS.Translate.toString(transform) } : undefined}
      className={clsx(
        'border-rule bg-wash mt-1.5 flex items-center gap-1 rounded-[3px] border',
        isDragging && 'relative z-10 shadow-lg',
      )}
    >
      {!fixed && (
        <span
          {...attributes}
          {...listeners}
          aria-label={name}
          className="flex min-h-11 min-w-8 cursor-grab touch-none items-center justify-center"
        >
          <GripVertical size={16} aria-hidden />
        </span>
      )}
      <span className="min-w-0 flex-1 py-1.5 wrap-anywhere pl-1">{name}</span>
      {!fixed && (
        <select
          aria-label={en.moveTo(name)}
          value={from}
          onChange={(event) => move(areaId, event.target.value === nowhere ? null : event.target.value)}
          className="bg-sheet border-rule min-h-9 max-w-24 rounded-[3px] border text-[13.5px]"
        >
          {sheets.map(({ sample }) => (
            <option key={sample.id} value={sample.id}>
              {sample.code}
            </option>
          ))}
          <option value={nowhere}>{en.nowhere}</option>
        </select>
      )}
    </div>
  )
}
