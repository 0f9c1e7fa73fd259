import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { NextResponse, type NextRequest } from 'next/server'

/**
 * The content policy of every page. Pages are prerendered, so their inline scripts are allowed by hash: the build command
 * (`scripts/run.mjs`) writes the hashes of each page's scripts beside the build. What stands on every answer whatever it
 * is, `scripts/serve.mjs` sets.
 */
const development = process.env.NODE_ENV === 'development'

type Hashes = Readonly<Record<string, readonly string[]>>
let hashes: Hashes | undefined
const hashesOf = (path: string): readonly string[] => {
  hashes ??= JSON.parse(readFileSync(join(process.cwd(), '.next', 'script-hashes.json'), 'utf8')) as Hashes
  return hashes[path] ?? hashes['/_not-found'] ?? []
}

export function contentPolicy(scripts: readonly string[]): string {
  return [
    "default-src 'none'",
    ['script-src', "'self'", ...scripts.map((hash) => `'${hash}'`), "'wasm-unsafe-eval'"].join(' '),
    "style-src 'self'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
    "object-src 'none'",
  ].join('; ')
}

export function proxy(request: NextRequest) {
  const response = NextResponse.next()
  if (!development) response.headers.set('Content-Security-Policy', contentPolicy(hashesOf(request.nextUrl.pathname)))
  return response
}
