import { createContext, useContext } from 'react'
import type { nutrientStill, Still, treatmentStill } from '@/core/plan/still'
import type { Need } from '@/core/needs/need'
import type { MajorNutrient } from '@/core/units/quantity'

/** How what an area needs stands; each undefined where nothing of it was put on or is held back. */
export interface Standings {
  readonly treatment: (need: string) => ReturnType<typeof treatmentStill>
  /** lb of the bag that its product comes in, as it is sold here. */
  readonly bagLb: (need: string) => number | undefined
  readonly nutrient: (need: Need<MajorNutrient>) => ReturnType<typeof nutrientStill>
}

/** Where nothing was put on yet, and nothing is held back, all of it is still to do. */
export const asPlanned: Standings = { treatment: () => undefined, nutrient: () => undefined, bagLb: () => undefined }

export const StandingsContext = createContext(asPlanned)

export const useTreatmentStill = (need: string | undefined) => {
  const { treatment } = useContext(StandingsContext)
  return need === undefined ? undefined : treatment(need)
}

export const useBagLb = (need: string, usual: number): number => useContext(StandingsContext).bagLb(need) ?? usual

export const useNutrientStill = (need: Need<MajorNutrient>): Still | undefined =>
  useContext(StandingsContext).nutrient(need)
