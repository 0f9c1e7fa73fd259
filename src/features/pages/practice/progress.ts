import { unparse } from 'papaparse'
import type { Attempt } from '@/core/practice/attempt'
import { keepSetting, setting } from '@/store/db'
import { en } from './messages'

/** Attempts kept; the oldest go first. */
const most = 5_000

export const readAttempts = async (): Promise<readonly Attempt[]> => (await setting('practice')) ?? []

export const keepAttempt = async (one: Attempt): Promise<unknown> =>
  keepSetting('practice', [...(await readAttempts()), one].slice(-most))

/** What one person has done, by topic; and the slip that was made most. */
export function progressOf(attempts: readonly Attempt[], who: string) {
  const own = attempts.filter((one) => one.who === who)
  const topics = [...new Set(own.map(({ topic }) => topic))].map((topic) => {
    const of = own.filter((one) => one.topic === topic)
    const slips = new Map<string, number>()
    for (const { slip } of of) if (slip) slips.set(slip, (slips.get(slip) ?? 0) + 1)
    const [worst] = [...slips].sort((a, b) => b[1] - a[1])
    return { topic, right: of.filter(({ right }) => right).length, all: of.length, again: worst?.[0] ?? '' }
  })
  return topics
}

export const attemptsCsv = (attempts: readonly Attempt[]): string =>
  `\uFEFF${unparse(
    {
      fields: [...en.heads],
      data: attempts.map((one) => [
        one.who,
        one.at,
        one.topic,
        one.level,
        one.seed,
        one.said,
        one.right ? 'yes' : 'no',
        one.lb.toPrecision(4),
        one.slip,
      ]),
    },
    { escapeFormulae: true },
  )}\r\n`
