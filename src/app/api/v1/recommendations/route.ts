import { guides } from '@/core/guides/guides'
import { recommend } from '@/core/recommend'
import { shippedProducts } from '@/core/shelf/products'
import { openCaseFile } from '@/schemas/case-file'

export const dynamic = 'force-dynamic'

/** Bytes of a body beyond which it is not read. */
const largest = 1_000_000

/** A case file in, what its areas need out. Keeps nothing. docs/api.md tells of it. */
export async function POST(request: Request): Promise<Response> {
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase()
  if (type !== 'application/json') return refusal(415, 'Send a case file as application/json.')
  const text = await textOf(request)
  if (text === null) return refusal(413, 'A case file is at most 1 MB here.')
  const opened = openCaseFile(text)
  if (!opened.ok) return refusal(opened.why === 'too-large' ? 413 : 400, sentences[opened.why], opened.details)
  return answer(200, recommend(opened.kase, [...guides, ...opened.guides], [...shippedProducts, ...opened.products]))
}

const sentences = {
  'not-json': 'The body is not JSON.',
  'not-a-case': 'The body is not a case file, or some of its fields break the schema.',
  newer: 'The case file is of a newer schema than this version knows.',
  'too-large': 'A case file is at most 1 MB here.',
} as const

/** The body as text, null where it is too large; no more of it is read than may be. */
async function textOf(request: Request): Promise<string | null> {
  if (Number(request.headers.get('content-length')) > largest) return null
  const decoder = new TextDecoder()
  let [text, size] = ['', 0]
  for await (const chunk of request.body ?? []) {
    size += chunk.byteLength
    if (size > largest) return null
    text += decoder.decode(chunk, { stream: true })
  }
  return text + decoder.decode()
}

const refusal = (status: number, error: string, fields: readonly object[] = []): Response =>
  answer(status, { error, fields })

const answer = (status: number, body: object): Response =>
  Response.json(body, { status, headers: { 'Cache-Control': 'no-store' } })
