import type Joi from 'joi'

/** A field that breaks a schema: `case.areas[0].crop`, and what is wrong with it. */
export interface FieldFault {
  readonly field: string
  readonly message: string
}

export const faultOf = ({ path, message }: Joi.ValidationErrorItem): FieldFault => ({
  field: path.reduce<string>(
    (whole, key) => (typeof key === 'number' ? `${whole}[${key}]` : whole ? `${whole}.${key}` : key),
    '',
  ),
  message,
})
