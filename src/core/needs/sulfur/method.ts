import type { Outcome, Sentence } from '../../sentence/sentence'
import type { Text } from '../../sentence/text'
import type { SourceId } from '../../units/sources'
import type { Climate, TextureId } from '../../guides/soils'
import type { Derived, Given, Working } from '../../units/workings'

export interface SulfurInputs {
  readonly pH: Working<'pH in water'>
  readonly aim: Given<'pH in water'>
  readonly texture: TextureId
  readonly climate: Climate
}

/** One way to compute a sulfur need: lb of elemental S per 100 ft² for the layer `baseDepth`. */
export interface SulfurMethod {
  readonly id: string
  readonly label: Text
  readonly baseDepth: Given<'in'>
  readonly source: SourceId
  /** A check that never leads. */
  readonly rough?: boolean
  readonly compute: (inputs: SulfurInputs) => Outcome<SulfurFigure>
}

export interface SulfurFigure {
  readonly rate: Derived<'lb S/100 ft²'>
  readonly remarks: readonly Sentence[]
}
