'use client'

import { useId } from 'react'
import { enterGoesOn } from './enter'
import { Formula } from './Formula'
import { Options } from './Options'

interface Props<Value extends string> {
  label: string
  value: Value | null
  options: readonly { readonly value: Value; readonly label: string }[]
  onChange: (value: Value | null) => void
  /** What the empty choice says; without it there is none. */
  none?: string
  error?: string
  /** Enter passes it by, where it is set already. */
  aside?: boolean
}

/** One of a short list. */
export function SelectField<Value extends string>({
  label,
  value,
  options,
  onChange,
  none,
  error,
  aside,
}: Props<Value>) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="text-ink-2 block text-[13.5px]">
        <Formula>{label}</Formula>
      </label>
      <select
        id={id}
        data-aside={aside || undefined}
        onKeyDown={enterGoesOn}
        value={value ?? ''}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-note` : undefined}
        onChange={(event) => onChange((event.target.value || null) as Value | null)}
        className={`bg-sheet mt-0.5 min-h-9 w-full rounded-[3px] border px-1.5 ${error ? 'border-clay border-2' : 'border-edge'}`}
      >
        <Options options={options} none={none} />
      </select>
      {error && (
        <p id={`${id}-note`} className="text-clay mt-0.5 text-[13px] leading-snug font-semibold">
          <Formula>{error}</Formula>
        </p>
      )}
    </div>
  )
}
