import type { Metadata } from 'next'
import { Suspense } from 'react'
import { LateCasePage } from '@/features/pages/case/LateCasePage'

export const metadata: Metadata = { title: 'Case' }

export default function CaseRoute() {
  return (
    <Suspense>
      <LateCasePage />
    </Suspense>
  )
}
