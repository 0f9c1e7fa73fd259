import type { Typed } from '../../units/typed'
import { confirmationKey, type Confirmation } from '../decisions'
import type { Act } from './act'

/** Lets a figure go that was held back, as it stands now: with another figure the word no longer holds. */
export const confirmFigure =
  (areaId: string, of: string, figure: Typed, { reason, by, at }: Omit<Confirmation, 'figure'>): Act =>
  (kase) => ({
    ...kase,
    decisions: {
      ...kase.decisions,
      confirmations: { ...kase.decisions.confirmations, [confirmationKey(areaId, of)]: { figure, reason, by, at } },
    },
  })

/** Takes that word back. */
export const holdFigure =
  (areaId: string, of: string): Act =>
  (kase) => {
    const { [confirmationKey(areaId, of)]: _back, ...confirmations } = kase.decisions.confirmations
    return { ...kase, decisions: { ...kase.decisions, confirmations } }
  }
