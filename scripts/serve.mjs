import { createServer } from 'node:http'
import { parseArgs } from 'node:util'
import next from 'next'

/**
 * Serves a built app. On every answer stand the security headers, those included that are given before any code of the
 * app is asked: redirections, faults, methods that nothing here knows. `src/proxy.ts` puts each page's own policy in the
 * place of the one that allows nothing.
 *
 * Usage: node scripts/serve.mjs --port 4630 [--host 127.0.0.1] [--dir .]
 */
const always = {
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'X-Frame-Options': 'DENY',
  'Content-Security-Policy': "default-src 'none'; base-uri 'none'; frame-ancestors 'none'",
}
const methods = ['GET', 'HEAD', 'POST', 'OPTIONS']

const { values } = parseArgs({
  options: {
    port: { type: 'string' },
    host: { type: 'string', default: '127.0.0.1' },
    dir: { type: 'string', default: '.' },
  },
})
const [hostname, port] = [values.host, Number(values.port)]
process.env.NODE_ENV = 'production'
process.chdir(values.dir)
const app = next({ dev: false, dir: '.', hostname, port })
await app.prepare()
const handle = app.getRequestHandler()

createServer((request, response) => {
  for (const [name, value] of Object.entries(always)) response.setHeader(name, value)
  if (methods.includes(request.method)) return void handle(request, response)
  response.writeHead(405, { Allow: methods.join(', ') }).end()
}).listen(port, hostname, () => console.log(`Ready at http://${hostname}:${port}`))
