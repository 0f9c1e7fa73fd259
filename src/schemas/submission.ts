import Joi from 'joi'
import { testIds } from '../core/guides/sampling'
import { textures } from '../core/guides/soils'
import { fields } from '../core/report/fields'

/** What a laboratory is sent. */
export const submissionSchema = Joi.object({
  samples: Joi.array()
    .items(
      Joi.object({
        code: Joi.string().trim().min(1).max(60).required(),
        tests: Joi.array()
          .items(Joi.valid(...testIds))
          .min(1)
          .unique()
          .required(),
        texture: Joi.valid(null, ...Object.keys(textures)).required(),
        depth: Joi.number().min(fields.depth.low).max(fields.depth.high).required(),
      }),
    )
    .min(1)
    .max(40)
    .unique('code')
    .required(),
}).required()

/** A receipt of the simulated laboratory, which keeps nothing: all of it is in the ticket. */
export const ticketSchema = Joi.object({
  readyAt: Joi.string().isoDate().required(),
  samples: submissionSchema.extract('samples'),
}).required()
