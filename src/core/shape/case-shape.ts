import { appliedKinds } from '../case/applications'
import { blankApplication, blankArea, blankReport, blankSample, blankSeason } from '../case/blank'
import { concerns } from '../case/case'
import { overrulable } from '../case/decisions'
import { caseSchemaNumber } from '../case/schema'
import { mostCorners } from '../ground/plan/outline'
import { extractants } from '../guides/guide'
import { testIds } from '../guides/sampling'
import { textures } from '../guides/soils'
import { aims } from '../mix/weights'
import { reportKinds } from '../report/kinds'
import { recommendedFields } from '../report/lines'
import { mannerIds, mannerOf } from '../report/manners'
import { measuredFields } from '../report/tests'
import { limeScales, sieveMeshes } from '../shelf/lime-scales'
import { languages } from '../told/text'
import { majorNutrients } from '../units/quantity'
import {
  fields,
  flag,
  form,
  instant,
  kinds,
  list,
  number,
  oneOf,
  orNone,
  record,
  text,
  tuple,
  typed,
  whole,
  type Shape,
} from './shape'

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

const id = text(80, 1)
/** An entry whose id cannot be read is none. */
const withoutId = ({ id: _id, ...rest }: { readonly id: string }): object => rest
/** The id of something, whether it is there or not. */
const reference = text(80, 1)
const date = text(texts.date)
const initials = text(texts.initials)
const each = (names: readonly (string | number)[], of: Shape) => Object.fromEntries(names.map((name) => [name, of]))
const keyOf = (table: object) => oneOf(null, ...Object.keys(table))

/** A guide and its version. */
export const guideShape = form(/^[a-z0-9-]+@\d+$/)
/** Options by the questions' ids. */
export const schoolsShape = record(/^[a-zA-Z0-9-]{1,40}$/, text(40), 40)

/** A guide's crop or legume, and a product with its version, which may be an office's own. */
const guideId = form(/^[a-z0-9-]{1,60}$/)
const product = form(/^[a-z0-9-]{1,60}@\d{1,6}$/)
export const priceLimits = { most: 100_000, bags: 10 } as const

/** A spreader and what it put down when it was tried. */
const spreader = fields({
  id,
  name: text(texts.name),
  kind: oneOf(null, 'broadcast', 'drop'),
  swath: typed,
  setting: typed,
  product: orNone(product),
  trials: list(fields({ id, setting: typed, distance: typed, before: typed, after: typed }), 50, 'id'),
})
export const spreadersShape = list(spreader, 50, 'id')

const ownRegion = fields({
  id,
  name: text(texts.name),
  hemisphere: oneOf('north', 'south'),
  lastFrost: text(40),
  firstFrost: text(40),
  soil: text(120),
})

/** The office, and what new cases begin with. */
export const officeShape = fields({
  id: oneOf('office'),
  name: text(officeTexts.name),
  address: text(officeTexts.address),
  disclaimer: text(officeTexts.disclaimer),
  region: text(officeTexts.region),
  logo: orNone(text(80)),
  people: text(officeTexts.people),
  measures: oneOf('feet', 'metres'),
  climate: oneOf('cool', 'warm'),
  guide: guideShape,
  feeding: oneOf('lean', 'usual', 'generous'),
  schools: schoolsShape,
  shelf: record(
    /^[a-z0-9-]{1,60}@\d{1,6}$/,
    fields({
      bags: list(
        fields({ lb: number(0.05, 10_000), price: orNone(number(0, priceLimits.most)), on: text(10) }),
        priceLimits.bags,
      ),
      away: flag,
    }),
    5_000,
  ),
  spreaders: spreadersShape,
  closedTimes: list(
    fields({
      id,
      name: text(texts.name),
      from: text(40),
      to: text(40),
      what: oneOf('all', 'N', 'P₂O₅'),
      where: oneOf('all', 'lawn'),
    }),
    100,
    'id',
  ),
  yearLimits: list(
    fields({ id, name: text(texts.name), what: oneOf('N', 'P₂O₅'), where: oneOf('all', 'lawn'), most: text(40) }),
    100,
    'id',
  ),
  waterStrips: list(
    fields({ id, name: text(texts.name), what: oneOf('all', 'N', 'P₂O₅'), width: text(40) }),
    100,
    'id',
  ),
  regions: list(ownRegion, 100, 'id'),
  sample: flag,
})

/** ft on the plan. */
const onPlan = number(-1e6, 1e6)
const point = tuple(onPlan, onPlan)
const across = number(0, 1e6)
const turned = number(-3600, 3600)
const at = { x: onPlan, y: onPlan }
export const outlineShape = kinds({
  rectangle: { ...at, width: across, length: across, angle: turned },
  circle: { ...at, diameter: across },
  ellipse: { ...at, width: across, length: across, angle: turned },
  ring: { ...at, outside: across, inside: across },
  polygon: { points: list(point, mostCorners, undefined, 1) },
  rows: { ...at, length: across, spacing: across, count: whole(0, 10_000), angle: turned },
  plant: { ...at, across },
})
const pixels = whole(1, 100_000)
const plan = fields({
  north: turned,
  pace: typed,
  picture: orNone(
    fields({
      attachment: id,
      name: text(texts.fileName),
      width: pixels,
      height: pixels,
      ...at,
      feetPerPixel: number(1e-6, 1e6),
    }),
  ),
})

const season = fields(
  {
    crop: orNone(guideId),
    otherCrops: list(guideId, 20, 'entry'),
    feeding: oneOf('lean', 'usual', 'generous'),
    newLawn: flag,
    sown: date,
    plants: fields({ ...each(['count', 'age', 'shoots'], typed), dwarf: flag }),
    rows: fields(each(['length', 'spacing'], typed)),
    past: fields({ manure: orNone(product), manureRate: typed, legume: orNone(guideId), beansNext: flag }),
    materials: fields({
      lime: orNone(product),
      limeEffective: typed,
      limeScale: oneOf(...Object.keys(limeScales)),
      limeSieves: fields(each(['cce', 'moisture', ...sieveMeshes], typed)),
      limeBag: typed,
      sulfur: orNone(product),
      sulfurBag: typed,
      fertilizer: orNone(product),
      slowNitrogen: typed,
      meets: oneOf(null, ...majorNutrients),
      fertilizerBag: typed,
    }),
  },
  blankSeason,
)

const area = fields(
  {
    id,
    name: text(texts.name),
    size: typed,
    texture: keyOf(textures),
    shapes: list(fields({ id, hole: flag, outline: outlineShape }), 200, 'id'),
    lie: fields({
      colour: text(texts.colour),
      slope: oneOf(null, 'level', 'gentle', 'steep'),
      shade: oneOf(null, 'sun', 'part', 'shade'),
      irrigated: flag,
      toWater: typed,
    }),
    concerns: list(oneOf(...concerns), concerns.length, 'entry'),
    ground: oneOf(null, 'dug', 'planted'),
    depth: typed,
    phosphorusBanned: flag,
    guide: guideShape,
    reportId: orNone(reference),
    seasons: record(/^\d{4}$/, season, 100),
  },
  withoutId(blankArea('', '')),
)

const sample = fields(
  {
    id,
    code: text(texts.code),
    areas: list(reference, 500, 'entry'),
    corner: text(texts.corner),
    cornerAt: orNone(point),
    cores: typed,
    depth: typed,
    tests: orNone(list(oneOf(...testIds), testIds.length, 'entry')),
    seed: whole(0, 4_294_967_295),
    ticked: record(/^(\d{1,2}|1\d\d|200)$/, oneOf(true)),
    taken: fields({ date, by: initials, weather: text(texts.weather), cores: typed }),
    sent: date,
    back: date,
    due: date,
    ticket: text(20_000),
    reportId: orNone(reference),
  },
  withoutId(blankSample('', 0)),
)

const spotCheck = fields({
  id,
  areaId: reference,
  x: orNone(onPlan),
  y: orNone(onPlan),
  pH: typed,
  at: instant,
})

/** A line of a report's paper, in the unit that the paper prints. */
const reportLine = fields({
  field: oneOf(...measuredFields, ...recommendedFields.map((field) => `recommends.${field}`)),
  unit: text(24),
})
/** How a report measured, which a layout says of every paper of its laboratory. */
export const mannerShapes: Readonly<Record<string, Shape>> = {
  kind: oneOf(...reportKinds),
  extractant: keyOf(extractants),
  unit: oneOf('ppm', 'lb/acre', 'index'),
  ...Object.fromEntries(
    mannerIds.map((one) => {
      const { values, usual } = mannerOf(one)
      return [one, oneOf(...(usual ? [] : [null]), ...Object.keys(values))]
    }),
  ),
  lines: list(reportLine, 60, 'field'),
}
export const limeMeaningShape = oneOf('product', 'pure', 'ENM')

const report = fields(
  {
    id,
    ...mannerShapes,
    areas: record(80, oneOf(true), 500),
    originals: list(fields({ id, name: text(texts.fileName), type: text(80) }), 20, 'id'),
    code: text(texts.code),
    laboratory: text(texts.laboratory),
    date,
    ...each(measuredFields, typed),
    recommends: fields({ ...each(recommendedFields, typed), limeMeans: limeMeaningShape }),
  },
  withoutId(blankReport('')),
)

const application = fields(
  {
    id,
    areaId: reference,
    date,
    what: oneOf(...appliedKinds),
    note: text(texts.applied),
    product: orNone(product),
    amount: typed,
    pass: orNone(text(200, 1)),
    done: oneOf('as-planned', 'otherwise', 'skipped'),
  },
  withoutId(blankApplication('', '', '')),
)

const hash = form(/^[0-9a-f]{64}$/)
const signed = { reason: text(texts.reason), by: initials, at: instant }
/** A record by what it speaks of: an area, a need and a pass of it, a limit, a station. */
const byKey = (of: Shape) => record(200, of, 10_000)
const decisions = fields({
  overrulings: byKey(fields({ ...signed, of: oneOf(...overrulable), is: typed, replaced: typed })),
  confirmations: byKey(fields({ ...signed, figure: typed })),
  moves: byKey(fields({ to: date, planned: date, by: initials, at: instant })),
  settled: byKey(fields({ by: initials, at: instant, inputs: hash })),
})
const mix = fields({
  core: text(20),
  at: instant,
  aim: oneOf(...aims),
  takes: list(fields({ areaId: reference, product, lb: number(0) }), 10_000),
  bags: list(fields({ product, lb: number(0.05, 10_000), count: whole(1, 1e6) }), 1_000),
  fromShed: list(fields({ product, lb: number(0) }), 1_000),
  needs: list(fields({ areaId: reference, of: oneOf(...majorNutrients), lb: orNone(number(0)) }), 10_000),
})
const given = fields({
  id,
  at: instant,
  by: initials,
  checkedBy: initials,
  language: oneOf(...languages),
  inputs: hash,
  core: text(20),
  handed: orNone(instant),
  document: text(2_000_000),
})

/** A whole case: what is not named here is refused. */
export const caseShape = fields({
  id,
  schema: oneOf(caseSchemaNumber),
  rev: whole(0, 1e9),
  client: text(texts.client),
  place: text(texts.place),
  draftedBy: initials,
  checkedBy: initials,
  createdAt: instant,
  updatedAt: instant,
  sample: flag,
  measures: oneOf('feet', 'metres'),
  climate: oneOf('cool', 'warm'),
  region: orNone(guideId),
  ownRegion: orNone(ownRegion),
  schools: schoolsShape,
  season: form(/^\d{4}$/),
  plan,
  areas: list(area, 500, 'id'),
  sampling: flag,
  samples: list(sample, 1_000, 'id'),
  spotChecks: list(spotCheck, 2_000, 'id'),
  reports: list(report, 1_000, 'id'),
  applications: list(application, 5_000, 'id'),
  decisions,
  shed: list(fields({ id, product, amount: typed }), 500, 'id'),
  mix: orNone(mix),
  spreaders: spreadersShape,
  letters: list(given, 200, 'id'),
  calendarSent: list(text(260, 1), 10_000, 'entry'),
  letter: fields({
    date,
    note: text(texts.note),
    printedAt: orNone(instant),
    language: oneOf(...languages),
    why: flag,
    workings: flag,
    bothMeasures: flag,
    edits: byKey(fields({ words: text(texts.sentence), was: text(texts.sentence), by: initials, at: instant })),
    frozen: orNone(reference),
  }),
})
