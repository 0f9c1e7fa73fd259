import type { Crop } from '../guides/crop'
import { refuse, accept, say, type Outcome, type Sentence } from '../sentence/sentence'
import { gypsumPerMeqSodium } from '../units/factors'
import type { Conductivity, SaltMethod } from '../units/quantity'
import { quantity } from '../units/quantity'
import { derive, given, type Derived } from '../units/workings'
import type { ReadReport } from './soil'

/** Bands of the saturated paste, dS/m; a bound belongs to the lower band. Source: USDA Handbook 60, recalled. */
export const saltBands = [
  { upTo: 2, name: 'negligible' },
  { upTo: 4, name: 'very-sensitive' },
  { upTo: 8, name: 'many-crops' },
  { upTo: 16, name: 'only-tolerant' },
  { upTo: Infinity, name: 'very-few' },
] as const
export type SaltBand = (typeof saltBands)[number]['name']

const methodOf = (salts: Conductivity) => salts.of.split(', ')[1] as SaltMethod

/**
 * The band of a conductivity. Only the saturated paste has these bands: a 1:1, 1:2, pour-through or media reading is
 * refused, since each reads otherwise.
 *
 * @param salts dS/m of a named extract
 */
export function saltBand(salts: Conductivity): Outcome<SaltBand> {
  const method = methodOf(salts)
  if (method !== 'saturated-paste') return refuse('salts.not-paste', { method })
  return accept(saltBands.find(({ upTo }) => salts.v <= upTo)!.name)
}

/** What the salts mean for this crop: against its own threshold where one is tabled. */
export function saltMeaning(salts: Conductivity, band: SaltBand, { salts: bears, label }: Crop): Sentence {
  if (bears)
    return say(salts.v > bears.upTo ? 'salts.above-crop' : 'salts.within-crop', { upTo: bears.upTo, crop: label })
  return say(`salts.${band}`)
}

/** Bounds from which ground is called sodic. Source: USDA Handbook 60, recalled. */
export const sodicFrom = { esp: 15, sar: 13, pHAbove: 8.5 } as const

export interface Sodium {
  /** Exchangeable sodium percentage. */
  readonly esp?: Derived<'% of the exchange'>
  readonly sar?: number
  readonly sodic: boolean
  /** Gypsum that would replace all of it. */
  readonly gypsum?: Derived<'tons gypsum/acre-foot'>
}

/**
 * Whether the ground is sodic: exchangeable sodium from 15 % of the CEC, adsorption ratio from 13, or pH above 8.5.
 * Gypsum: 1.72 tons an acre-foot for each meq Na/100 g (half its formula mass is 86.1 g; 4,000,000 lb of soil).
 */
export function sodium(read: ReadReport): Sodium {
  const na = read.bases.find(({ base }) => base === 'Na')
  const { sar } = read
  const meq = na && given(quantity(na.meq, 'meq Na/100 g'), say('report.sodium'), 'reported')
  const esp =
    meq && read.soil.cec
      ? derive(
          '% of the exchange',
          'sodium / cec * 100',
          { sodium: meq, cec: given(read.soil.cec, say('report.cec'), 'reported') },
          say('salts.esp'),
          'chemistry',
        )
      : undefined
  const gypsum =
    meq &&
    derive(
      'tons gypsum/acre-foot',
      'each * sodium',
      {
        sodium: meq,
        each: given(
          quantity(gypsumPerMeqSodium, 'tons gypsum/acre-foot per meq'),
          say('salts.gypsum-each'),
          'chemistry',
        ),
      },
      say('salts.gypsum'),
      'chemistry',
    )
  const sodic =
    (esp !== undefined && esp.value.v >= sodicFrom.esp) ||
    (sar !== undefined && sar >= sodicFrom.sar) ||
    (read.soil.pH !== undefined && read.soil.pH.v > sodicFrom.pHAbove)
  return { esp, sar, sodic, gypsum }
}
