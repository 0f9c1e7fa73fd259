import type { NutrientNeed } from '../needs/nutrients/need'
import type { Reaction } from '../needs/reaction'
import type { ReadingLine } from '../reading/lines'
import type { ReadReport } from '../reading/soil'
import { say, type Sentence } from './sentence'

/** So far outside its span pH holds back what is fed. Source: common practice. */
const farOff = 0.5

/**
 * What matters most, in one or two sentences. Lead first, since it harms people; then pH, since it holds the rest back;
 * then what changes what to buy.
 *
 * @param weak the client asks why things grow weakly
 */
export function headline(
  ph: Reaction,
  needs: readonly NutrientNeed[],
  reading: readonly ReadingLine[],
  weak = false,
): readonly Sentence[] {
  const classOf = (line: string) => reading.find(({ id }) => id === line)?.className
  const lead = classOf('lead')
  if (lead && lead !== 'below-precaution') return [say(`headline.lead-${lead}`)]
  const potted = needs.every(({ why }) => why.key.startsWith('soilless.'))
  if (potted)
    return [say(needs.some(({ why }) => why.key === 'soilless.short') ? 'headline.mix-short' : 'headline.mix')]
  if (ph.why.key === 'reaction.sodic') return [say('headline.sodic')]
  const salty = reading.some(({ id, distance }) => id === 'salts' && distance !== undefined && distance > 0)
  const first = salty
    ? say('headline.salts')
    : say(`headline.${ph.outcome}`, ph.dose ? { passes: ph.dose.passes.count } : {})
  const [n, p, k] = needs as [NutrientNeed, NutrientNeed, NutrientNeed]
  if (weak && !salty && allIsWell(ph, needs, reading)) return [say('headline.look-elsewhere')]
  const far = reading.some(({ id, distance }) => id === 'pH' && Math.abs(distance ?? 0) >= farOff)
  if (far && ph.dose && p.outcome === 'apply') return [first, say('headline.pH-before-P')]
  if (needs.every((need) => need.outcome === 'none')) return [first, say('headline.nothing-to-feed')]
  if (p.why.key === 'nutrient.P-banned') return [first, say('headline.P-banned')]
  if (p.outcome === 'none' && k.outcome === 'apply') return [first, say('headline.no-P')]
  if (p.outcome === 'none' && k.outcome === 'none') return [first, say('headline.only-N')]
  if (p.outcome === 'unknown' && k.outcome === 'unknown')
    return [first, say(n.outcome === 'apply' ? 'headline.N-only-known' : 'headline.P-K-unknown')]
  return [first]
}

/** Everything that was tested is as it should be, and what weak growth asks for was tested. */
const allIsWell = (ph: Reaction, needs: readonly NutrientNeed[], reading: readonly ReadingLine[]): boolean =>
  ph.outcome === 'leave' &&
  needs.every(({ nutrient, outcome }) => nutrient === 'N' || outcome === 'none') &&
  reading.every(({ distance = 0 }) => distance >= 0)

/** What the report leaves open and a further test would tell. */
export function notMeasured(ph: Reaction, needs: readonly NutrientNeed[], read: ReadReport): Sentence[] {
  const unknown = needs
    .filter((need) => need.outcome === 'unknown' && need.why.key === 'nutrient.not-tested')
    .map((need) => need.nutrient)
  return [
    ...(unknown.length ? [say('not-measured.nutrients', { nutrients: unknown.join(' ') })] : []),
    ...(ph.outcome === 'lime' && read.buffer === undefined && ph.dose?.ledBy.id !== 'laboratory'
      ? [say('not-measured.buffer')]
      : []),
  ]
}
