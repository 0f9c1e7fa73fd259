'use client'

import { castDraft } from 'immer'
import { blankArea } from '@/core/blank'
import { blankOffice } from '@/store/office'
import { useOpenCase } from '../case/context'
import { useOffice } from '../office/useOffice'
import { en } from './messages'
import { v4 as newId } from 'uuid'

/** Adds a blank area and turns to it, on Ground. */
export function useAddArea(): () => void {
  const { edit, go } = useOpenCase()
  const office = useOffice()
  return () => {
    const id = newId()
    const { guide, feeding } = office ?? blankOffice
    edit((draft) => {
      draft.areas.push(castDraft({ ...blankArea(id, en.newArea(draft.areas.length + 1)), guide, feeding }))
    })
    go('ground', id)
  }
}
