import type { Supply } from '@/core/bags/supply'
import { majorNutrients } from '@/core/units/quantity'
import { Formula } from '@/ui/Formula'
import { useOpenCase } from '../../case/context'
import { weighed } from '../../case/explained'
import { Figure } from '../../shared/workings/Figure'
import { balance } from './balance'

/** What bags leave of each of the three needs, in a line. */
export function Balances({ supplies }: { supplies: readonly Supply[] }) {
  const { measures } = useOpenCase().kase
  return (
    <p className="mt-1 flex flex-wrap gap-x-5">
      {majorNutrients.map((nutrient) => {
        const supply = supplies.find((one) => one.nutrient === nutrient)!
        return (
          <span key={nutrient}>
            <Formula>{nutrient}</Formula>:{' '}
            <Figure of={weighed(supply.over ?? supply.supplied, measures)}>{balance(supply, measures)}</Figure>
          </span>
        )
      })}
    </p>
  )
}
