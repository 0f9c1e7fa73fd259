'use client'

import { blankArea } from '@/core/blank'
import { useOpenCase } from '../case/context'
import { en } from './messages'

/** Adds a blank area and turns to it, on Ground. */
export function useAddArea(): () => void {
  const { edit, go } = useOpenCase()
  return () => {
    const id = crypto.randomUUID()
    edit((draft) => void draft.areas.push(blankArea(id, en.newArea(draft.areas.length + 1))))
    go('ground', id)
  }
}
