import { guides } from '../src/core/guides/guides'
import { closedSpans } from '../src/core/passes/program/closed'
import { dayNumber } from '../src/core/calendar/day'
import { noRules } from '../src/core/calendar/rule'
import { planOf } from '../src/core/plan/plan'
import { recommend } from '../src/core/recommend'
import { sampleCases } from '../src/demo/sample-cases'

/** How long the plan of a case of 60 areas takes, and what is drawn of one area over ten years. */
const lawn = sampleCases.find(({ id }) => id === 'sample-village-hall')!
const areas = Array.from({ length: 60 }, (_, i) => ({ ...lawn.areas[i % lawn.areas.length]!, id: `area-${i}` }))
const kase = { ...lawn, areas, region: 'cool-inland' }
const found = recommend(kase, guides)
const closed = [{ id: 'c', name: 'winter', from: '1 Dec', to: '31 Mar', what: 'N', where: 'lawn' } as const]
const rules = { ...noRules, closedTimes: closed }

const median = (run: () => unknown): string => {
  const times = Array.from({ length: 15 }, () => {
    const from = performance.now()
    run()
    return performance.now() - from
  }).sort((a, b) => a - b)
  return `${times[7]!.toFixed(1)} ms`
}

const planned = () => planOf(kase, found, { guides, rules, today: '2026-11-26' })
const dated = planned()
const [first] = dated.areas
const ten = [dayNumber('2026-01-01')!, dayNumber('2035-12-31')!] as const
console.log(`days of 60 areas, ${dated.areas.flatMap(({ passes }) => passes).length} passes`)
console.log(`  planned: median ${median(planned)} (40 wanted)`)
console.log(
  `  closed times of one area over ten years: median ${median(() => [...new Set(first!.passes.map(({ treatment }) => treatment))].map((one) => closedSpans(one, first!.ground, ...ten)))}`,
)
