'use client'

import clsx from 'clsx'
import {
  Circle,
  Hexagon,
  Maximize,
  MousePointer2,
  Rows3,
  Sprout,
  Square,
  Target as Ring,
  ZoomIn,
  ZoomOut,
  type LucideIcon,
} from 'lucide-react'
import { useRef, useState } from 'react'
import type { Case } from '@/core/case/case'
import type { Point } from '@/core/geometry/polygon'
import { ChoiceField } from '@/ui/ChoiceField'
import { TextField } from '@/ui/TextField'
import { TickField } from '@/ui/TickField'
import { useOpenCase } from '../../../case/context'
import { extentOf } from './drawing'
import { en } from './messages'
import { PictureBar, ScaleForm, usePicture } from './PictureBar'
import { FilesBar } from './FilesBar'
import { NorthArrow, ScaleBar } from './Marks'
import { PlanCanvas, type Tool } from './PlanCanvas'
import { ShapeList } from './ShapeList'
import { usePlanView } from './usePlanView'
import { useShapes, type Target } from './useShapes'

const tools: readonly (readonly [Exclude<Tool, 'scale'>, LucideIcon])[] = [
  ['select', MousePointer2],
  ['rectangle', Square],
  ['circle', Circle],
  ['ellipse', Circle],
  ['polygon', Hexagon],
  ['ring', Ring],
  ['rows', Rows3],
  ['plant', Sprout],
]
const hintOf = (tool: Tool): string =>
  tool === 'select' || tool === 'polygon' || tool === 'plant' || tool === 'scale'
    ? en.hint[tool]
    : tool === 'circle' || tool === 'ring'
      ? en.hint.circle
      : en.hint.drag

const height = 430

/** The ground to scale: drawn, traced over a picture, or made from the list beneath. */
export function PlanView() {
  const { kase, area, selectArea } = useOpenCase()
  const shapes = useShapes()
  const [tool, setTool] = useState<Tool>('select')
  const [target, setTarget] = useState<Target>('area')
  const [snap, setSnap] = useState(true)
  const [selected, select] = useState<string | null>(null)
  const [live, setLive] = useState<string | null>(null)
  const [known, setKnown] = useState<readonly [Point, Point] | null>(null)
  const holder = useRef<HTMLDivElement>(null)
  const plan = usePlanView(holder, () => inSight(kase), height)
  const picture = usePicture()
  const becomes = area && area.shapes.length === 0 && target === 'area' ? 'part' : target
  const pick = (shapeId: string | null, areaId: string | null) => {
    select(shapeId)
    if (areaId && areaId !== area?.id) selectArea(areaId)
  }
  return (
    <>
      <div className="print:hidden">
        <div role="toolbar" aria-label={en.tools} className="flex flex-wrap items-center gap-1">
          {tools.map(([one, Icon]) => (
            <button
              key={one}
              type="button"
              aria-pressed={tool === one}
              title={en.tool[one]}
              aria-label={en.tool[one]}
              onClick={() => setTool(one)}
              className={clsx(
                'border-edge flex min-h-13 min-w-16 cursor-pointer flex-col items-center justify-center rounded-[3px] border px-1.5 text-[13px] leading-tight',
                tool === one ? 'bg-moss text-white' : 'bg-sheet hover:border-ink',
              )}
            >
              <Icon size={20} aria-hidden className={one === 'ellipse' ? 'scale-y-60' : undefined} />
              <span aria-hidden>{en.shortTool[one]}</span>
            </button>
          ))}
          <TickField label={en.snap} checked={snap} onChange={(on) => setSnap(on)} />
          <span className="ml-auto flex gap-1">
            <Round label={en.zoomIn} icon={ZoomIn} onClick={() => plan.zoom(1.4)} />
            <Round label={en.zoomOut} icon={ZoomOut} onClick={() => plan.zoom(1 / 1.4)} />
            <Round label={en.fit} icon={Maximize} onClick={plan.fit} />
          </span>
        </div>
        {tool !== 'select' && tool !== 'scale' && area && (
          <div className="mt-2 max-w-[560px]">
            <ChoiceField
              label={en.becomes}
              value={becomes}
              options={(['area', 'part', 'hole'] as const).map((value) => ({ value, label: en.targets[value] }))}
              onChange={setTarget}
            />
          </div>
        )}
        <div ref={holder} className="border-edge relative mt-2 overflow-hidden border bg-white" data-plan>
          {plan.width > 0 && (
            <PlanCanvas
              plan={plan}
              height={height}
              tool={tool}
              snap={snap}
              selected={selected}
              picture={picture.image}
              onSelect={pick}
              onDraw={(outline) => {
                plan.hold()
                select(shapes.add(outline, area ? becomes : 'area'))
                if (tool !== 'plant') setTool('select')
              }}
              onChange={shapes.put}
              onScale={(from, to) => {
                setKnown([from, to])
                setTool('select')
              }}
              onLive={setLive}
            />
          )}
          <NorthArrow north={kase.plan.north} className="absolute top-2 right-2" />
          <ScaleBar
            pixelsPerFoot={plan.view.pixelsPerFoot}
            measures={kase.measures}
            className="absolute bottom-2 left-3"
          />
          {tool === 'select' && !live && kase.areas.every(({ shapes: all }) => all.length === 0) && !picture.image && (
            <div className="pointer-events-none absolute inset-0 flex flex-col items-center justify-center gap-3 text-center">
              <svg width="150" height="84" viewBox="0 0 150 84" aria-hidden className="stroke-edge fill-none">
                <rect x="12" y="14" width="126" height="56" strokeWidth="1.5" strokeDasharray="5 4" />
                <text x="75" y="47" textAnchor="middle" className="fill-ink-2 stroke-none text-[13px]">
                  {en.exampleShape}
                </text>
              </svg>
              <p className="bg-white px-2 font-semibold">{en.emptyPlan}</p>
            </div>
          )}
          {live && (
            <p
              role="status"
              className="bg-ink absolute top-2 left-2 rounded-[3px] px-2.5 py-1 font-semibold text-white"
            >
              {live}
            </p>
          )}
        </div>
        <div className="mt-1 flex items-start gap-4">
          <p className="text-ink-2 min-w-0 flex-1 text-[13.5px]">
            {tool !== 'scale' && <strong>{en.tool[tool]}. </strong>}
            {hintOf(tool)}
          </p>
          <North />
        </div>
        {known && <ScaleForm points={known} onDone={() => setKnown(null)} />}
        <ShapeList selected={selected} onSelect={select} />
        <PictureBar picture={picture} onScale={() => setTool('scale')} />
      </div>
      <FilesBar />
    </>
  )
}

/** A plan whose top is not north says so. */
function North() {
  const { kase, edit } = useOpenCase()
  const [typed, setTyped] = useState<string | null>(null)
  const { north } = kase.plan
  const shown = typed !== null && (typed.trim() === '' || Number(typed) === north) ? typed : String(north)
  return (
    <div className="w-24 shrink-0">
      <TextField
        label={en.northShort}
        value={shown}
        unit="°"
        numeric
        onChange={(text) => {
          setTyped(text)
          const degrees = text.trim() === '' ? NaN : Number(text)
          if (Number.isFinite(degrees) && Math.abs(degrees) <= 360) edit((draft) => void (draft.plan.north = degrees))
        }}
      />
    </div>
  )
}

/** All that is drawn; the picture where nothing is. */
function inSight({ areas, plan: { picture } }: Case) {
  const outlines = areas.flatMap(({ shapes }) => shapes.map(({ outline }) => outline))
  if (outlines.length > 0 || !picture) return extentOf(outlines)
  const { x, y, width, height: high, feetPerPixel } = picture
  return [x, y - high * feetPerPixel, x + width * feetPerPixel, y] as const
}

function Round({ label, icon: Icon, onClick }: { label: string; icon: LucideIcon; onClick: () => void }) {
  return (
    <button
      type="button"
      title={label}
      aria-label={label}
      onClick={onClick}
      className="border-edge bg-sheet hover:border-ink flex min-h-11 min-w-11 cursor-pointer items-center justify-center rounded-[3px] border"
    >
      <Icon size={20} aria-hidden />
    </button>
  )
}
