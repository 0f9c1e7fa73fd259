import { expose } from 'comlink'
import { doubtsOf } from '../core/doubt/draws'

const work = { doubts: doubtsOf }

export type DoubtWork = typeof work

expose(work)
