'use client'

import { lazy } from 'react'

const page = import('./CasePage')
const CasePage = lazy(() => page.then((found) => ({ default: found.CasePage })))

/** The page's own script is asked for by the first one, and comes beside it: nothing is shown before the database answers. */
export const LateCasePage = () => <CasePage />
