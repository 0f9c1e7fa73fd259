import { expose } from 'comlink'
import type { Case } from '../core/case/case'
import { effectsOn, type Effect } from '../core/compare/effects'
import type { Guide } from '../core/guides/guide'
import type { Product } from '../core/shelf/product'
import { seldom } from './in-worker'

const work = {
  effects: (
    cases: readonly Case[],
    from: string,
    to: Guide,
    guides: readonly Guide[],
    products: readonly Product[],
    onProgress: (share: number) => void,
  ): readonly Effect[] => {
    const told = seldom(onProgress)
    return cases.flatMap((kase, i) => {
      told(i / cases.length)
      return effectsOn(kase, from, to, guides, products)
    })
  },
}

export type EffectsWork = typeof work

expose(work)
