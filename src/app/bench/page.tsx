import type { Metadata } from 'next'
import { Suspense } from 'react'
import { LateCounterSheet } from '@/features/pages/counter/LateCounterSheet'

export const metadata: Metadata = { title: 'Bench' }

export default function BenchRoute() {
  return (
    <Suspense>
      <LateCounterSheet bench />
    </Suspense>
  )
}
