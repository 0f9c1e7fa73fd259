import type { Size } from '../ground/sized'
import type { Plan } from '../plan/plan'
import type { Pass } from '../passes/pass'
import type { Nutrition, Product } from '../shelf/product'
import type { CautionSaid, Holding } from '../told/cautions'
import { passesIn, type LetterPass } from './letter'

/** One pass on one card, with what belongs to it. */
export interface Card extends LetterPass {
  readonly area: string
  readonly size: Size | null
  /** The most harmful first. */
  readonly cautions: readonly CautionSaid[]
}

const holds: Readonly<Record<Holding, (feeding: Nutrition) => boolean>> = {
  nitrogen: ({ grade }) => grade.N > 0,
  phosphorus: ({ grade }) => grade['P₂O₅'] > 0,
  chloride: ({ chloride }) => chloride,
  boron: ({ also }) => (also?.B ?? 0) > 0,
  copper: ({ also }) => (also?.Cu ?? 0) > 0,
}

/**
 * Whether a caution has to do with what is put on. One about what a product holds stands with those that hold it; where
 * none on the area does, with all that feed.
 */
function belongs({ about }: CautionSaid, { need, product }: Pass, others: readonly LetterPass[]): boolean {
  if (about === undefined || about === 'lead' || about === 'salts' || about === 'mix') return true
  if (need === 'lime' || need === 'sulfur') return about === need || about === 'both'
  if (about === 'feeding') return true
  if (about === 'lime' || about === 'sulfur' || about === 'both') return false
  const isOf = (one: Product | null) => one?.feeding !== undefined && holds[about](one.feeding)
  return isOf(product) || !others.some(({ pass }) => isOf(pass.product))
}

/** Every pass of a plan that is still to be put on as a product, a card each. */
export const cardsOf = ({ areas }: Plan): readonly Card[] =>
  areas.flatMap((plan) => {
    const { name, found } = plan
    const { answer, size } = found
    if (!answer) return []
    const passes = passesIn({ ...plan, found: { ...found, answer } })
    return passes.flatMap((one): Card[] => {
      if (!one.pass.product) return []
      const cautions = answer.cautions.filter((caution) => belongs(caution, one.pass, passes))
      return [{ ...one, area: name, size: size.ok ? size.value : null, cautions }]
    })
  })
