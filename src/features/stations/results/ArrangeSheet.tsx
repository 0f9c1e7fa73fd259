'use client'

import { texts } from '@/core/shape/limits'
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical, X } from 'lucide-react'
import { useState } from 'react'
import { v4 as newId } from 'uuid'
import type { ReportLine } from '@/core/report/report'
import { allFields, type LineField } from '@/core/report/line-fields'
import { layoutOf, linesOf, onPaper } from '@/core/report/layout'
import { lineField, lineUnit, typedIn } from '@/core/report/lines'
import { keepLayout, removeLayout } from '@/store/papers'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { AsideChoice } from '@/ui/LineField'
import { Sheet as Overlay } from '@/ui/Sheet'
import { TextField } from '@/ui/TextField'
import { unitChoices } from './ReportFields'
import type { Sheet } from './ReportLines'
import { en, lineLabel } from './messages'
import { useLayouts } from './useReport'

/** Puts the lines in the order of the paper, each in its unit, and keeps that for the next report of its laboratory. */
export function ArrangeSheet({ sheet, onClose }: { sheet: Sheet; onClose: () => void }) {
  const { report, turnInto } = sheet
  const { own } = useLayouts()
  const [lines, setLines] = useState<readonly ReportLine[]>(() => linesOf(report))
  const known = own.find(({ laboratory }) => laboratory !== '' && laboratory === report.laboratory)
  const [name, setName] = useState(known?.name ?? report.laboratory)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const fields = lines.map(({ field }) => field)
  const more = allFields.filter((field) => !fields.includes(field))
  const arranged = { ...report, lines }
  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    setLines(arrayMove([...lines], fields.indexOf(active.id as LineField), fields.indexOf(over.id as LineField)))
  }
  const apply = () => turnInto((now) => onPaper(now, layoutOf({ ...now, lines }, '', '')))
  const keep = () => {
    const same = own.find((one) => one.name === name.trim())
    void keepLayout(layoutOf(arranged, same?.id ?? newId(), name.trim())).then(() => {
      apply()
      onClose()
    })
  }
  return (
    <Overlay title={en.arrangeTitle} onClose={onClose}>
      <p className="text-ink-2 mt-1">{en.arrangeLead}</p>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
        <SortableContext items={[...fields]} strategy={verticalListSortingStrategy}>
          <ol className="mt-3 grid gap-x-6 sm:grid-cols-1">
            {lines.map((line) => (
              <Row
                key={line.field}
                line={line}
                label={lineLabel(line.field, report.buffer, report.pHIn)}
                filled={typedIn(report, line.field).text.trim() !== ''}
                onUnit={(unit) => setLines(lines.map((one) => (one.field === line.field ? { ...one, unit } : one)))}
                onRemove={() => setLines(lines.filter((one) => one.field !== line.field))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="mt-2 w-64">
        <AsideChoice
          label={en.addLine}
          value={null}
          options={more.map((value) => ({ value, label: lineLabel(value) }))}
          none={en.addAny}
          onChange={(field) => field && setLines([...lines, { field, unit: lineUnit(report, field) }])}
        />
      </div>
      <div className="border-ink mt-4 flex flex-wrap items-end gap-3 border-t-[1.5px] pt-3">
        <div className="w-72">
          <TextField
            label={en.layoutName}
            most={texts.name}
            value={name}
            placeholder={en.layoutExample}
            onChange={setName}
          />
        </div>
        <Button kind="act" disabled={name.trim() === ''} onClick={keep}>
          {en.keepLayout}
        </Button>
        <Button
          onClick={() => {
            apply()
            onClose()
          }}
        >
          {en.done}
        </Button>
        <Button kind="text" onClick={onClose}>
          {en.cancel}
        </Button>
      </div>
      {own.length > 0 && (
        <p className="mt-3 flex flex-wrap gap-x-4 text-[14.5px]">
          {own.map((one) => (
            <Button key={one.id} kind="text" onClick={() => void removeLayout(one.id)}>
              {en.removeLayout(one.name)}
            </Button>
          ))}
        </p>
      )}
    </Overlay>
  )
}

interface RowProps {
  line: ReportLine
  label: string
  filled: boolean
  onUnit: (unit: string) => void
  onRemove: () => void
}

function Row({ line: { field, unit }, label, filled, onUnit, onRemove }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: field })
  const { units } = lineField(field)
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="border-rule bg-sheet flex items-center gap-3 border-b py-0.5"
    >
      <button
        type="button"
        aria-label={en.drag(label)}
        className="text-ink-2 cursor-grab touch-none p-1.5"
        {...attributes}
        {...listeners}
      >
        <GripVertical size={17} aria-hidden />
      </button>
      <span className="flex-1">
        <Formula>{label}</Formula> {filled && <span className="text-ink-2 text-[13px]">{en.filled}</span>}
      </span>
      <span className="text-ink-2 w-32 text-sm">
        {units.length > 1 ? (
          <AsideChoice
            label={en.unitOf(label)}
            value={unit}
            options={unitChoices(units)}
            onChange={(next) => next && onUnit(next)}
          />
        ) : (
          unit
        )}
      </span>
      <button
        type="button"
        aria-label={en.takeOut(label)}
        className="text-ink-2 cursor-pointer p-1.5"
        onClick={onRemove}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  )
}
