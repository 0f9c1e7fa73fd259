import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { environment, root } from './run.mjs'

/**
 * Steps of a command, in lanes that run side by side; a lane's steps follow each other. What a step prints comes whole
 * at its end, unless it is loud. The first that fails ends the others.
 *
 * @typedef {{ name: string, args: string[], loud?: boolean, env?: Record<string, string> }} Step args are Node's own
 */
const running = new Set()

function endAll() {
  for (const child of running)
    try {
      process.kill(-child.pid, 'SIGTERM')
    } catch {
      // It has ended meanwhile.
    }
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => {
    endAll()
    process.exit(1)
  })

const alone = ({ args, env = {} }) =>
  [...Object.entries(env).map(([name, value]) => `${name}=${value}`), 'node', ...args].join(' ')

/** @returns {Promise<{ code: number, seconds: number, cpu: number | undefined }>} */
function taken({ args, loud, name, env }) {
  return new Promise((resolve, reject) => {
    const start = performance.now()
    if (loud) console.log(`\n— ${name}`)
    const child = spawn(process.execPath, [join(root, 'scripts/timed.mjs'), ...args], {
      cwd: root,
      env: { ...environment, ...env },
      // A group of its own, so that all of it can be ended.
      detached: true,
      stdio: ['ignore', loud ? 'inherit' : 'pipe', loud ? 'inherit' : 'pipe', 'ipc'],
    })
    running.add(child)
    const said = []
    let cpu
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (text) => said.push(text))
    child.on('message', (message) => (cpu = message.cpu))
    child.on('error', reject)
    child.on('close', (code) => {
      running.delete(child)
      if (!loud) console.log(`\n— ${name}\n${Buffer.concat(said).toString('utf8').trimEnd()}`)
      resolve({ code: code ?? 1, seconds: (performance.now() - start) / 1000, cpu })
    })
  })
}

/**
 * Runs the lanes, and prints what each step took.
 *
 * @param {readonly (readonly Step[])[]} lanes
 */
export async function inLanes(lanes) {
  const start = performance.now()
  const times = []
  let failed
  await Promise.all(
    lanes.map(async (steps) => {
      for (const step of steps) {
        if (failed) return
        const { code, seconds, cpu } = await taken(step)
        if (failed) return
        times.push([step.name, seconds, cpu])
        if (code === 0) continue
        failed = { step, code }
        endAll()
      }
    }),
  )
  console.log('\nWhat the steps took, in seconds by the clock and of CPU:')
  for (const [name, seconds, cpu] of [...times, ['All', (performance.now() - start) / 1000, sumOf(times)]])
    console.log(`  ${name.padEnd(24)} ${seconds.toFixed(0).padStart(5)} ${(cpu?.toFixed(0) ?? '–').padStart(6)}`)
  if (!failed) return
  console.error(`\n${failed.step.name}: failed (exit ${failed.code}). Alone: ${alone(failed.step)}`)
  process.exit(failed.code)
}

const sumOf = (times) => {
  const known = times.flatMap(([, , cpu]) => cpu ?? [])
  return known.length > 0 ? known.reduce((sum, one) => sum + one, 0) : undefined
}
