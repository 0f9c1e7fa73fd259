/** A region as an office types it: its own frosts and soil. */
export interface OwnRegion {
  readonly id: string
  readonly name: string
  readonly hemisphere: 'north' | 'south'
  /** `10 May`; blank, both: no frost. */
  readonly lastFrost: string
  readonly firstFrost: string
  /** Twelve figures, January first: °F, or °C where a C stands behind them. */
  readonly soil: string
}
