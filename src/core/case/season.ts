import { fields as read, limeFields, sieveField } from '../report/fields'
import { each, fields, flag, list, named, oneOf, orNone, since, typed, usually, type Holds } from '../shape/shape'
import { date, guideId, product } from '../shape/parts'
import { limeScales, sieveMeshes, type LimeScaleId } from '../report/lime-scales'
import { majorNutrients } from '../units/quantity'

/** `2026`. */
export type Year = string

/** Trees and bushes that are counted. */
const plants = fields({
  count: named('Plants', typed(read.plants, '')),
  /** Years since planting. */
  age: named('Years since planting', typed(read.age, 'years')),
  /** Length of last year's shoots, in. */
  shoots: named('Last year’s shoots', typed(read.shoots, 'in')),
  dwarf: named('Dwarfing roots', flag),
})

/** Crops in rows: feet of row in all, and from row to row. */
const rows = fields({
  length: named('Feet of row', typed(read.rowLength, 'ft')),
  spacing: named('From row to row', typed(read.rowSpacing, 'ft')),
})

/** What earlier years left, or the next will ask. */
const past = fields({
  /** Manure or compost put on for this season. */
  manure: named('Manure or compost', orNone(product)),
  manureRate: named('How much of it', typed(read.nutrient, 'lb/1000 ft²')),
  /** Legume turned under, by its id in the guide. */
  legume: named('Legume turned under', orNone(guideId)),
  /** Beans or peas follow next year, which boron harms. */
  beansNext: named('Beans or peas follow', flag),
})

const everyScale = { units: Object.values(limeFields).flatMap(({ units }) => units) }

/** The materials settled on, their bags, and what the bag says. */
const materials = fields({
  lime: named('Lime', orNone(product)),
  /** The neutralizing value printed on the bag, in the unit of its scale; blank where none is. */
  limeEffective: named('Effective CaCO₃ of the lime', typed(everyScale, '%')),
  limeScale: named('Scale of the lime', usually('effective', oneOf(...(Object.keys(limeScales) as LimeScaleId[])))),
  /** CaCO₃ equivalent, what passes each sieve, and moisture, all %, where the scale goes by them. */
  limeSieves: fields({
    cce: named('CaCO₃ equivalent of the lime', typed(sieveField, '%')),
    moisture: named('Moisture of the lime', typed(sieveField, '%')),
    ...each(sieveMeshes, (mesh) => named(`Lime through ${mesh} mesh`, typed(sieveField, '%'))),
  }),
  limeBag: named('Bag of lime', typed(read.bag, 'lb')),
  sulfur: named('Sulfur', orNone(product)),
  sulfurBag: named('Bag of sulfur', typed(read.bag, 'lb')),
  fertilizer: named('Fertilizer', orNone(product)),
  /** Share of the nitrogen that is slow, % as printed; blank: as is usual for the product. */
  slowNitrogen: named('Slow nitrogen', typed(read.slowNitrogen, '%')),
  /** The need that decides how much fertilizer; null: the first that can be met. */
  meets: named('Fertilizer measured out by', oneOf(null, ...majorNutrients)),
  fertilizerBag: named('Bag of fertilizer', typed(read.bag, 'lb')),
})

/** What grows on an area in one year and is done there, so that the next year does not overwrite it. */
export const season = fields({
  /** The crop that leads, by its id in the guide. */
  crop: named('Crop', orNone(guideId)),
  /** What else grows here; rated each by itself. */
  otherCrops: named('What else grows there', list(guideId, 20, 'entry')),
  feeding: named('Feeding', usually('usual', oneOf('lean', 'usual', 'generous'))),
  /** Seed or sod goes down this season. */
  newLawn: named('New lawn', flag),
  /** The day it is sown or planted, `YYYY-MM-DD`; blank: as is usual here. */
  sown: named('Sown or planted', date),
  /** Of a plot, in the unit of its crop; blank: as the guide has it. */
  expectedYield: since(11, named('Yield hoped for', typed(read.expectedYield, ''))),
  plants,
  rows,
  past,
  materials,
})

export interface Season extends Holds<typeof season> {}
export interface Plants extends Holds<typeof plants> {}
export interface Rows extends Holds<typeof rows> {}
export interface Past extends Holds<typeof past> {}
export interface Choices extends Holds<typeof materials> {}
export type LimeSieves = Choices['limeSieves']
