import type { Metadata } from 'next'
import { Suspense } from 'react'
import { GuidesPage } from '@/features/pages/guides/GuidesPage'

export const metadata: Metadata = { title: 'Guides' }

export default function GuidesRoute() {
  return (
    <Suspense>
      <GuidesPage />
    </Suspense>
  )
}
