import type { Station } from '@/core/case/progress'
import { addressOf } from '../../case/address'

/** The sample case that it goes through, and the area. */
export const through = { id: 'sample-school-garden', area: 'strip' } as const

export interface Step {
  readonly station: Station
  readonly says: string
}

/** A client’s case from the paper to the letter, a stop at each station that decides. */
export const steps: readonly Step[] = [
  {
    station: 'results',
    says: 'The paper that the client brought. Type a value, press Enter, and the next line is there. Units may be typed too.',
  },
  {
    station: 'reading',
    says: 'What each value means for this crop. The bracket is what the crop wants; the diamond is this soil.',
  },
  {
    station: 'amounts',
    says: 'How much of what, for this bed. A figure with dots under it opens: every step, every source. Try one.',
  },
  {
    station: 'materials',
    says: 'Which bag. Each line is a product, measured out for this bed, with what it would leave short or bring too much.',
  },
  {
    station: 'calendar',
    says: 'When. Days follow from frost, crop and what went on before. Drag a pass to move it.',
  },
  {
    station: 'letter',
    says: 'What the client takes home: in the order of its days, in English or Spanish, to print, as a PDF or as text.',
  },
  {
    station: 'log',
    says: 'What was really done, a line each. In two years it tells whether it worked. That is all: start with the counter sheet.',
  },
]

/** Where it begins. */
export const wayPath = addressOf(through.id, steps[0]!.station, through.area, { way: '1' })
