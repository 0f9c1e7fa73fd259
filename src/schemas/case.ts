import Joi from 'joi'
import { concerns, type Area, type Case, type LineField, type Report, type Sample } from '../core/case/case'
import { reportKinds } from '../core/report/kinds'
import { measuredFields } from '../core/report/tests'
import { readLine, recommendedFields } from '../core/report/lines'
import { fields, limeFields, sieveField } from '../core/report/fields'
import { mostCorners, type OutlineKind } from '../core/ground/plan/outline'
import { readSize } from '../core/ground/size'
import { testIds } from '../core/guides/sampling'
import { extractants } from '../core/guides/guide'
import { mannerIds, mannerOf } from '../core/report/manners'
import { appliedKinds } from '../core/case/applications'
import { overrulable } from '../core/case/decisions'
import type { LimeSieves, Season } from '../core/case/season'
import { limeScales, sieveMeshes } from '../core/shelf/lime-scales'
import { textures } from '../core/guides/soils'
import { majorNutrients } from '../core/units/quantity'
import { languages } from '../core/told/text'
import { paceOf } from '../core/reading/soil'
import { readTyped, type Typed, type UnitWords } from '../core/units/typed'

export const line = (most: number) => Joi.string().allow('').max(most).required()
const id = Joi.string().min(1).max(80).required()
export const instant = Joi.string().isoDate().required()
const orNone = (table: object) => Joi.valid(null, ...Object.keys(table)).required()

/** Options by the questions' ids. */
export const schoolsField = Joi.object()
  .pattern(Joi.string().pattern(/^[a-zA-Z0-9-]{1,40}$/), line(40))
  .max(40)
  .required()

/** A guide and its version. */
export const guideField = Joi.string()
  .pattern(/^[a-z0-9-]+@\d+$/)
  .required()

/** The value is not trusted: it is read from the text again when the file is opened. */
const typed = Joi.object({
  text: line(120),
  unit: line(24),
  value: Joi.number().unsafe().allow(null).required(),
}).required()
const typedEach = (names: readonly (string | number)[]) => Object.fromEntries(names.map((name) => [name, typed]))
const flag = Joi.boolean().required()
const choice = (...values: readonly (string | null)[]) => Joi.valid(...values).required()
/** An id of the guide, which may be an office's own. */
const guideId = Joi.string()
  .pattern(/^[a-z0-9-]{1,60}$/)
  .allow(null)
  .required()

/** A product and its version, which may be an office's own. */
const productField = Joi.string()
  .pattern(/^[a-z0-9-]{1,60}@\d{1,6}$/)
  .required()
const productId = productField.allow(null)

const materials = Joi.object({
  lime: productId,
  limeEffective: typed,
  limeScale: choice(...Object.keys(limeScales)),
  limeSieves: Joi.object(typedEach(['cce', 'moisture', ...sieveMeshes])).required(),
  limeBag: typed,
  sulfur: productId,
  sulfurBag: typed,
  fertilizer: productId,
  slowNitrogen: typed,
  meets: choice(null, ...majorNutrients),
  fertilizerBag: typed,
})

/** ft on the plan. */
const onPlan = Joi.number().min(-1e6).max(1e6).required()
const across = Joi.number().min(0).max(1e6).required()
const turned = Joi.number().min(-3600).max(3600).required()
const outlines: Readonly<Record<OutlineKind, object>> = {
  rectangle: { x: onPlan, y: onPlan, width: across, length: across, angle: turned },
  circle: { x: onPlan, y: onPlan, diameter: across },
  ellipse: { x: onPlan, y: onPlan, width: across, length: across, angle: turned },
  ring: { x: onPlan, y: onPlan, outside: across, inside: across },
  polygon: {
    points: Joi.array().items(Joi.array().ordered(onPlan, onPlan).length(2)).min(1).max(mostCorners).required(),
  },
  rows: {
    x: onPlan,
    y: onPlan,
    length: across,
    spacing: across,
    count: Joi.number().integer().min(0).max(10_000).required(),
    angle: turned,
  },
  plant: { x: onPlan, y: onPlan, across },
}
export const outlineSchema = Joi.alternatives(
  ...Object.entries(outlines).map(([kind, keys]) => Joi.object({ kind: Joi.string().valid(kind).required(), ...keys })),
).match('one')
const shape = Joi.object({ id, hole: flag, outline: outlineSchema.required() })
const pixels = Joi.number().integer().min(1).max(100_000).required()
const plan = Joi.object({
  north: turned,
  pace: typed,
  picture: Joi.object({
    attachment: id,
    name: line(200),
    width: pixels,
    height: pixels,
    x: onPlan,
    y: onPlan,
    feetPerPixel: Joi.number().min(1e-6).max(1e6).required(),
  })
    .allow(null)
    .required(),
}).required()
const sample = Joi.object({
  id,
  code: line(60),
  areas: Joi.array().items(Joi.string().max(80)).max(500).unique().required(),
  corner: line(120),
  cornerAt: Joi.array().ordered(onPlan, onPlan).length(2).allow(null).required(),
  cores: typed,
  depth: typed,
  tests: Joi.array()
    .items(Joi.valid(...testIds))
    .unique()
    .allow(null)
    .required(),
  seed: Joi.number().integer().min(0).max(4_294_967_295).required(),
  ticked: Joi.object()
    .pattern(/^(\d{1,2}|1\d\d|200)$/, Joi.valid(true))
    .required(),
  taken: Joi.object({ date: line(10), by: line(60), weather: line(120), cores: typed }).required(),
  sent: line(10),
  back: line(10),
  due: line(10),
  ticket: line(20_000),
  reportId: Joi.string().max(80).allow(null).required(),
})
const spotCheck = Joi.object({
  id,
  areaId: Joi.string().max(80).required(),
  x: Joi.number().min(-1e6).max(1e6).allow(null).required(),
  y: Joi.number().min(-1e6).max(1e6).allow(null).required(),
  pH: typed,
  at: instant,
})

const year = Joi.string().pattern(/^\d{4}$/)
const season = Joi.object({
  crop: guideId,
  otherCrops: Joi.array()
    .items(Joi.string().pattern(/^[a-z0-9-]{1,60}$/))
    .max(20)
    .unique()
    .required(),
  feeding: choice('lean', 'usual', 'generous'),
  newLawn: flag,
  plants: Joi.object({ ...typedEach(['count', 'age', 'shoots']), dwarf: flag }).required(),
  rows: Joi.object(typedEach(['length', 'spacing'])).required(),
  past: Joi.object({
    manure: productId,
    manureRate: typed,
    legume: guideId,
    beansNext: flag,
  }).required(),
  materials: materials.required(),
})

const area = Joi.object({
  id,
  name: line(120),
  size: typed,
  texture: orNone(textures),
  shapes: Joi.array().items(shape).max(200).unique('id').required(),
  lie: Joi.object({
    colour: line(80),
    slope: choice(null, 'level', 'gentle', 'steep'),
    shade: choice(null, 'sun', 'part', 'shade'),
    irrigated: flag,
    toWater: typed,
  }).required(),
  concerns: Joi.array()
    .items(Joi.valid(...concerns))
    .unique()
    .required(),
  ground: choice(null, 'dug', 'planted'),
  depth: typed,
  phosphorusBanned: flag,
  guide: guideField,
  reportId: Joi.string().max(80).allow(null).required(),
  seasons: Joi.object().pattern(year, season.required()).max(100).required(),
})

const application = Joi.object({
  id,
  areaId: Joi.string().max(80).required(),
  date: line(10),
  what: choice(...appliedKinds),
  note: line(200),
  product: productId,
  amount: typed,
  pass: Joi.string().max(200).allow(null).required(),
  done: choice('as-planned', 'otherwise', 'skipped'),
})
const hash = Joi.string()
  .pattern(/^[0-9a-f]{64}$/)
  .required()
const signed = { reason: line(1000), by: line(60), at: instant }
/** A record by what it speaks of: an area, a need and a pass of it, a limit, a station. */
const byKey = (of: Joi.Schema) => Joi.object().pattern(Joi.string().max(200), of.required()).max(10_000).required()
const decisions = Joi.object({
  overrulings: byKey(Joi.object({ ...signed, of: choice(...overrulable), is: typed, replaced: typed, inputs: hash })),
  confirmations: byKey(Joi.object({ ...signed, figure: typed })),
  moves: byKey(Joi.object({ to: line(10), by: line(60), at: instant })),
  caps: byKey(typed),
  settled: byKey(Joi.object({ by: line(60), at: instant, inputs: hash })),
}).required()
const mix = Joi.object({
  inputs: hash,
  core: line(20),
  at: instant,
  takes: Joi.array()
    .items(
      Joi.object({
        areaId: Joi.string().max(80).required(),
        product: productField,
        lb: Joi.number().min(0).required(),
      }),
    )
    .max(10_000)
    .required(),
})
const given = Joi.object({
  id,
  at: instant,
  by: line(60),
  checkedBy: line(60),
  language: choice(...languages),
  inputs: hash,
  core: line(20),
  document: line(500_000),
})

/** A line of a report's paper, in the unit that the paper prints. */
export const reportLine = Joi.object({
  field: choice(...measuredFields, ...recommendedFields.map((field) => `recommends.${field}`)),
  unit: line(24),
})
/** How a report measured, which a layout says of every paper of its laboratory. */
export const reportManner = {
  kind: choice(...reportKinds),
  extractant: orNone(extractants),
  unit: choice('ppm', 'lb/acre', 'index'),
  ...Object.fromEntries(
    mannerIds.map((id) => {
      const { values, usual } = mannerOf(id)
      return [id, choice(...(usual ? [] : [null]), ...Object.keys(values))]
    }),
  ),
  lines: Joi.array().items(reportLine).max(60).unique('field').required(),
}
export const limeMeaning = choice('product', 'pure', 'ENM')

const report = Joi.object({
  id,
  ...reportManner,
  areas: Joi.object().pattern(Joi.string().max(80), Joi.valid(true)).max(500).required(),
  originals: Joi.array()
    .items(Joi.object({ id, name: line(200), type: line(80) }))
    .max(20)
    .unique('id')
    .required(),
  code: line(60),
  laboratory: line(120),
  date: line(10),
  ...typedEach(measuredFields),
  recommends: Joi.object({
    ...typedEach(recommendedFields),
    limeMeans: limeMeaning,
  }).required(),
})

/** A whole case, strict: what is not named here is refused. */
export const caseSchema = Joi.object<Case>({
  id,
  schema: Joi.number().valid(6).required(),
  rev: Joi.number().integer().min(0).required(),
  client: line(200),
  place: line(200),
  draftedBy: line(60),
  checkedBy: line(60),
  createdAt: instant,
  updatedAt: instant,
  sample: Joi.boolean().required(),
  measures: Joi.string().valid('feet', 'metres').required(),
  climate: Joi.string().valid('cool', 'warm').required(),
  schools: schoolsField,
  season: year.required(),
  plan,
  areas: Joi.array().items(area).max(500).unique('id').required(),
  sampling: flag,
  samples: Joi.array().items(sample).max(1000).unique('id').required(),
  spotChecks: Joi.array().items(spotCheck).max(2000).unique('id').required(),
  reports: Joi.array().items(report).max(1000).unique('id').required(),
  applications: Joi.array().items(application).max(5000).unique('id').required(),
  decisions,
  shed: Joi.array()
    .items(Joi.object({ id, product: productField, amount: typed }))
    .max(500)
    .unique('id')
    .required(),
  mix: mix.allow(null).required(),
  letters: Joi.array().items(given).max(200).unique('id').required(),
  letter: Joi.object({
    date: line(10),
    note: line(4000),
    printedAt: Joi.string().isoDate().allow(null).required(),
  }).required(),
}).required()

/** The case with every number read again from its text, so that text and number cannot disagree. */
export function reread(kase: Case): Case {
  const plan = { ...kase.plan, pace: again(kase.plan.pace, fields.pace.units) }
  return {
    ...kase,
    plan,
    areas: kase.areas.map((one) => rereadArea(one, { ...kase, plan })),
    samples: kase.samples.map(rereadSample),
    spotChecks: kase.spotChecks.map((one) => ({ ...one, pH: readLine('pH', one.pH.text, one.pH.unit) })),
    reports: kase.reports.map(rereadReport),
    applications: kase.applications.map((one) => ({ ...one, amount: again(one.amount, fields.bag.units) })),
    shed: kase.shed.map((one) => ({ ...one, amount: again(one.amount, fields.bag.units) })),
  }
}

const again = (typed: Typed, units: readonly UnitWords[]): Typed => readTyped(typed.text, typed.unit, units)

const rereadSample = (sample: Sample): Sample => ({
  ...sample,
  cores: again(sample.cores, fields.cores.units),
  depth: again(sample.depth, fields.depth.units),
  taken: { ...sample.taken, cores: again(sample.taken.cores, fields.cores.units) },
})

function rereadArea(area: Area, kase: Case): Area {
  const size = readSize(area.size.text, kase.measures, paceOf(kase.plan))
  return {
    ...area,
    size: { ...area.size, value: size.ok ? size.value.area.value.v : null },
    depth: again(area.depth, fields.depth.units),
    lie: { ...area.lie, toWater: again(area.lie.toWater, fields.toWater.units) },
    seasons: Object.fromEntries(Object.entries(area.seasons).map(([year, season]) => [year, rereadSeason(season)])),
  }
}

function rereadSeason(season: Season): Season {
  const { materials, plants, rows, past } = season
  return {
    ...season,
    plants: {
      ...plants,
      count: again(plants.count, fields.plants.units),
      age: again(plants.age, fields.age.units),
      shoots: again(plants.shoots, fields.shoots.units),
    },
    rows: {
      length: again(rows.length, fields.rowLength.units),
      spacing: again(rows.spacing, fields.rowSpacing.units),
    },
    past: { ...past, manureRate: again(past.manureRate, fields.nutrient.units) },
    materials: {
      ...materials,
      limeEffective: again(materials.limeEffective, limeFields[materials.limeScale].units),
      limeSieves: Object.fromEntries(
        Object.entries(materials.limeSieves).map(([name, one]) => [name, again(one, sieveField.units)]),
      ) as unknown as LimeSieves,
      limeBag: again(materials.limeBag, fields.bag.units),
      sulfurBag: again(materials.sulfurBag, fields.bag.units),
      slowNitrogen: again(materials.slowNitrogen, fields.slowNitrogen.units),
      fertilizerBag: again(materials.fertilizerBag, fields.bag.units),
    },
  }
}

const rereadReport = (report: Report): Report => {
  const again = <Name extends string>(
    names: readonly Name[],
    typed: (name: Name) => Typed,
    field: (name: Name) => LineField,
  ) => Object.fromEntries(names.map((name) => [name, readLine(field(name), typed(name).text, typed(name).unit)]))
  return {
    ...report,
    ...again(
      measuredFields,
      (name) => report[name],
      (name) => name,
    ),
    recommends: {
      ...report.recommends,
      ...again(
        recommendedFields,
        (name) => report.recommends[name],
        (name) => `recommends.${name}`,
      ),
    },
  }
}
