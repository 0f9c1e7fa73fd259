import type { Size } from '../ground/sized'
import type { Plan } from '../plan/plan'
import type { CautionId } from '../told/keys'
import type { Sentence } from '../told/sentence'
import { passesIn, type LetterPass } from './letter'

/** One pass on one card, with what belongs to it. */
export interface Card extends LetterPass {
  readonly area: string
  readonly size: Size | null
  /** The most harmful first. */
  readonly cautions: readonly Sentence[]
}

const caution = (ids: readonly CautionId[]): ReadonlySet<string> => new Set(ids.map((id) => `caution.${id}`))
const ofLime = caution(['caustic-lime', 'lime-dust', 'wood-ash', 'beyond-range', 'organic-soil'])
const ofSulfur = caution(['sulfur-dust', 'sulfur-overshoot', 'sulfur-wet-cold', 'aluminum', 'free-lime'])
const ofBoth = caution(['never-both', 'own-laboratory'])
const ofFeeding = caution([
  'ammonium-nitrate',
  'borax',
  'copper',
  'manure-food',
  'sewage',
  'nitrate-wells',
  'weed-killer',
  'carry-over',
  'quick-burns',
  'muriate-heat',
  'ammonium-only',
  'P-over',
  'P-rule',
  'dogs-meal',
  'dormant',
])

/** Whether a caution has to do with what is put on; one that nobody told apart goes with everything. */
function belongs({ key }: Sentence, need: string): boolean {
  if (need === 'lime') return !ofSulfur.has(key) && !ofFeeding.has(key)
  if (need === 'sulfur') return !ofLime.has(key) && !ofFeeding.has(key)
  return !ofLime.has(key) && !ofSulfur.has(key) && !ofBoth.has(key)
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
