import Link from 'next/link'

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="font-serif text-2xl font-semibold">There is no such page</h1>
      <p className="mt-3">
        Your cases are on the{' '}
        <Link href="/" className="text-moss underline">
          Desk
        </Link>
        .
      </p>
    </main>
  )
}
