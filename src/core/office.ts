import { defaultGuideRef } from './guides/default'
import { ownRegion } from './case/region'
import { spreader } from './case/spreader'
import { houseGroups } from './shelf/house'
import { guideShape, id, product, schoolsShape } from './shape/parts'
import { officeTexts, priceLimits, texts } from './shape/limits'
import { blankOf } from './shape/blank'
import { fields, flag, list, number, oneOf, orNone, record, text, usually, type Holds } from './shape/shape'

const bag = fields({ lb: number(0.05, 10_000), price: orNone(number(0, priceLimits.most)), on: text(10) })
const rule = { id, name: text(texts.name) }
const where = usually('all', oneOf('all', 'lawn'))

/** Who stands behind the letters, and what new cases begin with. There is one. */
export const officeShape = fields({
  id: usually('office', oneOf('office')),
  name: text(officeTexts.name),
  address: text(officeTexts.address),
  disclaimer: text(officeTexts.disclaimer),
  /** County, watershed or state, as it is to stand on letters. */
  region: text(officeTexts.region),
  /** An attachment, or none. */
  logo: orNone(text(80)),
  /** Initials of the people who sign, as typed: `MV, TB`. */
  people: text(officeTexts.people),
  measures: usually('feet', oneOf('feet', 'metres')),
  climate: usually('cool', oneOf('cool', 'warm')),
  /** Rates new areas until their report says otherwise. */
  guide: usually(defaultGuideRef, guideShape),
  /** How generously nitrogen is given. */
  feeding: usually('usual', oneOf('lean', 'usual', 'generous')),
  /** Where practitioners disagree: the options that new cases begin with. */
  schools: schoolsShape,
  /** How dates are written in papers and files that leave it open. */
  dates: usually('month-first', oneOf('month-first', 'day-first')),
  /** What 1,250 means where a file leaves it open; null: somebody is asked. */
  decimal: oneOf(null, 'point', 'comma'),
  /** What is sold here, in which bags, for how much. */
  shelf: record(/^[a-z0-9-]{1,60}@\d{1,6}$/, fields({ bags: list(bag, priceLimits.bags), away: flag }), 5_000),
  /** The fertilizers that are named where nobody chose any, by group; of a group that is not named, those that ship. */
  house: record(new RegExp(`^(${houseGroups.join('|')})$`), list(product, 50, 'entry'), houseGroups.length),
  spreaders: list(spreader, 50, 'id'),
  /** Times that its law or custom closes. */
  closedTimes: list(
    fields({ ...rule, from: text(40), to: text(40), what: usually('all', oneOf('all', 'N', 'P₂O₅')), where }),
    100,
    'id',
  ),
  /** The most that goes on in a calendar year. */
  yearLimits: list(fields({ ...rule, what: usually('N', oneOf('N', 'P₂O₅')), where, most: text(40) }), 100, 'id'),
  /** Strips beside water that stay as they are. */
  waterStrips: list(fields({ ...rule, what: usually('all', oneOf('all', 'N', 'P₂O₅')), width: text(40) }), 100, 'id'),
  /** Regions of its own, beside those that ship. */
  regions: list(ownRegion, 100, 'id'),
  /** The invented office of the sample cases. */
  sample: flag,
})

export interface Office extends Holds<typeof officeShape> {}

export const blankOffice: Office = blankOf(officeShape)

/** What an office takes for granted of papers and files that leave it open. */
export type Conventions = Pick<Office, 'dates' | 'decimal'>
