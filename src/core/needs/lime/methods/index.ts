import type { LimeMethod } from '../method'
import { acidity } from './acidity'
import { adamsEvans } from './adams-evans'
import { mehlich } from './mehlich'
import { smp } from './smp'
import { texture } from './texture'
import { triStateLime } from './tri-state-lime'

/** In the order in which one leads over the next: a measured buffer, then measured acidity, then a texture. */
export const limeMethods: readonly LimeMethod[] = [smp, triStateLime, adamsEvans, mehlich, acidity, texture]
