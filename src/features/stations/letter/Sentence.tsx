'use client'

import { useState } from 'react'
import { texts } from '@/core/shape/limits'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import type { Line } from '@/wording/letter'
import { en } from './messages'

/** Called with a sentence in an advisor's own words, or with null where ours is to stand again. */
export type OnWords = (line: Line, text: string | null) => void

interface Props {
  line: Line
  /** Absent where the words are not being edited. */
  onWords?: OnWords
}

/** A sentence of a letter, which an advisor puts in other words where it stands. */
export function Sentence({ line, onWords }: Props) {
  const [typed, type] = useState<string | null>(null)
  if (!onWords) return <Formula>{line.text}</Formula>
  if (typed === null)
    return (
      <span
        role="button"
        tabIndex={0}
        aria-label={en.editSentence(line.text)}
        className={`hover:bg-wash cursor-pointer underline decoration-dotted underline-offset-3 ${line.standing === 'ours' ? '' : 'bg-chalk'}`}
        onClick={() => type(line.text)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' && event.key !== ' ') return
          event.preventDefault()
          type(line.text)
        }}
      >
        <Formula>{line.text}</Formula>
      </span>
    )
  const keep = () => {
    type(null)
    const text = typed.trim().replace(/\s+/g, ' ')
    if (text !== line.text) onWords(line, text === line.ours ? null : text)
  }
  return (
    <span className="border-ink my-1 block border-l-4 pl-3 font-sans">
      <textarea
        // It stands in the place of what was chosen.
        ref={(field) => field?.focus()}
        aria-label={en.ownWords}
        className="border-edge block w-full border bg-white px-2 py-1 text-[15px]"
        rows={3}
        maxLength={texts.sentence}
        value={typed}
        onChange={(event) => type(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !event.shiftKey) {
            event.preventDefault()
            keep()
          } else if (event.key === 'Escape') {
            event.stopPropagation()
            type(null)
          }
        }}
      />
      {line.standing !== 'ours' && <span className="text-ink-2 block text-[13.5px]">{en.ours(line.ours)}</span>}
      <span className="mt-1 flex flex-wrap gap-3">
        <Button onClick={keep}>{en.keep}</Button>
        {line.standing !== 'ours' && (
          <Button
            onClick={() => {
              type(null)
              onWords(line, null)
            }}
          >
            {en.takeOurs}
          </Button>
        )}
        <Button kind="text" onClick={() => type(null)}>
          {en.leave}
        </Button>
      </span>
    </span>
  )
}
