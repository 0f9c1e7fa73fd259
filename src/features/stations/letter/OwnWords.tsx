'use client'

import { writeSentence } from '@/core/acts/letters'
import type { Paper } from '@/paper/paper'
import { Button } from '@/ui/Button'
import type { Line } from '@/wording/letter'
import { useOpenCase } from '../../case/context'
import { en } from './messages'

/** Every sentence of a letter that an advisor may put in other words. */
export const linesOf = ({ letter }: Paper): readonly Line[] => [
  ...letter.areas.flatMap(({ says }) => says),
  ...letter.cautions,
  ...letter.foot,
]

/** An advisor's words that may be false now, or that stand for nothing any more. */
export function OwnWords({ paper }: { paper: Paper }) {
  const { kase, act, edit } = useOpenCase()
  const lines = linesOf(paper)
  const said = new Set(lines.map(({ id }) => id))
  const moved = lines.filter(({ standing }) => standing === 'moved')
  const orphaned = Object.entries(kase.letter.edits).filter(
    ([id]) => id.startsWith(`${paper.language}/`) && !said.has(id),
  )
  if (moved.length === 0 && orphaned.length === 0) return null
  return (
    <ul className="mb-4 grid max-w-[7.1in] gap-3 print:hidden">
      {moved.map(({ id, text, ours }) => (
        <li key={id} role="status" className="border-clay border-l-4 pl-3 text-[15px]">
          <strong>{en.moved}</strong>
          <br />
          {en.yours}: {text}
          <br />
          {en.now}: {ours}
          <span className="mt-1 flex gap-3">
            <Button onClick={() => act(writeSentence(id, { ...kase.letter.edits[id]!, was: ours }))}>
              {en.keepMine}
            </Button>
            <Button onClick={() => act(writeSentence(id, undefined))}>{en.takeOurs}</Button>
          </span>
        </li>
      ))}
      {orphaned.map(([id, { words }]) => (
        <li key={id} role="status" className="border-clay border-l-4 pl-3 text-[15px]">
          <strong>{en.orphaned}:</strong> {words}
          <span className="mt-1 flex gap-3">
            <Button
              onClick={() =>
                edit((draft) => {
                  draft.letter.note = [draft.letter.note, words].filter(Boolean).join('\n')
                  draft.letter.edits = Object.fromEntries(
                    Object.entries(draft.letter.edits).filter(([other]) => other !== id),
                  )
                })
              }
            >
              {en.toNote}
            </Button>
            <Button onClick={() => act(writeSentence(id, undefined))}>{en.drop}</Button>
          </span>
        </li>
      ))}
    </ul>
  )
}
