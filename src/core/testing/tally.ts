import { appendFileSync } from 'node:fs'

const counts: { readonly what: string; tried: number; held: number }[] = []

afterAll(() => {
  const { AGROLOGOS_TALLY: file } = process.env
  if (file) for (const one of counts) appendFileSync(file, `${JSON.stringify(one)}\n`)
})

/**
 * Counts how often something was tried and how often it held. Where `AGROLOGOS_TALLY` names a file, the counts go there
 * once the tests of a file are through.
 */
export function tallied<Args extends readonly unknown[]>(
  what: string,
  run: (...args: Args) => void | Promise<void>,
): (...args: Args) => Promise<void> {
  const count = { what, tried: 0, held: 0 }
  counts.push(count)
  return async (...args) => {
    count.tried += 1
    await run(...args)
    count.held += 1
  }
}
