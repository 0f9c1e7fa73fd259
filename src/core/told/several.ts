import type { Crop } from '../guides/crop'
import { isHeld, majorsOf, type Need } from '../needs/need'
import type { Reaction } from '../needs/reaction'
import { objection, say, type Objection } from '../sentence/sentence'

interface Answered {
  readonly crop: Crop
  readonly answer: { readonly reaction: Reaction; readonly needs: readonly Need[] }
}

/** Rates that differ by more than this share of the larger are worth a word. Source: common practice. */
const apart = 0.25

/** Where the crops of one area want different things: of the ground's pH, or of a nutrient. */
export function quarrels(grown: readonly Answered[]): readonly Objection[] {
  if (grown.length < 2) return []
  const found: Objection[] = []
  const limed = grown.find(({ answer }) => answer.reaction.outcome === 'lime')
  const sour = grown.find(({ crop, answer }) => answer.reaction.outcome === 'sulfur' || crop.acidRequiring)
  const beyond = limed && grown.find(({ crop }) => crop.pH.high < limed.crop.pH.aim)
  if (limed && sour && limed !== sour)
    found.push(objection('decide', say('several.pH-both', { one: limed.crop.label, other: sour.crop.label })))
  else if (limed && beyond) {
    const [one, other] = [limed.crop, beyond.crop]
    const args = { one: one.label, other: other.label, aim: one.pH.aim, high: other.pH.high }
    found.push(objection('decide', say('several.lime-beyond', args)))
  } else if (!overlap(grown)) found.push(objection('decide', say('several.pH-apart')))
  const [first] = grown
  majorsOf(first!.answer).forEach(({ of: nutrient }, i) => {
    const rates = grown.map(({ answer }) => {
      const need = majorsOf(answer)[i]!
      return need.outcome === 'unknown' || isHeld(need) ? undefined : (need.rate?.value.v ?? 0)
    })
    if (rates.includes(undefined)) return
    const [low, high] = [Math.min(...(rates as number[])), Math.max(...(rates as number[]))]
    if (high - low > apart * high)
      found.push(objection('advisor', say('several.nutrient', { nutrient, low, high, use: first!.crop.use })))
  })
  return found
}

const overlap = (grown: readonly Answered[]): boolean =>
  Math.max(...grown.map(({ crop }) => crop.pH.low)) <= Math.min(...grown.map(({ crop }) => crop.pH.high))
