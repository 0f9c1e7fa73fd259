'use client'

import Link from 'next/link'
import { useEffect } from 'react'
import { Button } from '@/ui/Button'

/** What stands there when a page breaks. All that was typed is in the database by then. */
export default function Broken({ error, reset }: { error: Error; reset: () => void }) {
  useEffect(() => console.error(error), [error])
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="font-serif text-2xl font-semibold">This page broke, and it is not your doing.</h1>
      <p className="mt-3">
        What you typed is kept. Try again, or open the case anew from the{' '}
        <Link href="/" className="text-moss underline">
          Desk
        </Link>
        . If it breaks again,{' '}
        <a href="/rescue" className="text-moss underline">
          get everything out
        </a>{' '}
        as it lies in this browser.
      </p>
      <Button kind="act" className="mt-5" onClick={reset}>
        Try again
      </Button>
    </main>
  )
}
