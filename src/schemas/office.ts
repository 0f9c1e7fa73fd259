import type Joi from 'joi'
import type { Case } from '../core/case/case'
import type { Spreader } from '../core/case/spreader'
import type { Season } from '../core/case/season'
import type { OwnRegion } from '../core/case/region'
import type { ClosedTime, WaterStrip, YearLimit } from '../core/passes/program/rule'
import type { GuideRef } from '../core/guides/guide'
import type { Shelf } from '../core/shelf/shelf'
import { officeShape } from '../core/shape/case-shape'
import { fromShape } from './from-shape'

/** Who stands behind the letters, and what new cases begin with. There is one. */
export interface Office {
  readonly id: 'office'
  readonly name: string
  readonly address: string
  readonly disclaimer: string
  /** County, watershed or state, as it is to stand on letters. */
  readonly region: string
  /** An attachment, or none. */
  readonly logo: string | null
  /** Initials of the people who sign, as typed: `MV, TB`. */
  readonly people: string
  readonly measures: Case['measures']
  readonly climate: Case['climate']
  /** Rates new areas until their report says otherwise. */
  readonly guide: GuideRef
  /** How generously nitrogen is given. */
  readonly feeding: Season['feeding']
  /** Where practitioners disagree: the options that new cases begin with. */
  readonly schools: Case['schools']
  /** What is sold here, in which bags, for how much. */
  readonly shelf: Shelf
  readonly spreaders: readonly Spreader[]
  /** Times that its law or custom closes. */
  readonly closedTimes: readonly ClosedTime[]
  /** The most that goes on in a calendar year. */
  readonly yearLimits: readonly YearLimit[]
  /** Strips beside water that stay as they are. */
  readonly waterStrips: readonly WaterStrip[]
  /** Regions of its own, beside those that ship. */
  readonly regions: readonly OwnRegion[]
  /** The invented office of the sample cases. */
  readonly sample: boolean
}

export const officeSchema = fromShape(officeShape) as Joi.ObjectSchema<Office>
