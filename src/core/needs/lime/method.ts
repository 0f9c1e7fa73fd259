import type { Sentence, Outcome } from '../../sentence/sentence'
import type { Text } from '../../sentence/text'
import type { SourceId } from '../../units/sources'
import type { Climate, TextureId } from '../../guides/soils'
import type { Cec, Quantity } from '../../units/quantity'
import type { BufferPH } from '../../report/buffers'
import type { Derived, Given, Working } from '../../units/workings'

/** What a lime method may look at. */
export interface LimeInputs {
  readonly pH: Working<'pH in water'>
  readonly aim: Given<'pH in water'>
  readonly buffer?: BufferPH
  readonly acidity?: Cec
  readonly texture?: TextureId
  /** The CEC that the texture was guessed from, where nobody named it. */
  readonly textureByCec?: Cec
  readonly climate: Climate
}

/**
 * One way to compute a lime need. The figure is in the method's own lime: `effectiveness` says what share of that
 * lime acts like pure fine CaCO₃, `baseDepth` which layer it treats, so that stone quality and depth are each
 * corrected once, afterwards, and never here.
 */
export interface LimeMethod {
  readonly id: string
  readonly label: Text
  readonly effectiveness: Given<'lb CaCO₃/lb reference lime'>
  /** Its lime is ordinary ground stone, whatever its effectiveness: of such stone the figure stands. */
  readonly groundStone?: true
  readonly baseDepth: Given<'in'>
  readonly source: SourceId
  /** Methods fitted to the same data are one opinion, not two, when figures are compared. */
  readonly opinion: string
  /** Whether the inputs are there at all; a method without its inputs is not mentioned. */
  readonly applies: (inputs: LimeInputs) => boolean
  readonly compute: (inputs: LimeInputs) => Outcome<LimeFigure>
}

export interface LimeFigure {
  readonly rate: Derived<'tons reference lime/acre'>
  /** Said beside the figure: an estimate, a borrowed row. */
  readonly remarks: readonly Sentence[]
  /** An estimate beyond the method's own range. */
  readonly beyond?: boolean
}

export const effectivenessOf = (v: number, source: SourceId): LimeMethod['effectiveness'] => ({
  value: { v, of: 'lb CaCO₃/lb reference lime' },
  label: { key: 'lime.reference-effectiveness', args: {} },
  source,
})

export const depthOf = (v: number, source: SourceId): Given<'in'> => ({
  value: { v, of: 'in' } as Quantity<'in'>,
  label: { key: 'lime.base-depth', args: {} },
  source,
})
