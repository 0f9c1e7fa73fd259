import { appendFileSync } from 'node:fs'

/**
 * Counts how often something was tried and how often it held. Where `AGROLOGOS_TALLY` names a file a line goes there once
 * the tests of a file are through.
 */
export function tallied<Args extends readonly unknown[]>(
  what: string,
  run: (...args: Args) => void | Promise<void>,
): (...args: Args) => Promise<void> {
  let [tried, held] = [0, 0]
  afterAll(() => {
    const { AGROLOGOS_TALLY: file } = process.env
    if (file) appendFileSync(file, `${JSON.stringify({ what, tried, held })}\n`)
  })
  return async (...args) => {
    tried += 1
    await run(...args)
    held += 1
  }
}
