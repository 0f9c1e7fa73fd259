import type { Metadata } from 'next'
import { Suspense } from 'react'
import { LateCounterSheet } from '@/features/pages/counter/LateCounterSheet'

export const metadata: Metadata = { title: 'Counter sheet' }

export default function CounterRoute() {
  return (
    <Suspense>
      <LateCounterSheet />
    </Suspense>
  )
}
