import { area } from './area'
import type { Slip } from './definition'
import { ground } from './ground'
import { measures } from './measures'
import { oxide } from './oxide'
import { passes } from './passes'
import { plants } from './plants'
import { strength } from './strength'
import { tenths } from './tenths'
import { weakSulfur } from './weak-sulfur'

/** Every slip that a second reading looks for. What a misread report gives is reckoned with the assumptions. */
export const slips: readonly Slip[] = [ground, oxide, strength, weakSulfur, tenths, passes, plants, measures, area]
