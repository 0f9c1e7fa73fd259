export const dynamic = 'force-dynamic'

/** What the running server was started as; the build is the same for all. */
export function GET() {
  return Response.json({ demo: process.env.AGROLOGOS_DEMO === '1' }, { headers: { 'Cache-Control': 'no-store' } })
}
