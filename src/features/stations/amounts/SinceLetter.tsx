'use client'

import { Button } from '@/ui/Button'
import { Formula } from '@/ui/Formula'
import { withoutCommon } from '@/wording/changes'
import { dateWords } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { useChangesSince } from '../../shared/letters/useChangesSince'
import { useKept, type Kept } from '../../shared/letters/useKept'
import { en } from './messages'

/** What goes on an area otherwise than in the last letter that was checked or handed out. */
export function SinceLetter({ areaId }: { areaId: string }) {
  const last = useKept().at(-1)
  return last ? <Told areaId={areaId} kept={last} /> : null
}

function Told({ areaId, kept }: { areaId: string; kept: Kept }) {
  const { go } = useOpenCase()
  const changed = useChangesSince(kept)?.amounts.filter((one) => one.areaId === areaId) ?? []
  if (changed.length === 0) return null
  return (
    <div role="status" className="border-moss my-2 border-l-4 pl-3 text-[15px]">
      <p className="font-semibold">{en.since(dateWords(kept.given.at))}</p>
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
