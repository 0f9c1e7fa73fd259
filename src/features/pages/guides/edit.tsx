'use client'

import { createContext, use, useId, useState } from 'react'
import { valueAt, type GuidePath } from '@/core/guides/compare'
import type { Guide } from '@/core/guides/guide'
import { readNumber } from '@/core/units/typed'

/** The guide that is looked at, and how to change a figure of it where it is being edited. */
export interface Look {
  readonly guide: Guide
  readonly put?: (path: GuidePath, value: number) => void
}

const LookContext = createContext<Look | null>(null)
export const LookProvider = LookContext.Provider

export function useLook(): Look {
  const look = use(LookContext)
  if (!look) throw new Error('useLook needs a LookProvider around it')
  return look
}

/** One figure of the guide: to read, or to change where the guide is being edited. */
export function Num({
  at,
  label,
  before = '',
  after = '',
}: {
  at: GuidePath
  label: string
  before?: string
  after?: string
}) {
  const { guide, put } = useLook()
  const value = valueAt(guide, at)
  if (!put) return `${before}${String(value)}${after}`
  return (
    <span className="whitespace-nowrap">
      {before}
      <Typed value={Number(value)} label={label} onChange={(next) => put(at, next)} />
      {after}
    </span>
  )
}

/** What was typed stays as it was typed; only what can be read goes into the guide. */
function Typed({ value, label, onChange }: { value: number; label: string; onChange: (next: number) => void }) {
  const id = useId()
  const [text, setText] = useState(String(value))
  const read = readNumber(text)
  const whole = read?.length === text.trimEnd().length
  return (
    <input
      id={id}
      aria-label={label}
      inputMode="decimal"
      value={text}
      aria-invalid={!whole}
      onChange={(event) => {
        setText(event.target.value)
        const next = readNumber(event.target.value)
        if (next && next.length === event.target.value.trimEnd().length) onChange(next.value)
      }}
      className={`bg-sheet min-h-8 w-16 rounded-[3px] border px-1.5 tabular-nums ${whole ? 'border-edge' : 'border-clay border-2'}`}
    />
  )
}
