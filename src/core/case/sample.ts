import { testIds } from '../guides/sampling'
import { fields as read } from '../report/fields'
import { testOf } from '../report/tests'
import { fields, instant, list, named, oneOf, orNone, since, text, typed, whole, type Holds } from '../shape/shape'
import { date, id, initials, members, reference } from '../shape/parts'
import { texts } from '../shape/limits'
import { onPlan, point } from './area'

/** Soil of one or more areas that goes to the laboratory in one bag. */
export const sample = fields({
  id,
  /** What is written on the bag; unique in the office. */
  code: named('Sample code', text(texts.code)),
  areas: named('What it speaks of', list(reference, 500, 'entry')),
  /** A bad corner with a sample of its own; empty for an ordinary one. */
  corner: named('Bad corner', text(texts.corner)),
  /** Where that corner is on the drawing of its area, ft; null where nobody marked it. */
  cornerAt: orNone(point),
  /** Blank: as many, and as deep, as is proposed. */
  cores: named('Cores', typed(read.cores, '')),
  depth: named('Depth', typed(read.depth, 'in')),
  /** Tests to ask for; null: those proposed. */
  tests: named('Tests asked for', orNone(list(oneOf(...testIds), testIds.length, 'entry'))),
  /** Decides where the cores lie. */
  seed: whole(0, 4_294_967_295),
  /** Positions in the walking order that are ticked off. */
  ticked: named('Cores ticked off', members(/^(\d{1,2}|1\d\d|200)$/)),
  taken: named(
    'Taking the sample',
    fields({
      date,
      by: initials,
      weather: text(texts.weather),
      /** Cores really taken. */
      cores: typed(read.cores, ''),
    }),
  ),
  sent: named('Sent', date),
  back: named('Back', date),
  /** When the next step is due. */
  due: named('Next step due', date),
  /** The laboratory's receipt. */
  ticket: text(20_000),
  /** The report that came of it. */
  reportId: named('Report in force', orNone(reference)),
})

const pH = testOf('pH')

/** A pH read on the spot. */
export const spotCheck = fields({
  id,
  areaId: reference,
  /** Where on the plan, ft; null where nobody marked it. */
  x: orNone(onPlan),
  y: orNone(onPlan),
  pH: named(pH.label.en, typed(pH.field, '', 'measured')),
  at: instant,
  /** Who held the meter; blank where nobody had signed. */
  by: since(11, named('Read by', initials)),
})

export interface Sample extends Holds<typeof sample> {}
export interface SpotCheck extends Holds<typeof spotCheck> {}
