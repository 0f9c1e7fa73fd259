import { expose } from 'comlink'
import type { Conventions } from '../core/office'
import type { Mapping } from '../schemas/results-file/mapping'
import { listResults, openResults, takeResults } from '../schemas/results-file/open'
import type { OnProgress } from '../schemas/results-file/take'
import { seldom } from './in-worker'

const work = {
  open: (file: ArrayBuffer, usual: Conventions) => openResults(new Uint8Array(file), usual),
  list: (file: ArrayBuffer, mapping: Mapping, onProgress: OnProgress) =>
    listResults(new Uint8Array(file), mapping, seldom(onProgress)),
  take: (file: ArrayBuffer, mapping: Mapping, places: readonly number[]) =>
    takeResults(new Uint8Array(file), mapping, places),
}

export type ResultsWork = typeof work

expose(work)
