import type { Fertilizer } from '@/core/shelf/product'
import { places } from '@/wording/format'

/** `10-10-10`, as on the bag. */
export const gradeWords = ({ feeding: { grade } }: Fertilizer): string =>
  [grade.N, grade['P₂O₅'], grade['K₂O']].map((percent) => places(percent, 1)).join('-')
