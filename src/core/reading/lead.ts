import type { Report } from '../report/report'
import type { Limits } from '../guides/limits'
import { accept, refuse, type Outcome } from '../sentence/sentence'

export const leadClasses = ['below-precaution', 'precaution', 'screening', 'no-food', 'removal'] as const
export type LeadClass = (typeof leadClasses)[number]

/** Whether a class of lead, where there is one, is this one or a worse. */
export const isLeadFrom = (className: string | undefined, least: LeadClass): boolean =>
  (leadClasses as readonly (string | undefined)[]).indexOf(className) >= leadClasses.indexOf(least)

/** ppm of total lead from which soil is to be removed. Source: federal residential soil lead directive, 2025, recalled. */
const removalAbove = 600

/**
 * The class of total lead by the office's thresholds. An extractable figure reads far lower and is refused a class, and
 * so is one whose method nobody named.
 *
 * @param ppm lead in the soil, mg/kg
 */
export function leadClass(ppm: number, by: Report['leadBy'], { lead }: Pick<Limits, 'lead'>): Outcome<LeadClass> {
  if (by === null) return refuse('lead.no-method')
  if (by === 'extractable') return refuse('lead.extractable')
  if (ppm > Math.max(removalAbove, lead.noFood)) return accept('removal')
  if (ppm > lead.noFood) return accept('no-food')
  if (ppm > lead.screening) return accept('screening')
  return accept(ppm > lead.precaution ? 'precaution' : 'below-precaution')
}
