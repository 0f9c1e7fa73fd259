'use client'

import { lazy, useSyncExternalStore, type ComponentType } from 'react'
import { isPartLost, onPartLost, partLost } from './lost-parts'

/** Whether a part of this page did not come. */
export const usePartLost = (): boolean => useSyncExternalStore(onPartLost, isPartLost, () => false)

/**
 * A component whose script comes when it is first shown. Where it does not come nothing stands in its place, and the page
 * says why.
 *
 * @example const HistoryView = late(() => import('./HistoryView').then((found) => found.HistoryView))
 */
export const late = <Props extends object>(load: () => Promise<ComponentType<Props>>) =>
  lazy(() =>
    load().then(
      (found) => ({ default: found }),
      () => {
        partLost()
        return { default: (() => null) as ComponentType<Props> }
      },
    ),
  )
