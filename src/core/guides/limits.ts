/** Caps and intervals. Source of all: practice. Local rules and product labels come before them. */
export const limits = {
  lime: {
    /** lb of product per 1,000 ft² in one pass. */
    surfacePerPass: 50,
    dugInPerPass: 100,
    monthsApart: 6,
    /** A surface dressing corrects this much, in. */
    surfaceDepth: 4,
    dugDepth: 6,
  },
  sulfur: {
    /** lb of S per 1,000 ft². Dug in: a retest before more, and six months as the least that sulfur needs to work. */
    planted: { perPass: 10, perYear: 20, monthsApart: 3 },
    plantedOnSand: { perPass: 5, perYear: 10, monthsApart: 3 },
    dugIn: { perPass: 30, perYear: null, monthsApart: 6 },
    dugInOnSand: { perPass: 15, perYear: null, monthsApart: 6 },
    /** Above this pH the soil may hold free lime, and sulfur is spent on that first. */
    notAbovePH: 7.3,
    depth: 6,
  },
  turf: {
    /** lb per 1,000 ft² in one pass, quick-release nitrogen. */
    perPass: { N: 1, 'P₂O₅': 1, 'K₂O': 1 },
    daysApart: 30,
  },
  bed: { nitrogenPerPass: 2 },
  organicMatter: {
    /** lb N/acre for each % above the threshold, and at most. */
    creditAbove: 3,
    creditPerPercent: 20,
    creditAtMost: 40,
  },
  /** Two figures further apart than this share are pointed out. */
  spread: 0.25,
  /** Share of the cation exchange capacity above which magnesium is ample. */
  magnesiumAmple: 0.2,
} as const
