import type { Sample } from '../case/sample'
import { withEntry, withoutEntry, type Act } from './act'

export const addSamples =
  (samples: readonly Sample[]): Act =>
  (kase) => ({ ...kase, samples: [...kase.samples, ...samples] })

export const changeSample =
  (id: string, change: (sample: Sample) => Sample): Act =>
  (kase) => ({ ...kase, samples: withEntry(kase.samples, id, change) })

/** Puts an area into a bag, and out of the one it was in; null: into none. A bad corner stays in its own. */
export const moveToBag =
  (areaId: string, to: string | null): Act =>
  (kase) => ({
    ...kase,
    samples: kase.samples.map((sample) => {
      const left = sample.corner ? sample.areas : sample.areas.filter((id) => id !== areaId)
      const areas = sample.id === to ? [...left, areaId] : left
      return areas.length === sample.areas.length && areas.every((id, i) => id === sample.areas[i])
        ? sample
        : { ...sample, areas }
    }),
  })

/** Ticks a core off, by its place in the walking order; or takes the tick back. */
export const tickCore = (sampleId: string, core: number, on: boolean): Act =>
  changeSample(sampleId, (sample) => {
    const { [core]: _gone, ...others } = sample.ticked
    return { ...sample, ticked: on ? { ...others, [core]: true } : others }
  })

/** Samples that a laboratory has been sent, under its ticket. */
export const sendSamples =
  (ids: readonly string[], ticket: string, date: string): Act =>
  (kase) => ({
    ...kase,
    samples: kase.samples.map((sample) =>
      ids.includes(sample.id) ? { ...sample, ticket, sent: date, due: '' } : sample,
    ),
  })

/** Whether this case takes samples at all. */
export const needSamples =
  (sampling: boolean): Act =>
  (kase) => ({ ...kase, sampling })

export const removeSample =
  (id: string): Act =>
  (kase) => ({ ...kase, samples: withoutEntry(kase.samples, id) })
