'use client'

import { createContext, useContext } from 'react'
import { castDraft, type Draft } from 'immer'
import { blankSeason } from '@/core/case/blank'
import type { Area } from '@/core/case/area'
import type { Case } from '@/core/case/case'
import type { Season } from '@/core/case/season'
import type { AreaInSeason } from '@/core/case/in-season'
import type { Act } from '@/core/acts/act'
import type { AreaRecommendation, Recommendation } from '@/core/recommend'
import type { Recipe } from '@/store/put'
import type { Explained } from './explained'
import type { StationDefinition, View } from './station'

/** What every part of an open case may need. */
export interface OpenCase {
  readonly kase: Case
  readonly recommendation: Recommendation
  /** Changes fields. */
  readonly edit: (recipe: Recipe) => void
  /** Does one of the things that can be done to a case. */
  readonly act: (act: Act) => void
  /** The area looked at, in the season that is worked on; null while there is none. */
  readonly area: AreaInSeason | null
  readonly selectArea: (id: string) => void
  /** What is open. */
  readonly view: StationDefinition
  readonly go: (view: View, areaId?: string) => void
  /** Opens a number into its workings; null closes them. */
  readonly explain: (opened: Opened | null) => void
  readonly explained: Opened | null
}

/** Workings that are open, and the figure that opened them. */
export interface Opened extends Explained {
  readonly by: string
}

const Context = createContext<OpenCase | null>(null)
export const CaseProvider = Context.Provider

export function useOpenCase(): OpenCase {
  const open = useContext(Context)
  if (!open) throw new Error('used outside an open case')
  return open
}

export const answerOf = (recommendation: Recommendation, areaId: string): AreaRecommendation =>
  recommendation.areas.find((one) => one.areaId === areaId)!

export const inArea =
  (id: string, change: (area: Draft<Area>) => void): Recipe =>
  (draft) => {
    const area = draft.areas.find((one) => one.id === id)
    if (area) change(area)
  }

/** Changes what grows on an area, or is done there, in the season that is worked on. */
export const inThisSeason =
  (id: string, change: (season: Draft<Season>, area: Draft<Area>) => void): Recipe =>
  (draft) => {
    const area = draft.areas.find((one) => one.id === id)
    if (area) change((area.seasons[draft.season] ??= castDraft(structuredClone(blankSeason))), area)
  }
