/**
 * The fixed factors between units. All exact by definition unless a comment says otherwise.
 */

/** International acre and foot. */
export const sqFtPerAcre = 43_560
export const sqFtPerSqYard = 9
export const feetPerMetre = 1 / 0.3048
export const sqFtPerSqMetre = feetPerMetre ** 2
export const sqFtPerHectare = 10_000 * sqFtPerSqMetre
export const inchesPerFoot = 12
export const cmPerInch = 2.54

/** Avoirdupois. */
export const gramsPerPound = 453.592_37
export const ouncesPerPound = 16
export const poundsPerTon = 2_000
/** lb in one of each unit in which a weight is typed. */
export const poundsIn: Readonly<Record<string, number>> = {
  lb: 1,
  oz: 1 / ouncesPerPound,
  kg: 1_000 / gramsPerPound,
}

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
/** lb/acre of the furrow slice in one ppm, as laboratories print both. */
export const lbPerAcrePerPpm = lbPerAcrePerPpmInch * furrowSliceInches

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

/** ppm in one meq/100 g: molar mass ÷ charge × 10. */
export const ppmPerMeq = { Ca: 200.4, Mg: 121.5, K: 391, Na: 229.9 } as const

/** lb S/acre that each % of CaCO₃ in the furrow slice uses up: 20,000 lb ÷ 3.12. */
export const sulfurPerFreeLime = 6_400

/** tons of gypsum per acre-foot for each meq Na/100 g to be replaced. */
export const gypsumPerMeqSodium = 1.72

/** Salt pH reads lower than pH in water by about this much. Common practice (0.5–0.6). */
export const saltBelowWater = 0.55

/** ppm of salts in one dS/m: potting-mix reports, and others. Common practice. */
export const saltPpm = { mix: 700, soil: 640 } as const

/** lb of pure CaCO₃ in one lb of effective neutralizing material: 400 lb ENM and 1,000 lb CaCO₃ per meq. */
export const caCO3PerEnm = 2.5

/** g/m² in one lb/1,000 ft². */
export const gramsPerSqMetre = 4.88243
