import type { Case } from '../case/case'
import type { OwnRegion } from '../case/region'
import { regionFor, type Region } from '../guides/regions'
import { say, type Sentence } from '../sentence/sentence'
import { readYearDay } from './rule'

/** What is wrong with each field of it. */
export type RegionFaults = Readonly<Partial<Record<'lastFrost' | 'firstFrost' | 'soil', Sentence>>>

/** °F that soil is within. */
const [coldest, warmest] = [-20, 120]

/**
 * Twelve temperatures of soil in °F; undefined where there are not twelve, or one can hardly be.
 *
 * @example readSoil('0 0 3 8 14 19 22 21 17 11 6 1 C') // [32, 32, 37.4, 46.4, 57.2, 66.2, 71.6, 69.8, 62.6, 51.8, 42.8, 33.8]
 */
export function readSoil(text: string): readonly number[] | undefined {
  const inC = /c\s*$/i.test(text)
  const said = text
    .replace(/°?\s*[cf]\s*$/i, '')
    .split(/[\s,;]+/)
    .filter(Boolean)
  const all = said.map((one) => (/^-?\d+(\.\d+)?$/.test(one) ? Number(one) : NaN))
  const soil = inC ? all.map((one) => Math.round((one * 9 + 160) * 2) / 10) : all
  return soil.length === 12 && soil.every((one) => one >= coldest && one <= warmest) ? soil : undefined
}

/** A region of an office's own; undefined while something of it cannot be read. */
export function readOwnRegion(own: OwnRegion): { readonly region?: Region; readonly faults: RegionFaults } {
  const [last, first] = [readYearDay(own.lastFrost), readYearDay(own.firstFrost)]
  const soil = readSoil(own.soil)
  const blank = own.lastFrost.trim() === '' && own.firstFrost.trim() === ''
  const faults = {
    ...(!blank && !last && { lastFrost: say('region.frost') }),
    ...(!blank && !first && { firstFrost: say('region.frost') }),
    ...(!soil && { soil: say('region.soil') }),
  }
  if (Object.keys(faults).length > 0) return { faults }
  return {
    faults,
    region: {
      id: own.id,
      label: { en: own.name },
      hemisphere: own.hemisphere,
      lastFrost: last ?? null,
      firstFrost: first ?? null,
      soil: soil!,
      source: 'practice',
    },
  }
}

/** Whose frosts and soil a case goes by: the region of the office's own, one that ships, else what is usual for its climate. */
export const regionOf = ({ ownRegion, region, climate }: Pick<Case, 'ownRegion' | 'region' | 'climate'>): Region =>
  (ownRegion && readOwnRegion(ownRegion).region) ?? regionFor(region, climate)
