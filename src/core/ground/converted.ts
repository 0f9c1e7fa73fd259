import { rateUnits, rateUnitWords, type RateUnit } from '../units/rates'
import { readTyped } from '../units/typed'
import { readSize } from './size'

/** A rate, a piece of ground, or the one on the other. */
export interface Converted {
  /** lb on 1,000 ft²; null of a piece of ground alone. */
  readonly rate: number | null
  /** ft²; null of a rate alone. */
  readonly sqFt: number | null
  /** lb on all of it. */
  readonly lb: number | null
}

/**
 * What a rate comes to on a piece of ground, as somebody asks it: `1.5 t/ac on 640 ft2`, `40 lb/1000`, `12x18`.
 * Undefined where it says neither.
 *
 * @param measures of a size without a unit
 * @example converted('1 ton/acre on 43560 ft2', 'feet') // { rate: 45.913682277318645, sqFt: 43560, lb: 2000 }
 */
export function converted(text: string, measures: 'feet' | 'metres'): Converted | undefined {
  const [, said, ground] = /^(.+?)\s+(?:on|over|for)\s+(.+)$/i.exec(text.trim()) ?? [undefined, text.trim(), undefined]
  const rate = rateIn(said!)
  const size = ground ?? (rate === null ? said! : undefined)
  const read = size === undefined ? undefined : readSize(size, measures)
  const sqFt = read?.ok ? read.value.area.value.v : null
  if ((ground !== undefined && (rate === null || sqFt === null)) || (rate === null && sqFt === null)) return undefined
  return { rate, sqFt, lb: rate === null || sqFt === null ? null : (rate * sqFt) / 1000 }
}

function rateIn(text: string): number | null {
  const { value, unit } = readTyped(text, '', rateUnitWords)
  return value !== null && value > 0 && unit in rateUnits ? value * rateUnits[unit as RateUnit] : null
}
