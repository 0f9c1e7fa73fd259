import type { LimeMethod } from '../method'
import { adamsEvans } from './adams-evans'
import { smp } from './smp'
import { texture } from './texture'

/** In the order in which one leads over the next: a measured buffer before a texture. */
export const limeMethods: readonly LimeMethod[] = [smp, adamsEvans, texture]
