'use client'

import { useState } from 'react'
import { capPass } from '@/core/case/acts/decisions'
import { confirmationKey } from '@/core/case/decisions'
import { fields } from '@/core/report/fields'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { useOpenCase } from '../../case/context'
import { fieldError, retyped, understood } from '../../shared/formatting'
import { en } from './messages'

/** The most in one pass, where the advisor wants another than the guide's. */
export function OwnCap({ of, areaId }: { of: 'lime' | 'sulfur'; areaId: string }) {
  const { kase, act } = useOpenCase()
  const [open, setOpen] = useState(false)
  const key = confirmationKey(areaId, of)
  const set = Object.hasOwn(kase.decisions.caps, key) ? kase.decisions.caps[key]! : undefined
  const unit = set?.unit ?? (kase.measures === 'metres' ? 'g/m²' : 'lb/1000 ft²')
  if (!open && !set)
    return (
      <Button kind="text" className="mt-1 mr-4 text-sm" onClick={() => setOpen(true)}>
        {en.ownCap}
      </Button>
    )
  const typed = set ?? { text: '', unit, value: null }
  return (
    <div className="mt-2 max-w-72">
      <TextField
        label={en.ownCapLabel(of === 'sulfur')}
        value={typed.text}
        unit={unit.replace('1000', '1,000')}
        numeric
        autoFocus={!set}
        placeholder={fields.cap.example}
        echo={understood(typed, unit)}
        error={fieldError(fields.cap, typed)}
        onChange={(text) => act(capPass(areaId, of, retyped(text, unit, fields.cap)))}
      />
    </div>
  )
}
