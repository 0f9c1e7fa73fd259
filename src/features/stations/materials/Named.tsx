'use client'

import { inSeason, type AreaInSeason } from '@/core/case/in-season'
import { groupOf, type HouseChoice, type Part } from '@/core/bags/house'
import type { AreaRecommendation } from '@/core/recommend'
import { housed } from '@/core/shelf/house'
import { productRef } from '@/core/shelf/product'
import { Button } from '@/ui/Button'
import { productWords, weight } from '@/wording/format'
import { groupWords } from '@/wording/interface/house'
import { useOpenCase } from '../../case/context'
import { useLocal, useProducts } from '../../case/useCase'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { Balances } from './Balances'
import { chooseFertilizer } from './choose'
import { en } from './messages'

interface Props {
  area: AreaInSeason
  found: AreaRecommendation
  named: HouseChoice
  /** Beside what was chosen, of which it meets the rest. */
  beside: boolean
}

/** What was named for an area, why, and what comes next to it; each in its place with one click. */
export function Named({ area, found, named, beside }: Props) {
  const { kase } = useOpenCase()
  const [products, { house }] = [useProducts(), useLocal()]
  const { answer, crop } = found
  if (!answer || !crop) return null
  const group = groupOf({ crop, settings: area })
  const count = housed(house, group, products).length
  const unasked = named.supplies.some(({ nutrient, wanted }) => nutrient === 'P₂O₅' && wanted === 'none')
  const bare = named.products.every(({ material }) => material.feeding.grade['P₂O₅'] === 0)
  return (
    <section aria-label={en.named} className="bg-wash mt-2 mb-4 rounded-[3px] px-4 py-3">
      <h3 className="text-ink-2 text-[14.5px] font-semibold">{beside ? en.namedBeside : en.named}</h3>
      {named.products.map(({ material, amount, passes }) => (
        <p key={productRef(material)} className="font-serif text-xl">
          {productWords(material)}: <Figure of={weighed(amount, kase.measures)} />
          <span className="text-[16px]">{passes.count > 1 ? `, ${en.applications(passes.count)}` : ''}</span>
        </p>
      ))}
      <Balances supplies={named.supplies} />
      <p className="text-ink-2 mt-1 text-[14.5px]">
        {en.namedWhy(count, groupWords[group])} {unasked && bare && en.noPhosphorus}
      </p>
      {named.next.length > 0 && !beside && (
        <>
          <h3 className="mt-3 text-[14.5px] font-semibold">{en.nextBest}</h3>
          <ul className="mt-1 grid gap-1.5 text-[15px]">
            {named.next.map((parts) => (
              <Next key={parts[0]!.material.id} parts={parts} area={area} found={found} />
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

/** Another way to meet the same, for this area or for all that are fed alike. */
function Next({ parts, area, found }: { parts: readonly Part[]; area: AreaInSeason; found: AreaRecommendation }) {
  const { kase, recommendation, edit } = useOpenCase()
  const [lead] = parts
  const group = groupOf({ crop: found.crop!, settings: area })
  const seasonOf = (areaId: string) =>
    inSeason(
      kase.areas.find(({ id }) => id === areaId)!,
      kase.season,
    )
  const alike = recommendation.areas.filter(
    ({ areaId, crop, answer }) => crop && answer && groupOf({ crop, settings: seasonOf(areaId) }) === group,
  )
  const use = (areaIds: readonly string[]) => edit(chooseFertilizer(areaIds, productRef(lead!.material), lead!.meets))
  const names = parts.map(({ material, lb }) => `${productWords(material)}, ${weight(lb, kase.measures)}`).join('; ')
  return (
    <li className="flex flex-wrap items-baseline gap-x-4">
      <span>{names}</span>
      <Button
        kind="text"
        aria-label={`${en.useInstead}: ${productWords(lead!.material)}`}
        onClick={() => use([area.id])}
      >
        {en.useInstead}
      </Button>
      {alike.length > 1 && (
        <Button
          kind="text"
          aria-label={`${en.useOnAll(alike.length)}: ${productWords(lead!.material)}`}
          onClick={() => use(alike.map(({ areaId }) => areaId))}
        >
          {en.useOnAll(alike.length)}
        </Button>
      )}
    </li>
  )
}
