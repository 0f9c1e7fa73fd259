'use client'

import { reportOfArea } from '@/core/case/in-force'
import { useState } from 'react'
import { confirmFigure, holdFigure } from '@/core/acts/decisions'
import { texts } from '@/core/shape/limits'
import { isHeld, type Need } from '@/core/needs/need'
import type { RecommendedField } from '@/core/report/line-fields'
import { signed } from '../../shared/office/signed'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { useOpenCase } from '../../case/context'
import { en } from './messages'

/** A figure that is not followed until somebody says why it stands all the same; or who said so, and the way back. */
export function Held({ need, areaId }: { need: Need; areaId: string }) {
  const { kase, act } = useOpenCase()
  const [reason, setReason] = useState('')
  const [asked, setAsked] = useState(false)
  const report = reportOfArea(kase, areaId)
  const figure = report?.recommends[need.of as RecommendedField]
  if (need.confirmed)
    return (
      <p className="border-brim mt-2 border-l-4 pl-3 text-[14.5px]">
        {en.confirmed(need.confirmed.by, need.confirmed.reason)}{' '}
        <Button kind="text" onClick={() => act(holdFigure(areaId, need.of))}>
          {en.holdAgain}
        </Button>
      </p>
    )
  if (!isHeld(need) || !figure) return null
  const confirm = async () => {
    setAsked(true)
    if (reason.trim() === '') return
    act(confirmFigure(areaId, need.of, figure, await signed(kase, reason.trim())))
  }
  return (
    <div className="border-clay mt-2 flex max-w-[60ch] flex-wrap items-end gap-3 border-l-4 pl-3">
      <div className="min-w-64 flex-1">
        <TextField
          label={en.confirmReason}
          most={texts.reason}
          value={reason}
          placeholder={en.confirmExample}
          error={asked && reason.trim() === '' ? en.confirmNeedsReason : undefined}
          onChange={setReason}
        />
      </div>
      <Button onClick={() => void confirm()}>{en.confirm}</Button>
    </div>
  )
}
