import Joi from 'joi'
import type { Area, Case, Report } from '../core/case'
import { fields } from '../core/fields'
import { readSize } from '../core/geometry/size'
import { crops } from '../core/guides/crops'
import { extractants } from '../core/guides/guides'
import { fertilizers, limeMaterials, sulfurMaterials } from '../core/guides/materials'
import { textures } from '../core/guides/soils'
import { bufferKinds } from '../core/units/quantity'
import { readTyped, type Typed, type UnitWords } from '../core/units/typed'

export const line = (most: number) => Joi.string().allow('').max(most).required()
const id = Joi.string().min(1).max(80).required()
export const instant = Joi.string().isoDate().required()
const orNone = (table: object) => Joi.valid(null, ...Object.keys(table)).required()

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

const materials = Joi.object({
  lime: orNone(limeMaterials),
  limeEffective: typed,
  limeBag: typed,
  sulfur: orNone(sulfurMaterials),
  sulfurBag: typed,
  fertilizer: orNone(fertilizers),
  meets: Joi.valid(null, 'N', 'P₂O₅', 'K₂O').required(),
  fertilizerBag: typed,
})

const area = Joi.object({
  id,
  name: line(120),
  size: typed,
  crop: orNone(crops),
  texture: orNone(textures),
  ground: Joi.valid(null, 'dug', 'planted').required(),
  depth: typed,
  feeding: Joi.string().valid('lean', 'usual', 'generous').required(),
  phosphorusBanned: Joi.boolean().required(),
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
  unit: Joi.string().valid('ppm', 'lb/acre').required(),
  buffer: Joi.valid(null, ...bufferKinds).required(),
  pH: typed,
  bufferPH: typed,
  organicMatter: typed,
  cec: typed,
  acidity: typed,
  P: typed,
  K: typed,
  Mg: typed,
  recommends: Joi.object({
    lime: typed,
    limeMeans: Joi.string().valid('product', 'pure').required(),
    limeDepth: typed,
    sulfur: typed,
    N: typed,
    'P₂O₅': typed,
    'K₂O': typed,
  }).required(),
})

/** A whole case, strict: what is not named here is refused. */
export const caseSchema = Joi.object<Case>({
  id,
  schema: Joi.number().valid(2).required(),
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
  const { materials } = area
  return {
    ...area,
    size: { ...area.size, value: size.ok ? size.value.area.value.v : null },
    depth: again(area.depth, fields.depth.units),
    materials: {
      ...materials,
      limeEffective: again(materials.limeEffective, fields.limeEffective.units),
      limeBag: again(materials.limeBag, fields.bag.units),
      sulfurBag: again(materials.sulfurBag, fields.bag.units),
      fertilizerBag: again(materials.fertilizerBag, fields.bag.units),
    },
  }
}

function rereadReport(report: Report): Report {
  const { recommends } = report
  return {
    ...report,
    pH: again(report.pH, []),
    bufferPH: again(report.bufferPH, []),
    organicMatter: again(report.organicMatter, fields.organicMatter.units),
    cec: again(report.cec, fields.cec.units),
    acidity: again(report.acidity, fields.acidity.units),
    P: again(report.P, fields.P.units),
    K: again(report.K, fields.K.units),
    Mg: again(report.Mg, fields.Mg.units),
    recommends: {
      ...recommends,
      lime: again(recommends.lime, fields.lime.units),
      limeDepth: again(recommends.limeDepth, fields.depth.units),
      sulfur: again(recommends.sulfur, fields.sulfur.units),
      N: again(recommends.N, fields.nutrient.units),
      'P₂O₅': again(recommends['P₂O₅'], fields.nutrient.units),
      'K₂O': again(recommends['K₂O'], fields.nutrient.units),
    },
  }
}
