import type { Metadata } from 'next'
import { Suspense } from 'react'
import { IntakePage } from '@/features/pages/intake/IntakePage'

export const metadata: Metadata = { title: 'Intake' }

export default function IntakeRoute() {
  return (
    <Suspense>
      <IntakePage />
    </Suspense>
  )
}
