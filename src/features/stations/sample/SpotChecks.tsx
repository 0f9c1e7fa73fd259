'use client'

import { reportInForce } from '@/core/case/in-force'
import { pH as pHTest } from '@/core/report/tests/pH'
import { addSpotCheck, removeSpotCheck } from '@/core/acts/reports'
import { X } from 'lucide-react'
import { useEffect, useMemo, useState, type FormEvent } from 'react'
import { v4 as newId } from 'uuid'
import type { SpotCheck } from '@/core/case/sample'
import { numberIn } from '@/core/report/fields'
import { areasGround } from '@/core/ground/area-ground'
import type { Point } from '@/core/geometry/polygon'
import { readAreaSize } from '@/core/reading/soil'
import { compositeSpots, type CoreSpot } from '@/core/sampling/spots'
import { readersOf, spotSummary } from '@/core/sampling/spot-check'
import { simulatedMeter, type Into, type PHMeter, type Shown } from '@/demo/meter'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/TextField'
import { pHFigure } from '@/wording/format'
import { useOpenCase } from '../../case/context'
import { useGuides } from '../../case/useCase'
import { signed } from '../../shared/office/signed'
import { fieldError, retyped } from '../../shared/formatting'
import { useCrops } from '../ground/AreaFields'
import { en } from './messages'
import { SpotMap } from './SpotMap'
import { guideOf } from '@/core/case/guide-of'
import { useSampleEdits } from './useSamples'
import { measuredIn } from '@/core/report/tests'

/** Spots that are read of one area. Source: common practice. */
const spotsRead = 5

/** pH read on the spot, to find a bad corner before any soil is sent off. */
export function SpotChecks() {
  const { kase, area, act } = useOpenCase()
  const guides = useGuides()
  const { make } = useSampleEdits()
  const { crop } = useCrops(area!)
  const size = readAreaSize(area!, kase, crop)
  const outlines = useMemo(
    () => areasGround([{ area: area!, size: size.ok ? size.value : undefined }]),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the spots go by the outline alone
    [area!.id, area!.shapes, area!.size.text, kase.measures],
  )
  const spots = useMemo(() => compositeSpots(outlines, spotsRead, 7), [outlines])
  const mine = kase.spotChecks.filter(({ areaId }) => areaId === area!.id)
  const readings = mine.map(({ pH }) => numberIn(pHTest.field, pH))
  const { evenWithin } = guideOf(area!, kase, guides).sampling
  const read = readings.filter((v) => v !== undefined)
  const summary = spotSummary(read, evenWithin)
  const odd = summary?.oddOne === undefined ? undefined : read[summary.oddOne]
  const add = async (pH: number, spot: CoreSpot | undefined) => {
    const { by, at } = await signed(kase, '')
    act(
      addSpotCheck({
        id: newId(),
        areaId: area!.id,
        x: spot?.at[0] ?? null,
        y: spot?.at[1] ?? null,
        pH: { text: pH.toFixed(2), unit: '', value: pH },
        at,
        by,
      }),
    )
  }
  return (
    <section className="border-ink mt-6 border-t-[1.5px] pt-3" aria-label={en.spotChecks}>
      <h2 className="font-serif text-lg font-semibold">
        {en.spotChecks}: {area!.name}
      </h2>
      <p className="text-ink-2">{en.spotChecksLead}</p>
      <div className="mt-2 grid gap-5 md:grid-cols-[1fr_300px]">
        <div>
          <Meter spots={spots} onTake={(pH, spot) => void add(pH, spot)} />
          <TypedReading onAdd={(pH) => void add(pH, undefined)} />
        </div>
        <SpotMap outlines={outlines} spots={spots} width={300} height={230} label={en.spotChecks} />
      </div>
      {mine.length > 0 && (
        <div className="mt-2">
          <h3 className="text-ink-2 text-[13.5px]">{en.readingsBy(readersOf(mine))}</h3>
          <ul className="flex flex-wrap gap-1.5">
            {mine.map((one, i) => (
              <li
                key={one.id}
                className={`border-edge flex items-center rounded-[3px] border pl-2 ${readings[i] === odd && odd !== undefined ? 'border-clay border-2 font-bold' : ''}`}
              >
                {one.pH.text}
                <button
                  type="button"
                  aria-label={en.removeReading(one.pH.text)}
                  className="hover:bg-margin cursor-pointer p-2"
                  onClick={() => act(removeSpotCheck(one.id))}
                >
                  <X size={14} aria-hidden />
                </button>
              </li>
            ))}
          </ul>
          {summary && (
            <p className="mt-1" role="status">
              <strong>
                {en.mean} {pHFigure(summary.mean)}
              </strong>
              , {en.spread.toLowerCase()} {pHFigure(summary.low)} to {pHFigure(summary.high)}
              {summary.sd !== undefined && `, ${en.sd(summary.sd)}`}. {summary.even === true && en.even}
              {summary.even === false && en.uneven(evenWithin)} {odd !== undefined && en.odd(pHFigure(odd))}
              {odd !== undefined && (
                <Button
                  kind="text"
                  className="ml-2"
                  onClick={() =>
                    void make([
                      {
                        areas: [area!],
                        corner: `pH ${pHFigure(odd)}`,
                        cornerAt: placeOf(mine[readings.indexOf(odd)]!),
                      },
                    ])
                  }
                >
                  {en.addCorner}
                </Button>
              )}
            </p>
          )}
        </div>
      )}
    </section>
  )
}

const placeOf = ({ x, y }: SpotCheck): Point | null => (x === null || y === null ? null : [x, y])

function TypedReading({ onAdd }: { onAdd: (pH: number) => void }) {
  const [typed, setTyped] = useState(retyped('', '', pHTest.field))
  const pH = numberIn(pHTest.field, typed)
  const add = (event: FormEvent) => {
    event.preventDefault()
    if (pH === undefined) return
    onAdd(pH)
    setTyped(retyped('', '', pHTest.field))
  }
  return (
    <form className="mt-3 flex flex-wrap items-end gap-3" onSubmit={add}>
      <div className="w-40">
        <TextField
          label={en.typeReading}
          value={typed.text}
          numeric
          placeholder={pHTest.field.example}
          error={fieldError(pHTest.field, typed)}
          onChange={(text) => setTyped(retyped(text, '', pHTest.field))}
        />
      </div>
      <Button type="submit" disabled={pH === undefined}>
        {en.addReading}
      </Button>
    </form>
  )
}

/** pH that the made-up ground has at a spot: about what its report says, and one corner off. */
function soilAt(spot: number, reported: number | undefined): number {
  return (reported ?? 6.2) + [0.05, -0.12, 0.1, -0.06, -0.9][spot % 5]!
}

function Meter({ spots, onTake }: { spots: readonly CoreSpot[]; onTake: (pH: number, spot: CoreSpot) => void }) {
  const { kase, area } = useOpenCase()
  const report = reportInForce(kase, area)
  const reported = report && numberIn(pHTest.field, measuredIn(report, 'pH'))
  const [meter, setMeter] = useState<PHMeter | null>(null)
  const [shown, setShown] = useState<Shown | null>(null)
  const [buffer, setBuffer] = useState<4 | 7 | null>(null)
  const [spot, setSpot] = useState<number | null>(null)
  const [isSet, setIsSet] = useState(false)
  useEffect(() => meter?.stream(setShown), [meter])
  // What it showed in the last place says nothing of the next.
  const dip = (into: Into) => {
    meter!.dip(into)
    setShown((before) => before && { ...before, settled: false })
    setBuffer(into.kind === 'buffer' ? into.pH : null)
    setSpot(into.kind === 'soil' ? Number(into.spot) : null)
  }
  if (!meter)
    return (
      <>
        <Button onClick={() => setMeter(simulatedMeter(Math.random, 4))}>{en.startMeter}</Button>
        <p className="text-ink-2 mt-1 text-[14px]">
          {en.meter}. {en.meterNote}
        </p>
      </>
    )
  return (
    <div className="border-edge rounded-[3px] border-2 p-3">
      <p className="text-ink-2 flex justify-between text-[13.5px]">
        <span>{en.meter}</span>
        <button
          type="button"
          className="cursor-pointer underline"
          onClick={() => {
            setMeter(null)
            setShown(null)
            setIsSet(false)
            setBuffer(null)
            setSpot(null)
          }}
        >
          {en.stopMeter}
        </button>
      </p>
      <p className="flex items-baseline gap-3">
        <span className="font-serif text-[48px] leading-none font-bold" data-meter>
          {shown ? shown.pH.toFixed(2) : '–'}
        </span>
        <span className="text-ink-2">{shown?.settled ? en.settled : en.settling}</span>
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {([7, 4] as const).map((pH) => (
          <Button key={pH} aria-pressed={buffer === pH} onClick={() => dip({ kind: 'buffer', pH })}>
            {en.buffer(pH)}
          </Button>
        ))}
        {buffer && (
          <Button
            kind="act"
            disabled={!shown?.settled}
            onClick={() => {
              meter.setBy(buffer)
              setIsSet(meter.isSet())
            }}
          >
            {en.takeBuffer(buffer)}
          </Button>
        )}
      </div>
      <p className="text-ink-2 mt-2 text-[14px]">{isSet ? en.calibrated : en.calibrateFirst}</p>
      {isSet && (
        <>
          <div role="group" aria-label={en.dipAt} className="mt-1 flex flex-wrap gap-2">
            {spots.map((_, i) => (
              <Button
                key={i}
                aria-pressed={spot === i}
                className={spot === i ? 'border-moss border-2' : undefined}
                onClick={() => dip({ kind: 'soil', pH: soilAt(i, reported), spot: String(i) })}
              >
                {en.atSpot(i + 1)}
              </Button>
            ))}
          </div>
          {spot !== null && (
            <Button
              kind="act"
              className="mt-2"
              disabled={!shown?.settled}
              onClick={() => {
                onTake(shown!.pH, spots[spot]!)
                setSpot(null)
              }}
            >
              {en.takeReading}
            </Button>
          )}
        </>
      )}
    </div>
  )
}
