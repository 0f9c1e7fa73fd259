import { Suspense } from 'react'
import { LateDesk } from '@/features/pages/desk/LateDesk'

export default function DeskPage() {
  return (
    <Suspense>
      <LateDesk />
    </Suspense>
  )
}
