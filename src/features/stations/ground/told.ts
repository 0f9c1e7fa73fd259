import type { Case } from '@/core/case/case'
import type { AreaInSeason } from '@/core/case/in-season'
import type { Crop } from '@/core/guides/crop'
import { guideOf } from '@/core/case/guide-of'
import type { Guide } from '@/core/guides/guide'
import { type Product } from '@/core/shelf/product'
import { productNamed } from '@/core/shelf/product-named'
import { dateWords } from '@/wording/format'
import { textOf } from '@/wording/render'
import { en } from './messages'

const listed = (...said: readonly (string | false | null | undefined)[]): string =>
  said.filter(Boolean).join(', ') || en.nothingTold

/** What each group of fields holds, for the line that stands there while it is shut. */
export const told = {
  case: ({ measures, climate }: Case): string => listed(en.measureNames[measures], en.climates[climate]),

  plants: ({ plants, rows }: AreaInSeason): string =>
    listed(
      plants.count.text && en.plantsTold(plants.count.text),
      plants.age.text && en.ageTold(plants.age.text),
      rows.spacing.text && en.spacingTold(rows.spacing.text),
      rows.length.text && en.rowTold(rows.length.text),
    ),

  feeding: (area: AreaInSeason, crops: ReadonlyMap<string, Crop>): string =>
    listed(
      area.depth.text ? en.depthTold(area.depth.text) : en.usualDepth,
      en.fed[area.feeding],
      area.phosphorusBanned && en.ban,
      ...area.otherCrops.map((id) => textOf(crops.get(id)?.label ?? { en: id })),
    ),

  past: (area: AreaInSeason, kase: Case, guides: readonly Guide[], products: readonly Product[]): string => {
    const manure = productNamed(products, area.past.manure)
    const legume = area.past.legume && guideOf(area, kase, guides).limits.legumes[area.past.legume]?.label
    const entries = kase.applications.filter(({ areaId }) => areaId === area.id)
    const last = entries.map(({ date }) => date).sort((a, b) => b.localeCompare(a))[0]
    return listed(
      manure && textOf(manure.label),
      legume && textOf(legume),
      area.past.beansNext && en.beansNext,
      last !== undefined && en.entriesTold(entries.length, dateWords(last)),
    )
  },

  lie: ({ lie, concerns }: AreaInSeason): string =>
    listed(
      lie.colour,
      lie.slope && en.slopes[lie.slope],
      lie.shade && en.shades[lie.shade],
      lie.toWater.text && en.waterTold(lie.toWater.text),
      lie.irrigated && en.irrigated,
      ...concerns.map((one) => en.concernNames[one]),
    ),
} as const
