import { boxOf } from '@/core/case/outline'
import type { Ground } from '@/core/geometry/polygon'
import type { Size } from '@/core/ground/sized'
import { pathOf } from './path'

interface Props {
  size: Size | null
  /** Feet across the whole picture, the same for every area beside it. */
  feet: number
}

const box = 46

/** The widest reach of a size, in feet. */
export function reach({ shape, count }: Size): number {
  const [west, south, east, north] = boxOf(shape.kind === 'outline' ? shape.ground.flat(2) : [])
  const across =
    shape.kind === 'rectangle'
      ? Math.max(shape.width, shape.length)
      : shape.kind === 'circle'
        ? shape.diameter
        : shape.kind === 'outline'
          ? Math.max(east - west, north - south)
          : Math.sqrt(shape.area)
  return count > 1 ? across * Math.ceil(Math.sqrt(count)) * 1.25 : across
}

/** An area's true shape to the scale of its neighbours; dashed where only its size is known. */
export function Miniature({ size, feet }: Props) {
  return (
    <svg width={box} height={box} viewBox={`0 0 ${box} ${box}`} aria-hidden className="shrink-0">
      {size ? (
        cells(size.count).map((cell) => <One key={cell.i} size={size} scale={(box - 4) / feet} {...cell} />)
      ) : (
        <path d="M16 23h14M23 16v14" className="stroke-edge" />
      )}
    </svg>
  )
}

interface Cell {
  i: number
  column: number
  row: number
  columns: number
  rows: number
}

function cells(count: number): Cell[] {
  const shown = Math.min(count, 9)
  const columns = Math.ceil(Math.sqrt(shown))
  const rows = Math.ceil(shown / columns)
  return Array.from({ length: shown }, (_, i) => ({
    i,
    column: i % columns,
    row: Math.floor(i / columns),
    columns,
    rows,
  }))
}

function One({ size: { shape, of }, scale, column, row, columns, rows }: Cell & { size: Size; scale: number }) {
  const x = (box * (column + 0.5)) / columns
  const y = (box * (row + 0.5)) / rows
  const least = (feet: number) => Math.max(feet * scale, 2.5)
  const look = 'fill-wash stroke-ink'
  if (shape.kind === 'outline') return <Outlined ground={shape.ground} scale={scale} x={x} y={y} />
  if (shape.kind === 'circle') return <circle cx={x} cy={y} r={least(shape.diameter) / 2} className={look} />
  // A plant stands in the circle of its branches, also where only the ground that it takes is known.
  if (shape.kind === 'plain' && of === 'plant')
    return <circle cx={x} cy={y} r={least(2 * Math.sqrt(shape.area / Math.PI)) / 2} className={look} />
  const [wide, high] =
    shape.kind === 'rectangle'
      ? [Math.max(shape.width, shape.length), Math.min(shape.width, shape.length)]
      : [Math.sqrt(shape.area), Math.sqrt(shape.area)]
  const [w, h] = [least(wide), least(high)]
  return (
    <rect
      x={x - w / 2}
      y={y - h / 2}
      width={w}
      height={h}
      className={look}
      strokeDasharray={shape.kind === 'plain' ? '3 2' : undefined}
    />
  )
}

/** What was drawn, in the middle of its cell. */
function Outlined({ ground, scale, x, y }: { ground: Ground; scale: number; x: number; y: number }) {
  const [west, south, east, north] = boxOf(ground.flat(2))
  const [dx, dy] = [(west + east) / 2, (south + north) / 2]
  return (
    <path
      d={pathOf(ground, ([px, py]) => [x + (px - dx) * scale, y - (py - dy) * scale])}
      fillRule="evenodd"
      className="fill-wash stroke-ink"
    />
  )
}
