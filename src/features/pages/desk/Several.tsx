'use client'

import { useState } from 'react'
import type { SoundSummary } from '@/store/summary'
import { copyCases, joinCases } from '@/store/desk'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/save-file'
import { useGuides, useProducts } from '../../case/useCase'
import { useOffice } from '../../shared/office/useOffice'
import { en as pileWords } from '../intake/messages'
import { en } from './messages'

interface Props {
  chosen: readonly SoundSummary[]
  onTrash: (ids: readonly string[]) => void
  onDone: () => void
}

/** What is done with several cases at once. */
export function Several({ chosen, onTrash, onDone }: Props) {
  const [guides, products, office] = [useGuides(), useProducts(), useOffice()]
  const [told, tell] = useState<string | null>(null)
  const [joining, ask] = useState(false)
  const ids = chosen.map(({ id }) => id)
  const nextYear = String(new Date().getFullYear() + 1)
  const named = ({ client, place }: SoundSummary) => [client || en.unnamed, place].filter(Boolean).join(', ')
  const doing = (work: () => Promise<string | null>) => {
    tell(pileWords.loading)
    work().then(tell, () => tell(en.actRefused))
  }
  const letters = async () => {
    const { lettersOf } = await import('../intake/letters')
    const around = { guides, products, office }
    const found = await lettersOf(ids, around, () => undefined, new AbortController().signal)
    if (found === null) return pileWords.noLetters
    saveFile(en.lettersName, found.file)
    return pileWords.made(found.letters, found.drafts, found.without, found.missing)
  }
  const handOver = async () => {
    const { archiveOf } = await import('./hand-over')
    const { file, count } = await archiveOf(ids)
    saveFile(en.archive, file)
    return en.handedOver(count)
  }
  // The one that was changed last goes on.
  const [into, from] = chosen.length === 2 ? [...chosen].sort((a, b) => b.updatedAt.localeCompare(a.updatedAt)) : []
  const join = async () => {
    ask(false)
    if (!(await joinCases(into!.id, from!.id))) return en.joinFailed
    onDone()
    return null
  }
  return (
    <div className="border-ink bg-sheet mb-2 border-l-4 px-3 py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <strong>{en.chosen(chosen.length)}</strong>
        <Button onClick={() => doing(letters)}>{en.letters}</Button>
        <Button onClick={() => doing(handOver)}>{en.handOver}</Button>
        <Button
          onClick={() =>
            doing(async () => {
              await copyCases(ids, nextYear)
              return en.copied(ids.length, nextYear)
            })
          }
        >
          {en.copy(nextYear)}
        </Button>
        {into && from && <Button onClick={() => ask(true)}>{en.join}</Button>}
        <Button
          onClick={() => {
            onTrash(ids)
            onDone()
          }}
        >
          {en.trashChosen}
        </Button>
        <Button kind="text" onClick={onDone}>
          {en.none}
        </Button>
      </div>
      {joining && into && from && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          {en.joinAsk(named(into), named(from))}
          <Button kind="act" onClick={() => doing(join)}>
            {en.joinDo}
          </Button>
          <Button onClick={() => ask(false)}>{en.leave}</Button>
        </p>
      )}
      <p role="status" className="text-[14.5px]">
        {told}
      </p>
    </div>
  )
}
