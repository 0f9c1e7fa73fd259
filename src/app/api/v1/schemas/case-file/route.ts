import { caseFileJsonSchema } from '@/schemas/case-file'

export const dynamic = 'force-static'

/** The JSON Schema of case files, for whoever writes or reads them elsewhere. */
export const GET = () => Response.json(caseFileJsonSchema(), { headers: { 'Content-Type': 'application/schema+json' } })
