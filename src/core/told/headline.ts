import { isApplied, type Need } from '../needs/need'
import type { MajorNutrient } from '../units/quantity'
import type { ExtractClass } from '../guides/guide'
import type { Reaction } from '../needs/reaction'
import type { ReadingLine } from '../reading/lines'
import type { ReadReport } from '../reading/soil'
import { isLeadFrom, type LeadClass } from '../reading/lead'
import type { SaltBand } from '../reading/salts'
import { say, type Sentence } from '../sentence/sentence'

/** So far outside its span pH holds back what is fed. Source: common practice. */
const farOff = 0.5

/** What matters most: what comes ahead of the ground's pH, the word on it, and what follows. */
export interface Matters {
  readonly ahead: readonly Sentence[]
  readonly onPH: readonly Sentence[]
  readonly after: readonly Sentence[]
}

const matters = (part: Partial<Matters>): Matters => ({ ahead: [], onPH: [], after: [], ...part })

/**
 * What matters most, in one or two sentences. Lead first, since it harms people; then pH, since it holds the rest back;
 * then what changes what to buy.
 *
 * @param weak the client asks why things grow weakly
 * @param sodic sodium holds the ground back
 * @param untested there is no report at all
 * @param potted in mix without soil, which is fed through the water
 */
export function headline(
  ph: Reaction,
  needs: readonly Need<MajorNutrient>[],
  reading: readonly ReadingLine[],
  { weak = false, potted = false, sodic = false, untested = false } = {},
): Matters {
  const banned = needs.flatMap(bannedIn)
  const found = reading.find(({ id }) => id === 'lead')
  const lead = found?.className
  const leads = isLeadFrom(lead, 'precaution')
  const salty = isSalty(reading)
  // Each of them comes before whatever is fed, and none displaces another.
  const ahead = [
    ...(leads ? [say(`headline.lead-${lead as Exclude<LeadClass, 'below-precaution'>}`, leadFound(found!))] : []),
    ...(sodic ? [say('headline.sodic')] : []),
    ...(salty ? [say('headline.salts')] : []),
  ]
  if (untested) {
    const fed = needs.some(({ of, outcome }) => of === 'N' && outcome === 'apply')
    return matters({ after: [say(fed ? 'headline.untested' : 'headline.untested-all'), ...banned] })
  }
  if (leads) return matters({ ahead, onPH: ph.outcome === 'check' ? [say('headline.check')] : [], after: banned })
  if (potted) {
    const short = needs.some(({ outcome }) => outcome === 'apply')
    const told = salty ? 'headline.mix-salts' : short ? 'headline.mix-short' : 'headline.mix'
    return matters({ after: [say(told), ...banned] })
  }
  if (ph.because === 'sodic') return matters({ ahead, after: banned })
  const passes = isApplied(ph.need) ? { passes: ph.need.passes.count } : {}
  const asked = ph.because === 'laboratory-alone' && (ph.outcome === 'lime' || ph.outcome === 'sulfur')
  const onPH =
    ph.because === 'overruled'
      ? say('headline.overruled', { of: ph.need?.of ?? 'lime' })
      : asked
        ? say(`headline.${ph.outcome as 'lime'}-asked`, passes)
        : say(`headline.${ph.outcome}`, passes)
  if (weak && ahead.length === 0 && allIsWell(ph, needs, reading))
    return matters({ after: [say('headline.look-elsewhere')] })
  const feeding = onFeeding(ph, needs, reading)
  return matters({ ahead, onPH: salty && ph.outcome !== 'check' ? [] : [onPH], after: [...feeding, ...banned] })
}

const leadFound = ({ value, wanted }: ReadingLine) => ({ ppm: value!.value.v, precaution: wanted![1]! })

const bannedIn = ({ of, ban }: Need<MajorNutrient>): readonly Sentence[] =>
  ban ? [say('headline.banned', { nutrient: of, name: ban.name })] : []

const isShort = ({ rating }: Need) => rating?.className === 'very-low' || rating?.className === 'low'

/** The one word on what to buy that tells most. */
function onFeeding(
  ph: Reaction,
  needs: readonly Need<MajorNutrient>[],
  reading: readonly ReadingLine[],
): readonly Sentence[] {
  const [n, p, k] = needs as [Need<MajorNutrient>, Need<MajorNutrient>, Need<MajorNutrient>]
  const far = reading.some(({ id, distance }) => id === 'pH' && Math.abs(distance ?? 0) >= farOff)
  if (far && ph.outcome === 'lime' && isApplied(ph.need) && p.outcome === 'apply') return [say('headline.pH-before-P')]
  if (needs.some(({ barred }) => barred === 'salts')) return []
  if (needs.every((need) => need.outcome === 'none')) return [say('headline.nothing-to-feed')]
  if (p.barred === 'ban') return []
  if (p.outcome === 'none' && k.outcome === 'apply') return [say(isShort(k) ? 'headline.no-P-low-K' : 'headline.no-P')]
  if (p.outcome === 'none' && k.outcome === 'none') return [say('headline.only-N')]
  if (p.outcome === 'unknown' && k.outcome === 'unknown')
    return [say(n.outcome === 'apply' ? 'headline.N-only-known' : 'headline.P-K-unknown')]
  return []
}

/** Everything that was tested is as it should be, and what weak growth asks for was tested. */
const allIsWell = (ph: Reaction, needs: readonly Need<MajorNutrient>[], reading: readonly ReadingLine[]): boolean =>
  ph.outcome === 'leave' &&
  needs.every(({ of, outcome }) => of === 'N' || outcome === 'none') &&
  reading.every(({ distance = 0 }) => distance >= 0)

/** Nothing was tested, and that was said: what is not known is not told one by one. */
export const saysUntested = ({ after }: Pick<Matters, 'after'>): boolean =>
  after.some(({ key }) => key === 'headline.untested' || key === 'headline.untested-all')

/** Phosphorus and potassium are not known, and that was said. */
export const saysUnknown = ({ after }: Pick<Matters, 'after'>): boolean =>
  after.some(({ key }) => key === 'headline.N-only-known' || key === 'headline.P-K-unknown')

/** That no phosphorus is needed is not said to whoever is given some. */
export const unlessBrought = (says: readonly Sentence[], brought: boolean): readonly Sentence[] =>
  says.filter(({ key }) => !(brought && (key === 'headline.no-P' || key === 'headline.no-P-low-K')))

/** What the report leaves open and a further test would tell. */
export function notMeasured(ph: Reaction, needs: readonly Need<MajorNutrient>[], read: ReadReport): Sentence[] {
  const unknown = needs.filter((need) => need.outcome === 'unknown' && need.lacks === 'test').map((need) => need.of)
  return [
    ...(unknown.length ? [say('not-measured.nutrients', { nutrients: unknown.join(' ') })] : []),
    ...(ph.outcome === 'lime' && read.buffer === undefined && ph.need?.lead?.by !== 'laboratory'
      ? [say('not-measured.buffer')]
      : []),
  ]
}

/** Bands above 4 dS/m in the saturated paste never pass in silence, whatever a crop bears. Source: USDA Handbook 60. */
const salinity: ReadonlySet<string> = new Set(['many-crops', 'only-tolerant', 'very-few'] satisfies SaltBand[])

/** Classes of a mix's extract from which on nothing is fed. Source: Warncke & Krauskopf, E-1736, recalled. */
const saltyMix: ReadonlySet<string> = new Set(['high', 'very-high'] satisfies ExtractClass[])

/** Salts beyond what the crop bears, or beyond what most do; of mix without soil, by its extract. */
export const isSalty = (reading: readonly ReadingLine[]): boolean =>
  reading.some(
    ({ id, distance = 0, className = '' }) =>
      (id === 'salts' && (distance > 0 || salinity.has(className))) ||
      (id === 'EC' && (distance > 0 || saltyMix.has(className))),
  )
