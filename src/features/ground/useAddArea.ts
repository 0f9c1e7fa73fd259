'use client'

import { blankArea } from '@/core/blank'
import { useOpenCase } from '../case/context'
import { en } from './messages'
import { v4 as newId } from 'uuid'

/** Adds a blank area and turns to it, on Ground. */
export function useAddArea(): () => void {
  const { edit, go } = useOpenCase()
  return () => {
    const id = newId()
    edit((draft) => void draft.areas.push(blankArea(id, en.newArea(draft.areas.length + 1))))
    go('ground', id)
  }
}
