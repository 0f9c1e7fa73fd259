import type { SourceRef } from '../units/sources'

/** Caps and intervals of a guide. Local rules and product labels come before them. */
export interface Limits {
  readonly lime: {
    /** lb of product per 1,000 ft² in one pass. */
    readonly surfacePerPass: number
    readonly dugInPerPass: number
    readonly monthsApart: number
    /** A surface dressing corrects this much, in. */
    readonly surfaceDepth: number
    readonly dugDepth: number
    /** Plots on sand are not limed beyond, for manganese and zinc. */
    readonly plotAimOnSand: number
    /** Organic soil is limed only below the one, and no further than the other. */
    readonly organicBelow: number
    readonly organicAim: number
  }
  readonly sulfur: {
    /** lb of S per 1,000 ft². */
    readonly planted: SulfurCap
    readonly plantedOnSand: SulfurCap
    readonly turf: SulfurCap
    readonly dugIn: SulfurCap
    readonly dugInOnSand: SulfurCap
    /** Above this pH the soil may hold free lime, and sulfur is spent on that first. */
    readonly notAbovePH: number
    readonly depth: number
  }
  readonly turf: {
    /** lb per 1,000 ft² in one pass, quick-release nitrogen. */
    readonly perPass: { readonly N: number; readonly 'P₂O₅': number; readonly 'K₂O': number }
    readonly daysApart: number
    /** lb N in one pass of a product that is partly slow, and of one that is at least half slow. */
    readonly slowPerPass: number
    readonly mostlySlowPerPass: number
    readonly slowDaysApart: number
  }
  readonly bed: {
    readonly nitrogenPerPass: number
    /** Light ground holds little, so N and K come in small doses. */
    readonly onSand: { readonly N: number; readonly 'K₂O': number }
  }
  /** lb N/1,000 ft² of a year in which grass is sown or laid, and its dressings: windows of the guide */
  readonly newLawn: { readonly nitrogen: number; readonly dressings: readonly string[] }
  readonly organicMatter: {
    /** lb N/acre for each % above the threshold, and at most. */
    readonly creditAbove: number
    readonly creditPerPercent: number
    readonly creditAtMost: number
  }
  /** lb N/acre that a legume turned under leaves to the next crop, by id. */
  readonly legumes: Readonly<Record<string, { readonly label: { readonly en: string }; readonly nitrogen: number }>>
  /** Two figures further apart than this share are pointed out. */
  readonly spread: number
  /** Share of the cation exchange capacity above which magnesium is ample. */
  readonly magnesiumAmple: number
  /** Share below which it is low whatever the test says; 0 where only the test counts. */
  readonly magnesiumLowShare: number
  /** CEC below which ground is fed in small doses, meq/100 g. */
  readonly sandyBelowCec: number
  /** Total lead, ppm. */
  readonly lead: { readonly precaution: number; readonly screening: number; readonly noFood: number }
  readonly boron: { readonly rate: number; readonly perYear: number }
  readonly nitrate: {
    /** ppm after harvest that tell of a good use, and lb/acre that tell of too much. */
    readonly goodUpTo: number
    readonly tooMuchAbove: number
  }
  /** lb/1,000 ft² where a test is low, and what it is fed with. */
  readonly secondary: { readonly Mg: number; readonly Ca: number }
  /** Sulfur as a nutrient: a share of the nitrogen, at most so many lb/acre. */
  readonly nutrientSulfur: { readonly shareOfN: number; readonly atMost: number }
  /** lb of zinc beside 100 ft of row. */
  readonly zincPerHundredFeet: number
  readonly source: SourceRef
}

export interface SulfurCap {
  readonly perPass: number
  readonly perYear: number | null
  readonly monthsApart: number
}

/**
 * Common practice. Not in any one table and so worth an office's second look: months between diggings of lime and of
 * sulfur, what legumes leave, and the rates of Mg and Ca (5 lb of Epsom salt, 10 lb of gypsum per 1,000 ft²).
 */
export const houseLimits: Limits = {
  lime: {
    surfacePerPass: 50,
    dugInPerPass: 100,
    monthsApart: 6,
    surfaceDepth: 4,
    dugDepth: 6,
    plotAimOnSand: 6.5,
    organicBelow: 5.2,
    organicAim: 5.3,
  },
  sulfur: {
    planted: { perPass: 10, perYear: 20, monthsApart: 3 },
    plantedOnSand: { perPass: 5, perYear: 10, monthsApart: 3 },
    turf: { perPass: 5, perYear: 10, monthsApart: 3 },
    // A retest before more, and six months as the least that sulfur needs to work.
    dugIn: { perPass: 30, perYear: null, monthsApart: 6 },
    dugInOnSand: { perPass: 15, perYear: null, monthsApart: 6 },
    notAbovePH: 7.3,
    depth: 6,
  },
  turf: {
    perPass: { N: 1, 'P₂O₅': 1, 'K₂O': 1 },
    daysApart: 30,
    slowPerPass: 1.5,
    mostlySlowPerPass: 2,
    slowDaysApart: 42,
  },
  bed: { nitrogenPerPass: 2, onSand: { N: 1, 'K₂O': 1 } },
  newLawn: { nitrogen: 2, dressings: ['at-seeding', 'six-to-eight-weeks-on'] },
  organicMatter: { creditAbove: 3, creditPerPercent: 20, creditAtMost: 40 },
  legumes: {
    beans: { label: { en: 'beans, peas or soybeans' }, nitrogen: 20 },
    clover: { label: { en: 'clover or vetch' }, nitrogen: 60 },
    alfalfa: { label: { en: 'a good stand of alfalfa' }, nitrogen: 100 },
  },
  spread: 0.25,
  magnesiumAmple: 0.2,
  magnesiumLowShare: 0,
  sandyBelowCec: 10,
  lead: { precaution: 100, screening: 200, noFood: 400 },
  boron: { rate: 1, perYear: 2 },
  nitrate: { goodUpTo: 5, tooMuchAbove: 100 },
  secondary: { Mg: 0.5, Ca: 2.2 },
  nutrientSulfur: { shareOfN: 0.1, atMost: 30 },
  // A tablespoon of zinc sulfate monohydrate: 0.50 ÷ 16 lb, 36 % Zn.
  zincPerHundredFeet: 0.01125,
  source: 'practice',
}
