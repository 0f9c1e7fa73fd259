import { fields as read } from '../report/fields'
import { defaultGuideRef } from '../guides/default'
import { textures } from '../guides/soils'
import type { Outline } from './outline'
import {
  fields,
  flag,
  kinds,
  list,
  named,
  number,
  oneOf,
  orNone,
  record,
  text,
  tuple,
  typed,
  usually,
  whole,
  type Holds,
} from '../shape/shape'
import { guideShape, id, keyOf, reference } from '../shape/parts'
import { mostCorners, texts } from '../shape/limits'
import { season } from './season'

/** ft on the plan. */
export const onPlan = number(-1e6, 1e6)
export const point = tuple(onPlan, onPlan)
const across = number(0, 1e6)
/** Degrees. */
export const turned = number(-3600, 3600)
const at = { x: onPlan, y: onPlan }

export const outlineShape = kinds<Outline>({
  rectangle: { ...at, width: across, length: across, angle: turned },
  circle: { ...at, diameter: across },
  ellipse: { ...at, width: across, length: across, angle: turned },
  ring: { ...at, outside: across, inside: across },
  polygon: { points: list(point, mostCorners, undefined, 1) },
  rows: { ...at, length: across, spacing: across, count: whole(0, 10_000), angle: turned },
  plant: { ...at, across },
})

/** How the ground lies. */
const lie = fields({
  /** In words: `grey-brown`. */
  colour: named('Colour of the soil', text(texts.colour)),
  slope: named('Slope', oneOf(null, 'level', 'gentle', 'steep')),
  shade: named('Shade', oneOf(null, 'sun', 'part', 'shade')),
  /** Buried heads, which a spade finds first. */
  irrigated: named('Buried irrigation', flag),
  /** To the nearest lake, stream, ditch or well. */
  toWater: named('To the nearest water', typed(read.toWater, 'ft')),
})

export const concerns = ['burnt', 'weak', 'lead', 'play'] as const

/** Ground managed and treated as one. */
export const area = fields({
  id,
  name: named('Name', text(texts.name)),
  /** `12x18`, `30 ft circle`, `0.25 ac`; the value is in ft². Blank: from the rows or the plants. */
  size: named('Size', typed({ units: [] }, 'ft²', 'size')),
  texture: named('Texture', keyOf(textures)),
  /** Its outline on the plan, of several shapes where it takes them; used where no size is typed. */
  shapes: named('Shapes', list(fields({ id, hole: flag, outline: outlineShape }), 200, 'id')),
  lie,
  /** What makes one ask for more tests. */
  concerns: named('Troubles', list(oneOf(...concerns), concerns.length, 'entry')),
  /** Ground that cannot be dug, whether it is turf or standing plants; null: as is usual for the crop. */
  ground: named('Can it be dug', oneOf(null, 'dug', 'planted')),
  /** Depth to be treated, in; blank for the usual one. */
  depth: named('Depth to treat', typed(read.depth, 'in')),
  phosphorusBanned: named('Phosphorus ban', flag),
  guide: named('Guide', usually(defaultGuideRef, guideShape)),
  /** The report in force. */
  reportId: named('Report in force', orNone(reference)),
  /** What grows here and is done here, by year. */
  seasons: named('Season', record(/^\d{4}$/, season, 100)),
})

export interface Area extends Holds<typeof area> {}
export interface Lie extends Holds<typeof lie> {}
export type Concern = (typeof concerns)[number]
