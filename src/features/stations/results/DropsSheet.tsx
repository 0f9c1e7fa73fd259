'use client'

import { useState } from 'react'
import type { LineField } from '@/core/report/line-fields'
import { lineUnit, readLine } from '@/core/report/lines'
import { dropRange } from '@/core/report/kit'
import { readTyped } from '@/core/units/typed'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/SelectField'
import { Sheet as Overlay } from '@/ui/Sheet'
import { TextField } from '@/ui/TextField'
import type { Sheet } from './ReportLines'
import { en, lineLabel } from './messages'

const counted = ['nitrate', 'P', 'K', 'Ca', 'Mg', 'acidity'] as const satisfies readonly LineField[]

/** A result that was counted in drops, kept as the range it can only lie in. */
export function DropsSheet({ sheet, onClose }: { sheet: Sheet; onClose: () => void }) {
  const { report, setLine } = sheet
  const [field, setField] = useState<(typeof counted)[number]>('K')
  const [each, setEach] = useState('')
  const [drops, setDrops] = useState('')
  const unit = lineUnit(report, field)
  const text = dropRange(readTyped(drops, '').value ?? undefined, readTyped(each, '').value ?? undefined)
  const example = { each: '10', drops: '7' }
  return (
    <Overlay title={en.dropsTitle} onClose={onClose}>
      <p className="text-ink-2 mt-1">{en.dropsLead}</p>
      <div className="mt-3 grid gap-4 sm:grid-cols-3" data-entry>
        <SelectField
          label={en.dropsTest}
          value={field}
          options={counted.map((value) => ({ value, label: lineLabel(value) }))}
          onChange={(next) => next && setField(next)}
        />
        <TextField
          label={en.dropsEach}
          value={each}
          unit={unit}
          numeric
          placeholder={example.each}
          onChange={setEach}
        />
        <TextField
          label={en.dropsCount}
          value={drops}
          numeric
          placeholder={example.drops}
          error={drops !== '' && each !== '' && !text ? en.dropsFault : undefined}
          onChange={setDrops}
        />
      </div>
      <Button
        kind="act"
        className="mt-4"
        disabled={!text}
        onClick={() => {
          setLine(field, readLine(field, text!, unit))
          onClose()
        }}
      >
        {en.dropsTake(text ? `${text} ${unit}` : '…')}
      </Button>
    </Overlay>
  )
}
