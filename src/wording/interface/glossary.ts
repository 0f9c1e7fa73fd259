import { tests } from '../../core/report/tests'
import { bufferPH } from '../../core/report/tests/buffer-pH'
import type { TestDefinition } from '../../core/report/tests/definition'

/** Words of the trade for somebody’s first day, by what they stand for. */
export const glossary: Readonly<Record<string, string>> = {
  ...Object.fromEntries(tests.flatMap(({ id, about }: TestDefinition) => (about ? [[id, about]] : []))),
  /** As a reading calls it. */
  buffer: bufferPH.about,
  N: 'Nitrogen makes leaves and growth. It is given by the crop, since no soil test foretells it for a year.',
  'P₂O₅': 'Phosphate is what a bag calls its phosphorus: the middle number. 1 lb phosphorus is 2.29 lb phosphate.',
  'K₂O': 'Potash is what a bag calls its potassium: the last number. 1 lb potassium is 1.2 lb potash.',
  lime: 'Ground stone that makes soil less acid. It takes months, and does not move down by itself.',
  sulfur: 'Bacteria turn it into acid over months, in warm moist soil. Too much is slow to undo.',
  bases: 'How much of what the soil can hold is calcium, magnesium and potassium, in percent.',
}
