import type { Case } from '@/core/case/case'
import { readFigure } from '@/core/doubt/figure'
import { converted } from '@/core/ground/converted'
import { cropsOf } from '@/core/guides/choose'
import type { Crop } from '@/core/guides/crop'
import type { Guide, GuideRef } from '@/core/guides/guide'
import type { Product } from '@/core/shelf/product'
import type { SoundSummary } from '@/store/summary'
import { findOptions } from '@/ui/find-option'
import { area as areaWords, onThousand, pHFigure, places, weight } from '@/wording/format'
import { textOf } from '@/wording/render'
import type { View } from '../../case/station'
import { finder } from '../desk/find'
import { through, wayPath } from '../../shared/way/through'
import { stations } from '../case/stations'
import { en } from './messages'

export type Kind = keyof typeof en.kinds
export type Doing = 'start' | 'open' | 'save' | 'print' | 'undo' | 'redo' | 'keys' | 'contrast'

/** What choosing it does. */
export type Act =
  | { readonly to: 'case' | 'area' | 'second' | 'copy'; readonly is: string }
  | { readonly to: 'station'; readonly is: View }
  | { readonly to: 'page'; readonly is: string }
  | { readonly to: 'do'; readonly is: Doing }

export interface Command {
  readonly kind: Kind
  readonly label: string
  readonly detail?: string
  readonly act: Act
}

/** What there is to be found and done. */
export interface Around {
  /** The case that is open. */
  readonly kase: Case | null
  readonly cases: readonly SoundSummary[]
  readonly guides: readonly Guide[]
  readonly guide: GuideRef
  readonly products: readonly Product[]
  /** What would be taken back and put back in the case that is open. */
  readonly undo: string | null
  readonly redo: string | null
  readonly contrast: 'more' | 'usual'
}

/** So many of a kind are enough to see that one has to type more. */
const few = 5

/**
 * What may be meant by what was typed, as it was understood: answers first, then what is nearest to where one is.
 * Nothing typed is everything that one can do from here.
 */
export function commandsFor(text: string, around: Around): readonly Command[] {
  const named = [...stationsOf(around), ...doingsOf(around), ...pagesOf()]
  if (text.trim() === '') return named
  const found = findOptions(
    named.map((command) => ({ command, label: command.label, group: en.kinds[command.kind] })),
    text,
  )
  return [
    ...answersTo(text, around),
    ...areasNamed(text, around),
    ...found.map(({ command }) => command).filter(({ kind }) => kind === 'station'),
    ...casesNamed(text, around),
    ...cropsNamed(text, around),
    ...found.map(({ command }) => command).filter(({ kind }) => kind !== 'station'),
  ]
}

function answersTo(text: string, { products, kase }: Around): readonly Command[] {
  if (!/\d/.test(text)) return []
  const measures = kase?.measures ?? 'feet'
  const found = converted(text, measures)
  const rate = found?.rate != null ? onThousand(found.rate, measures) : ''
  const ground = found?.sqFt != null ? areaWords(found.sqFt, measures) : ''
  const label = found?.lb != null ? en.onGround(weight(found.lb, measures), ground, rate) : rate || ground
  const figure = found && found.rate === null ? undefined : readFigure(text, products)
  return [
    ...(found ? [{ kind: 'answer' as const, label, detail: en.copies, act: { to: 'copy' as const, is: label } }] : []),
    ...(figure?.ok
      ? [
          {
            kind: 'read' as const,
            label: en.secondReading(text.trim()),
            act: { to: 'second' as const, is: text.trim() },
          },
        ]
      : []),
  ]
}

const stationsOf = ({ kase }: Around): readonly Command[] =>
  kase
    ? stations.map(({ id, label }) => ({
        kind: 'station' as const,
        label,
        act: { to: 'station' as const, is: id },
      }))
    : []

function areasNamed(text: string, { kase }: Around): readonly Command[] {
  const areas = (kase?.areas ?? []).map(({ id, name, size }) => ({ id, label: name, group: size.text }))
  return findOptions(areas, text)
    .slice(0, few)
    .map(({ id, label, group }) => ({ kind: 'area', label, detail: group, act: { to: 'area', is: id } }))
}

const casesNamed = (text: string, { cases, kase }: Around): readonly Command[] =>
  finder(cases)(text)
    .filter(({ id, trashedAt }) => id !== kase?.id && !trashedAt)
    .slice(0, few)
    .map(({ id, client, place }) => ({
      kind: 'case',
      label: client || en.unnamed,
      detail: place,
      act: { to: 'case', is: id },
    }))

function cropsNamed(text: string, { guides, guide }: Around): readonly Command[] {
  const crops = [...cropsOf(guides, guide)].map(([id, crop]) => ({
    id,
    crop,
    label: textOf(crop.label),
    group: crop.use,
    aka: crop.aka,
  }))
  return findOptions(crops, text)
    .slice(0, few)
    .map(({ id, crop, label }) => ({
      kind: 'crop',
      label,
      detail: needsOf(crop),
      act: { to: 'page', is: `/guides?${new URLSearchParams({ guide, crop: id })}` },
    }))
}

/** The span of pH and the nitrogen of a year, as far as it goes by the ground. */
function needsOf({ pH, nitrogen }: Crop): string {
  const acid = `${pHFigure(pH.low)} to ${pHFigure(pH.high)}`
  if (nitrogen.unit !== 'lb N/1000 ft²') return en.crop(acid, '')
  return en.crop(acid, en.nitrogen(places(nitrogen.low, 2), places(nitrogen.high, 2)))
}

function doingsOf({ kase, cases, undo, redo, contrast }: Around): readonly Command[] {
  const doing = (is: Doing, label: string): Command => ({ kind: 'do', label, act: { to: 'do', is } })
  return [
    doing('start', en.startCase),
    { kind: 'do', label: en.counter, act: { to: 'page', is: '/counter' } },
    ...(kase
      ? [
          ...(undo ? [doing('undo', en.undo(undo))] : []),
          ...(redo ? [doing('redo', en.redo(redo))] : []),
          doing('print', en.print),
          doing('save', en.saveFile),
          { kind: 'do' as const, label: en.history, act: { to: 'station' as const, is: 'history' as const } },
        ]
      : []),
    doing('open', en.openFile),
    ...(cases.some(({ id }) => id === through.id)
      ? [{ kind: 'do' as const, label: en.way, act: { to: 'page' as const, is: wayPath } }]
      : []),
    { kind: 'do', label: en.takeIn, act: { to: 'page', is: '/intake' } },
    doing('contrast', en.contrast[contrast === 'more' ? 'usual' : 'more']),
    doing('keys', en.keys),
  ]
}

const pagesOf = (): readonly Command[] =>
  Object.entries(en.pages).map(([is, label]) => ({ kind: 'page', label, act: { to: 'page', is } }))
