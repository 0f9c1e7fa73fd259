import type { Size } from '../ground/sized'
import { openPasses, type Plan } from '../plan/plan'
import { leftIn } from '../passes/job'
import { passesOf, type Pass, type Treatment } from '../passes/pass'
import { halfEachWay, needsSand, sharesOf, type Share } from '../passes/portions'
import type { Day } from '../passes/program/day'
import type { CautionId } from '../told/keys'
import type { Sentence } from '../told/sentence'
import type { Derived } from '../workings'

/** One pass on one card, as whoever puts it on needs it in the hand. */
export interface Card {
  readonly key: string
  readonly area: string
  readonly size: Size | null
  readonly pass: Pass
  /** How many there are of it. */
  readonly of: number
  readonly day: Day | null
  readonly once: Treatment['once']
  readonly bagLb: number | null
  readonly withSand: boolean
  /** It lies under standing plants, and their mulch goes back on it. */
  readonly underPlants: boolean
  /** What goes each way over the ground, where it does. */
  readonly half: Derived | null
  readonly shares: readonly Share[]
  /** What belongs to it, the most harmful first. */
  readonly cautions: readonly Sentence[]
}

/** Passes of one thing beyond these are counted on the card, and have none of their own. */
const mostCards = 12

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
  areas.flatMap((ofArea) => {
    const { name, found } = ofArea
    const { answer, size, use } = found
    if (!answer) return []
    const { portions, cautions } = answer
    const days = new Map(openPasses(ofArea).map(({ pass, day }) => [pass.key, day]))
    return leftIn(ofArea).flatMap((treatment): Card[] => {
      if (!treatment.product) return []
      const { once, bagLb, passes, need } = treatment
      return passesOf(treatment)
        .slice(0, mostCards)
        .map((pass) => ({
          key: pass.key,
          area: name,
          size: size.ok ? size.value : null,
          pass,
          of: treatment.numbers?.at(-1) ?? passes?.count ?? 1,
          day: days.get(pass.key) ?? null,
          once,
          bagLb,
          withSand: needsSand(pass.amount, portions),
          underPlants: use === 'planting',
          half: halfEachWay(pass.amount, use) ?? null,
          shares: sharesOf(pass.amount, portions),
          cautions: cautions.filter((one) => belongs(one, need)),
        }))
    })
  })
