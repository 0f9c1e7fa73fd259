'use client'

import { fedWith, namedFrom } from '@/core/bags/chosen'
import { houseKey } from '@/core/bags/house'
import { isStale } from '@/core/mix/standing'
import { majorsOf } from '@/core/needs/need'
import type { Answer, AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { useOpenCase } from '../../case/context'
import { useProducts } from '../../case/useCase'
import { FertilizerRow } from './FertilizerRow'
import { MixedRows } from './MixedRows'
import { ProductRow } from './ProductRow'
import { Row, Under } from './Row'
import { en } from './messages'

/** What feeds the area, as it is scooped: what was chosen, and what is named where nothing was or something is left short. */
export function Fertilizers({ answer, found }: { answer: Answer; found: AreaRecommendation }) {
  const { kase, recommendation, go } = useOpenCase()
  const products = useProducts()
  const fed = fedWith(answer, answer.mixed !== null && isStale(kase, recommendation, products))
  const named = fed.named?.products ?? []
  const nothing = !answer.mixed && !answer.fertilizer && named.length === 0
  return (
    <>
      {answer.mixed ? (
        <MixedRows mixed={answer.mixed} found={found} />
      ) : (
        answer.fertilizer && <FertilizerRow fertilizer={answer.fertilizer} found={found} />
      )}
      {named.map(({ meets, ...one }, i) => (
        <ProductRow
          key={one.material.id}
          need={houseKey(i + namedFrom(fed))}
          {...one}
          bagLb={one.material.bagLb}
          note={en.toMeet(en.nutrient[meets].toLowerCase())}
          found={found}
        >
          <p className="text-ink-2 mt-1 text-[14.5px]">
            {en.named}{' '}
            {i === 0 && (
              <Button kind="text" onClick={() => go('materials')}>
                {en.chooseAnother}
              </Button>
            )}
          </p>
        </ProductRow>
      ))}
      {nothing && majorsOf(answer).some((need) => need.outcome === 'apply') && (
        <Row stuff="product" name={en.fertilizer} detail="">
          <Button kind="act" onClick={() => go('materials')}>
            {en.choose}
          </Button>
          <Under>{en.chooseWhy}</Under>
        </Row>
      )}
    </>
  )
}
