'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { useState } from 'react'
import { goBackTo, logOf } from '@/store/cases'
import type { Edit } from '@/store/history'
import { Button } from '@/ui/Button'
import { useInSight } from '@/ui/useInSight'
import { Formula } from '@/ui/Formula'
import { useOpenCase } from '../../case/context'
import { NothingYet } from '../NothingYet'
import { describe } from './describe'
import { momentWords } from '../today'
import { en } from './messages'

/** Who changed what and when, and the way back to any point. */
export function HistoryView() {
  const { kase } = useOpenCase()
  const [stuck, setStuck] = useState(false)
  const goBack = (seq: number) => void goBackTo(kase.id, seq).then((went) => setStuck(!went))
  const log = useLiveQuery(() => logOf(kase.id), [kase.id])
  if (!log) return null
  if (log.length === 0) return <NothingYet says={en.none} />
  const newest = [...log].reverse()
  return (
    <>
      <p className="text-ink-2 mb-3">{en.lead}</p>
      {stuck && (
        <p role="alert" className="text-clay mb-3 font-semibold">
          {en.doesNotFit}
        </p>
      )}
      <Lines newest={newest} onBack={goBack} />
    </>
  )
}

/** Only the edits in sight are drawn. */
function Lines({ newest, onBack }: { newest: readonly Edit[]; onBack: (seq: number) => void }) {
  const { list, items, measure, above, below } = useInSight(newest.length + 1, 66, (i) => newest[i]?.seq ?? 0)
  return (
    <ol ref={list} style={{ paddingTop: above, paddingBottom: below }}>
      {items.map(({ index, key }) => {
        const edit = newest[index]
        return (
          <li key={key} ref={measure} data-index={index} aria-posinset={index + 1} aria-setsize={newest.length + 1}>
            {edit ? (
              <Line edit={edit} current={index === 0} onBack={onBack} />
            ) : (
              <div className="border-rule flex items-baseline gap-4 border-t py-2.5">
                <span className="flex-1">{en.start}</span>
                <Button onClick={() => onBack(0)}>{en.backHere}</Button>
              </div>
            )}
          </li>
        )
      })}
    </ol>
  )
}

function Line({ edit, current, onBack }: { edit: Edit; current: boolean; onBack: (seq: number) => void }) {
  const { kase } = useOpenCase()
  return (
    <div className="border-rule grid grid-cols-[auto_1fr_auto] items-baseline gap-4 border-t py-2.5">
      <span className="text-ink-2 text-sm">
        {momentWords(edit.at)}
        <br />
        {edit.by || en.unsigned}
      </span>
      <ul className="min-w-0">
        {describe(edit, kase).map((one) => (
          <li key={one} className="wrap-anywhere">
            <Formula>{one}</Formula>
          </li>
        ))}
      </ul>
      {current ? (
        <span className="text-ink-2 text-sm">{en.now}</span>
      ) : (
        <Button onClick={() => onBack(edit.seq)}>{en.backHere}</Button>
      )}
    </div>
  )
}
