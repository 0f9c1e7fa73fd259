import { proxy } from 'comlink'
import type { Case } from '../core/case/case'
import type { Effect } from '../core/compare/effects'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import type { EffectsWork } from './effects.worker'
import { inWorker } from './in-worker'
import { watchedWorker } from './watched-worker'

/** What another guide would change in all these cases, off the page. Aborting ends it at once. */
export const effectsInWorker = (
  cases: readonly Case[],
  from: string,
  to: Guide,
  guides: readonly Guide[],
  products: readonly Product[],
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<readonly Effect[]> =>
  inWorker<EffectsWork, readonly Effect[]>(
    watchedWorker(new Worker(new URL('./effects.worker.ts', import.meta.url), { type: 'module' })),
    async (work) => await work.effects(cases, from, to, guides, products, proxy(onProgress)),
    signal,
  )
