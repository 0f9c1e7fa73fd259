'use client'

import { late } from '../../shared/late/late'
import { viewAsked } from './stations'

const page = import('./CasePage')
// The station that is asked for comes beside it.
if (typeof window !== 'undefined')
  viewAsked(new URLSearchParams(window.location.search).get('station'))
    .load()
    .catch(() => undefined)
const CasePage = late(() => page.then((found) => found.CasePage))

/** The page's own script is asked for by the first one, and comes beside it: nothing is shown before the database answers. */
export const LateCasePage = () => <CasePage />
