import { accept, refuse, say, type Outcome, type Sentence } from '../../sentence/sentence'
import { quantity } from '../../units/quantity'
import { derive, given, type Derived, type Working } from '../../units/workings'
import type { Size } from '../sized'
import { crossesItself, outlineArea, ringsOf, type Outline } from '../../case/outline'
import { common, groundArea, inRing, joined, untangled, without, type Ground } from '../../geometry/polygon'

/** A shape that an area is drawn with, or a hole in it: a house, a patio. */
export interface PlanShape {
  readonly id: string
  readonly hole: boolean
  readonly outline: Outline
}

/** Shares of an area smaller than this are the noise of clipping, not an overlap. */
const noise = 1e-6

const grounds = new WeakMap<readonly PlanShape[], Ground>()

/**
 * The ground that shapes cover, holes left out. Shapes that cannot be drawn are passed over. Worked out once for the
 * same shapes: of hundreds of areas one changes at a time.
 */
export function groundOf(shapes: readonly PlanShape[]): Ground {
  let ground = grounds.get(shapes)
  if (!ground) grounds.set(shapes, (ground = untangled(() => cutGround(shapes), [])))
  return ground
}

function cutGround(shapes: readonly PlanShape[]): Ground {
  const whole = shapes.filter(({ outline }) => outlineArea(outline).ok)
  const of = (hole: boolean): Ground[] => whole.filter((one) => one.hole === hole).map(pieceOf)
  return without(joined(...of(false)), joined(...of(true)))
}

const pieceOf = ({ outline }: PlanShape): Ground => {
  const [edge, ...inner] = ringsOf(outline)
  return [[edge!, ...inner]]
}

/** Shapes in the order in which they are told: after each the holes that are cut from it; holes in none come last. */
export function withTheirHoles(
  shapes: readonly PlanShape[],
): readonly { readonly shape: PlanShape; readonly holes: readonly PlanShape[] }[] {
  const solid = shapes.filter(({ hole }) => !hole)
  const grounds = solid.map(({ outline }) => ringsOf(outline))
  const of = ({ outline }: PlanShape) => {
    const [edge = []] = ringsOf(outline)
    return grounds.findIndex(([around]) => around && edge.some((point) => inRing(around, point)))
  }
  const homes = new Map(shapes.filter(({ hole }) => hole).map((one) => [one, of(one)]))
  const holesOf = (home: number) => [...homes].flatMap(([one, at]) => (at === home ? [one] : []))
  return [
    ...solid.map((shape, i) => ({ shape, holes: holesOf(i) })),
    ...holesOf(-1).map((shape) => ({ shape, holes: [] })),
  ]
}

/** What is wrong with a shape, or with where a hole lies. */
export interface ShapeFault {
  readonly shapeId: string
  readonly sentence: Sentence
  /** Untying would mend it. */
  readonly crosses: boolean
}

export const shapeFaults = (shapes: readonly PlanShape[]): readonly ShapeFault[] =>
  untangled(
    () => faultsOf(shapes),
    shapes.slice(-1).map(({ id }) => ({ shapeId: id, sentence: say('plan.tangled'), crosses: false })),
  )

function faultsOf(shapes: readonly PlanShape[]): readonly ShapeFault[] {
  const solid = joined(...shapes.filter(({ hole, outline }) => !hole && outlineArea(outline).ok).map(pieceOf))
  return shapes.flatMap((shape): ShapeFault[] => {
    const area = outlineArea(shape.outline)
    if (!area.ok) return [{ shapeId: shape.id, sentence: area.refusal, crosses: crossesItself(shape.outline) }]
    if (!shape.hole) return []
    const inside = groundArea(common(pieceOf(shape), solid))
    return inside > area.value.value.v * noise
      ? []
      : [{ shapeId: shape.id, sentence: say('plan.hole-outside'), crosses: false }]
  })
}

/**
 * The size of an area by its shapes: each by its own formula, less what two of them cover together, less its holes as
 * far as they lie inside.
 * Refuses where there is no shape that has a size, and where they cross each other too often to be cut.
 */
export const planSize = (shapes: readonly PlanShape[]): Outcome<Size> =>
  untangled(() => sizeOf(shapes), refuse('plan.tangled'))

function sizeOf(shapes: readonly PlanShape[]): Outcome<Size> {
  const sized = shapes.flatMap((shape) => {
    const area = outlineArea(shape.outline)
    return area.ok ? [{ shape, area: area.value }] : []
  })
  const solids = sized.filter(({ shape }) => !shape.hole)
  if (solids.length === 0) return shapes.length > 0 ? refuse('plan.no-size') : refuse('size.empty')
  const pieces = solids.map(({ shape }) => pieceOf(shape))
  const solid = joined(...pieces)
  const inputs: Record<string, Working> = {}
  const terms = solids.map(({ area }, i) => {
    inputs[`shape_${i + 1}`] = area
    return `shape_${i + 1}`
  })
  const overlap = pieces.reduce((sum, piece) => sum + groundArea(piece), 0) - groundArea(solid)
  if (overlap > groundArea(solid) * noise) {
    inputs.overlap = given(quantity(overlap, 'ft²'), say('plan.overlap'), 'arithmetic')
    terms.push('overlap')
  }
  const holes = sized.filter(({ shape }) => shape.hole)
  const cut = joined(...holes.map(({ shape }) => pieceOf(shape)))
  holesOf(holes, solid, cut).forEach((hole, i) => {
    inputs[`hole_${i + 1}`] = hole
    terms.push(`hole_${i + 1}`)
  })
  const expression = terms.reduce((sum, term) => (term.startsWith('shape') ? `${sum} + ${term}` : `${sum} - ${term}`))
  const area = derive('ft²', expression, inputs, say('plan.area'), 'arithmetic')
  if (!(area.value.v > noise)) return refuse('plan.no-size')
  const only = sized.length === 1 ? solids[0]!.shape.outline : undefined
  return accept({
    area,
    shape:
      only?.kind === 'rectangle' && only.angle === 0
        ? { kind: 'rectangle', width: only.width, length: only.length }
        : only?.kind === 'circle'
          ? { kind: 'circle', diameter: only.diameter }
          : { kind: 'outline', ground: without(solid, cut), area: area.value.v },
    count: 1,
    how: 'drawn',
    echo: say('plan.echo', { area: area.value.v, shapes: solids.length, holes: holes.length }),
  })
}

/** Each hole by its own formula where it lies inside and apart from the others; else what they cut out together. */
function holesOf(
  holes: readonly { readonly shape: PlanShape; readonly area: Derived<'ft²'> }[],
  solid: Ground,
  cut: Ground,
): Working[] {
  if (holes.length === 0) return []
  const each = holes.map(({ shape }) => groundArea(pieceOf(shape)))
  const alone = each.reduce((sum, area) => sum + area, 0)
  const inside = groundArea(common(cut, solid))
  if (Math.abs(alone - inside) <= alone * noise) return holes.map(({ area }) => area)
  return inside > 0 ? [given(quantity(inside, 'ft²'), say('plan.holes-inside'), 'arithmetic')] : []
}
