import { readFileSync } from 'node:fs'
import { run } from './run.mjs'

/**
 * Runs a Node command and tells its parent how many CPU seconds it took, with all that it started and waited for.
 * Linux says so in /proc; elsewhere nothing is told.
 */
const ticksPerSecond = 100

function cpuOfChildren() {
  try {
    const fields = readFileSync('/proc/self/stat', 'utf8').split(') ').at(-1).split(' ')
    return (Number(fields[13]) + Number(fields[14])) / ticksPerSecond
  } catch {
    return undefined
  }
}

const code = await run(process.execPath, process.argv.slice(2))
process.send?.({ cpu: cpuOfChildren() }, () => process.exit(code ?? 1))
