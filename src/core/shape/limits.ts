/** Characters of texts that are typed, by what they are. */
export const texts = {
  client: 200,
  place: 200,
  name: 120,
  laboratory: 120,
  corner: 120,
  weather: 120,
  colour: 80,
  code: 60,
  initials: 60,
  note: 4_000,
  /** One of a letter, in an advisor's own words. */
  sentence: 2_000,
  applied: 200,
  reason: 1_000,
  fileName: 200,
  /** `2026-05-12`, `2024`, or as it was said. */
  date: 10,
} as const

/** The same of the office. */
export const officeTexts = { name: 200, address: 400, disclaimer: 2_000, region: 200, people: 2_000 } as const

/** Of the prices of a product. */
export const priceLimits = { most: 100_000, bags: 10 } as const

/** Corners that a polygon may have; what is imported with more is thinned first. */
export const mostCorners = 2_000
