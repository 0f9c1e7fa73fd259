import { say } from '../sentence/sentence'
import { inchesPerFoot } from '../units/factors'
import { quantity } from '../units/quantity'
import { derive, given, type Derived } from '../units/workings'

/**
 * What a raised bed, a container or a layer of soil holds.
 *
 * @param area ft²
 * @param depth in, above nothing
 * @example volume(area, 6).value.v // for 32 ft²: 16 ft³
 */
export const volume = (area: Derived<'ft²'>, depth: number): Derived<'ft³'> =>
  derive(
    'ft³',
    'area * depth / inches',
    {
      area,
      depth: given(quantity(depth, 'in'), say('depth.typed', { depth }), 'reported'),
      inches: given(quantity(inchesPerFoot, 'in in a foot'), say('unit.inches'), 'arithmetic'),
    },
    say('size.volume'),
    'arithmetic',
  )
