import type { Application } from './applications'
import type { Area, Case, Report, Sample } from './case'
import type { LetterSettings } from './decisions'
import { caseSchemaNumber } from './schema'
import type { Season } from './season'
import { guideRef } from '../guides/guide'
import { defaultGuide } from '../guides/guides'
import { sieveMeshes } from '../shelf/lime-scales'
import { noManner } from '../report/manners'
import { tests, type MeasuredField } from '../report/tests'
import { majorNutrients, otherNutrients } from '../units/quantity'
import { blank } from '../units/typed'

const each = <Name extends string | number>(names: readonly Name[], unit: string) =>
  Object.fromEntries(names.map((name) => [name, blank(unit)])) as unknown as Record<Name, ReturnType<typeof blank>>

/** Empty documents, as they are before anything is typed. Ids and times come from the store. */
export const blankCase = (id: string, at: string): Case => ({
  id,
  schema: caseSchemaNumber,
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
  region: null,
  ownRegion: null,
  schools: {},
  season: at.slice(0, 4),
  plan: { north: 0, pace: blank('ft'), picture: null },
  areas: [],
  sampling: true,
  samples: [],
  spotChecks: [],
  reports: [],
  applications: [],
  decisions: { overrulings: {}, confirmations: {}, moves: {}, settled: {} },
  shed: [],
  mix: null,
  spreaders: [],
  letters: [],
  calendarSent: [],
  letter: blankLetter(at.slice(0, 10)),
})

export const blankLetter = (date: string): LetterSettings => ({
  date,
  note: '',
  printedAt: null,
  language: 'en',
  why: false,
  workings: false,
  bothMeasures: false,
  edits: {},
  frozen: null,
})

export const blankArea = (id: string, name: string): Area => ({
  id,
  name,
  size: blank('ft²'),
  texture: null,
  shapes: [],
  lie: { colour: '', slope: null, shade: null, irrigated: false, toWater: blank('ft') },
  concerns: [],
  ground: null,
  depth: blank('in'),
  phosphorusBanned: false,
  guide: guideRef(defaultGuide),
  reportId: null,
  seasons: {},
})

export const blankApplication = (id: string, areaId: string, date: string): Application => ({
  id,
  areaId,
  date,
  what: 'lime',
  note: '',
  product: null,
  amount: blank('lb'),
  pass: null,
  done: 'as-planned',
})

export const blankSample = (id: string, seed: number): Sample => ({
  id,
  code: '',
  areas: [],
  corner: '',
  cornerAt: null,
  cores: blank(''),
  depth: blank('in'),
  tests: null,
  seed,
  ticked: {},
  taken: { date: '', by: '', weather: '', cores: blank('') },
  sent: '',
  back: '',
  due: '',
  ticket: '',
  reportId: null,
})

export const blankReport = (id: string): Report => ({
  id,
  kind: 'laboratory',
  areas: {},
  lines: [],
  originals: [],
  code: '',
  laboratory: '',
  date: '',
  extractant: null,
  unit: 'ppm',
  ...noManner,
  ...(Object.fromEntries(tests.map(({ id, unit }) => [id, blank(unit)])) as Record<
    MeasuredField,
    ReturnType<typeof blank>
  >),
  recommends: {
    lime: blank(''),
    limeMeans: 'product',
    limeDepth: blank('in'),
    sulfur: blank(''),
    ...each([...majorNutrients, ...otherNutrients], ''),
  },
})

/** A season before anything is said of it. */
export const blankSeason: Season = {
  crop: null,
  otherCrops: [],
  feeding: 'usual',
  newLawn: false,
  sown: '',
  plants: { count: blank(''), age: blank('years'), shoots: blank('in'), dwarf: false },
  rows: { length: blank('ft'), spacing: blank('ft') },
  past: { manure: null, manureRate: blank('lb/1000 ft²'), legume: null, beansNext: false },
  materials: {
    lime: null,
    limeEffective: blank('%'),
    limeScale: 'effective',
    limeSieves: { cce: blank('%'), moisture: blank('%'), ...each(sieveMeshes, '%') },
    limeBag: blank('lb'),
    sulfur: null,
    sulfurBag: blank('lb'),
    fertilizer: null,
    slowNitrogen: blank('%'),
    meets: null,
    fertilizerBag: blank('lb'),
  },
}
