import Joi from 'joi'
import type { Product } from '../core/shelf/product'
import { otherNutrients } from '../core/units/quantity'
import { line } from './from-shape'
import { sourceSchema, text } from './guide'

/** The form of a product, strict: what is not named here is refused. */
const percent = Joi.number().min(0).max(100)
const share = Joi.number().min(0).max(1)
const lb = Joi.number().greater(0).max(10_000)
const flag = Joi.boolean()

const liming = Joi.object({
  stone: Joi.valid('calcitic', 'dolomitic').required(),
  effectiveness: Joi.alternatives(Joi.number().greater(0).max(2), Joi.valid('reference')).required(),
  beginsInMonths: Joi.number().min(0).max(60).required(),
  cap: Joi.object({ perPass: lb.required(), monthsApart: Joi.number().min(0).max(60).required() }),
  caustic: flag,
  labelled: flag,
})
const acidifying = Joi.object({
  strength: Joi.number().greater(0).max(1).required(),
  productPerPass: lb,
  powder: flag,
  stains: flag,
  notOnFood: flag,
})
const feeding = Joi.object({
  grade: Joi.object({ N: percent.required(), 'P₂O₅': percent.required(), 'K₂O': percent.required() })
    .custom((grade: Record<string, number>, helpers) =>
      Object.values(grade).reduce((sum, one) => sum + one, 0) <= 100 ? grade : helpers.error('grade.sum'),
    )
    .messages({ 'grade.sum': '{{#label}} must not sum to more than 100 %' })
    .required(),
  also: Joi.object(Object.fromEntries(otherNutrients.map((one) => [one, percent]))),
  firstYearN: share.required(),
  firstYearK: share,
  acidity: Joi.number().min(0).max(20),
  saltIndex: Joi.number().min(0).max(300),
  phosphateBelowPH: Joi.number().min(3).max(10),
  slowNitrogen: share.required(),
  ammonium: flag.required(),
  nitrate: flag.required(),
  chloride: flag.required(),
  blend: flag.required(),
  restricted: flag,
  organic: flag,
  soluble: flag,
  forLawns: flag,
  origin: Joi.valid('manure', 'compost', 'sewage'),
})

export const productSchema = Joi.object<Product>({
  id: line(60).pattern(/^[a-z0-9-]+$/),
  version: Joi.number().integer().min(1).max(10_000).required(),
  label: text.required(),
  lbPerCup: Joi.number().greater(0).max(5).required(),
  bagLb: lb.required(),
  smallLb: lb,
  source: sourceSchema,
  liming,
  acidifying,
  feeding,
}).or('liming', 'acidifying', 'feeding')

export const productsSchema = Joi.array<Product[]>().items(productSchema).max(5_000).required()
