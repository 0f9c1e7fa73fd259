import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import { Commands } from '@/features/pages/command/Commands'
import { Above, Background } from '@/features/shared/background/Background'
import './globals.css'

export const metadata: Metadata = {
  title: { default: 'Agrologos', template: '%s · Agrologos' },
  description: 'From a soil report to what goes on this bed.',
  icons: { icon: '/icon.svg', apple: '/icon-192.png' },
  manifest: '/manifest.webmanifest',
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f7f3ea' }

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <Above />
        {children}
        <Commands />
        <Background />
      </body>
    </html>
  )
}
