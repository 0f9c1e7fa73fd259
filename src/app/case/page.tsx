import type { Metadata } from 'next'
import { Suspense } from 'react'
import { CasePage } from '@/features/pages/case/CasePage'

export const metadata: Metadata = { title: 'Case' }

export default function CaseRoute() {
  return (
    <Suspense>
      <CasePage />
    </Suspense>
  )
}
