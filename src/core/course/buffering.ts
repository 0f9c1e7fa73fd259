import type { Report } from '../report/report'
import { limeAimOf, limeDepth, aimOf, sulfurDepth, type Candidate, type Ground } from '../needs/candidate'
import { limeCandidates } from '../needs/lime/candidates'
import { ordinary } from '../needs/lime/product'
import { texture as byTexture } from '../needs/lime/methods/texture'
import { withoutWord } from '../needs/overruled'
import { sulfurCandidates, sulfurIn } from '../needs/sulfur/candidates'
import { table } from '../needs/sulfur/methods/table'
import type { ReadReport } from '../reading/soil'
import { say } from '../sentence/sentence'
import { caCO3PerSulfur } from '../units/factors'
import { quantity } from '../units/quantity'
import { rateUnits } from '../units/rates'
import { given } from '../units/workings'
import type { Buffering } from '../needs/learned'

/** pH from its aim at which a method says too little of a whole unit. */
const near = 0.2

/** As the methods see it that lead here; near the aim, as the tables do. Undefined where nothing is known of the ground. */
export function bufferingOf(read: ReadReport, report: Report, ruled: Ground): Buffering {
  const ground = withoutWord(ruled, 'amount')
  const own = { ...read, recommends: { ...read.recommends, lime: undefined, sulfur: undefined } }
  const pH = read.pH?.value.v
  const lift = limeAimOf(ground) - (pH ?? Infinity)
  const fall = (pH ?? -Infinity) - aimOf(ground)
  const lime = lift > near ? firstOf(limeCandidates(own, report, ground)) : undefined
  const sulfur = fall > near ? firstOf(sulfurCandidates(own, report, ground)) : undefined
  const { effectiveness } = ground.choices.lime
  const worth = effectiveness === 'reference' ? ordinary.value.v : effectiveness.value.v
  const acid = sulfur && sulfurIn(sulfur, ground.choices.sulfur.material).value.v * caCO3PerSulfur
  return {
    lime: lime ? (lime.value.v * worth) / lift : limeTable(read, ground),
    sulfur: acid ? acid / fall : sulfurTable(read, ground),
  }
}

const firstOf = (candidates: readonly Candidate[]) =>
  candidates.find(({ rate, rough }) => rate !== undefined && rate.value.v > 0 && !rough)?.rate

/** A step in which both tables have figures. */
const step = [5.5, 6.5] as const
const at = (v: number) => given(quantity(v, 'pH in water'), say('report.pH'), 'reported')

function limeTable({ soil: { texture } }: ReadReport, ground: Ground): number | undefined {
  if (!texture) return undefined
  const found = byTexture.compute({ pH: at(step[0]), aim: at(step[1]), texture, climate: ground.climate })
  if (!found.ok) return undefined
  const { effectiveness, baseDepth } = byTexture
  const lb = found.value.rate.value.v * rateUnits['tons/acre'] * effectiveness.value.v
  return (lb * limeDepth(ground).value.v) / baseDepth.value.v / (step[1] - step[0])
}

function sulfurTable({ soil: { texture } }: ReadReport, ground: Ground): number | undefined {
  if (!texture) return undefined
  const found = table.compute({ pH: at(step[1]), aim: at(step[0]), texture, climate: ground.climate })
  if (!found.ok) return undefined
  const lb = found.value.rate.value.v * 10 * caCO3PerSulfur
  return (lb * sulfurDepth(ground).value.v) / table.baseDepth.value.v / (step[1] - step[0])
}
