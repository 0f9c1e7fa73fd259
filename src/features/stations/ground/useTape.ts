'use client'

import { useLiveQuery } from 'dexie-react-hooks'
import { setting } from '@/store/db'

/** What the tape of whoever works here is in; undefined where it is what is shown. */
export const useTape = () => useLiveQuery(() => setting('tape').catch(() => undefined))
