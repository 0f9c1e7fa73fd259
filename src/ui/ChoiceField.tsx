'use client'

import { Field, Label, Radio, RadioGroup } from '@headlessui/react'

interface Props<Value extends string> {
  label: string
  value: Value
  options: readonly { readonly value: Value; readonly label: string }[]
  onChange: (value: Value) => void
}

/** Two or three choices side by side, all in sight. */
export function ChoiceField<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  return (
    <Field className="min-w-0">
      <Label className="text-ink-2 block text-[13.5px]">{label}</Label>
      <RadioGroup
        value={value}
        onChange={onChange}
        aria-label={label}
        className="border-edge bg-sheet mt-0.5 flex min-h-9 overflow-hidden rounded-[3px] border"
      >
        {options.map((option) => (
          <Radio
            key={option.value}
            value={option.value}
            className="border-edge data-checked:bg-moss flex flex-1 cursor-pointer items-center justify-center border-l px-2 py-1.5 text-center text-[14.5px] leading-tight first:border-l-0 data-checked:font-semibold data-checked:text-white data-focus:outline-[2.5px] data-focus:-outline-offset-3"
          >
            {option.label}
          </Radio>
        ))}
      </RadioGroup>
    </Field>
  )
}
