/** Where a figure comes from. `recalled` marks one quoted from memory of the publication, not from its pages. */
export interface Source {
  readonly author: string
  readonly title: string
  readonly year: number | null
  readonly status: 'exact' | 'published' | 'common practice' | 'as reported'
  readonly recalled: boolean
}

export const sources = {
  arithmetic: { author: '', title: 'Definition of the units', year: null, status: 'exact', recalled: false },
  chemistry: { author: '', title: 'Atomic masses', year: null, status: 'exact', recalled: false },
  reported: { author: '', title: 'as typed', year: null, status: 'as reported', recalled: false },
  laboratory: {
    author: '',
    title: "The laboratory's own recommendation",
    year: null,
    status: 'as reported',
    recalled: false,
  },
  practice: {
    author: '',
    title: 'Common practice of advisors and growers',
    year: null,
    status: 'common practice',
    recalled: false,
  },
  house: {
    author: '',
    title: "House guide, after several states' tables",
    year: null,
    status: 'common practice',
    recalled: true,
  },
  smp: {
    author: 'Shoemaker, McLean & Pratt',
    title: 'Buffer methods for determining lime requirement of soils, as in NCR Publication 221',
    year: 1961,
    status: 'published',
    recalled: true,
  },
  'adams-evans': {
    author: 'Adams & Evans',
    title: 'A rapid method for measuring lime requirement of red-yellow podzolic soils',
    year: 1962,
    status: 'published',
    recalled: true,
  },
  'mehlich-1976': {
    author: 'Mehlich',
    title:
      'New buffer pH method for rapid estimation of exchangeable acidity and lime requirement of soils, as used in North Carolina',
    year: 1976,
    status: 'published',
    recalled: true,
  },
  'survey-manual-1951': {
    author: 'USDA',
    title: 'Soil Survey Manual, lime by texture',
    year: 1951,
    status: 'published',
    recalled: true,
  },
  'survey-manual': {
    author: 'USDA',
    title: 'Soil Survey Manual, reaction classes',
    year: 2017,
    status: 'published',
    recalled: true,
  },
  'nraes-55': {
    author: 'Pritts & Hancock',
    title: 'Highbush Blueberry Production Guide, NRAES-55',
    year: 1992,
    status: 'published',
    recalled: true,
  },
  'tri-state': {
    author: 'Vitosh, Johnson & Mengel',
    title: 'Tri-State Fertilizer Recommendations, E-2567',
    year: 1995,
    status: 'published',
    recalled: true,
  },
  'tri-state-2020': {
    author: 'Culman et al.',
    title: 'Tri-State Fertilizer Recommendations, Bulletin 974',
    year: 2020,
    status: 'published',
    recalled: true,
  },
  extract: {
    author: 'Warncke & Krauskopf',
    title: 'Greenhouse growth media: testing and nutrition guidelines, E-1736',
    year: 1983,
    status: 'published',
    recalled: true,
  },
  mlsn: {
    author: 'PACE Turf & Asian Turfgrass Center',
    title: 'Minimum levels for sustainable nutrition',
    year: 2012,
    status: 'published',
    recalled: true,
  },
  'maas-hoffman': {
    author: 'Maas & Hoffman',
    title: 'Crop salt tolerance: current assessment',
    year: 1977,
    status: 'published',
    recalled: true,
  },
  'handbook-60': {
    author: 'USDA Salinity Laboratory',
    title: 'Diagnosis and improvement of saline and alkali soils, Handbook 60',
    year: 1954,
    status: 'published',
    recalled: true,
  },
  'janzen-bettany-1987': {
    author: 'Janzen & Bettany',
    title: 'The effect of temperature and water potential on sulfur oxidation in soils',
    year: 1987,
    status: 'published',
    recalled: true,
  },
  'pierre-1933': {
    author: 'Pierre',
    title: 'Determination of equivalent acidity and basicity of fertilizers',
    year: 1933,
    status: 'published',
    recalled: true,
  },
  'rader-1943': {
    author: 'Rader, White & Whittaker',
    title: 'The salt index: a measure of the effect of fertilizers on the concentration of the soil solution',
    year: 1943,
    status: 'published',
    recalled: true,
  },
  'bulletin-974': {
    author: 'Culman and others',
    title: 'Tri-State Fertilizer Recommendations, Bulletin 974',
    year: 2020,
    status: 'published',
    recalled: true,
  },
  'lead-guidance': {
    author: 'US Environmental Protection Agency',
    title: 'Residential soil lead directive',
    year: 2025,
    status: 'published',
    recalled: true,
  },
  'ohio-enp': {
    author: 'Ohio',
    title: 'Effective neutralizing power of liming materials',
    year: null,
    status: 'published',
    recalled: true,
  },
  'iowa-ecce': {
    author: 'Iowa',
    title: 'Effective calcium carbonate equivalent of liming materials',
    year: null,
    status: 'published',
    recalled: true,
  },
} as const satisfies Record<string, Source>

export type SourceId = keyof typeof sources

/** A shipped source by its id, or one that an office's own guide brings. */
export type SourceRef = SourceId | Source

export const sourceOf = (ref: SourceRef): Source => (typeof ref === 'string' ? sources[ref] : ref)
