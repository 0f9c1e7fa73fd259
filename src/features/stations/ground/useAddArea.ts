'use client'

import { blankArea } from '@/core/case/blank'
import { withParts } from '@/core/case/in-season'
import { addAreas } from '@/core/acts/areas'
import { blankOffice } from '@/core/office'
import { useOpenCase } from '../../case/context'
import { useOffice } from '../../shared/office/useOffice'
import { en } from './messages'
import { v4 as newId } from 'uuid'

/** Adds a blank area and turns to it, on Ground. */
export function useAddArea(): () => void {
  const { kase, act, go } = useOpenCase()
  const office = useOffice()
  return () => {
    const id = newId()
    const { guide, feeding } = office ?? blankOffice
    act(addAreas([withParts(blankArea(id, en.newArea(kase.areas.length + 1)), kase.season, { guide, feeding })]))
    go('ground', id)
  }
}
