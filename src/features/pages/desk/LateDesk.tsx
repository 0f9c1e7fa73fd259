'use client'

import { lazy } from 'react'

const page = import('./Desk')
const Desk = lazy(() => page.then((found) => ({ default: found.Desk })))

/** The page's own script is asked for by the first one, and comes beside it: nothing is shown before the database answers. */
export const LateDesk = () => <Desk />
