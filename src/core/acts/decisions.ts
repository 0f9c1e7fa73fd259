import type { Typed } from '../units/typed'
import {
  confirmationKey,
  creditsKnown,
  figuresFor,
  overrulingKey,
  type Confirmation,
  type Decisions,
  type Overrulable,
  type Overruling,
} from '../case/decisions'
import type { Act } from './act'

/** A word that was given, by its key, in its part of the decisions; undefined takes it back. */
const decide =
  <Part extends 'confirmations' | 'overrulings' | 'moves'>(
    part: Part,
    key: string,
    word: Decisions[Part][string] | undefined,
  ): Act =>
  (kase) => {
    const { [key]: _before, ...others } = kase.decisions[part]
    const words = word === undefined ? others : { ...others, [key]: word }
    return { ...kase, decisions: { ...kase.decisions, [part]: words } }
  }

/** Lets a figure go that was held back, as it stands now: with another figure the word no longer holds. */
export const confirmFigure = (areaId: string, of: string, figure: Typed, signed: Omit<Confirmation, 'figure'>): Act => {
  const { reason, by, at } = signed
  return decide('confirmations', confirmationKey(areaId, of), { figure, reason, by, at })
}

/** Says that the laboratory of a report knew of what the ground has already, so that nothing comes off its figures. */
export const knowCredits = (areaId: string, reportId: string, signed: Omit<Confirmation, 'figure'>): Act =>
  confirmFigure(areaId, creditsKnown, { text: reportId, unit: '', value: null }, signed)

/** Says for which of the crops of an area a report's figures were printed; null: for all of them. */
export const printFor = (
  areaId: string,
  reportId: string,
  cropId: string | null,
  signed: Omit<Confirmation, 'figure'>,
): Act => confirmFigure(areaId, figuresFor, { text: `${reportId} ${cropId ?? ''}`, unit: '', value: null }, signed)

/** Takes such a word back. */
export const holdFigure = (areaId: string, of: string): Act =>
  decide('confirmations', confirmationKey(areaId, of), undefined)

/** Puts a figure in the place of the one that stands, with the reason. */
export const overrule = (areaId: string, need: string, word: Overruling): Act =>
  decide('overrulings', overrulingKey(areaId, need, word.of), word)

/** Lets the figure stand again that was overruled. */
export const takeBack = (areaId: string, need: string, of: Overrulable): Act =>
  decide('overrulings', overrulingKey(areaId, need, of), undefined)

/** Puts a pass on another day than the one that it was planned for. */
export const movePass = (key: string, move: Decisions['moves'][string]): Act => decide('moves', key, move)

/** Lets a pass fall on its own day again. */
export const unmovePass = (key: string): Act => decide('moves', key, undefined)
