'use client'

import { useId } from 'react'
import type { Spreader } from '@/core/case/spreader'
import { boxOf } from '@/core/case/outline'
import type { Point } from '@/core/geometry/polygon'
import { fields, numberIn } from '@/core/report/fields'
import { feetPerMetre } from '@/core/units/factors'
import { leftIn, planFor } from '@/core/plan/plan'
import { type Treatment } from '@/core/passes/pass'
import type { AreaRecommendation } from '@/core/recommend'
import { productRef } from '@/core/shelf/product'
import { productNamed } from '@/core/shelf/product-named'
import { halfPass, rateAt, settingFor, swathOf, tracksOver, triedRate, type Tried } from '@/core/spreader/spreader'
import type { Size } from '@/core/ground/sized'
import { places, productWords, weight, type Measures } from '@/wording/format'
import { render } from '@/wording/render'
import { useOpenCase } from '../../../case/context'
import { useProducts } from '../../../case/useCase'
import { counted } from '../../../case/explained'
import { usePlan } from '../../../shared/plan/usePlan'
import { Figure } from '../../../shared/workings/Figure'
import { shapeOf } from '../../ground/AreasRail'
import { pathOf } from '../../ground/path'
import { en } from './messages'

/** How the spreader is set for everything that goes on this area, half of it each way. */
export function SpreaderAnswer({ spreader, found }: { spreader: Spreader; found: AreaRecommendation }) {
  const plan = usePlan()
  const swath = swathOf(spreader)
  if (!found.size.ok || swath === undefined) return null
  const tried = spreader.trials.flatMap((trial) => {
    const one = triedRate(trial, swath)
    return one.ok ? [one.value] : []
  })
  const treatments = leftIn(planFor(plan, found.areaId))
    .filter(({ product }) => product !== null)
    // What it was tried with comes first.
    .sort((a, b) => Number(isTried(b, spreader)) - Number(isTried(a, spreader)))
  if (tried.length === 0) return null
  return (
    <div className="mt-3 grid gap-x-8 gap-y-3 sm:grid-cols-[1fr_auto]">
      <ul className="text-[15px]">
        {treatments.length === 0 && <li>{en.nothing}</li>}
        {treatments.map((treatment, i) => (
          <Line
            key={treatment.key}
            treatment={treatment}
            tried={tried}
            // With one setting tried all of them wait for the same.
            quiet={i > 0 && alike(tried)}
            spreader={spreader}
            size={found.size.ok ? found.size.value : null}
          />
        ))}
      </ul>
      <Ways areaId={found.areaId} swath={swath} />
    </div>
  )
}

const isTried = ({ product }: Treatment, spreader: Spreader): boolean =>
  product !== null && productRef(product) === spreader.product

interface LineProps {
  treatment: Treatment
  tried: readonly Tried[]
  spreader: Spreader
  size: Size | null
  /** What it waits for is said already. */
  quiet: boolean
}

/** Trials at one setting. */
const alike = (tried: readonly Tried[]) => new Set(tried.map(({ setting }) => setting)).size < 2

function Line({ treatment, tried, spreader, size, quiet }: LineProps) {
  const { kase } = useOpenCase()
  const products = useProducts()
  if (!size || !treatment.product) return null
  const half = halfPass(treatment.each, size.area)
  const found = settingFor(half, tried)
  const name = productWords(treatment.product)
  const with_ = productNamed(products, spreader.product)
  const other = with_ && productRef(with_) !== productRef(treatment.product)
  return (
    <li className="border-rule border-t py-1.5">
      <p>{en.wants(name, `${weight(half.value.v * 2, kase.measures)} ${en.perThousand}`)}</p>
      {found.ok ? (
        <p className="font-serif text-xl font-semibold">
          <Figure of={counted(found.value.setting)}>
            {en.atSetting(
              places(found.value.setting.value.v, 1),
              found.value.scatter === undefined ? '' : en.scatter(places(found.value.scatter, 1)),
            )}
          </Figure>
        </p>
      ) : (
        !quiet && <p className="text-clay font-semibold">{render(found.refusal)}</p>
      )}
      {found.ok && found.value.beyond && <p className="text-clay font-semibold">{en.beyond}</p>}
      {found.ok && <p className="text-[14.5px]">{nowWords(spreader, tried, half.value.v, kase.measures)}</p>}
      {other && <p className="text-clay text-[14.5px] font-semibold">{en.otherProduct(productWords(with_))}</p>}
    </li>
  )
}

/** A setting this close, as a share of what is wanted, is right. Source: common practice. */
const closeEnough = 0.05

/** What the setting that it stands at puts down, against half a pass. */
function nowWords({ setting }: Spreader, tried: readonly Tried[], half: number, measures: Measures): string {
  const now = numberIn(fields.setting, setting)
  const rate = now === undefined ? undefined : rateAt(now, tried)
  if (now === undefined || rate === undefined || half <= 0) return ''
  const off = rate / half - 1
  if (Math.abs(off) <= closeEnough) return en.nowRight(places(now, 1))
  const [told, percent] = [`${weight(rate, measures)} ${en.perThousand}`, `${Math.round(Math.abs(off) * 100)} %`]
  return off > 0 ? en.nowTooMuch(places(now, 1), told, percent) : en.nowTooLittle(places(now, 1), told, percent)
}

/** Where the wheel goes, both ways, over the ground as it lies; nothing where only its size is known. */
function Ways({ areaId, swath }: { areaId: string; swath: number }) {
  const { kase, recommendation } = useOpenCase()
  const clip = useId()
  const size = shapeOf(
    kase.areas.find(({ id }) => id === areaId)!,
    recommendation,
  )
  const drawn = !size || size.count > 1 ? undefined : outlineOf(size.shape, kase.plan.north)
  if (!drawn) return <p className="text-ink-2 w-44 text-[13.5px]">{en.noOutline}</p>
  const { width, height, path } = drawn
  const feet = (v: number) => (kase.measures === 'metres' ? `${places(v / feetPerMetre, 1)} m` : `${places(v, 1)} ft`)
  const [w, h] = [width * scaleOf(drawn), height * scaleOf(drawn)]
  return (
    <div className="flex gap-5">
      {(['northSouth', 'eastWest'] as const).map((way) => {
        const { count, first, apart } = tracksOver(way === 'northSouth' ? width : height, swath)
        const shown = Array.from({ length: Math.min(count, 60) }, (_, i) => (first + i * apart) * scaleOf(drawn))
        return (
          <figure key={way} className="w-36 text-[13px]">
            <svg
              width="120"
              height={h + 8}
              viewBox={`-4 -4 120 ${h + 8}`}
              role="img"
              aria-label={en.drawing(count, en[way])}
            >
              <clipPath id={`${clip}${way}`}>
                <path d={path} clipRule="evenodd" />
              </clipPath>
              <path d={path} fillRule="evenodd" className="fill-wash stroke-ink" strokeWidth="1.2" />
              {shown.map((at) => (
                <path
                  key={at}
                  d={way === 'northSouth' ? `M${at} 0V${h}` : `M0 ${at}H${w}`}
                  clipPath={`url(#${clip}${way})`}
                  className="stroke-slate"
                  strokeWidth="1.4"
                  strokeDasharray="5 3"
                />
              ))}
            </svg>
            <figcaption>
              <strong>{en[way]}</strong>: {en.tracks(count, feet(apart), feet(first))}
            </figcaption>
          </figure>
        )
      })}
    </div>
  )
}

interface Drawn {
  /** ft, west to east and north to south. */
  readonly width: number
  readonly height: number
  /** Of an SVG, to scale. */
  readonly path: string
}

/** px of the longer side. */
const drawnAcross = 110
const scaleOf = ({ width, height }: Pick<Drawn, 'width' | 'height'>) => drawnAcross / Math.max(width, height)

/** @param turned degrees that north lies clockwise of the top of the plan; it is drawn at the top */
function outlineOf(shape: Size['shape'], turned: number): Drawn | undefined {
  if (shape.kind === 'rectangle') {
    const box = { width: shape.width, height: shape.length }
    return { ...box, path: `M0 0H${box.width * scaleOf(box)}V${box.height * scaleOf(box)}H0Z` }
  }
  if (shape.kind === 'circle') {
    const r = drawnAcross / 2
    return {
      width: shape.diameter,
      height: shape.diameter,
      path: `M0 ${r}A${r} ${r} 0 1 1 ${2 * r} ${r}A${r} ${r} 0 1 1 0 ${r}Z`,
    }
  }
  if (shape.kind !== 'outline') return undefined
  const [sin, cos] = [Math.sin((turned * Math.PI) / 180), Math.cos((turned * Math.PI) / 180)]
  const upright = ([x, y]: Point): Point => [x * cos - y * sin, x * sin + y * cos]
  const [west, south, east, north] = boxOf(shape.ground.flat(2).map(upright))
  const box = { width: east - west, height: north - south }
  const scale = scaleOf(box)
  const place = (point: Point): Point => {
    const [x, y] = upright(point)
    return [(x - west) * scale, (north - y) * scale]
  }
  return { ...box, path: pathOf(shape.ground, place) }
}
