import type { Release } from '@/core/mix/solve'
import type { Aim } from '@/core/case/applications'

export const en = {
  title: 'Several products together',
  lead: 'Whole bags, shared over the areas so that every need is met as nearly as they allow.',
  scope: 'Bags shared by',
  allAreas: (count: number) => `all ${count} fed areas`,
  oneArea: 'this area only',
  aims: 'Work out',
  aim: {
    cheapest: 'the cheapest',
    fewest: 'the fewest products',
    single: 'the nearest single product',
    organic: 'organic only',
    'no-phosphorus': 'without phosphorus',
    shed: 'from the shed alone',
  } satisfies Record<Aim, string>,
  needsPrices: 'The cheapest needs prices: type them on the Shelf.',
  start: 'Work it out',
  again: 'Work it out again',
  working: (aim: string) => `Working out ${aim}`,
  cancel: 'Cancel',
  cancelled: 'Stopped. What was found before stays below.',
  failed:
    'No mix could be worked out: the solver did not start in this browser. The single products are there as before.',
  changed: 'The amounts have changed since: work it out again.',
  nothing: (aim: string) => `There is nothing to choose from for ${aim}.`,
  bags: (count: number, bag: string, name: string) => `${count} × ${bag} ${name}`,
  fromShed: (lb: string, name: string) => `${lb} of ${name} from the shed`,
  both: (names: readonly string[]) => names.join(', also '),
  once: 'once',
  buyNothing: 'Nothing to buy.',
  cost: (sum: string) => `${sum} for the whole job`,
  costPart: (sum: string, many: number) =>
    `${sum}, and ${many === 1 ? 'one product whose price is' : `${many} products whose prices are`} not known`,
  costUnknown: 'What it costs is not known: no prices on the Shelf.',
  left: (lb: string, name: string) => `${lb} ${name}`,
  leftOver: (what: string) => `Left over: ${what}.`,
  met: 'Every need is met within the tolerance.',
  short: (nutrient: string, area: string, lb: string, percent: string) =>
    `${nutrient} on ${area} stays ${lb} short (${percent}).`,
  over: (nutrient: string, area: string, lb: string, percent: string) =>
    `${nutrient} on ${area} comes ${lb} over${percent && ` (${percent})`}.`,
  freed: {
    'second-product': 'Two products would meet more of it.',
    buying: 'Buying something would meet more of it.',
    'any-product': 'Products that this leaves out would meet more of it.',
  } satisfies Record<Release, string>,
  widen: (percent: string) => `It would fit if ${percent} off were allowed.`,
  noPhosphate: (lb: string) => `Phosphate is left out: ${lb} wanted.`,
  gap: (percent: string) => `The best found in the time allowed: at most ${percent} better is possible.`,
  replaces: (areas: string) => `Taking one lets go what the mix before it puts on ${areas}.`,
  take: 'Take this',
  taken: 'The mix of this case',
  takenLead: 'These go on together, under the caps that hold for all of them.',
  drop: 'Let the mix go',
  stale:
    'Needs, crop, size or shed have changed since this mix was taken. Nothing of it is put on or stands in the letter.',
  changedFrom: (area: string, nutrient: string, before: string, now: string) =>
    `${area}, ${nutrient}: it was ${before}, and is ${now} now.`,
  gone: (lb: string, name: string) => `${lb} of ${name} that it counted on are no longer in the shed.`,
  unknown: 'not known',
  noneNeeded: 'none',
  weighed: (unpriced: number) =>
    `Weighed: what is spent, how far each need is missed, and the number of products. Nitrogen may fall 10 % short or go 15 % over, phosphate and potash 25 % over; nothing that is barred here is used.${
      unpriced > 0 ? ` ${unpriced} products without a price on the Shelf are left out.` : ''
    }`,
  picture: (area: string, nutrient: string, words: string) => `${area}, ${nutrient}: ${words}`,
  percent: (share: number) => `${Math.round(share * 100)} %`,
  ofNeed: (percent: string) => `${percent} of what is needed`,
  notWanted: (lb: string) => `${lb}, none wanted`,
  notKnown: (lb: string) => `${lb}, need not known`,
  none: 'none wanted',
  area: 'Area',
  product: 'Product',
  amount: 'In all',
  atATime: 'At a time',
  when: 'When',
} as const
