import type { Direction } from '@/core/reaction'

export const en = {
  lime: 'Lime',
  sulfur: 'Sulfur',
  reaction: 'Lime, sulfur',
  nutrient: { N: 'Nitrogen', 'P₂O₅': 'Phosphate', 'K₂O': 'Potash' },
  outcome: { leave: 'leave it', 'not-here': 'not here', unknown: 'not known' } satisfies Partial<
    Record<Direction, string>
  >,
  none: 'none',
  unknown: 'not known',
  led: (by: string) => `Figure: ${by}`,
  each: (count: number) => `each of ${count} passes`,
  inAll: (all: string) => `${all} in all`,
  surfaceSuits: 'This is for the surface, which suits ground that is not dug. Dug in 6 in deep it would be',
  surface: 'on the surface',
  dugTo: (depth: string) => `dug in ${depth} deep`,
  check: 'Check',
  far: 'well apart: look again',
  retest: 'Retest before the later passes.',
  fertilizer: 'Fertilizer',
  choose: 'Choose a fertilizer',
  chooseWhy: 'to see it in cups and bags',
  toMeet: (nutrient: string) => `meets the ${nutrient}`,
  cautions: 'Before anything goes on',
  notMeasured: 'What the report does not say',
  pHWords: (value: string, wanted: string) => `pH ${value}, wanted ${wanted}`,
  noArea: 'Start on Ground: type how big the first area is, and what grows there.',
  missing: 'There is no answer yet for this area.',
  problems: 'Left out, because it cannot be used:',
} as const
