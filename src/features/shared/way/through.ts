import { addressOf } from '../../case/address'

/** The sample case that the tour goes through, and the area. */
export const through = { id: 'sample-school-garden', area: 'strip' } as const

/** Where it begins. */
export const wayPath = addressOf(through.id, 'results', through.area, { way: '1' })
