'use client'

import { useEffect, useId, useState, type ComponentProps, type ComponentType } from 'react'
import { findOptions } from '@/ui/find-option'
import type { PickField as Field } from '@/ui/PickField'
import { idle } from './late/idle'
import { partLost } from './late/lost-parts'

/** The list one types into is most of the interface library's weight, so it comes once the page rests. */
let loaded: ComponentType<ComponentProps<typeof Field<string>>> | null = null
const load = () =>
  idle()
    .then(() => import('@/ui/PickField'))
    .then(({ PickField }) => (loaded = PickField<string>))

/** What was typed before the list was there. */
interface Begun {
  readonly text: string
  readonly focused: boolean
}
const nothing: Begun = { text: '', focused: false }

/** One of a longer list; what is typed before the list has come stays where it was typed. */
export function LatePickField(props: Omit<ComponentProps<typeof Field<string>>, 'begun'>) {
  const [PickField, setPickField] = useState(() => loaded)
  const [begun, setBegun] = useState(nothing)
  useEffect(() => {
    if (!PickField) load().then((field) => setPickField(() => field), partLost)
  }, [PickField])
  const pick = () => {
    const [first] = findOptions(props.options, begun.text)
    if (begun.text.trim() === '' || !first) return
    props.onChange(first.value)
    setBegun({ ...begun, text: '' })
  }
  if (PickField) return <PickField {...props} begun={begun.focused ? begun.text : undefined} />
  return <StandIn label={props.label} begun={begun} onChange={setBegun} onPick={pick} />
}

interface StandInProps {
  label: string
  begun: Begun
  onChange: (begun: Begun) => void
  onPick: () => void
}

function StandIn({ label, begun, onChange, onPick }: StandInProps) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="text-ink-2 block text-[13.5px]">
        {label}
      </label>
      <input
        id={id}
        value={begun.text}
        autoComplete="off"
        className="border-edge bg-sheet mt-0.5 min-h-9 w-full rounded-[3px] border px-2"
        onChange={(event) => onChange({ text: event.target.value, focused: true })}
        onFocus={() => onChange({ ...begun, focused: true })}
        onBlur={() => onChange({ ...begun, focused: false })}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return
          event.preventDefault()
          onPick()
        }}
      />
    </div>
  )
}
