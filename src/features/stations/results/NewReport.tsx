'use client'

import type { AreaInSeason } from '@/core/case/in-season'
import { shippedLayouts, type ReportLayout } from '@/core/report/layout'
import { Button } from '@/ui/Button'
import { FilePicker } from '@/ui/FilePicker'
import { textOf } from '@/wording/render'
import { useCollect } from '../sample/collect'
import { useMeter } from './meter'
import { en } from './messages'
import type { useLayouts } from './useReport'

/** How a report may come in beside being typed. */
type Way = 'paste' | 'import' | 'kit' | 'drops'
export type Ways = Readonly<Record<Way, () => void>> & { readonly read: (file: File) => void }

interface Props {
  area: AreaInSeason
  layouts: ReturnType<typeof useLayouts>
  ways: Ways
  onPaper: (layout: ReportLayout) => void
  onCame: (id: string) => void
}

/** Asks how another report comes in. */
export function NewReport({ area, layouts, ways, onPaper: typeOn, onCame }: Props) {
  const meter = useMeter(area)
  const collect = useCollect()
  return (
    <section aria-label={en.newTitle} className="border-moss bg-wash mt-2 border-l-4 px-4 py-2.5">
      <p className="text-ink-2">{en.newLead}</p>
      <h3 className="mt-2 font-semibold">{en.typeIt}</h3>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {layouts.own.map((layout) => (
          <Button key={layout.id} onClick={() => typeOn(layout)}>
            {layout.name}
          </Button>
        ))}
        {shippedLayouts.map((layout) => (
          <Button key={layout.id} onClick={() => typeOn(layout)}>
            {textOf(layout.title)}
          </Button>
        ))}
      </div>
      <h3 className="mt-2 font-semibold">{en.bringIt}</h3>
      <div className="mt-1.5 flex flex-wrap gap-2">
        <FilePicker label={en.readPaper} accept="application/pdf,image/png,image/jpeg,image/webp" onFile={ways.read} />
        <Button onClick={ways.import}>{en.importFile}</Button>
        <Button onClick={ways.kit}>{en.kit}</Button>
        {meter && <Button onClick={() => onCame(meter.take())}>{en.meter(meter.count)}</Button>}
        {collect.waiting > 0 && (
          <Button disabled={collect.busy} onClick={() => void collect.collect()}>
            {en.fetch}
          </Button>
        )}
      </div>
      {collect.told && (
        <p role="status" className="mt-2">
          {collect.told}
        </p>
      )}
    </section>
  )
}
