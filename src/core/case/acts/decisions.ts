import type { Typed } from '../../units/typed'
import {
  confirmationKey,
  creditsKnown,
  overrulingKey,
  type Confirmation,
  type Overrulable,
  type Overruling,
} from '../decisions'
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

/** Says that the laboratory of a report knew of what the ground has already, so that nothing comes off its figures. */
export const knowCredits = (areaId: string, reportId: string, signed: Omit<Confirmation, 'figure'>): Act =>
  confirmFigure(areaId, creditsKnown, { text: reportId, unit: '', value: null }, signed)

/** Sets the most of a thing in one pass on an area; blank: the guide's again. */
export const capPass =
  (areaId: string, of: string, most: Typed): Act =>
  (kase) => {
    const { [confirmationKey(areaId, of)]: _before, ...others } = kase.decisions.caps
    const caps = most.text.trim() === '' ? others : { ...others, [confirmationKey(areaId, of)]: most }
    return { ...kase, decisions: { ...kase.decisions, caps } }
  }

/** Puts a figure in the place of the one that stands, with the reason. */
export const overrule =
  (areaId: string, need: string, word: Overruling): Act =>
  (kase) => ({
    ...kase,
    decisions: {
      ...kase.decisions,
      overrulings: { ...kase.decisions.overrulings, [overrulingKey(areaId, need, word.of)]: word },
    },
  })

/** Lets the figure stand again that was overruled. */
export const takeBack =
  (areaId: string, need: string, of: Overrulable): Act =>
  (kase) => {
    const { [overrulingKey(areaId, need, of)]: _back, ...overrulings } = kase.decisions.overrulings
    return { ...kase, decisions: { ...kase.decisions, overrulings } }
  }

/** Takes such a word back. */
export const holdFigure =
  (areaId: string, of: string): Act =>
  (kase) => {
    const { [confirmationKey(areaId, of)]: _back, ...confirmations } = kase.decisions.confirmations
    return { ...kase, decisions: { ...kase.decisions, confirmations } }
  }
