'use client'

import { late } from '../../shared/late/late'

const page = import('./CasePage')
const CasePage = late(() => page.then((found) => found.CasePage))

/** The page's own script is asked for by the first one, and comes beside it: nothing is shown before the database answers. */
export const LateCasePage = () => <CasePage />
