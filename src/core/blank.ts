import type { Area, Case, Report } from './case'
import { defaultGuide, guideRef } from './guides/guides'
import { blank } from './units/typed'

/** Empty documents, as they are before anything is typed. Ids and times come from the store. */
export const blankCase = (id: string, at: string): Case => ({
  id,
  schema: 2,
  rev: 0,
  client: '',
  place: '',
  draftedBy: '',
  checkedBy: '',
  createdAt: at,
  updatedAt: at,
  sample: false,
  measures: 'feet',
  climate: 'cool',
  areas: [],
  reports: [],
  letter: { date: at.slice(0, 10), note: '', printedAt: null },
})

export const blankArea = (id: string, name: string): Area => ({
  id,
  name,
  size: blank('ft²'),
  crop: null,
  texture: null,
  ground: null,
  depth: blank('in'),
  feeding: 'usual',
  phosphorusBanned: false,
  guide: guideRef(defaultGuide),
  reportId: null,
  materials: {
    lime: null,
    limeEffective: blank('%'),
    limeBag: blank('lb'),
    sulfur: null,
    sulfurBag: blank('lb'),
    fertilizer: null,
    meets: null,
    fertilizerBag: blank('lb'),
  },
})

export const blankReport = (id: string): Report => ({
  id,
  code: '',
  laboratory: '',
  date: '',
  extractant: null,
  unit: 'ppm',
  buffer: null,
  pH: blank(''),
  bufferPH: blank(''),
  organicMatter: blank('%'),
  cec: blank('meq/100 g'),
  acidity: blank('meq/100 g'),
  P: blank('ppm'),
  K: blank('ppm'),
  Mg: blank('ppm'),
  recommends: {
    lime: blank('tons/acre'),
    limeMeans: 'product',
    limeDepth: blank('in'),
    sulfur: blank('lb/100 ft²'),
    N: blank('lb/1000 ft²'),
    'P₂O₅': blank('lb/1000 ft²'),
    'K₂O': blank('lb/1000 ft²'),
  },
})
