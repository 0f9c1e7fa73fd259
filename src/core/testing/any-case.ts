import * as fc from 'fast-check'
import { blankSeason } from '../case/blank'
import type { Case } from '../case/case'
import {
  boronMethods,
  extractants,
  guideRef,
  leadMethods,
  micronutrientMethods,
  type ExtractantId,
} from '../guides/guide'
import { guides } from '../guides/guides'
import { isAcidifier, isFertilizer, isLime, productRef, type Product } from '../shelf/product'
import { shippedProducts } from '../shelf/products'
import { textures, type TextureId } from '../guides/soils'
import { oneArea, printed, typed } from './one-area'
import { elements, majorNutrients, otherNutrients, saltMethods } from '../units/quantity'
import { bufferKinds } from '../report/buffers'
import { testOf } from '../report/tests'

/** For tests: random cases that a person could have typed. */
const rarely = <T>(value: fc.Arbitrary<T>) =>
  fc.oneof({ weight: 4, arbitrary: fc.constant(null) }, { weight: 1, arbitrary: value })
/** Evenly spread: doubles would mostly be too small to matter. */
export const number = (min: number, max: number) =>
  fc.integer({ min: Math.round(min * 1_000), max: Math.round(max * 1_000) }).map((thousandths) => thousandths / 1_000)
const refsOf = (is: (product: Product) => boolean) => shippedProducts.filter(is).map(productRef)
export const soilGuides = guides.filter(({ medium }) => medium === 'soil')
export const anyCase = fc.constantFrom(...guides).chain((guide) =>
  fc.record({
    guide: fc.constant(guide),
    crop: fc.constantFrom(...Object.keys(guide.crops)),
    otherCrops: fc.subarray(Object.keys(guide.crops).slice(0, 14), { maxLength: 2 }),
    schools: fc.record(
      Object.fromEntries(
        guide.schools.map(({ id, options }) => [id, fc.constantFrom(...options.map((one) => one.id))]),
      ),
    ),
    texture: fc.constantFrom(null, ...(Object.keys(textures) as TextureId[])),
    ground: fc.constantFrom(null, 'dug' as const, 'planted' as const),
    depth: fc.constantFrom('', '4', '6', '8'),
    feeding: fc.constantFrom('lean' as const, 'usual' as const, 'generous' as const),
    banned: fc.boolean(),
    newLawn: fc.boolean(),
    plants: fc.option(fc.record({ count: fc.integer({ min: 1, max: 40 }), age: fc.integer({ min: 0, max: 30 }) }), {
      freq: 3,
    }),
    shoots: rarely(number(0, 40)),
    dwarf: fc.boolean(),
    spacing: rarely(number(0.5, 8)),
    manure: fc.constantFrom(null, 'cow-manure@1' as const, 'poultry-litter@1' as const, 'yard-compost@1' as const),
    manureRate: number(0, 300),
    legume: fc.constantFrom(null, ...Object.keys(guide.limits.legumes)),
    beansNext: fc.boolean(),
    climate: fc.constantFrom('cool' as const, 'warm' as const),
    extractant: fc.constantFrom(null, guide.extractant, ...(Object.keys(extractants) as ExtractantId[])),
    micronutrients: fc.constantFrom(null, ...micronutrientMethods),
    boron: fc.constantFrom(null, ...boronMethods),
    buffer: fc.constantFrom(null, ...bufferKinds),
    pH: number(3.6, 9),
    pHIn: fc.constantFrom('water' as const, 'water' as const, 'salt' as const),
    bufferPH: number(4.8, 8),
    plain: fc.record({
      organicMatter: fc.option(number(0, 12)),
      cec: fc.option(number(1, 35)),
      acidity: rarely(number(0, 12)),
      nitrate: rarely(number(0, 60)),
      salts: rarely(number(0, 20)),
      sar: rarely(number(0, 20)),
      freeLime: rarely(number(0, 5)),
      lead: rarely(number(0, 900)),
    }),
    saltsBy: fc.constantFrom(null, ...saltMethods),
    leadBy: fc.constantFrom(null, ...leadMethods),
    tests: fc.record(
      Object.fromEntries(
        elements.map((element) => [
          element,
          fc.option(
            fc.tuple(
              number(0, element === 'Na' ? 100 : element === 'Ca' ? 4_000 : 400),
              fc.constantFrom('ppm', 'lb/acre', 'index'),
            ),
          ),
        ]),
      ),
    ),
    word: fc.constantFrom('', '', 'low', 'medium', 'high'),
    lime: rarely(number(0, 8)),
    limeMeans: fc.constantFrom('product' as const, 'pure' as const, 'ENM' as const),
    sulfur: rarely(number(0, 5)),
    asked: fc.record(
      Object.fromEntries([...majorNutrients, ...otherNutrients].map((one) => [one, rarely(number(0, 6))])),
    ),
    limeMaterial: fc.constantFrom(null, ...refsOf(isLime)),
    sulfurMaterial: fc.constantFrom(null, ...refsOf(isAcidifier)),
    fertilizer: fc.constantFrom(null, ...refsOf(isFertilizer)),
    slow: rarely(fc.integer({ min: 0, max: 100 })),
    side: number(1, 400),
  }),
)
export type Any = typeof anyCase extends fc.Arbitrary<infer T> ? T : never

const asTyped = (v: number | null | undefined, unit = '') =>
  v === null || v === undefined ? typed('', unit) : { text: v.toFixed(4), unit, value: Number(v.toFixed(4)) }

export function build(any: Any): Case {
  const plain = Object.fromEntries(
    Object.entries(any.plain).map(([name, v]) => [name, asTyped(v, testOf(name as 'cec').unit)]),
  )
  const tests = Object.fromEntries(
    Object.entries(any.tests).map(([element, test]) => [element, asTyped(test?.[0], test?.[1] ?? 'ppm')]),
  )
  const asked = Object.fromEntries(
    Object.entries(any.asked).map(([nutrient, v]) => [nutrient, asTyped(v, 'lb/1000 ft²')]),
  )
  return oneArea(
    {
      crop: any.crop,
      otherCrops: any.otherCrops,
      texture: any.texture,
      ground: any.ground,
      depth: typed(any.depth, 'in'),
      feeding: any.feeding,
      phosphorusBanned: any.banned,
      newLawn: any.newLawn,
      plants: {
        count: asTyped(any.plants?.count),
        age: asTyped(any.plants?.age, 'years'),
        shoots: asTyped(any.shoots, 'in'),
        dwarf: any.dwarf,
      },
      rows: { length: typed('', 'ft'), spacing: asTyped(any.spacing, 'ft') },
      past: {
        manure: any.manure,
        manureRate: asTyped(any.manureRate, 'lb/1000 ft²'),
        legume: any.legume,
        beansNext: any.beansNext,
      },
      size: { text: `${any.side.toFixed(3)} x 10`, unit: 'ft²', value: null },
      guide: guideRef(any.guide),
      materials: {
        ...blankSeason.materials,
        lime: any.limeMaterial,
        sulfur: any.sulfurMaterial,
        fertilizer: any.fertilizer,
        slowNitrogen: asTyped(any.slow, '%'),
      },
    },
    {
      extractant: any.extractant,
      micronutrients: any.micronutrients,
      boron: any.boron,
      buffer: any.buffer,
      pH: asTyped(any.pH),
      pHIn: any.pHIn,
      bufferPH: asTyped(any.bufferPH),
      saltsBy: any.saltsBy,
      leadBy: any.leadBy,
      ...plain,
      ...tests,
      ...(any.word && { K: typed(any.word, 'ppm') }),
      ...printed({
        lime: asTyped(any.lime, 'tons/acre'),
        limeMeans: any.limeMeans,
        sulfur: asTyped(any.sulfur, 'lb/100 ft²'),
        ...asked,
      }),
    },
    { climate: any.climate, schools: any.schools },
  )
}
