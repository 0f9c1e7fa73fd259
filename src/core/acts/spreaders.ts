import type { Spreader, Trial } from '../case/spreader'
import { withEntry, withoutEntry, type Act } from './act'

export const blankTrial = (id: string): Trial => ({
  id,
  setting: { text: '', unit: '', value: null },
  distance: { text: '', unit: 'ft', value: null },
  before: { text: '', unit: 'lb', value: null },
  after: { text: '', unit: 'lb', value: null },
})

export const blankSpreader = (id: string, firstTrial: string): Spreader => ({
  id,
  name: '',
  kind: null,
  swath: { text: '', unit: 'ft', value: null },
  setting: { text: '', unit: '', value: null },
  product: null,
  trials: [blankTrial(firstTrial)],
})

export const addSpreader =
  (spreader: Spreader): Act =>
  (kase) => ({ ...kase, spreaders: [...kase.spreaders, spreader] })

export const changeSpreader =
  (id: string, parts: Partial<Omit<Spreader, 'id'>>): Act =>
  (kase) => ({ ...kase, spreaders: withEntry(kase.spreaders, id, (one) => ({ ...one, ...parts })) })

export const changeTrial =
  (id: string, trialId: string, parts: Partial<Omit<Trial, 'id'>>): Act =>
  (kase) => ({
    ...kase,
    spreaders: withEntry(kase.spreaders, id, (one) => ({
      ...one,
      trials: withEntry(one.trials, trialId, (trial) => ({ ...trial, ...parts })),
    })),
  })

export const removeTrial =
  (id: string, trialId: string): Act =>
  (kase) => ({
    ...kase,
    spreaders: withEntry(kase.spreaders, id, (one) => ({ ...one, trials: withoutEntry(one.trials, trialId) })),
  })

export const removeSpreader =
  (id: string): Act =>
  (kase) => ({ ...kase, spreaders: withoutEntry(kase.spreaders, id) })
