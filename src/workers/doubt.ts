import type { Case } from '../core/case/case'
import type { Doubts } from '../core/doubt/draws'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import type { DoubtWork } from './doubt.worker'
import { inWorker } from './in-worker'
import { watchedWorker } from './watched-worker'

/** How many draws, and from which seed: the same case shows the same ranges on every machine. */
const how = { draws: 2_000, seed: 20_261_126 } as const

/** Carries the errors of what was measured through to an area's amounts, off the page. Aborting ends it at once. */
export const doubtsInWorker = (
  kase: Case,
  areaId: string,
  guides: readonly Guide[],
  products: readonly Product[],
  signal: AbortSignal,
): Promise<Doubts | null> =>
  inWorker<DoubtWork, Doubts | null>(
    watchedWorker(new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' })),
    (work) => work.doubts(kase, areaId, guides, products, how),
    signal,
  )
