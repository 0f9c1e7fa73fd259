'use client'

import clsx from 'clsx'
import { useId, type ClipboardEvent, type ReactNode } from 'react'
import { enterGoesOn } from './enter'
import { Formula } from './Formula'
import { useOverlong, usualMost } from './useOverlong'
import { Options } from './Options'

interface Props {
  label: string
  /** What its name means, for whoever points at it. */
  gloss?: string
  value: string
  onChange: (text: string) => void
  /** Stands right after the number: its unit, or a choice that belongs to it. */
  aside?: ReactNode
  placeholder?: string
  echo?: string
  error?: string
  /** What is doubted about it, with what would put it right. */
  children?: ReactNode
  autoFocus?: boolean
  /** Characters that can be kept. */
  most?: number
  onPaste?: (event: ClipboardEvent<HTMLInputElement>) => void
}

/** One line of a paper: its name, the number, its unit, and beside them what was understood. */
export function LineField({
  label,
  gloss,
  value,
  onChange,
  aside,
  placeholder,
  echo,
  error,
  children,
  autoFocus,
  most = usualMost,
  onPaste,
}: Props) {
  const id = useId()
  const { shown, type: typeText, fault } = useOverlong(value, onChange, most)
  const wrong = fault ?? error
  const note = wrong ?? echo
  return (
    <div className="border-rule grid grid-cols-[minmax(0,1fr)_7.5rem] items-center gap-x-3 gap-y-0.5 border-b py-0.5 @md:grid-cols-[minmax(0,1fr)_7.5rem_9rem] @2xl:grid-cols-[11.5rem_7.5rem_9rem_minmax(0,1fr)]">
      <label htmlFor={id} title={gloss} className={clsx('min-w-0 text-[15px] leading-tight', gloss && 'cursor-help')}>
        <Formula>{label}</Formula>
      </label>
      <input
        id={id}
        value={shown}
        placeholder={placeholder}
        autoComplete="off"
        spellCheck={false}
        inputMode="decimal"
        // eslint-disable-next-line jsx-a11y/no-autofocus -- the first line of a paper that is typed down
        autoFocus={autoFocus}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={note ? `${id}-note` : undefined}
        onChange={(event) => typeText(event.target.value)}
        onKeyDown={enterGoesOn}
        onPaste={onPaste}
        className={clsx(
          'bg-sheet placeholder:text-ink-2/60 min-h-9 w-full min-w-0 rounded-[3px] border px-2 text-right text-[16px] font-semibold placeholder:font-normal',
          wrong ? 'border-clay border-2' : 'border-edge',
        )}
      />
      <span className="text-ink-2 text-sm">{aside}</span>
      <div className="col-span-full text-[13px] leading-snug empty:hidden @2xl:col-span-1">
        {note && (
          <p id={`${id}-note`} className={wrong ? 'text-clay font-semibold' : 'text-ink-2'}>
            <Formula>{note}</Formula>
          </p>
        )}
        {children}
      </div>
    </div>
  )
}

interface AsideProps<Value extends string> {
  label: string
  value: Value | null
  options: readonly { readonly value: Value; readonly label: string }[]
  none?: string
  /** It has to be chosen before the number means anything. */
  wanted?: boolean
  /** Drawn without a box while something is chosen. */
  quiet?: boolean
  onChange: (value: Value | null) => void
}

/** A small choice that stands in the place of a line's unit; Enter passes it by. */
export function AsideChoice<Value extends string>({
  label,
  value,
  options,
  none,
  wanted,
  quiet,
  onChange,
}: AsideProps<Value>) {
  return (
    <select
      data-aside
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onChange((event.target.value || null) as Value | null)}
      className={clsx(
        'bg-sheet text-ink-2 min-h-8 w-full rounded-[3px] border px-0.5 text-[13.5px]',
        wanted ? 'border-clay border-2' : quiet && value ? 'hover:border-edge border-transparent' : 'border-rule',
      )}
    >
      <Options options={options} none={none} />
    </select>
  )
}
