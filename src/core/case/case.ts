import { fields as read } from '../report/fields'
import {
  fields,
  flag,
  form,
  instant,
  list,
  named,
  number,
  oneOf,
  orNone,
  text,
  typed,
  usually,
  whole,
  type Holds,
} from '../shape/shape'
import { guideId, id, initials, schoolsShape } from '../shape/parts'
import { texts } from '../shape/limits'
import { application, chosenMix, inShed } from './applications'
import { area, onPlan, turned } from './area'
import { decisions, givenLetter, letterSettings } from './decisions'
import { ownRegion } from './region'
import { report } from '../report/report'
import { sample, spotCheck } from './sample'
import { caseSchemaNumber } from './schema'
import { spreader } from './spreader'

const pixels = whole(1, 100_000)

/** A photo or sketch under the plan; its bytes are kept beside the case, in this browser. */
const picture = fields({
  attachment: id,
  name: text(texts.fileName),
  width: pixels,
  height: pixels,
  /** Where its north-west corner lies, ft, and how much ground a pixel is. */
  x: onPlan,
  y: onPlan,
  feetPerPixel: number(1e-6, 1e6),
})

/** What is drawn around the areas. */
export const planShape = fields({
  /** Degrees that north lies clockwise of the top of the plan. */
  north: named('North', usually(0, turned)),
  /** Length of one pace of whoever measures. */
  pace: named('Length of a pace', typed(read.pace, 'ft')),
  picture: named('Picture under the plan', orNone(picture)),
})

/**
 * One property or project of one client, as kept and as handed over in a file; what is not named here is refused.
 * Nothing in it is computed.
 */
export const caseShape = fields({
  id,
  /** Of this shape; older ones are migrated when they are read. */
  schema: usually(caseSchemaNumber, oneOf(caseSchemaNumber)),
  rev: usually(0, whole(0, 1e9)),
  client: named('Client', text(texts.client)),
  place: named('Property or project', text(texts.place)),
  draftedBy: named('Drafted by', initials),
  checkedBy: named('Checked by', initials),
  createdAt: instant,
  updatedAt: instant,
  /** One of the sample cases that can be taken away again. */
  sample: flag,
  measures: named('Shown and typed in', usually('feet', oneOf('feet', 'metres'))),
  climate: named('Climate', usually('cool', oneOf('cool', 'warm'))),
  /** Whose frosts and soil the calendar goes by; null: as is usual for the climate. */
  region: named('Region', orNone(guideId)),
  /** A region of the office's own, as it was when it was taken; it goes before the other. */
  ownRegion: named('Region', orNone(ownRegion)),
  /** Where practitioners disagree: the option taken, by the question's id. What is not named is the guide's own. */
  schools: schoolsShape,
  /** The season that is being worked on: crops, rows, products and what is left over from before are this year's. */
  season: named('Season', form(/^\d{4}$/)),
  plan: named('The plan', planShape),
  areas: list(area, 500, 'id'),
  /** Whether soil is to be sent off at all; not where the client brings a report. */
  sampling: named('Soil is sampled', usually(true, flag)),
  samples: list(sample, 1_000, 'id'),
  spotChecks: list(spotCheck, 2_000, 'id'),
  reports: list(report, 1_000, 'id'),
  /** What was really put on, in this and earlier years. */
  applications: named('What was put on', list(application, 5_000, 'id')),
  decisions,
  /** What the client has in the shed. */
  shed: named('The client’s shed', list(inShed, 500, 'id')),
  mix: named('Mix', orNone(chosenMix)),
  /** The client's spreaders, and how they were tried. */
  spreaders: named('Spreaders', list(spreader, 50, 'id')),
  /** Letters as they were handed out, oldest first. */
  letters: named('Letters given', list(givenLetter, 200, 'id')),
  /** What calendars have been told of, by the ids there: what is no more is called off in the next. */
  calendarSent: list(text(260, 1), 10_000, 'entry'),
  letter: letterSettings,
})

export interface Case extends Holds<typeof caseShape> {}
export interface Plan extends Holds<typeof planShape> {}
export interface Picture extends Holds<typeof picture> {}
