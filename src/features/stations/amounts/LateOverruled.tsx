'use client'

import { Suspense, type ComponentProps } from 'react'
import { late } from '../../shared/late/late'
import type * as Parts from './Overruled'

const part = () => import('./Overruled')
const LateOverruled = late(() => part().then((found) => found.Overruled))
const LateLetLead = late(() => part().then((found) => found.LetLead))
const LateOwnSettings = late(() => part().then((found) => found.OwnSettings))

/** What an advisor puts in the place of a figure comes with the first figure: a sheet without one has none. */
export const Overruled = (props: ComponentProps<typeof Parts.Overruled>) => (
  <Suspense>
    <LateOverruled {...props} />
  </Suspense>
)
export const LetLead = (props: ComponentProps<typeof Parts.LetLead>) => (
  <Suspense>
    <LateLetLead {...props} />
  </Suspense>
)
export const OwnSettings = (props: ComponentProps<typeof Parts.OwnSettings>) => (
  <Suspense>
    <LateOwnSettings {...props} />
  </Suspense>
)
