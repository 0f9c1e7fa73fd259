'use client'

import {
  Combobox,
  ComboboxButton,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Field,
  Label,
} from '@headlessui/react'
import { ChevronDown } from 'lucide-react'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { findOptions, type Named } from './find-option'

interface Props<Value extends string> {
  label: string
  value: Value | null
  options: readonly (Named & { readonly value: Value })[]
  onChange: (value: Value | null) => void
  placeholder: string
  none: string
  /** An entry that is in no list and means what was typed. */
  beside?: (query: string) => (Named & { readonly value: Value }) | undefined
  /** Typed into what stood here before the list had come: the caret goes on behind it. */
  begun?: string
}

/** One of a longer list, found by typing part of its name. It opens by a click or a key, never by being passed through. */
export function PickField<Value extends string>({
  label,
  value,
  options,
  onChange,
  placeholder,
  none,
  beside,
  begun,
}: Props<Value>) {
  const [query, setQuery] = useState('')
  const own = beside?.(query)
  const found = [...findOptions(options, query), ...(own ? [own] : [])]
  const button = useRef<HTMLButtonElement>(null)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    const field = input.current
    if (begun === undefined || !field || document.activeElement !== document.body) return
    field.focus()
    // As if it were typed here: the library opens its list by that.
    if (begun) document.execCommand('insertText', false, begun)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when it comes
  }, [])
  /** Who types faster than the list is drawn means its first entry all the same. */
  const takeFirst = (event: KeyboardEvent<HTMLInputElement>) => {
    const [first] = found
    const drawn = event.currentTarget.getAttribute('aria-activedescendant')
    if ((event.key !== 'Enter' && event.key !== 'Tab') || query.trim() === '' || drawn || !first) return
    if (event.key === 'Enter') event.preventDefault()
    event.stopPropagation()
    onChange(first.value)
    setQuery('')
    if (button.current?.dataset.open !== undefined) button.current.click()
  }
  return (
    <Field className="min-w-0">
      <Label className="text-ink-2 block text-[13.5px]">{label}</Label>
      <Combobox value={value} onChange={onChange} onClose={() => setQuery('')}>
        <div className="border-edge bg-sheet focus-within:outline-slate relative mt-0.5 flex rounded-[3px] border focus-within:outline-[2.5px] focus-within:outline-offset-1">
          <ComboboxInput
            ref={input}
            onClick={() => button.current?.dataset.open === undefined && button.current?.click()}
            displayValue={(picked: Value | null) => options.find((option) => option.value === picked)?.label ?? ''}
            onKeyDownCapture={takeFirst}
            onChange={(event) => setQuery(event.target.value)}
            placeholder={placeholder}
            autoComplete="off"
            className="placeholder:text-ink-2/75 min-h-9 w-full min-w-0 bg-transparent px-2 outline-none"
          />
          <ComboboxButton ref={button} aria-label={`${label}: show all`} className="text-ink-2 cursor-pointer px-2">
            <ChevronDown size={16} aria-hidden />
          </ComboboxButton>
          <ComboboxOptions
            modal={false}
            className="border-edge bg-sheet absolute top-full right-0 left-0 z-20 mt-1 max-h-72 overflow-auto rounded-[3px] border py-1 shadow-[0_6px_18px_rgba(32,40,31,0.16)]"
          >
            {found.length === 0 && <p className="text-ink-2 px-3 py-1.5">{none}</p>}
            {found.map((option) => (
              <ComboboxOption
                key={option.value}
                value={option.value}
                className="data-focus:bg-margin flex cursor-pointer justify-between gap-3 px-3 py-1.5 data-selected:font-semibold"
              >
                <span>{option.label}</span>
                <span className="text-ink-2 text-sm">{option.group}</span>
              </ComboboxOption>
            ))}
          </ComboboxOptions>
        </div>
      </Combobox>
    </Field>
  )
}
