import { fields, oneOf, text, usually, type Holds } from '../shape/shape'
import { id } from '../shape/parts'
import { texts } from '../shape/limits'

/** A region as an office types it: its own frosts and soil. */
export const ownRegion = fields({
  id,
  name: text(texts.name),
  hemisphere: usually('north', oneOf('north', 'south')),
  /** `10 May`; blank, both: no frost. */
  lastFrost: text(40),
  firstFrost: text(40),
  /** Twelve figures, January first: °F, or °C where a C stands behind them. */
  soil: text(120),
})

export interface OwnRegion extends Holds<typeof ownRegion> {}
