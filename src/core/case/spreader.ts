import { fields as read } from '../report/fields'
import { fields, list, named, oneOf, orNone, text, typed, type Holds } from '../shape/shape'
import { id, product } from '../shape/parts'
import { texts } from '../shape/limits'

/** A measured strip, weighed in and weighed back. */
const trial = fields({
  id,
  setting: named('Setting of the spreader', typed(read.setting, '')),
  /** ft walked */
  distance: typed(read.strip, 'ft'),
  /** lb in the hopper before and after. */
  before: typed(read.hopper, 'lb'),
  after: typed(read.hopper, 'lb'),
})

/** A spreader, as it stands and as it was tried. */
export const spreader = fields({
  id,
  name: named('Name', text(texts.name)),
  kind: oneOf(null, 'broadcast', 'drop'),
  /** Wheel track to wheel track, ft. */
  swath: named('Swath of the spreader', typed(read.swath, 'ft')),
  /** The setting it stands at now, by its own scale. */
  setting: named('Setting of the spreader', typed(read.setting, '')),
  /** What it was tried with. */
  product: named('Product', orNone(product)),
  trials: named('Trials of the spreader', list(trial, 50, 'id')),
})

export interface Spreader extends Holds<typeof spreader> {}
export interface Trial extends Holds<typeof trial> {}
