import type { Metadata } from 'next'
import { CounterSheet } from '@/features/pages/counter/CounterSheet'

export const metadata: Metadata = { title: 'Counter sheet' }

export default function CounterRoute() {
  return <CounterSheet />
}
