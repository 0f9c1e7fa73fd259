'use client'

import type { Answer, AreaRecommendation } from '@/core/recommend'
import { Button } from '@/ui/Button'
import { productWords } from '@/wording/format'
import { render } from '@/wording/render'
import { useOpenCase } from '../../case/context'
import { ProductRow } from './ProductRow'
import { Row, Under } from './Row'
import { en } from './messages'

interface Props {
  fertilizer: NonNullable<Answer['fertilizer']>
  found: AreaRecommendation
}

/** The chosen fertilizer as it is scooped. */
export function FertilizerRow({ fertilizer, found }: Props) {
  const { go } = useOpenCase()
  const { material, mix, bagLb } = fertilizer
  if (!mix.ok)
    return (
      <Row stuff="product" name={en.fertilizer} detail={productWords(material)}>
        <Under>{render(mix.refusal)}</Under>
        <Button className="mt-1" onClick={() => go('materials')}>
          {en.choose}
        </Button>
      </Row>
    )
  const { amount, rate, passes, meets, cut, barred } = mix.value
  return (
    <ProductRow
      need="fertilizer"
      material={material}
      bagLb={bagLb}
      amount={amount}
      rate={rate}
      passes={passes}
      note={en.toMeet(en.nutrient[meets].toLowerCase())}
      found={found}
    >
      {cut && <Under>{render(cut)}</Under>}
      {barred.map((sentence) => (
        <p key={sentence.key} className="text-clay mt-1 font-semibold">
          {render(sentence)}
        </p>
      ))}
    </ProductRow>
  )
}
