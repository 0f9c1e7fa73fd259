'use client'

import { useId } from 'react'

interface Props<Value extends string> {
  label: string
  value: Value
  options: readonly { readonly value: Value; readonly label: string }[]
  onChange: (value: Value) => void
}

/** Two or three choices side by side, all in sight. */
export function ChoiceField<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  const name = useId()
  return (
    <div className="min-w-0">
      <p className="text-ink-2 text-[13.5px]">{label}</p>
      <div
        role="radiogroup"
        aria-label={label}
        className="border-edge bg-sheet mt-0.5 flex min-h-9 overflow-hidden rounded-[3px] border"
      >
        {options.map((option) => (
          <label
            key={option.value}
            data-checked={option.value === value || undefined}
            className="border-edge data-checked:bg-moss relative flex flex-1 items-center justify-center border-l px-2 py-1.5 text-center text-[14.5px] leading-tight first:border-l-0 has-focus-visible:outline-[2.5px] has-focus-visible:-outline-offset-3 data-checked:font-semibold data-checked:text-white"
          >
            <input
              type="radio"
              name={name}
              checked={option.value === value}
              onChange={() => onChange(option.value)}
              className="absolute inset-0 cursor-pointer appearance-none outline-none"
            />
            {option.label}
          </label>
        ))}
      </div>
    </div>
  )
}
