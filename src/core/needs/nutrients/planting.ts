import type { Season } from '../../case/season'
import { yieldOf, type Crop } from '../../guides/crop'
import { fields, numberIn, yieldFields } from '../../report/fields'
import { readRows, type Problem } from '../../reading/soil'
import { cmPerInch } from '../../units/factors'
import { check, type Field, type Typed } from '../../units/typed'
import type { Size } from '../../ground/sized'
import type { Planting } from './method'

/** What was typed of plants and rows, in ft, in and years, and of what the crop may yield. */
export function readPlanting(
  { plants, rows, expectedYield }: Pick<Season, 'plants' | 'rows' | 'expectedYield'>,
  crop: Crop,
  size: Pick<Size, 'of' | 'count' | 'rows'>,
): Planting {
  const unit = yieldOf(crop)?.unit
  const { length, spacing } = readRows(rows)
  const shoots = numberIn(fields.shoots, plants.shoots)
  return {
    count: numberIn(fields.plants, plants.count) ?? (size.of === 'plant' ? size.count : undefined),
    age: numberIn(fields.age, plants.age),
    shoots: shoots !== undefined && plants.shoots.unit === 'cm' ? shoots / cmPerInch : shoots,
    dwarf: plants.dwarf,
    rowLength: length ?? size.rows?.length,
    rowSpacing: spacing ?? size.rows?.spacing,
    expectedYield: unit && numberIn(yieldFields[unit], expectedYield),
  }
}

/** What of it cannot be read. */
export function plantingProblems(
  { plants, rows, past, expectedYield }: Pick<Season, 'plants' | 'rows' | 'past' | 'expectedYield'>,
  crop: Crop | null,
): Problem[] {
  const unit = crop && yieldOf(crop)?.unit
  const all: readonly (readonly [string, Field, Typed])[] = [
    ['plants.count', fields.plants, plants.count],
    ['plants.age', fields.age, plants.age],
    ['plants.shoots', fields.shoots, plants.shoots],
    ['rows.length', fields.rowLength, rows.length],
    ['rows.spacing', fields.rowSpacing, rows.spacing],
    ['past.manureRate', fields.nutrient, past.manureRate],
    ...(unit ? [['expectedYield', yieldFields[unit], expectedYield] as const] : []),
  ]
  return all.flatMap(([field, range, typed]) => {
    const read = check(range, typed)
    return read.ok ? [] : [{ field, sentence: read.refusal }]
  })
}
