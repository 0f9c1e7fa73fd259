import Joi from 'joi'
import type { Area, Case, Report } from '../core/case'
import { elementFields, fields, limeFields, sieveField } from '../core/fields'
import { readSize } from '../core/geometry/size'
import { boronMethods, extractants, leadMethods, micronutrientMethods } from '../core/guides/guide'
import { fertilizers, limeMaterials, limeScales, sieveMeshes, sulfurMaterials } from '../core/guides/materials'
import { textures } from '../core/guides/soils'
import {
  bufferKinds,
  elements,
  majorNutrients,
  otherNutrients,
  saltMethods,
  type Element,
} from '../core/units/quantity'
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

const materials = Joi.object({
  lime: orNone(limeMaterials),
  limeEffective: typed,
  limeScale: choice(...Object.keys(limeScales)),
  limeSieves: Joi.object(typedEach(['cce', 'moisture', ...sieveMeshes])).required(),
  limeBag: typed,
  sulfur: orNone(sulfurMaterials),
  sulfurBag: typed,
  fertilizer: orNone(fertilizers),
  slowNitrogen: typed,
  meets: choice(null, ...majorNutrients),
  fertilizerBag: typed,
})

const area = Joi.object({
  id,
  name: line(120),
  size: typed,
  crop: guideId,
  otherCrops: Joi.array()
    .items(Joi.string().pattern(/^[a-z0-9-]{1,60}$/))
    .max(20)
    .unique()
    .required(),
  texture: orNone(textures),
  ground: choice(null, 'dug', 'planted'),
  depth: typed,
  feeding: choice('lean', 'usual', 'generous'),
  phosphorusBanned: flag,
  newLawn: flag,
  plants: Joi.object({ ...typedEach(['count', 'age', 'shoots']), dwarf: flag }).required(),
  rows: Joi.object(typedEach(['length', 'spacing'])).required(),
  past: Joi.object({
    manure: orNone(fertilizers),
    manureRate: typed,
    legume: guideId,
    beansNext: flag,
  }).required(),
  guide: guideField,
  reportId: Joi.string().max(80).allow(null).required(),
  materials: materials.required(),
})

const report = Joi.object({
  id,
  code: line(60),
  laboratory: line(120),
  date: line(10),
  extractant: orNone(extractants),
  micronutrients: choice(null, ...micronutrientMethods),
  boron: choice(null, ...boronMethods),
  unit: choice('ppm', 'lb/acre', 'index'),
  buffer: choice(null, ...bufferKinds),
  pHIn: choice('water', 'salt'),
  saltsBy: choice(null, ...saltMethods),
  leadBy: choice(null, ...leadMethods),
  ...typedEach(['pH', 'bufferPH', 'organicMatter', 'cec', 'acidity', 'nitrate', 'sampleDepth']),
  ...typedEach(['salts', 'sar', 'freeLime', 'lead', ...elements]),
  recommends: Joi.object({
    ...typedEach(['lime', 'limeDepth', 'sulfur', ...majorNutrients, ...otherNutrients]),
    limeMeans: choice('product', 'pure', 'ENM'),
  }).required(),
})

/** A whole case, strict: what is not named here is refused. */
export const caseSchema = Joi.object<Case>({
  id,
  schema: Joi.number().valid(3).required(),
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
  areas: Joi.array().items(area).max(500).unique('id').required(),
  reports: Joi.array().items(report).max(1000).unique('id').required(),
  letter: Joi.object({
    date: line(10),
    note: line(4000),
    printedAt: Joi.string().isoDate().allow(null).required(),
  }).required(),
}).required()

/** The case with every number read again from its text, so that text and number cannot disagree. */
export function reread(kase: Case): Case {
  return { ...kase, areas: kase.areas.map((one) => rereadArea(one, kase)), reports: kase.reports.map(rereadReport) }
}

const again = (typed: Typed, units: readonly UnitWords[]): Typed => readTyped(typed.text, typed.unit, units)

function rereadArea(area: Area, { measures }: Case): Area {
  const size = readSize(area.size.text, measures)
  const { materials, plants, rows, past } = area
  return {
    ...area,
    size: { ...area.size, value: size.ok ? size.value.area.value.v : null },
    depth: again(area.depth, fields.depth.units),
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
      limeSieves: each(materials.limeSieves, () => sieveField.units),
      limeBag: again(materials.limeBag, fields.bag.units),
      sulfurBag: again(materials.sulfurBag, fields.bag.units),
      slowNitrogen: again(materials.slowNitrogen, fields.slowNitrogen.units),
      fertilizerBag: again(materials.fertilizerBag, fields.bag.units),
    },
  }
}

/** Every typed number of a record, read again. */
const each = <T extends object>(record: T, unitsOf: (name: string) => readonly UnitWords[]): T =>
  Object.fromEntries(
    Object.entries(record).map(([name, value]) => [
      name,
      typeof value === 'object' && value !== null && 'text' in value ? again(value as Typed, unitsOf(name)) : value,
    ]),
  ) as T

const reportUnits = (name: string): readonly UnitWords[] =>
  name in elementFields ? elementFields[name as Element].units : (fields[name as keyof typeof fields]?.units ?? [])

const recommendUnits = (name: string): readonly UnitWords[] =>
  name === 'lime' || name === 'sulfur'
    ? fields[name].units
    : name === 'limeDepth'
      ? fields.depth.units
      : fields.nutrient.units

const rereadReport = (report: Report): Report => ({
  ...each(report, (name) => (name === 'sampleDepth' ? fields.depth.units : reportUnits(name))),
  recommends: each(report.recommends, recommendUnits),
})
