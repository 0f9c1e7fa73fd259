'use client'

import type { AreaInSeason } from '@/core/case/in-season'
import { fields } from '@/core/report/fields'
import { TextField } from '@/ui/TextField'
import { places } from '@/wording/format'
import { inThisSeason, useOpenCase } from '../../case/context'
import { fieldError, retyped } from '../../shared/formatting'
import { en } from './messages'

/** The size of the bag in hand; the usual one where nothing is typed. */
export function BagField({
  area,
  of,
  usual,
}: {
  area: AreaInSeason
  of: 'limeBag' | 'sulfurBag' | 'fertilizerBag'
  usual: number
}) {
  const { edit } = useOpenCase()
  const typed = area.materials[of]
  return (
    <TextField
      label={en.bag}
      unit="lb"
      numeric
      value={typed.text}
      placeholder={places(usual, 1)}
      error={fieldError(fields.bag, typed)}
      onChange={(text) =>
        edit(inThisSeason(area.id, (draft) => void (draft.materials[of] = retyped(text, 'lb', fields.bag))))
      }
    />
  )
}
