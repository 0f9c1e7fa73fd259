'use client'

import type Konva from 'konva'
import { memo, useMemo, useRef, useState } from 'react'
import { Circle, Group, Image as Picture, Layer, Line, Path, Stage, Text } from 'react-konva'
import type { Area } from '@/core/case/area'
import { boxOf, middleOf, ringsOf, type Outline, type OutlineKind } from '@/core/case/outline'
import { groundOf } from '@/core/ground/plan/plan-size'
import type { Point } from '@/core/geometry/polygon'
import { coreSpots } from '@/core/sampling/spots'
import { useOpenCase } from '../../../case/context'
import { pathOf } from '../path'
import { dragged, gridStep, handlesOf, movedSnapped, snapped, usualPlant, type Handle } from './drawing'
import { look } from './look'
import { sizesOf } from './messages'
import type { PlanView, usePlanView } from './usePlanView'

export type Tool = 'select' | 'scale' | OutlineKind

interface Props {
  plan: ReturnType<typeof usePlanView>
  height: number
  tool: Tool
  snap: boolean
  selected: string | null
  picture: HTMLImageElement | null
  onSelect: (shapeId: string | null, areaId: string | null) => void
  onDraw: (outline: Outline) => void
  onChange: (shapeId: string, outline: Outline) => void
  /** Two points of the picture, whose distance is known. */
  onScale: (from: Point, to: Point) => void
  /** What is being drawn or moved, in words; null when it rests. */
  onLive: (words: string | null) => void
}

type Gesture = { readonly kind: 'pan'; at: Point } | { readonly kind: 'draw'; readonly from: Point } | null

/** The ground itself: drawing, moving, turning and sizing by mouse or finger. */
export function PlanCanvas(props: Props) {
  const { plan, height, tool, snap, selected, onSelect, onDraw, onChange, onScale, onLive } = props
  const { kase, area } = useOpenCase()
  const { view, width } = plan
  const gesture = useRef<Gesture>(null)
  const pinch = useRef<number | null>(null)
  const [live, setLive] = useState<Outline | null>(null)
  const [corners, setCorners] = useState<readonly Point[]>([])
  const step = gridStep(view.pixelsPerFoot)
  const known = useMemo(() => cornersOf(kase.areas, selected), [kase.areas, selected])
  const near = 9 / view.pixelsPerFoot
  const settle = (point: Point): Point => (snap ? snapped(point, step, known, near) : point)
  const show = (outline: Outline | null) => {
    setLive(outline)
    onLive(outline && sizesOf(outline, kase.measures))
  }

  const at = (event: Konva.KonvaEventObject<PointerEvent>): Point => {
    const { x, y } = event.target.getStage()!.getPointerPosition()!
    return [x, y]
  }
  const down = (event: Konva.KonvaEventObject<PointerEvent>) => {
    if (!event.evt.isPrimary || pinch.current !== null) return
    const point = at(event)
    const ground = settle(plan.ground(point))
    const onPaper = event.target === event.target.getStage() || !event.target.draggable()
    if (tool === 'select') {
      if (event.target !== event.target.getStage()) return
      onSelect(null, null)
      gesture.current = { kind: 'pan', at: point }
    } else if (tool === 'polygon' || tool === 'scale') addCorner(ground)
    else if (tool === 'plant') onDraw({ kind: 'plant', x: ground[0], y: ground[1], across: usualPlant })
    else if (onPaper) gesture.current = { kind: 'draw', from: ground }
  }
  const move = (event: Konva.KonvaEventObject<PointerEvent>) => {
    if (!event.evt.isPrimary) return
    const point = at(event)
    const now = gesture.current
    if (now?.kind === 'pan') {
      plan.pan(point[0] - now.at[0], point[1] - now.at[1])
      now.at = point
    } else if (now?.kind === 'draw' && isBoxTool(tool))
      show(dragged(tool, now.from, settle(plan.ground(point))) ?? null)
    else if (corners.length > 0) show({ kind: 'polygon', points: [...corners, settle(plan.ground(point))] })
  }
  const up = () => {
    if (gesture.current?.kind === 'draw' && live) onDraw(live)
    if (gesture.current?.kind === 'draw') show(null)
    gesture.current = null
  }
  const addCorner = (point: Point) => {
    const next = [...corners, point]
    if (tool === 'scale' && next.length === 2) {
      onScale(next[0]!, next[1]!)
      close()
    } else if (tool === 'polygon' && corners.length > 2 && closes(point, corners[0]!, near)) finish()
    else {
      setCorners(next)
      show({ kind: 'polygon', points: next })
    }
  }
  const close = () => {
    setCorners([])
    show(null)
  }
  const finish = () => {
    if (corners.length > 2) onDraw({ kind: 'polygon', points: corners })
    close()
  }

  const zoomByWheel = (event: Konva.KonvaEventObject<WheelEvent>) => {
    event.evt.preventDefault()
    const { x, y } = event.target.getStage()!.getPointerPosition()!
    plan.zoom(event.evt.deltaY < 0 ? 1.15 : 1 / 1.15, [x, y])
  }
  const zoomByPinch = (event: Konva.KonvaEventObject<TouchEvent>) => {
    const [a, b] = event.evt.touches
    if (!a || !b) return
    event.evt.preventDefault()
    gesture.current = null
    const apart = Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY)
    const box = event.target.getStage()!.container().getBoundingClientRect()
    const middle: Point = [(a.clientX + b.clientX) / 2 - box.left, (a.clientY + b.clientY) / 2 - box.top]
    if (pinch.current !== null) plan.zoom(apart / pinch.current, middle)
    pinch.current = apart
  }

  const own = area?.shapes.find(({ id }) => id === selected)
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- an application takes keys as a whole
    <div
      role="application"
      aria-label={kase.place || kase.client}
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- an application is interactive
      tabIndex={0}
      onKeyDown={(event) => {
        if (event.key === 'Escape') close()
        if (event.key === 'Enter') finish()
        const push = arrows[event.key]
        if (push && own) {
          event.preventDefault()
          onChange(own.id, movedSnapped(own.outline, push[0] * step, push[1] * step, null))
        }
      }}
    >
      <Stage
        width={width}
        height={height}
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onWheel={zoomByWheel}
        onTouchMove={zoomByPinch}
        onTouchEnd={() => (pinch.current = null)}
        style={{ touchAction: 'none', cursor: tool === 'select' ? 'grab' : 'crosshair' }}
      >
        <Layer listening={false}>
          <Ground view={view} width={width} height={height}>
            <Grid view={view} width={width} height={height} step={step} />
            {props.picture && kase.plan.picture && (
              <Picture
                image={props.picture}
                x={kase.plan.picture.x}
                y={kase.plan.picture.y}
                scaleY={-1}
                width={kase.plan.picture.width * kase.plan.picture.feetPerPixel}
                height={kase.plan.picture.height * kase.plan.picture.feetPerPixel}
                opacity={0.75}
              />
            )}
          </Ground>
        </Layer>
        <Layer>
          <Ground view={view} width={width} height={height}>
            {kase.areas.map((one) => (
              <AreaShapes
                key={one.id}
                area={one}
                here={one.id === area?.id}
                over={props.picture !== null}
                selected={one.id === area?.id ? selected : null}
                movable={tool === 'select'}
                pixelsPerFoot={view.pixelsPerFoot}
                step={snap ? step : null}
                onSelect={onSelect}
                onChange={onChange}
                onMove={show}
              />
            ))}
          </Ground>
        </Layer>
        <Layer>
          <Ground view={view} width={width} height={height}>
            {live && (
              <Path
                data={outlinePath(live)}
                stroke={look.moss}
                strokeWidth={2}
                dash={[6, 4]}
                strokeScaleEnabled={false}
                listening={false}
              />
            )}
            {tool === 'select' && own && (
              <Handles
                outline={own.outline}
                pixelsPerFoot={view.pixelsPerFoot}
                onMove={(handle, point) => show(handle.to(handle.role === 'turn' ? point : settle(point)))}
                onEnd={(handle, point) => {
                  show(null)
                  onChange(own.id, handle.to(handle.role === 'turn' ? point : settle(point)))
                }}
              />
            )}
          </Ground>
        </Layer>
      </Stage>
    </div>
  )
}

const arrows: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
const isBoxTool = (tool: Tool): tool is Exclude<OutlineKind, 'polygon' | 'plant'> =>
  tool === 'rectangle' || tool === 'circle' || tool === 'ellipse' || tool === 'ring' || tool === 'rows'
const closes = ([x, y]: Point, [fx, fy]: Point, near: number) => Math.hypot(x - fx, y - fy) <= Math.max(near, 1e-9)
const outlinePath = (outline: Outline) => pathOf([ringsOf(outline)], (point) => point)
const cornersOf = (areas: readonly Area[], except: string | null): Point[] =>
  areas.flatMap(({ shapes }) =>
    shapes.flatMap(({ id, outline }) =>
      id === except || outline.kind === 'circle' || outline.kind === 'plant' || outline.kind === 'ellipse'
        ? []
        : (ringsOf(outline)[0] ?? []).slice(0, 40),
    ),
  )

/** Everything inside is in ft, north upward. */
function Ground({
  view,
  width,
  height,
  children,
}: {
  view: PlanView
  width: number
  height: number
  children: React.ReactNode
}) {
  const { x, y, pixelsPerFoot: scale } = view
  return (
    <Group x={width / 2 - x * scale} y={height / 2 + y * scale} scaleX={scale} scaleY={-scale}>
      {children}
    </Group>
  )
}

function Grid({ view, width, height, step }: { view: PlanView; width: number; height: number; step: number }) {
  const [halfX, halfY] = [width / 2 / view.pixelsPerFoot, height / 2 / view.pixelsPerFoot]
  const from = (v: number) => Math.ceil(v / step) * step
  const lines: React.ReactNode[] = []
  const line = (key: string, points: number[], strong: boolean) => (
    <Line key={key} points={points} stroke={look.rule} strokeWidth={strong ? 1 : 0.5} strokeScaleEnabled={false} />
  )
  for (let x = from(view.x - halfX); x <= view.x + halfX; x += step)
    lines.push(line(`x${x}`, [x, view.y - halfY, x, view.y + halfY], Math.round(x / step) % 5 === 0))
  for (let y = from(view.y - halfY); y <= view.y + halfY; y += step)
    lines.push(line(`y${y}`, [view.x - halfX, y, view.x + halfX, y], Math.round(y / step) % 5 === 0))
  return lines
}

interface AreaProps {
  area: Area
  here: boolean
  /** A picture lies beneath, which must be seen. */
  over: boolean
  selected: string | null
  movable: boolean
  pixelsPerFoot: number
  step: number | null
  onSelect: Props['onSelect']
  onChange: Props['onChange']
  onMove: (outline: Outline | null) => void
}

/** One area's shapes, solid ones under holes, and its name. */
const AreaShapes = memo(
  function AreaShapes({
    area,
    here,
    over,
    selected,
    movable,
    pixelsPerFoot,
    step,
    onSelect,
    onChange,
    onMove,
  }: AreaProps) {
    const inOrder = [...area.shapes].sort((a, b) => Number(a.hole) - Number(b.hole))
    const cut = inOrder.some(({ hole }) => hole) ? groundOf(area.shapes) : undefined
    const [name] = coreSpots(cut ?? groundOf(area.shapes), 1, 1)
    const wide = Math.max(...inOrder.map(({ outline }) => widthOf(outline)), 0)
    return (
      <>
        {cut && (
          <Path
            data={pathOf(cut, (point) => point)}
            fillRule="evenodd"
            fill={fillOf(here, over)}
            perfectDrawEnabled={false}
            listening={false}
          />
        )}
        {inOrder.map(({ id, hole, outline }) => (
          <Path
            key={id}
            data={outlinePath(outline)}
            fillRule="evenodd"
            fill={cut ? 'transparent' : fillOf(here, over)}
            stroke={id === selected ? look.moss : look.ink}
            strokeWidth={id === selected ? 2.5 : here ? 1.6 : 1}
            dash={hole ? [5, 3] : undefined}
            strokeScaleEnabled={false}
            perfectDrawEnabled={false}
            draggable={movable && here}
            onPointerDown={() => movable && onSelect(id, area.id)}
            onDragMove={({ target }) => {
              const moved = movedSnapped(outline, target.x(), target.y(), step)
              const [x, y] = middleOf(outline)
              const [mx, my] = middleOf(moved)
              target.position({ x: mx - x, y: my - y })
              onMove(moved)
            }}
            onDragEnd={({ target }) => {
              const moved = movedSnapped(outline, target.x(), target.y(), null)
              target.position({ x: 0, y: 0 })
              onMove(null)
              onChange(id, moved)
            }}
          />
        ))}
        {name && <Name text={area.name} at={name} wide={wide * pixelsPerFoot} pixelsPerFoot={pixelsPerFoot} />}
      </>
    )
  },
  (a, b) =>
    a.area === b.area &&
    a.here === b.here &&
    a.over === b.over &&
    a.selected === b.selected &&
    a.movable === b.movable &&
    a.pixelsPerFoot === b.pixelsPerFoot &&
    a.step === b.step,
)

/** Half seen through over a picture, two figures of hexadecimal more. */
const fillOf = (here: boolean, over: boolean) => `${here ? look.here : look.wash}${over ? '8c' : 'e6'}`

function widthOf(outline: Outline): number {
  const [west, , east] = boxOf(ringsOf(outline)[0] ?? [])
  return east - west
}

interface NameProps {
  text: string
  at: Point
  /** Pixels that there are for it. */
  wide: number
  pixelsPerFoot: number
}

/** Left away where there is no room for it. */
function Name({ text, at: [x, y], wide, pixelsPerFoot }: NameProps) {
  if (wide < 28) return null
  const width = Math.max(wide, 60)
  return (
    <Group x={x} y={y} scaleX={1 / pixelsPerFoot} scaleY={-1 / pixelsPerFoot} listening={false}>
      <Text
        text={text}
        fontFamily="Source Sans 3 Variable, sans-serif"
        fontSize={13}
        fill={look.ink}
        width={width}
        offsetX={width / 2}
        offsetY={7}
        align="center"
        ellipsis
        wrap="none"
      />
    </Group>
  )
}

interface HandlesProps {
  outline: Outline
  pixelsPerFoot: number
  onMove: (handle: Handle, point: Point) => void
  onEnd: (handle: Handle, point: Point) => void
}

function Handles({ outline, pixelsPerFoot, onMove, onEnd }: HandlesProps) {
  const [taken, take] = useState<string | null>(null)
  return handlesOf(outline, 26 / pixelsPerFoot).map((handle) => {
    const small = handle.role === 'between'
    const point = (target: Konva.Node): Point => [target.x(), target.y()]
    return (
      <Circle
        key={handle.id}
        x={handle.at[0]}
        y={handle.at[1]}
        radius={(small ? 4.5 : 7) / pixelsPerFoot}
        hitStrokeWidth={16}
        fill={handle.role === 'turn' ? look.slate : small ? look.paper : look.sheet}
        stroke={look.moss}
        strokeWidth={2}
        strokeScaleEnabled={false}
        visible={taken === null || taken === handle.id}
        draggable
        onDragStart={() => take(handle.id)}
        onDragMove={({ target }) => onMove(handle, point(target))}
        onDragEnd={({ target }) => {
          const to = point(target)
          take(null)
          target.position({ x: handle.at[0], y: handle.at[1] })
          onEnd(handle, to)
        }}
      />
    )
  })
}
