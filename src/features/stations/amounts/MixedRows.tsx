'use client'

import { isStale } from '@/core/mix/standing'
import type { TakenMix } from '@/core/bags/taken'
import type { AreaRecommendation } from '@/core/recommend'
import { productRef } from '@/core/shelf/product'
import { Button } from '@/ui/Button'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { ProductRow } from './ProductRow'
import { Row } from './Row'
import { en } from './messages'

/** The products of the mix as they are scooped; of one that no longer stands, only that it does not. */
export function MixedRows({ mixed, found }: { mixed: TakenMix; found: AreaRecommendation }) {
  const { kase, recommendation, go } = useOpenCase()
  const stale = isStale(kase, recommendation, useProducts())
  if (stale || mixed.barred.length > 0)
    return (
      <Row stuff="product" name={en.fertilizer} detail={en.mix}>
        <p className="text-clay font-semibold">
          {stale ? en.mixStale : mixed.barred.map((one) => render(one)).join(' ')}
        </p>
        <Button kind="act" className="mt-1" onClick={() => go('materials')}>
          {en.mixAgain}
        </Button>
      </Row>
    )
  return mixed.products.map((one) => (
    <ProductRow
      key={productRef(one.material)}
      need={productRef(one.material)}
      {...one}
      bagLb={one.material.bagLb}
      note={en.inMix}
      found={found}
    />
  ))
}
