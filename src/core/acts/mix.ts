import type { ChosenMix } from '../case/applications'
import type { Act } from './act'

/** Takes a mix in the place of the one before: from now on it is what goes on its areas. */
export const takeMix =
  (mix: ChosenMix): Act =>
  (kase) => ({ ...kase, mix })

/** Lets the mix go: every area is back with the one fertilizer it had, or none. */
export const dropMix: Act = (kase) => (kase.mix ? { ...kase, mix: null } : kase)
