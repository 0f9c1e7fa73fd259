import { isApplied, type Need } from '../needs/need'
import { capOf, rowCaps } from '../needs/nutrients/majors'
import type { Feeding } from '../needs/nutrients/method'
import type { Fertilizer } from '../shelf/product'
import { say } from '../sentence/sentence'
import { majorNutrients, type MajorNutrient } from '../units/quantity'
import type { Derived } from '../units/workings'
import { noCap, split, splitInRows, uncapped, type Cap, type Passes } from '../needs/split'

/** A fertilizer as it goes on this ground, with how much of its nitrogen is slow, as a share. */
export interface Spread {
  readonly material: Fertilizer
  readonly slow: number
  readonly amount: Derived<'lb product'>
  readonly rate: Derived<'lb product/1000 ft²'>
}

/** lb of each nutrient, and of the nitrogen that is quick, for one lb of a product, all that goes on with it counted. */
type Loads = Readonly<Record<MajorNutrient | 'quick N', number>>

/** What of a nutrient a cap weighs: on turf the labelled nitrogen, elsewhere what feeds in the first year. */
function loads(of: Spread, together: readonly Spread[], lawn: boolean): Loads {
  // Of next to nothing there is no share.
  const perPound = (one: Spread) => (one === of ? 1 : of.rate.value.v > 0 ? one.rate.value.v / of.rate.value.v : 0)
  const sum = (share: (one: Spread) => number) => together.reduce((total, one) => total + share(one) * perPound(one), 0)
  const nitrogen = ({ material: { feeding } }: Spread) => (feeding.grade.N / 100) * (lawn ? 1 : feeding.firstYearN)
  const labelled = (nutrient: 'P₂O₅' | 'K₂O') => sum(({ material }) => material.feeding.grade[nutrient] / 100)
  return {
    N: sum(nitrogen),
    'quick N': sum((one) => nitrogen(one) * (1 - one.slow)),
    'P₂O₅': labelled('P₂O₅'),
    'K₂O': labelled('K₂O'),
  }
}

/**
 * The passes of a fertilizer by itself, or of one of several that go on together: every nutrient that it carries has its
 * cap, which binds all that is put on in that pass, and the strictest holds. On turf those on the quick part of the
 * nitrogen, on all of it where some is slow, on phosphate and on potash; elsewhere those of the ground, of nitrogen on
 * what of it is quick.
 *
 * @param together all that goes on with it, itself included
 * @param lead the need whose windows it follows
 * @param of what the passes are named by
 */
export function fertilizerPasses(
  spread: Spread,
  together: readonly Spread[],
  lead: Need<MajorNutrient> | undefined,
  feeding: Feeding,
  of: string,
): Passes<'product'> {
  const lawn = feeding.crop.use === 'lawn'
  const carried = loads(spread, together, lawn)
  if (lawn) return split('product', spread.amount, spread.rate, turfCap(spread, carried, feeding), of)
  const windows = isApplied(lead) ? lead.passes.dressings.flatMap(({ window }) => window ?? []) : []
  const cap = strictest(spread, carried, feeding, lead)
  const rows = lead?.of === 'N' && windows.length > 1 ? rowCaps(feeding) : undefined
  if (!rows) return split('product', spread.amount, spread.rate, cap, of, windows)
  const quick = carried['quick N']
  const beside = {
    ...rows.beside,
    perPass: Math.min(cap.perPass, quick > 0 ? rows.beside.perPass / quick : uncapped),
  }
  // Each once: the need may broadcast more often than its bag.
  const asked = [...new Map(windows.map((window) => [window.id, window])).values()]
  const caps = { planting: cap, beside, once: rows.once }
  return splitInRows('product', spread.amount, spread.rate, caps, of, asked)
}

/** The cap on one pass, lb of product per 1,000 ft², by the nutrient that reaches its own first. */
function strictest({ material }: Spread, carried: Loads, feeding: Feeding, lead: Need<MajorNutrient> | undefined): Cap {
  const caps = majorNutrients.flatMap((nutrient) => {
    const load = carried[nutrient === 'N' ? 'quick N' : nutrient]
    const cap =
      isApplied(lead) && nutrient === lead.of && !lead.passes.firsts ? lead.passes.cap : capOf(nutrient, feeding)
    return material.feeding.grade[nutrient] > 0 && load > 0 && cap.perPass < uncapped
      ? [{ ...cap, perPass: cap.perPass / load }]
      : []
  })
  const [first] = caps.sort((a, b) => a.perPass - b.perPass)
  return first ?? { ...(isApplied(lead) ? lead.passes.cap : noCap), perPass: uncapped }
}

function turfCap({ material }: Spread, carried: Loads, { guide, settings }: Feeding): Cap {
  const { turf } = guide.limits
  const slow = carried.N > 0 ? 1 - carried['quick N'] / carried.N : 0
  const nitrogen = Math.min(
    slow < 1 ? turf.perPass.N / (1 - slow) : Infinity,
    slow <= 0 ? Infinity : slow >= 0.5 ? turf.mostlySlowPerPass : turf.slowPerPass,
  )
  // A new lawn's phosphate and potash are worked in at once.
  const others = settings.newLawn ? { 'P₂O₅': uncapped, 'K₂O': uncapped } : turf.perPass
  const most = { ...others, N: nitrogen }
  const allowed = majorNutrients
    .filter((nutrient) => material.feeding.grade[nutrient] > 0)
    .map((nutrient) => most[nutrient] / carried[nutrient])
  return {
    perPass: Math.min(uncapped, ...allowed),
    interval: { days: slow > 0 ? turf.slowDaysApart : turf.daysApart },
    rule: say(slow > 0 ? 'cap.turf-slow' : 'cap.turf-product'),
  }
}
