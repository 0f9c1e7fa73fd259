import type { Metadata } from 'next'
import { ShelfPage } from '@/features/pages/shelf/ShelfPage'

export const metadata: Metadata = { title: 'Shelf' }

export default function ShelfRoute() {
  return <ShelfPage />
}
