import type { Size } from '../ground/sized'
import type { Plan } from '../plan/plan'
import type { CautionSaid } from '../told/cautions'
import { passesIn, type LetterPass } from './letter'

/** One pass on one card, with what belongs to it. */
export interface Card extends LetterPass {
  readonly area: string
  readonly size: Size | null
  /** The most harmful first. */
  readonly cautions: readonly CautionSaid[]
}

/** Whether a caution has to do with what is put on. */
function belongs({ about }: CautionSaid, need: string): boolean {
  if (about === undefined || about === 'lead' || about === 'salts' || about === 'mix') return true
  if (need === 'lime' || need === 'sulfur') return about === need || about === 'both'
  return about === 'feeding'
}

/** Every pass of a plan that is still to be put on as a product, a card each. */
export const cardsOf = ({ areas }: Plan): readonly Card[] =>
  areas.flatMap((plan) => {
    const { name, found } = plan
    const { answer, size } = found
    if (!answer) return []
    return passesIn({ ...plan, found: { ...found, answer } }).flatMap((one): Card[] => {
      if (!one.pass.product) return []
      const cautions = answer.cautions.filter((caution) => belongs(caution, one.pass.need))
      return [{ ...one, area: name, size: size.ok ? size.value : null, cautions }]
    })
  })
