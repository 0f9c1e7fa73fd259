import { caseSchemaNumber } from '@/core/case/schema'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { POST } from './route'

const [request, excerpt] = [
  ...readFileSync(join(__dirname, '../../../../../docs/api.md'), 'utf8').matchAll(/```json\n([\s\S]*?)```/g),
].map(([, json]) => JSON.parse(json!) as Record<string, unknown>)

async function post(body: BodyInit, type = 'application/json') {
  const answer = await POST(
    new Request('http://localhost/api/v1/recommendations', { method: 'POST', body, headers: { 'Content-Type': type } }),
  )
  return { status: answer.status, body: (await answer.json()) as Record<string, unknown> }
}

/** Everything in the excerpt is in the answer; numbers as they are rounded there. */
function within(answer: unknown, part: unknown): void {
  if (typeof part === 'number') expect(answer).toBeCloseTo(part, 2)
  else if (typeof part !== 'object' || part === null) expect(answer).toBe(part)
  else for (const [key, value] of Object.entries(part)) within((answer as Record<string, unknown>)[key], value)
}

/** The expected amounts are worked by hand in the document, from sources that were recalled. */
test('the documented example is answered as documented, and the same each time', async () => {
  const first = await post(JSON.stringify(request), 'application/json; charset=utf-8')
  expect(first.status).toBe(200)
  within(first.body, excerpt)
  expect(await post(JSON.stringify(request))).toEqual(first)
})

const endless = () =>
  new ReadableStream<Uint8Array>({ pull: (stream) => stream.enqueue(new Uint8Array(100_000).fill(32)) })

test.each<[string, () => Promise<{ status: number; body: Record<string, unknown> }>, number, unknown]>([
  ['another type', () => post('a=1', 'application/x-www-form-urlencoded'), 415, []],
  ['no JSON', () => post('hello'), 400, []],
  ['a newer schema', () => post(JSON.stringify({ ...request, schema: caseSchemaNumber + 1 })), 400, []],
  ['a megabyte and more', () => post(' '.repeat(1_000_001)), 413, []],
  [
    'every faulty field',
    () => {
      const kase = request!.case as Record<string, unknown>
      return post(JSON.stringify({ ...request, case: { ...kase, climate: 'hot', areas: [{}], extra: 1 } }))
    },
    400,
    expect.arrayContaining(
      ['case.climate', 'case.areas[0].id', 'case.areas[0].seasons', 'case.extra'].map((field) =>
        expect.objectContaining({ field }),
      ),
    ),
  ],
])('%s is refused', async (_, posted, status, fields) =>
  expect(await posted()).toMatchObject({ status, body: { error: expect.any(String) as string, fields } }),
)

test('a body without an end is not read to its end', async () => {
  const answer = await POST(
    new Request('http://localhost/', {
      method: 'POST',
      body: endless(),
      headers: { 'Content-Type': 'application/json' },
      duplex: 'half',
    } as RequestInit),
  )
  expect(answer.status).toBe(413)
})
