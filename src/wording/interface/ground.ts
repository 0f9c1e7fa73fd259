import { area } from '../format'
import { capital, num, text, type Phrases } from '../phrase'

/** The plan, and taking samples. */
export const ground = {
  'plan.rectangle': () => 'A rectangle: width by length',
  'plan.circle': () => 'A circle, by how wide it is',
  'plan.ellipse': () => 'An ellipse, by its two widths',
  'plan.ring': () => 'A ring: the outer circle less the inner',
  'plan.polygon': () => 'A polygon, by its corners',
  'plan.rows': () => 'Rows: how many, by their spacing, by their length',
  'plan.plant': () => 'The ground of one plant, a circle',
  'plan.corners-area': () => 'by the corners on the plan',
  'plan.area': () => 'What is drawn, holes left out',
  'plan.overlap': () => 'what two shapes cover together, counted once',
  'plan.holes-inside': () => 'holes, as far as they lie inside',
  'plan.echo': (a, m) =>
    `${area(num(a.area), m)} as drawn${num(a.holes) > 0 ? `, ${text(a.holes)} ${num(a.holes) === 1 ? 'hole' : 'holes'} left out` : ''}`,
  'plan.corners': () => 'A polygon takes three corners at least.',
  'plan.crosses': () => 'Its edge crosses itself, so that it has no one area. Move a corner, or have it untied.',
  'plan.no-size': () => 'It has no size. Give each length above nothing, like 12 ft.',
  'plan.hole-outside': () => 'This hole lies outside what it is to be cut from, so that it cuts nothing out.',

  'sample.media': () => 'mix without soil has a test of its own',
  'sample.routine': () => 'what lime and feeding go by',
  'sample.salts': () => 'plants burn, or were fed heavily',
  'sample.lead': () => 'old paint, traffic or an orchard past; or children play there',
  'sample.nitrate': () => 'what is left over counts against the next vegetables, if taken in fall',
  'sample.micronutrients': () => 'growth is weak; look at them when all else is in order',
  'sample.apart-use': (a) => `${capital(text(a.one))} and ${text(a.other)} are managed differently.`,
  'sample.apart-crop': (a) => `${capital(text(a.one))} and ${text(a.other)} are different crops.`,
  'sample.apart-acid': () => 'One wants acid ground and the other does not.',
  'sample.apart-aim': (a) => `${capital(text(a.one))} and ${text(a.other)} want a different pH.`,
  'sample.apart-texture': () => 'The texture differs.',
  'sample.apart-colour': () => 'The soil’s colour differs.',
  'sample.apart-slope': () => 'The slope differs.',
  'sample.apart-trouble': () => 'One has a trouble that the other has not: a trouble spot is sampled on its own.',
  'sample.apart-past': () => 'What was put on in earlier years differs.',
} as const satisfies Partial<Phrases>
