import { proxy } from 'comlink'
import type { MixProblem } from '../core/mix/problem'
import type { Solution } from '../core/mix/solve'
import type { Aim } from '../core/case/applications'
import { inWorker } from './in-worker'
import type { MixWork } from './mix.worker'
import { watchedWorker } from './watched-worker'

/** Solves for mixes off the page; each is told as it is found. Aborting ends it at once. */
export const solveInWorker = (
  problem: MixProblem,
  aims: readonly Aim[],
  onFound: (aim: Aim, found: Solution | null) => void,
  signal: AbortSignal,
): Promise<undefined> =>
  inWorker<MixWork, undefined>(
    watchedWorker(new Worker(new URL('./mix.worker.ts', import.meta.url), { type: 'module' })),
    async (work) => {
      await work.solve(problem, aims, proxy(onFound))
      return undefined
    },
    signal,
  )
