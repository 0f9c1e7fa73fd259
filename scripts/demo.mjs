import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { build, environment, install, serveScript, root } from './run.mjs'

/** Installs and builds what is missing, then serves the app with its sample cases until Ctrl-C. */
const fixedPort = 4630
const host = process.env.HOST ?? '127.0.0.1'

const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, host, () => probe.close(() => resolve(true)))
  })

async function choosePort() {
  for (let port = fixedPort; port < fixedPort + 20; port += 1) {
    if (!(await isFree(port))) continue
    if (port !== fixedPort)
      console.warn(
        `\nPort ${fixedPort} is taken, so this runs on ${port}. A browser keeps its cases per address: those of ${fixedPort} are not seen here.`,
      )
    return port
  }
  console.error(`No free port from ${fixedPort} to ${fixedPort + 19}.`)
  process.exit(1)
}

await install()
await build()
const port = await choosePort()
const server = spawn(process.execPath, [serveScript, '--port', String(port), '--host', host], {
  cwd: root,
  env: { ...environment, AGROLOGOS_DEMO: '1' },
  stdio: ['ignore', 'pipe', 'inherit'],
})
server.stdout.on('data', (text) => {
  if (String(text).includes('Ready')) console.log(`\nAgrologos is at http://${host}:${port}\nCtrl-C ends it.`)
})
server.on('close', (code, signal) =>
  process.exit(signal || code === null ? 0 : code === 143 || code === 130 ? 0 : code),
)
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill('SIGTERM'))
