'use client'

import { lazy } from 'react'

const page = import('./CounterSheet')
const CounterSheet = lazy(() => page.then((found) => ({ default: found.CounterSheet })))

/** The page's own script is asked for by the first one, and comes beside it: nothing is shown before the database answers. */
export const LateCounterSheet = () => <CounterSheet />
