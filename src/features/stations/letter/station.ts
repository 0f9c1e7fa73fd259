import type { StationDefinition } from '../../case/station'

export const letter: StationDefinition = {
  id: 'letter',
  label: 'Letter',
  heading: 'none',
  saysWhose: true,
  wide: false,
  example: [
    ['About 1 November', 'Front bed: pelletized lime, 15 lb, worked in'],
    ['About 10 May', 'Front bed: 21-0-0, 1 lb, at planting'],
  ],
  keys: [{ keys: 'Enter on a sentence', does: 'say it in other words' }],
  tour: 'What the client takes home: in the order of its days, in English or Spanish, to print, as a PDF or as text.',
  load: () => import('./LetterStation').then((found) => found.LetterStation),
}
