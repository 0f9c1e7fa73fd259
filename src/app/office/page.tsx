import type { Metadata } from 'next'
import { OfficePage } from '@/features/pages/office/OfficePage'

export const metadata: Metadata = { title: 'Office' }

export default function OfficeRoute() {
  return <OfficePage />
}
