/**
 * The fixed factors between units. All exact by definition unless a comment says otherwise.
 */

/** International acre and foot. */
export const sqFtPerAcre = 43_560
export const feetPerMetre = 1 / 0.3048
export const sqFtPerSqMetre = feetPerMetre ** 2
export const sqFtPerHectare = 10_000 * sqFtPerSqMetre
export const inchesPerFoot = 12
export const cmPerInch = 2.54

/** Avoirdupois. */
export const gramsPerPound = 453.592_37
export const ouncesPerPound = 16
export const poundsPerTon = 2_000

/** US measures. */
export const mLPerCup = 236.588_236_5
export const tablespoonsPerCup = 16
export const teaspoonsPerTablespoon = 3
export const cupsPerGallon = 16

/**
 * lb/acre for each ppm and inch of depth: the acre furrow slice is 2,000,000 lb at 6⅔ in,
 * which is mineral soil of bulk density 1.32 g/cm³. Conventional, not measured.
 */
export const lbPerAcrePerPpmInch = 0.3
export const furrowSliceInches = 20 / 3

/** Element in its oxide or salt by molar mass, g/g (IUPAC atomic masses; checked against mf-parser). */
export const elementInCompound = {
  'P in P₂O₅': 0.4364,
  'K in K₂O': 0.8301,
  'Ca in CaO': 0.7147,
  'Mg in MgO': 0.603,
  'N in NO₃': 0.2259,
  'S in SO₄': 0.3338,
} as const

/** CaCO₃ neutralized by the acid of one lb of oxidized sulfur: M(CaCO₃) ÷ M(S). */
export const caCO3PerSulfur = 3.12

/** ppm of magnesium in one meq/100 g: half its molar mass × 10. */
export const ppmMgPerMeq = 121.5

/** ppm of potassium in one meq/100 g: its molar mass × 10. */
export const ppmKPerMeq = 391
