import Joi from 'joi'
import { laterKey, typedLimits, type Shape } from '../core/shape/shape'

/** The value is not trusted: it is read from the text again when a file is opened. */
const typed = Joi.object({
  text: Joi.string().allow('').max(typedLimits.text).required(),
  unit: Joi.string().allow('').max(typedLimits.unit).required(),
  value: Joi.number().unsafe().allow(null).required(),
}).required()

/** Up to so many characters, or none. */
export const line = (most: number): Joi.StringSchema => Joi.string().allow('').max(most).required()
export const instant = Joi.string().isoDate().required()

/** Keys of fields, each of which must be there. */
export const fieldsOf = (of: Readonly<Record<string, Shape>>): Record<string, Joi.Schema> =>
  Object.fromEntries(Object.entries(of).map(([key, shape]) => [key, fromShape(shape)]))

/** A declared shape as the schema that files and requests are checked by: strict, and everything in it required. */
export function fromShape(shape: Shape): Joi.Schema {
  switch (shape.is) {
    case 'optional':
      return fromShape(shape.of).allow(null)
    case 'text': {
      const sized = Joi.string().max(shape.most)
      const least = shape.least > 0 ? sized.min(shape.least) : sized.allow('')
      return (shape.form ? least.pattern(shape.form) : least).required()
    }
    case 'instant':
      return instant
    case 'number': {
      const low = shape.low === undefined ? Joi.number() : Joi.number().min(shape.low)
      const bound = shape.high === undefined ? low : low.max(shape.high)
      return (shape.whole ? bound.integer() : bound).required()
    }
    case 'flag':
      return Joi.boolean().required()
    case 'one-of':
      return Joi.valid(...shape.values).required()
    case 'typed':
      return typed
    case 'fields':
      return Joi.object(fieldsOf(shape.of)).required()
    case 'some':
      return Joi.object(
        Object.fromEntries(Object.entries(shape.of).map(([key, of]) => [key, fromShape(of).optional()])),
      )
        .pattern(laterKey, fromShape(shape.else).optional())
        .required()
    case 'kinds':
      return Joi.alternatives(
        ...Object.entries(shape.of).map(([kind, of]) =>
          Joi.object({ kind: Joi.string().valid(kind).required(), ...fieldsOf(of) }),
        ),
      )
        .match('one')
        .required()
    case 'tuple':
      return Joi.array()
        .ordered(...shape.of.map(fromShape))
        .length(shape.of.length)
        .required()
    case 'list': {
      const any = Joi.array().items(entry(shape.of)).max(shape.most)
      const all = shape.least > 0 ? any.min(shape.least) : any
      if (!shape.unique) return all.required()
      return (shape.unique === 'entry' ? all.unique() : all.unique(shape.unique)).required()
    }
    case 'record': {
      const key = typeof shape.key === 'number' ? Joi.string().max(shape.key) : Joi.string().pattern(shape.key)
      const any = Joi.object().pattern(key, fromShape(shape.of))
      return (shape.most === undefined ? any : any.max(shape.most)).required()
    }
  }
}

/** An entry of a list: a required one would ask for at least one of them. */
const entry = (of: Shape): Joi.Schema => fromShape(of).optional()
