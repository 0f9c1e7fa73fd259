import type { TextureId } from '../guides/soils'
import type { Cec } from '../units/quantity'

/** Organic matter above which figures for mineral soil do not hold, %. Source: common practice. */
export const organicSoil = 20

/** Organic matter above which it carries the CEC itself, which then tells nothing of the texture, %. Source: common practice. */
export const carriesCec = 8

/** Texture by CEC, meq/100 g, where nobody knows it; each is below its bound. Source: common practice. */
const byCec: readonly (readonly [below: number, texture: TextureId])[] = [
  [5, 'sand'],
  [10, 'sandy-loam'],
  [15, 'loam'],
  [25, 'silt-loam'],
  [Infinity, 'clay'],
]

/**
 * The texture that a mineral soil of this CEC most likely has. Silt loam stands for silt loam and clay loam, which no
 * CEC can tell apart, as the one that asks for less lime.
 * Source: common practice.
 *
 * @param cec meq/100 g
 * @example textureByCec(quantity(12, 'meq/100 g')) // 'loam'
 */
export const textureByCec = ({ v }: Cec): TextureId => byCec.find(([below]) => v < below)![1]
