import type { Case } from '../case/case'
import { isHeld } from '../needs/need'
import { changedSince } from '../mix/standing'
import type { Recommendation } from '../recommend'
import { sampleState } from '../sampling/state'
import { stations, type Station } from '../case/stations'

export type Progress = 'empty' | 'started' | 'settled' | 'not-needed'

/** How far each station has come. Nothing forces the order. */
export function progress(kase: Case, { areas }: Recommendation): Record<Station, Progress> {
  const answers = areas.map((area) => area.answer)
  const isOld = kase.mix !== null && changedSince(kase.mix, { areas }).length > 0
  const feeding = areas.filter((area) => area.answer?.needs.some((need) => need.outcome === 'apply'))
  const fed = feeding.filter(({ answer }) => (answer?.mixed ? !isOld : answer?.fertilizer || answer?.house))
  return {
    ground: of(areas.length, areas.filter((area) => area.size.ok && area.crop).length),
    sample: sampled(kase),
    results: of(kase.areas.length, kase.areas.filter((area) => area.reportId).length, kase.reports.length > 0),
    reading: of(areas.length, answers.filter((answer) => answer && answer.reading.length > 0).length),
    amounts: of(
      areas.length,
      answers.filter((answer) => answer && answer.reaction.outcome !== 'unknown' && !answer.needs.some(isHeld)).length,
      answers.some(Boolean),
    ),
    materials:
      answers.every(Boolean) && answers.length > 0 && feeding.length === 0 ? 'settled' : of(feeding.length, fed.length),
    // Days come of themselves: it is as far as there is something to put on.
    calendar:
      answers.every(Boolean) && answers.length > 0 && feeding.length === 0
        ? 'not-needed'
        : of(areas.length, answers.filter(Boolean).length),
    letter: kase.letter.printedAt ? 'settled' : kase.letter.note ? 'started' : 'empty',
    log: kase.applications.length > 0 ? 'started' : 'empty',
  }
}

/** A client who brings a report leaves nothing to be sampled. */
function sampled({ sampling, samples, reports }: Case): Progress {
  if (samples.length === 0) return !sampling || reports.length > 0 ? 'not-needed' : 'empty'
  return samples.every((one) => sampleState(one) === 'back') ? 'settled' : 'started'
}

const of = (all: number, done: number, started = done > 0): Progress =>
  all > 0 && done === all ? 'settled' : started ? 'started' : 'empty'

/** The first station that is not settled: what the case waits for. A log is never done: it is what is left at last. */
export const waitsFor = (progressed: Record<Station, Progress>): Station =>
  stations.find((one) => one !== 'log' && (progressed[one] === 'empty' || progressed[one] === 'started')) ?? 'log'
