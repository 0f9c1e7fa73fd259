'use client'

import { useMemo } from 'react'
import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { changesBetween, withoutCommon } from '@/wording/changes'
import { dateWords } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { useWords } from '../../shared/language/useWords'
import { useKept, type Kept } from '../../shared/letters/useKept'
import { usePaperOf } from '../../shared/letters/usePaper'
import { en } from './messages'

/** What goes on an area otherwise than in the last letter that was checked or handed out. */
export function SinceLetter({ areaId }: { areaId: string }) {
  const last = useKept().at(-1)
  return last?.paper ? <Told areaId={areaId} given={last.given} paper={last.paper} /> : null
}

interface Props extends Kept {
  areaId: string
  paper: NonNullable<Kept['paper']>
}

function Told({ areaId, given, paper }: Props) {
  const { go } = useOpenCase()
  // The days as they were counted then: that time went by changes no amount.
  const now = usePaperOf(useWords(given.language), given.language, given.at.slice(0, 10))
  const changed = useMemo(
    () => (now ? changesBetween(paper.letter, now.letter).amounts.filter((one) => one.areaId === areaId) : []),
    [now, paper, areaId],
  )
  if (changed.length === 0) return null
  return (
    <div role="status" className="border-moss my-2 border-l-4 pl-3 text-[15px]">
      <p className="font-semibold">{en.since(dateWords(given.at))}</p>
      <ul>
        {changed.map(({ what, before, after }) => (
          <li key={what}>
            <Formula>{en.changed(what, ...withoutCommon(before, after))}</Formula>
          </li>
        ))}
      </ul>
      <Button kind="text" onClick={() => go('letter')}>
        {en.toLetter}
      </Button>
    </div>
  )
}
