import Joi from 'joi'
import { extractIds, rateGroups, uses, type Crop } from '../core/guides/crop'
import { extractants, type Guide } from '../core/guides/guide'
import { yieldFields } from '../core/report/fields'
import { sources, type Source } from '../core/units/sources'
import { textures } from '../core/guides/soils'
import { elements } from '../core/units/quantity'
import { limeMethods } from '../core/needs/lime/methods'
import { sulfurMethods } from '../core/needs/sulfur/methods'

/**
 * The form of a guide, strict: what is not named here is refused, and what the tables must be whatever their figures
 * (bounds that rise, an aim inside its span, a source for each) is checked with it. docs/guide.md tells of it.
 */
export const text = Joi.object({ en: Joi.string().max(300).required(), es: Joi.string().max(300) })
const slug = Joi.string().pattern(/^[a-z0-9-]{1,60}$/)
const amount = Joi.number().min(0).max(1e6)
/** What may go on at once: a cap of nothing would take endless passes. */
const cap = Joi.number()
  .greater(0)
  .max(1e6)
  .required()
  .messages({ 'number.greater': '{{#label}} must be above 0: a cap of nothing would take endless passes' })
const share = Joi.number().min(0).max(1)
const pH = Joi.number().min(3).max(10)

const ownSource = Joi.object<Source>({
  author: Joi.string().allow('').max(300).required(),
  title: Joi.string().max(400).required(),
  year: Joi.number().integer().min(1800).max(2200).allow(null).required(),
  status: Joi.string().valid('exact', 'published', 'common practice', 'as reported').required(),
  recalled: Joi.boolean().required(),
})
export const sourceSchema = Joi.alternatives(Joi.string().valid(...Object.keys(sources)), ownSource).required()

/** Four upper bounds, each above the one before. */
const bounds = Joi.array()
  .length(4)
  .items(amount)
  .custom((those: number[], helpers) =>
    those.every((bound, i) => i === 0 || bound > those[i - 1]!) ? those : helpers.error('bounds.rise'),
  )
  .messages({ 'bounds.rise': '{{#label}} must rise from one class to the next' })
  .required()

/** Rows of which the first that fits holds: only the last has no condition. */
const rowsEndingIn = (row: Joi.ObjectSchema, ...conditions: readonly string[]) =>
  Joi.array()
    .items(row)
    .min(1)
    .max(12)
    .custom((rows: Record<string, unknown>[], helpers) =>
      rows.every((one, i) => conditions.some((key) => one[key] !== undefined) === i < rows.length - 1)
        ? rows
        : helpers.error('rows.last'),
    )
    .messages({ 'rows.last': '{{#label}} must end with one row without a condition, and have none before' })
    .required()

const classRows = rowsEndingIn(Joi.object({ cecOver: amount, cecFrom: amount, bounds }), 'cecOver', 'cecFrom')
const minimumRows = rowsEndingIn(
  Joi.object({ cecBelow: amount, texture: Joi.string().valid(...Object.keys(textures)), lowBelow: amount.required() }),
  'cecBelow',
  'texture',
)
const minimum = Joi.object({
  rows: minimumRows,
  by: Joi.string().valid('mehlich-3', 'mehlich-1', 'DTPA', 'hot-water'),
  source: sourceSchema,
})

const span = Joi.object({ low: pH.required(), high: pH.required(), aim: pH.required(), school: text })
  .custom((those: Crop['pH'], helpers) =>
    those.low < those.high && those.low <= those.aim && those.aim <= those.high ? those : helpers.error('span.aim'),
  )
  .messages({ 'span.aim': '{{#label}} must have its aim between its low and its high end' })
  .required()

const ofNitrogen = {
  organicMatterCredit: Joi.boolean().required(),
  noneAboveOrganicMatter: Joi.number().min(0).max(100),
  dressings: Joi.array().items(slug).max(8),
  season: slug,
}
const shoots = Joi.array().ordered(amount.required(), amount.required()).required()
const nitrogenByGround = Joi.object({
  unit: Joi.string().valid('lb N/1000 ft²', 'lb N/acre').required(),
  low: amount.required(),
  high: amount.min(Joi.ref('low')).required(),
  usual: amount,
  perHundredFeetOfRow: amount,
  perPlant: Joi.object({
    firstYear: amount.required(),
    eachYear: amount.required(),
    atMost: shoots,
    nitrogenPercent: Joi.number().min(0).max(100).required(),
  }),
  ...ofNitrogen,
})
const nitrogenByTree = Joi.object({
  unit: Joi.string().valid('lb N/tree').required(),
  perYearOfAge: amount.required(),
  atMost: amount.required(),
  dwarf: share.required(),
  shoots: Joi.object({ young: shoots, bearing: shoots }).required(),
  bearingFrom: amount.required(),
  ...ofNitrogen,
})

const phosphorusPotassium = Joi.alternatives().conditional('.method', {
  switch: [
    {
      is: 'class-table',
      then: Joi.object({
        method: Joi.string().required(),
        group: Joi.string()
          .valid(...rateGroups)
          .required(),
      }),
    },
    {
      is: 'tri-state',
      then: Joi.object({
        method: Joi.string().required(),
        criticalP: amount.required(),
        yield: amount.required(),
        yieldUnit: text.required(),
        yieldIn: Joi.valid(...Object.keys(yieldFields)),
        removal: Joi.object({ 'P₂O₅': amount.required(), 'K₂O': amount.required() }).required(),
      }),
    },
  ],
  otherwise: Joi.object({ method: Joi.string().valid('minimum-levels', 'by-extract').required() }),
})

const crop = Joi.object({
  label: text.required(),
  aka: Joi.array().items(Joi.string().min(1).max(60)).max(40),
  use: Joi.string()
    .valid(...uses)
    .required(),
  pH: span,
  limeBelow: pH,
  acidRequiring: Joi.boolean().required(),
  edible: Joi.boolean().required(),
  leafyOrRoot: Joi.boolean(),
  scabAbove: Joi.number().min(3).max(10),
  nitrogen: Joi.alternatives()
    .conditional('.unit', { is: 'lb N/tree', then: nitrogenByTree, otherwise: nitrogenByGround })
    .required(),
  phosphorusPotassium: phosphorusPotassium.required(),
  ammoniumOnly: Joi.boolean(),
  shunsChloride: Joi.boolean(),
  fixesNitrogen: Joi.boolean(),
  groundPerPlant: amount,
  salts: Joi.object({ upTo: amount.required(), source: sourceSchema }),
  boron: Joi.string().valid('serves', 'harms'),
  zincOnSand: Joi.boolean(),
  extract: Joi.object(Object.fromEntries(extractIds.map((id) => [id, shoots.optional()]))),
  source: sourceSchema,
})

const byClass = Joi.array().length(5).items(amount).required()
const ratesOf = Joi.object({ 'P₂O₅': byClass, 'K₂O': byClass }).required()

const sulfurCap = Joi.object({
  perPass: cap,
  perYear: amount.allow(null).required(),
  monthsApart: amount.required(),
}).required()
const each = (of: Joi.NumberSchema, names: readonly string[]) =>
  Object.fromEntries(names.map((name) => [name, of.required()]))
const numbers = (...names: readonly string[]) => Joi.object(each(amount, names)).required()
const caps = (...names: readonly string[]) => Joi.object(each(cap, names)).required()

const limits = Joi.object({
  lime: Joi.object({
    ...each(cap, ['surfacePerPass', 'dugInPerPass', 'surfaceDepth', 'dugDepth']),
    ...each(amount, ['monthsApart', 'plotAimOnSand', 'organicBelow', 'organicAim']),
  }).required(),
  sulfur: Joi.object({
    planted: sulfurCap,
    plantedOnSand: sulfurCap,
    turf: sulfurCap,
    dugIn: sulfurCap,
    dugInOnSand: sulfurCap,
    notAbovePH: pH.required(),
    depth: amount.required(),
  }).required(),
  turf: Joi.object({
    perPass: caps('N', 'P₂O₅', 'K₂O'),
    daysApart: amount.required(),
    slowPerPass: cap,
    mostlySlowPerPass: cap,
    slowDaysApart: amount.required(),
  }).required(),
  bed: Joi.object({ nitrogenPerPass: cap, onSand: caps('N', 'K₂O') }).required(),
  newLawn: Joi.object({ nitrogen: amount.required(), dressings: Joi.array().items(slug).max(8).required() }).required(),
  organicMatter: numbers('creditAbove', 'creditPerPercent', 'creditAtMost'),
  legumes: Joi.object()
    .pattern(slug, Joi.object({ label: text.required(), nitrogen: amount.required() }))
    .required(),
  spread: share.required(),
  magnesiumAmple: share.required(),
  magnesiumLowShare: share.required(),
  sandyBelowCec: amount.required(),
  lead: numbers('precaution', 'screening', 'noFood'),
  boron: numbers('rate', 'perYear'),
  nitrate: numbers('goodUpTo', 'tooMuchAbove'),
  secondary: numbers('Mg', 'Ca'),
  nutrientSulfur: Joi.object({ shareOfN: share.required(), atMost: amount.required() }).required(),
  zincPerHundredFeet: amount.required(),
  source: sourceSchema,
}).required()

const school = Joi.object({
  id: Joi.string().max(40).required(),
  label: text.required(),
  crops: Joi.array().items(slug),
  uses: Joi.array().items(Joi.string().valid(...uses)),
  liming: Joi.boolean(),
  sampling: Joi.boolean(),
  options: Joi.array()
    .items(
      Joi.object({
        id: Joi.string().max(40).required(),
        label: text.required(),
        changes: Joi.array()
          .items(
            Joi.object({ path: Joi.array().items(Joi.string().max(80)).min(1).max(8).required(), value: Joi.any() }),
          )
          .max(40)
          .required(),
      }),
    )
    .min(2)
    .unique('id')
    .required(),
})

const extractRow = Joi.object({
  unit: Joi.string().max(12).required(),
  from: Joi.array().items(amount).min(2).max(4).required(),
}).required()
const extract = Joi.object({
  rows: Joi.object(Object.fromEntries(extractIds.filter((id) => id !== 'pH').map((id) => [id, extractRow]))).required(),
  pH: shoots,
  source: sourceSchema,
})

const depthSpan = Joi.object({ from: amount.required(), to: amount.min(Joi.ref('from')).required() }).required()
const sampling = Joi.object({
  cores: numbers('usual', 'large', 'largeOver', 'small', 'smallUnder'),
  depth: Joi.object(Object.fromEntries(uses.map((use) => [use, depthSpan]))).required(),
  playDepth: depthSpan,
  bagCups: amount.required(),
  waitWeeks: amount.required(),
  retestYears: amount.required(),
  evenWithin: amount.required(),
  source: sourceSchema,
}).required()

const month = Joi.number().integer().min(1).max(12)
const windows = Joi.object({
  dates: Joi.object()
    .pattern(
      slug,
      Joi.object({
        label: text.required(),
        months: Joi.array().items(Joi.array().ordered(month.required(), month.required())).min(1).max(6),
      }),
    )
    .max(100)
    .required(),
  source: sourceSchema,
}).required()

/** Every window that a crop, a new lawn or a school calls by its id. */
function windowsCalled({ crops, limits, schools }: Guide): string[] {
  const bySchools = schools.flatMap(({ options }) =>
    options.flatMap(({ changes }) =>
      changes.filter(({ path }) => path.at(-1) === 'dressings').map(({ value }) => value),
    ),
  )
  const byCrops = Object.values(crops).flatMap(({ nitrogen: { dressings = [], season } }) =>
    season === undefined ? dressings : [...dressings, season],
  )
  return [...byCrops, ...limits.newLawn.dressings, ...(bySchools.flat() as string[])]
}

export const guideSchema = Joi.object<Guide>({
  id: slug.required(),
  version: Joi.number().integer().min(1).max(10_000).required(),
  title: text.required(),
  kept: Joi.object({
    note: Joi.string().allow('').max(2_000).required(),
    by: Joi.string().allow('').max(60).required(),
    at: Joi.string().isoDate().max(40).required(),
  }),
  medium: Joi.string().valid('soil', 'soilless').required(),
  extractant: Joi.string()
    .valid(...Object.keys(extractants))
    .required(),
  unit: Joi.string().valid('ppm', 'lb/acre').required(),
  classes: Joi.object({ P: classRows, K: classRows, source: sourceSchema }).required(),
  index: Joi.object({ bounds, source: sourceSchema }).required(),
  minimums: Joi.object(Object.fromEntries(elements.map((element) => [element, minimum]))).required(),
  extract: extract.when('medium', { is: 'soilless', then: Joi.required() }),
  underReadsP: Joi.object({ doubtedAbovePH: pH.required(), refusedAbovePH: pH.required(), source: sourceSchema }),
  crops: Joi.object().pattern(slug, crop).min(1).max(300).required(),
  rates: Joi.object({
    ...Object.fromEntries(rateGroups.map((group) => [group, ratesOf])),
    source: sourceSchema,
  }).required(),
  limits,
  sampling,
  windows,
  methods: Joi.object({
    lime: Joi.array()
      .items(Joi.string().valid(...limeMethods.map(({ id }) => id)))
      .unique()
      .required(),
    sulfur: Joi.array()
      .items(Joi.string().valid(...sulfurMethods.map(({ id }) => id)))
      .unique()
      .required(),
  }).required(),
  schools: Joi.array().items(school).max(40).unique('id').required(),
})
  .custom((guide: Guide, helpers) => {
    const missing = windowsCalled(guide).find((id) => !Object.hasOwn(guide.windows.dates, id))
    return missing === undefined ? guide : helpers.error('windows.missing', { missing })
  })
  .messages({ 'windows.missing': '{{#label}} calls for the window "{{#missing}}", which windows.dates does not have' })
