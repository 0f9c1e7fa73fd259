import type { Crop } from '../guides/crop'
import { say, type Sentence } from '../sentence/sentence'
import type { Sampled } from './advice'

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()
/** Unknown on either side tells nothing. */
const differ = (a: string | null, b: string | null) => a !== null && a !== '' && b !== null && b !== '' && !same(a, b)
/** Aims further apart than this ask for different lime. Source: common practice. */
const aimsApart = 0.3

/** What of earlier years still tells in the soil. */
const corrected = ({ applied }: Sampled) =>
  new Set(applied.map(({ what }) => what).filter((what) => what !== 'fertilizer'))
const unlike = (a: ReadonlySet<string>, b: ReadonlySet<string>) =>
  a.size !== b.size || [...a].some((one) => !b.has(one))

/** Vegetables change places from year to year, and are managed as one garden. */
const isGarden = ({ use, edible }: Crop) => use === 'bed' && edible

/** Why two areas must not go in one bag; none where they may. One composite is of ground that is managed alike. */
const rules: readonly ((a: Sampled, b: Sampled) => Sentence | undefined | false | null)[] = [
  ({ crop: a }, { crop: b }) => a && b && a.use !== b.use && say('sample.apart-use', { one: a.label, other: b.label }),
  ({ area, crop: a }, { area: other, crop: b }) =>
    a &&
    b &&
    a.use === b.use &&
    area.crop !== other.crop &&
    !(isGarden(a) && isGarden(b)) &&
    say('sample.apart-crop', { one: a.label, other: b.label }),
  ({ crop: a }, { crop: b }) =>
    a && b && a.use === b.use && a.acidRequiring !== b.acidRequiring && say('sample.apart-acid'),
  ({ crop: a }, { crop: b }) =>
    a &&
    b &&
    a.use === b.use &&
    a.acidRequiring === b.acidRequiring &&
    Math.abs(a.pH.aim - b.pH.aim) > aimsApart &&
    say('sample.apart-aim', { one: a.label, other: b.label }),
  ({ area: a }, { area: b }) => differ(a.texture, b.texture) && say('sample.apart-texture'),
  ({ area: a }, { area: b }) => differ(a.lie.colour, b.lie.colour) && say('sample.apart-colour'),
  ({ area: a }, { area: b }) => differ(a.lie.slope, b.lie.slope) && say('sample.apart-slope'),
  ({ area: a }, { area: b }) =>
    a.concerns.some((one) => !b.concerns.includes(one)) || b.concerns.some((one) => !a.concerns.includes(one))
      ? say('sample.apart-trouble')
      : undefined,
  (a, b) =>
    (a.area.past.manure !== b.area.past.manure || unlike(corrected(a), corrected(b))) && say('sample.apart-past'),
]

/**
 * Why two areas must not share a composite, each reason once; empty where they may.
 * Source: common practice.
 */
export function apart(a: Sampled, b: Sampled): readonly Sentence[] {
  const found = rules.map((rule) => rule(a, b)).filter((one): one is Sentence => Boolean(one))
  return [...new Map(found.map((one) => [one.key, one])).values()]
}

/** What speaks against a mix of several areas. */
export const againstMix = (ground: readonly Sampled[]): readonly Sentence[] => {
  const found = ground.flatMap((one, i) => ground.slice(i + 1).flatMap((other) => apart(one, other)))
  return [...new Map(found.map((one) => [one.key, one])).values()]
}

/** The areas in the fewest bags that nothing speaks against, in their own order. */
export function proposed(ground: readonly Sampled[]): readonly (readonly Sampled[])[] {
  const bags: Sampled[][] = []
  for (const one of ground) {
    const bag = bags.find((others) => others.every((other) => apart(one, other).length === 0 && related(one, other)))
    if (bag) bag.push(one)
    else bags.push([one])
  }
  return bags
}

/** Areas of which nothing is known are not thrown together. */
const related = ({ crop: a }: Sampled, { crop: b }: Sampled) => a !== null && b !== null
