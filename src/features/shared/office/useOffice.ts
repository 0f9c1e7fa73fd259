'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { readOffice } from '@/store/office'

/** The office as it is kept; undefined while it is being read. */
export const useOffice = () => useLiveQuery(readOffice)
