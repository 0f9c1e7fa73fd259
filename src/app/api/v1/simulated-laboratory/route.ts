import { simulatedReport, type Submission } from '@/demo/laboratory'
import { faultOf } from '@/schemas/faults'
import { submissionSchema, ticketSchema } from '@/schemas/submission'

/**
 * A laboratory that is none. It keeps nothing: its ticket holds the submission and when the reports are ready, which is
 * in seconds where the app is being shown, and in a day elsewhere.
 */
const largest = 200_000
const delayMs = () =>
  Number(process.env.AGROLOGOS_LABORATORY_SECONDS ?? (process.env.AGROLOGOS_DEMO === '1' ? 4 : 86_400)) * 1_000

export async function POST(request: Request): Promise<Response> {
  const text = await request.text()
  if (text.length > largest) return Response.json({ message: 'larger than 200 kB' }, { status: 413 })
  const { error, value } = submissionSchema.validate(parsed(text), { abortEarly: false, convert: false })
  if (error) return Response.json({ fields: error.details.map(faultOf) }, { status: 400 })
  const readyAt = new Date(Date.now() + delayMs()).toISOString()
  const ticket = Buffer.from(JSON.stringify({ readyAt, samples: (value as Submission).samples })).toString('base64url')
  return Response.json({ ticket, readyAt })
}

export function GET(request: Request): Response {
  const ticket = new URL(request.url).searchParams.get('ticket') ?? ''
  const read = parsed(Buffer.from(ticket, 'base64url').toString('utf8'))
  const { error, value } = ticketSchema.validate(read, { convert: false })
  if (error) return Response.json({ message: 'not a ticket of this laboratory' }, { status: 400 })
  const { readyAt, samples } = value as Submission & { readyAt: string }
  if (Date.now() < Date.parse(readyAt)) return Response.json({ readyAt }, { status: 202 })
  return Response.json({ reports: samples.map((sample) => simulatedReport(sample, readyAt.slice(0, 10))) })
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}
