import type { ProductRef } from '@/core/shelf/product'
import type { MajorNutrient } from '@/core/units/quantity'
import type { Recipe } from '@/store/put'
import { inThisSeason } from '../../case/context'

/**
 * Chooses the one fertilizer of some areas, or lets it go. The bags of a mix are shared, so that it goes as a whole; what
 * was typed of another bag goes too.
 */
export const chooseFertilizer =
  (areaIds: readonly string[], fertilizer: ProductRef | null, meets: MajorNutrient | null = null): Recipe =>
  (draft) => {
    draft.mix = null
    for (const id of areaIds)
      inThisSeason(id, ({ materials }) => {
        materials.fertilizer = fertilizer
        materials.meets = meets
        materials.fertilizerBag = { text: '', unit: 'lb', value: null }
        materials.slowNitrogen = { text: '', unit: '%', value: null }
      })(draft)
  }
