import type Joi from 'joi'
import { officeShape, type Office } from '../core/office'
import { reread } from '../core/report/reread'
import { fromShape } from './from-shape'

export const officeSchema = fromShape(officeShape) as Joi.ObjectSchema<Office>

/** The office with every number read again from its text. */
export const rereadOffice = (office: Office): Office => reread(officeShape, office, () => null)
