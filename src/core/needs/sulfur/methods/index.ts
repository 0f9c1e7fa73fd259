import type { SulfurMethod } from '../method'
import { chemistry } from './chemistry'
import { table } from './table'
import { tenths } from './tenths'

/** In the order in which one leads over the next. */
export const sulfurMethods: readonly SulfurMethod[] = [table, tenths, chemistry]
