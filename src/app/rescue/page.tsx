import type { Metadata } from 'next'
import { RescuePage } from '@/features/pages/rescue/RescuePage'

export const metadata: Metadata = { title: 'Rescue' }

export default function RescueRoute() {
  return <RescuePage />
}
