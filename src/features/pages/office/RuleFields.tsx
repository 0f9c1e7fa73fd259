'use client'

import { useEffect, useRef, type ReactNode } from 'react'
import { v4 as newId } from 'uuid'
import type { OwnRegion } from '@/core/case/region'
import { readOwnRegion } from '@/core/calendar/own-region'
import { readMost, type YearLimit } from '@/core/calendar/ban'
import { readYearDay, type ClosedTime, type WaterStrip } from '@/core/calendar/rule'
import { texts } from '@/core/shape/limits'
import { Button } from '@/ui/Button'
import { RemoveButton } from '@/ui/RemoveButton'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { render } from '@/wording/render'
import { usePutBack } from '../../shared/usePutBack'
import { en } from './messages'

interface ListProps<One> {
  title: string
  why: string
  add: string
  all: readonly One[]
  /** A new one, still blank. */
  blank: (id: string) => One
  called?: (n: number) => string
  remove?: (name: string) => string
  columns: string
  onChange: (all: readonly One[]) => void
  row: (one: One, change: (parts: Partial<One>) => void) => ReactNode
}

/** Rows that an office adds, changes and takes away. */
function Rows<One extends { readonly id: string; readonly name: string }>(props: ListProps<One>) {
  const { title, why, add, all, blank, columns, onChange, row } = props
  const [putBack, gone] = usePutBack()
  const now = useRef(all)
  useEffect(() => {
    now.current = all
  }, [all])
  const takeOut = (one: One, at: number) => {
    onChange(all.filter(({ id }) => id !== one.id))
    gone(en.rowGone(one.name || String(at + 1)), () => onChange(now.current.toSpliced(at, 0, one)))
  }
  const { called = (n) => `${title}, ${n}`, remove = (name) => en.removeRow(title, name) } = props
  return (
    <section aria-label={title}>
      <h2 className="mt-6 mb-1 font-serif text-lg font-semibold">{title}</h2>
      <p className="text-ink-2 mb-2 text-[14px]">{why}</p>
      <ul className="grid gap-3">
        {all.map((one, i) => (
          <li key={one.id} aria-label={called(i + 1)} className={`grid items-start gap-x-4 gap-y-2 ${columns}`}>
            {row(one, (parts) => onChange(all.map((other) => (other.id === one.id ? { ...other, ...parts } : other))))}
            <RemoveButton className="mt-5" label={remove(one.name || String(i + 1))} onClick={() => takeOut(one, i)} />
          </li>
        ))}
      </ul>
      {putBack}
      <Button kind="text" className="mt-1" onClick={() => onChange([...all, blank(newId())])}>
        {add}
      </Button>
    </section>
  )
}

/** What a rule is called, shown whole. */
const NameField = ({ value, example, onChange }: Omit<Choice<string>, 'label'> & { example?: string }) => (
  <TextField long label={en.closedName} most={texts.name} value={value} placeholder={example} onChange={onChange} />
)

/** A number that a rule goes by; what is none stays as typed, and rules nothing. */
function MostField({ label, value, onChange }: Choice<string>) {
  return (
    <TextField
      label={label}
      most={40}
      value={value}
      error={value.trim() !== '' && readMost(value) === undefined ? en.noNumber(value) : undefined}
      onChange={onChange}
    />
  )
}

const nutrients = ['N', 'P₂O₅'] as const
const everything = ['all', ...nutrients] as const
const grounds = ['all', 'lawn'] as const

interface Choice<Value> {
  label: string
  value: Value
  onChange: (next: Value) => void
}

/** What a rule is about: one of some nutrients, or everything. */
const WhatField = <Value extends ClosedTime['what']>({
  all,
  onChange,
  ...of
}: Choice<Value> & { all: readonly Value[] }) => (
  <SelectField
    {...of}
    options={all.map((value) => ({ value, label: en.closedFor[value] }))}
    onChange={(next) => next && onChange(next)}
  />
)

/** On which ground a rule binds. */
const WhereField = ({ onChange, ...of }: Omit<Choice<ClosedTime['where']>, 'label'>) => (
  <SelectField
    label={en.closedWhere}
    {...of}
    options={grounds.map((value) => ({ value, label: en.closedOn[value] }))}
    onChange={(next) => next && onChange(next)}
  />
)

/** A day of every year; what is none stays as typed, and closes nothing. */
function YearDayField({ label, value, onChange }: Choice<string>) {
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

/** Times that local law or custom closes: calendars put nothing of the kind into them. */
export const ClosedTimes = ({
  times,
  onChange,
}: {
  times: readonly ClosedTime[]
  onChange: (times: readonly ClosedTime[]) => void
}) => (
  <Rows<ClosedTime>
    title={en.closedTimes}
    why={en.closedWhy}
    add={en.addClosed}
    all={times}
    blank={(id) => ({ id, name: '', from: '', to: '', what: 'N', where: 'lawn' })}
    called={en.closedTime}
    remove={en.removeClosed}
    columns="sm:grid-cols-[1fr_8rem_8rem_10rem_8rem_auto]"
    onChange={onChange}
    row={({ name, from, to, what, where }, change) => (
      <>
        <NameField value={name} example={en.closedNameExample} onChange={(next) => change({ name: next })} />
        <YearDayField label={en.closedFrom} value={from} onChange={(next) => change({ from: next })} />
        <YearDayField label={en.closedTo} value={to} onChange={(next) => change({ to: next })} />
        <WhatField label={en.closedWhat} all={everything} value={what} onChange={(next) => change({ what: next })} />
        <WhereField value={where} onChange={(next) => change({ where: next })} />
      </>
    )}
  />
)

/** The most of a nutrient in a year that local law allows. */
export const YearLimits = ({
  limits,
  onChange,
}: {
  limits: readonly YearLimit[]
  onChange: (limits: readonly YearLimit[]) => void
}) => (
  <Rows<YearLimit>
    title={en.yearLimits}
    why={en.yearLimitsWhy}
    add={en.addYearLimit}
    all={limits}
    blank={(id) => ({ id, name: '', what: 'N', where: 'lawn', most: '' })}
    columns="sm:grid-cols-[1fr_10rem_8rem_9rem_auto]"
    onChange={onChange}
    row={({ name, what, where, most }, change) => (
      <>
        <NameField value={name} onChange={(next) => change({ name: next })} />
        <WhatField label={en.limitOf} all={nutrients} value={what} onChange={(next) => change({ what: next })} />
        <WhereField value={where} onChange={(next) => change({ where: next })} />
        <MostField label={en.limitMost} value={most} onChange={(next) => change({ most: next })} />
      </>
    )}
  />
)

/** Strips beside water that stay as they are. */
export const WaterStrips = ({
  strips,
  onChange,
}: {
  strips: readonly WaterStrip[]
  onChange: (strips: readonly WaterStrip[]) => void
}) => (
  <Rows<WaterStrip>
    title={en.strips}
    why={en.stripsWhy}
    add={en.addStrip}
    all={strips}
    blank={(id) => ({ id, name: '', what: 'all', width: '' })}
    columns="sm:grid-cols-[1fr_10rem_9rem_auto]"
    onChange={onChange}
    row={({ name, what, width }, change) => (
      <>
        <NameField value={name} onChange={(next) => change({ name: next })} />
        <WhatField label={en.stripFor} all={everything} value={what} onChange={(next) => change({ what: next })} />
        <MostField label={en.stripWidth} value={width} onChange={(next) => change({ width: next })} />
      </>
    )}
  />
)

/** Frosts and soil of the office's own country. */
export const OwnRegions = ({
  regions,
  onChange,
}: {
  regions: readonly OwnRegion[]
  onChange: (regions: readonly OwnRegion[]) => void
}) => (
  <Rows<OwnRegion>
    title={en.ownRegions}
    why={en.ownRegionsWhy}
    add={en.addRegion}
    all={regions}
    blank={(id) => ({ id, name: '', hemisphere: 'north', lastFrost: '', firstFrost: '', soil: '' })}
    columns="sm:grid-cols-[1fr_8rem_8rem_8rem_auto]"
    onChange={onChange}
    row={(own, change) => {
      const { faults } = readOwnRegion(own)
      const said = (field: keyof typeof faults) =>
        own[field].trim() !== '' && faults[field] ? render(faults[field]) : undefined
      return (
        <>
          <TextField label={en.regionName} most={texts.name} value={own.name} onChange={(name) => change({ name })} />
          <SelectField
            label={en.hemisphere}
            value={own.hemisphere}
            options={(['north', 'south'] as const).map((value) => ({ value, label: en.hemispheres[value] }))}
            onChange={(hemisphere) => hemisphere && change({ hemisphere })}
          />
          <TextField
            label={en.lastFrost}
            most={40}
            value={own.lastFrost}
            placeholder="10 May"
            error={said('lastFrost')}
            onChange={(lastFrost) => change({ lastFrost })}
          />
          <TextField
            label={en.firstFrost}
            most={40}
            value={own.firstFrost}
            placeholder="5 Oct"
            error={said('firstFrost')}
            onChange={(firstFrost) => change({ firstFrost })}
          />
          <div className="sm:order-last sm:col-span-full">
            <TextField
              label={en.soilByMonth}
              most={120}
              value={own.soil}
              placeholder="31 31 36 47 58 67 72 71 63 52 42 34"
              error={said('soil')}
              onChange={(soil) => change({ soil })}
            />
          </div>
        </>
      )
    }}
  />
)
