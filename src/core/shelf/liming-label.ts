import { accept, refuse, say, type Outcome, type Sentence } from '../sentence/sentence'
import { number, priceOf, read, readBag, weightOf, without } from './bag'
import { limeScales } from '../report/lime-scales'
import type { Product } from './product'
import type { SoldBag } from './shelf'

/** What a label says of a lime or a sulfur. */
export type LimingLabel = LimeLabel | SulfurLabel

interface Labelled {
  readonly bag: Pick<SoldBag, 'lb' | 'price'> | null
  /** What was understood otherwise than it stands there. */
  readonly remarks: readonly Sentence[]
}

export interface LimeLabel extends Labelled {
  readonly kind: 'lime'
  readonly stone: 'calcitic' | 'dolomitic'
  /** Share of the weight that acts like pure fine CaCO₃. */
  readonly effectiveness: number
  readonly beginsInMonths: number
}

export interface SulfurLabel extends Labelled {
  readonly kind: 'sulfur'
  /** lb of elemental S in a lb. */
  readonly strength: number
  readonly powder: boolean
}

/** Pure burnt lime of magnesium is worth no more; what is worth less is no lime. */
const [leastWorth, mostWorth] = [0.05, 1.78]
const leastSulfur = 5
/** Months until it begins to tell, by how it was made. Source: common practice. */
const beginsIn = { pulverized: 1, pelletized: 3, ground: 6 } as const
/** lb a cup where nobody weighed one. Source: common practice. */
const usualDensity = { lime: 0.65, sulfur: 0.6 } as const
const usualBag = { lime: 40, sulfur: 50 } as const

const value = new RegExp(
  String.raw`${number}\s*(?:%|lbs?\s*/\s*ton|lbs? per ton)?\s*(CCE|ECCE|effective|ENP|ENM)\b`,
  'i',
)
const strength = new RegExp(String.raw`${number}\s*%`)

/** A label of lime or sulfur; undefined where it is of neither. */
export function limingLabel(text: string): Outcome<LimingLabel> | undefined {
  if (/\d\s*-\s*\d/.test(text)) return undefined
  if (/\blime(?:stone)?\b/i.test(text)) return limeLabel(text)
  return /\b(?:sulfur|sulphur|acidifier)\b/i.test(text) ? sulfurLabel(text) : undefined
}

function limeLabel(text: string): Outcome<LimeLabel> {
  const found = value.exec(text)
  if (!found) return refuse('label.lime-worth')
  const scale = found[2]!.toLowerCase()
  const worth = read(found[1]!) * (scale === 'enp' || scale === 'enm' ? limeScales[scale].each : 1 / 100)
  if (!(worth >= leastWorth && worth <= mostWorth)) return refuse('label.lime-range', { text: found[0] })
  const rest = bagIn(
    without(text, found[0]),
    /\b(?:lime(?:stone)?|pelletized|pulverized|ground|agricultural|ag|calcitic|dolomitic)\b/gi,
  )
  if (!rest.ok) return rest
  const made = /pulverized/i.test(text)
    ? 'pulverized'
    : /\b(?:ground|agricultural|ag)\b/i.test(text)
      ? 'ground'
      : 'pelletized'
  return accept({
    kind: 'lime',
    stone: /dolomitic/i.test(text) ? 'dolomitic' : 'calcitic',
    effectiveness: worth,
    beginsInMonths: beginsIn[made],
    bag: rest.value,
    remarks: scale === 'cce' ? [say('label.cce-fine')] : [],
  })
}

function sulfurLabel(text: string): Outcome<SulfurLabel> {
  const found = strength.exec(text)
  if (!found) return refuse('label.sulfur-strength')
  const percent = read(found[1]!)
  if (!(percent >= leastSulfur && percent <= 100)) return refuse('label.sulfur-range', { percent })
  const rest = bagIn(
    without(text, found[0]),
    /\b(?:soil|elemental|sulfur|sulphur|acidifier|prills?|powder|pelletized|granular)\b/gi,
  )
  return rest.ok
    ? accept({
        kind: 'sulfur',
        strength: percent / 100,
        powder: /\bpowder\b/i.test(text),
        bag: rest.value,
        remarks: [],
      })
    : rest
}

/** The bag that is left of a label without its words; null where it names none. */
function bagIn(text: string, words: RegExp): Outcome<LimingLabel['bag']> {
  const left = text
    .replace(words, ' ')
    .replace(/[,;.](?!\d)/g, ' ')
    .trim()
  if (left === '') return accept(null)
  return weightOf.test(left) || priceOf.test(left) ? readBag(left) : refuse('label.unread', { text: left })
}

/**
 * A lime or sulfur of the office's own, as its label reads.
 *
 * @param lbPerCup weighed, lb; undefined where nobody did
 */
export const productOfLiming = (id: string, name: string, label: LimingLabel, lbPerCup?: number): Product => ({
  id,
  version: 1,
  label: { en: name },
  lbPerCup: lbPerCup ?? usualDensity[label.kind],
  bagLb: label.bag?.lb ?? usualBag[label.kind],
  source: 'practice',
  ...(label.kind === 'lime'
    ? {
        liming: {
          stone: label.stone,
          effectiveness: label.effectiveness,
          beginsInMonths: label.beginsInMonths,
          labelled: true,
        },
      }
    : { acidifying: { strength: label.strength, ...(label.powder && { powder: true }) } }),
})
