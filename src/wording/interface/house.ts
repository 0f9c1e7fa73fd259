import type { HouseGroup } from '../../core/shelf/house'

/** What the office's fertilizers are listed for. */
export const groupWords: Readonly<Record<HouseGroup, string>> = {
  lawn: 'lawns',
  newLawn: 'new lawns',
  beds: 'beds',
  acid: 'acid-loving plants',
  plantings: 'shrubs and trees',
  plots: 'plots',
  mix: 'soilless mix',
}
