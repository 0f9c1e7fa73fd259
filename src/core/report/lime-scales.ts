import type { SourceRef } from '../units/sources'
import type { Text } from '../sentence/text'

/** How a bag or a quarry states what its lime is worth. */
export interface LimeScale {
  readonly label: Text
  /** What one of the printed figure is worth, as a share of pure fine CaCO₃; absent where sieves are given instead. */
  readonly each?: number
  /** Sieves from the coarsest, and how well what passes each (and not the next) acts. */
  readonly sieves?: readonly { readonly mesh: SieveMesh; readonly acts: number }[]
  readonly source: SourceRef
}

export const sieveMeshes = [4, 8, 20, 40, 60] as const
export type SieveMesh = (typeof sieveMeshes)[number]

const sieve = (mesh: SieveMesh, acts: number) => ({ mesh, acts })

/** The same letters mean different scales in different states, so each is named with its own. */
export const limeScales = {
  effective: { label: { en: 'effective calcium carbonate, %' }, each: 1 / 100, source: 'practice' },
  ecce: { label: { en: 'ECCE, %' }, each: 1 / 100, source: 'practice' },
  enp: { label: { en: 'ENP, lb/ton (Ohio)' }, each: 1 / 2_000, source: 'ohio-enp' },
  enm: { label: { en: 'ENM, lb/ton' }, each: 1 / 800, source: 'practice' },
  'sieves-ohio': {
    label: { en: 'CCE and sieves, by Ohio’s factors' },
    sieves: [sieve(8, 0.2), sieve(20, 0.6), sieve(60, 1)],
    source: 'ohio-enp',
  },
  'sieves-iowa': {
    label: { en: 'CCE and sieves, by Iowa’s factors' },
    // 0.1 of what passes 4, 0.3 of what passes 8 and 0.6 of what passes 60, taken together.
    sieves: [sieve(4, 0.1), sieve(8, 0.4), sieve(60, 1)],
    source: 'iowa-ecce',
  },
  'sieves-half': {
    label: { en: 'CCE and sieves, half for 8 to 60 mesh' },
    sieves: [sieve(8, 0.5), sieve(60, 1)],
    source: 'practice',
  },
  'sieves-enm': {
    label: { en: 'CCE and sieves, as ENM' },
    sieves: [sieve(8, 0.25), sieve(40, 0.6), sieve(60, 1)],
    source: 'practice',
  },
} as const satisfies Record<string, LimeScale>

export type LimeScaleId = keyof typeof limeScales
