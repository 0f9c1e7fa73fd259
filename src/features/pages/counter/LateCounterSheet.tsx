'use client'

import { late } from '../../shared/late/late'

const page = import('./CounterSheet')
const CounterSheet = late(() => page.then((found) => found.CounterSheet))

/** The page's own script is asked for by the first one, and comes beside it: nothing is shown before the database answers. */
export const LateCounterSheet = ({ bench = false }: { bench?: boolean }) => <CounterSheet bench={bench} />
