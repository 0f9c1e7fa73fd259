import type { Dated } from '@/core/passes/program/dated'
import type { Sentence } from '@/core/sentence/sentence'
import { productWords } from '@/wording/format'
import { nutrient as nutrients } from '@/wording/phrase'
import { textOf } from '@/wording/render'

/** A day that a pass may be moved to, and what that would break. */
export interface Proposal {
  readonly key: string
  readonly to: string
  readonly breaks: readonly Sentence[]
}

/** What is put on, as it is called. */
export const whatOf = ({ pass: { product, nutrient } }: Dated): string =>
  product ? productWords(product, textOf) : (nutrients[nutrient!] ?? nutrient!)
