import type { GuideRef } from '../guides/guide'
import { form, instant, oneOf, record, text, type Shape } from './shape'
import { texts } from './limits'

/** A product of a version, as the shelf names it. */
type ProductRef = `${string}@${number}`

/** Shapes that many others are made of. */
export const id = text(80, 1)
/** The id of something, whether it is there or not. */
export const reference = text(80, 1)
/** `2026-05-12`, `2024`, or as it was said; blank: not said. */
export const date = text(texts.date)
export const initials = text(texts.initials)
/** One of the keys of a table, or none. */
export const keyOf = <const Table extends object>(table: Table) =>
  oneOf<(keyof Table & string) | null>(null, ...(Object.keys(table) as (keyof Table & string)[]))

/** A guide and its version. */
export const guideShape = form<GuideRef>(/^[a-z0-9-]+@\d+$/)
/** A guide's crop or legume, or a region. */
export const guideId = form(/^[a-z0-9-]{1,60}$/)
/** A product with its version, which may be an office's own. */
export const product = form<ProductRef>(/^[a-z0-9-]{1,60}@\d{1,6}$/)
/** Options by the questions' ids. */
export const schoolsShape = record(/^[a-zA-Z0-9-]{1,40}$/, text(40), 40)
/** A set that several devices may fill. */
export const members = (key: RegExp | number, most?: number): Shape<Readonly<Record<string, true>>> =>
  record(key, oneOf(true), most)

/** Who decided, when, and why. */
export const signed = { reason: text(texts.reason), by: initials, at: instant }
/** SHA-256, in hex. */
export const hash = form(/^[0-9a-f]{64}$/)
/** A record by what it speaks of: an area, a need and a pass of it, a limit, a station. */
export const byKey = <Of>(of: Shape<Of>) => record(200, of, 10_000)
