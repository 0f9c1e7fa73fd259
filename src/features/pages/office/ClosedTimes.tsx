'use client'

import { v4 as newId } from 'uuid'
import { readYearDay, type ClosedTime } from '@/core/passes/program/rule'
import { texts } from '@/core/shape/case-shape'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { en } from './messages'

interface Props {
  times: readonly ClosedTime[]
  onChange: (times: readonly ClosedTime[]) => void
}

/** Times that local law or custom closes: calendars put nothing of the kind into them. */
export function ClosedTimes({ times, onChange }: Props) {
  const change = (id: string, parts: Partial<ClosedTime>) =>
    onChange(times.map((one) => (one.id === id ? { ...one, ...parts } : one)))
  return (
    <section aria-label={en.closedTimes}>
      <h2 className="mt-6 mb-1 font-serif text-lg font-semibold">{en.closedTimes}</h2>
      <p className="text-ink-2 mb-2 text-[14px]">{en.closedWhy}</p>
      <ul className="grid gap-3">
        {times.map((time, i) => (
          <li
            key={time.id}
            aria-label={en.closedTime(i + 1)}
            className="grid items-start gap-x-4 gap-y-2 sm:grid-cols-[1fr_8rem_8rem_10rem_8rem_auto]"
          >
            <TextField
              label={en.closedName}
              most={texts.name}
              value={time.name}
              placeholder={en.closedNameExample}
              onChange={(name) => change(time.id, { name })}
            />
            <YearDayField label={en.closedFrom} value={time.from} onChange={(from) => change(time.id, { from })} />
            <YearDayField label={en.closedTo} value={time.to} onChange={(to) => change(time.id, { to })} />
            <SelectField
              label={en.closedWhat}
              value={time.what}
              options={(['all', 'N', 'P₂O₅'] as const).map((value) => ({ value, label: en.closedFor[value] }))}
              onChange={(what) => what && change(time.id, { what })}
            />
            <SelectField
              label={en.closedWhere}
              value={time.where}
              options={(['all', 'lawn'] as const).map((value) => ({ value, label: en.closedOn[value] }))}
              onChange={(where) => where && change(time.id, { where })}
            />
            <RemoveButton
              className="mt-5"
              label={en.removeClosed(time.name || String(i + 1))}
              onClick={() => onChange(times.filter(({ id }) => id !== time.id))}
            />
          </li>
        ))}
      </ul>
      <Button
        kind="text"
        className="mt-1"
        onClick={() => onChange([...times, { id: newId(), name: '', from: '', to: '', what: 'N', where: 'lawn' }])}
      >
        {en.addClosed}
      </Button>
    </section>
  )
}

/** A day of every year; what is none stays as typed, and closes nothing. */
function YearDayField({ label, value, onChange }: { label: string; value: string; onChange: (text: string) => void }) {
  const isWrong = value.trim() !== '' && readYearDay(value) === undefined
  return (
    <TextField
      label={label}
      most={40}
      value={value}
      placeholder="1 Dec"
      error={isWrong ? en.noYearDay(value) : undefined}
      onChange={onChange}
    />
  )
}
