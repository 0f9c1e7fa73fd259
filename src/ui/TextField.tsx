'use client'

import clsx from 'clsx'
import { useId, type KeyboardEvent, type ReactNode } from 'react'
import { enterGoesOn } from './enter'
import { Formula } from './Formula'
import { useOverlong, usualMost } from './useOverlong'

interface Props {
  label: string
  value: string
  onChange: (text: string) => void
  /** Stands right after the number. */
  unit?: ReactNode
  placeholder?: string
  /** How the text was understood. */
  echo?: string
  /** What is wrong with it. */
  error?: string
  wide?: boolean
  /** It grows with what is typed; still one line, as Enter goes on. */
  long?: boolean
  numeric?: boolean
  autoFocus?: boolean
  /** Called when one leaves the field, or presses Enter in it. */
  onDone?: () => void
  /** Characters that can be kept. */
  most?: number
  type?: 'text' | 'date'
  /** What it is stands elsewhere, such as at the head of a table; it is said all the same. */
  hideLabel?: boolean
}

/** One line of text with its label, its unit, and right beneath it what was understood or what is wrong. */
export function TextField({
  label,
  value,
  onChange,
  unit,
  placeholder,
  echo,
  error,
  wide,
  long,
  numeric,
  autoFocus,
  type = 'text',
  hideLabel,
  onDone,
  most = type === 'date' ? 10 : usualMost,
}: Props) {
  const id = useId()
  const { shown, type: typeText, fault } = useOverlong(value, onChange, most)
  const wrong = fault ?? error
  const note = wrong ?? echo
  const shared = {
    id,
    value: shown,
    placeholder,
    autoComplete: 'off',
    spellCheck: false,
    // The first field of a sheet that was opened to type into.
    autoFocus,
    'aria-invalid': wrong ? (true as const) : undefined,
    'aria-describedby': note ? `${id}-note` : undefined,
    onBlur: onDone,
    onKeyDown: (event: KeyboardEvent<HTMLInputElement & HTMLTextAreaElement>) => {
      if (event.key === 'Enter') onDone?.()
      if (event.key === 'Enter' && long) event.preventDefault()
      enterGoesOn(event)
    },
    className: clsx(
      'placeholder:text-ink-2/75 min-h-9 w-full min-w-0 bg-transparent px-2 outline-none',
      long && 'field-sizing-content resize-none py-1.5',
    ),
  }
  return (
    <div className={clsx('min-w-0', wide && 'col-span-full')}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'text-ink-2 block text-[13.5px]'}>
        <Formula>{label}</Formula>
      </label>
      <div
        className={clsx(
          'bg-sheet mt-0.5 flex items-center rounded-[3px] border',
          wrong ? 'border-clay border-2' : 'border-edge',
          'focus-within:outline-slate focus-within:outline-[2.5px] focus-within:outline-offset-1',
        )}
      >
        {long ? (
          <textarea {...shared} rows={1} onChange={(event) => typeText(event.target.value.replace(/\s*\n\s*/g, ' '))} />
        ) : (
          <input
            {...shared}
            type={type}
            max={type === 'date' ? '9999-12-31' : undefined}
            inputMode={numeric ? 'decimal' : undefined}
            onChange={(event) => typeText(event.target.value)}
          />
        )}
        {unit !== undefined && <span className="text-ink-2 shrink-0 pr-2 text-sm">{unit}</span>}
      </div>
      {note && (
        <p
          id={`${id}-note`}
          className={clsx('mt-0.5 text-[13px] leading-snug', wrong ? 'text-clay font-semibold' : 'text-ink-2')}
        >
          <Formula>{note}</Formula>
        </p>
      )}
    </div>
  )
}
