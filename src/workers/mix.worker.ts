import { expose } from 'comlink'
import type { MixProblem } from '../core/mix/problem'
import { mixesOf, type Solution } from '../core/mix/solve'
import type { Aim } from '../core/case/applications'
import { highsSolver } from './highs'

/** One aim after the other, each handed over when it is found; null where it has nothing to choose from. */
const work = {
  solve: async (
    problem: MixProblem,
    aims: readonly Aim[],
    onFound: (aim: Aim, found: Solution | null) => void | Promise<void>,
  ): Promise<void> => {
    const mix = mixesOf(problem, await highsSolver())
    for (const aim of aims) await onFound(aim, mix(aim))
  },
}

export type MixWork = typeof work

expose(work)
