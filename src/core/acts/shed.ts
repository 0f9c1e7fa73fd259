import type { InShed } from '../case/applications'
import { withEntry, withoutEntry, type Act } from './act'

/** Something that the client has already. */
export const addToShed =
  (entry: InShed): Act =>
  (kase) => ({ ...kase, shed: [...kase.shed, entry] })

export const changeInShed =
  (id: string, parts: Partial<Omit<InShed, 'id'>>): Act =>
  (kase) => ({ ...kase, shed: withEntry(kase.shed, id, (entry) => ({ ...entry, ...parts })) })

export const removeFromShed =
  (id: string): Act =>
  (kase) => ({ ...kase, shed: withoutEntry(kase.shed, id) })
