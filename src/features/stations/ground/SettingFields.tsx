'use client'

import type { Case } from '@/core/case/case'
import type { Season } from '@/core/case/season'
import { keepSetting } from '@/store/db'
import { ChoiceField } from '@/ui/ChoiceField'
import { useTape } from './useTape'
import { en } from './messages'

interface Props<Value> {
  value: Value
  onChange: (value: Value) => void
}

/** What sizes and amounts are shown in. */
export function MeasuresField({ value, onChange }: Props<Case['measures']>) {
  const options = (['feet', 'metres'] as const).map((one) => ({ value: one, label: en.measureNames[one] }))
  return <ChoiceField label={en.measures} value={value} options={options} onChange={onChange} />
}

/** What a new size without a unit is in: of the tape in hand, on this machine. A size that stands keeps its own. */
export function TapeField({ shown }: { shown: Case['measures'] }) {
  const options = (['feet', 'metres'] as const).map((one) => ({ value: one, label: en.tapeNames[one] }))
  const choose = (tape: Case['measures']) => void keepSetting('tape', tape).catch(() => undefined)
  return <ChoiceField label={en.tape} value={useTape() ?? shown} options={options} onChange={choose} />
}

/** Where in a crop's span of nitrogen to serve it. */
export function FeedingField({ value, onChange }: Props<Season['feeding']>) {
  const options = (['lean', 'usual', 'generous'] as const).map((one) => ({ value: one, label: en.feedings[one] }))
  return <ChoiceField label={en.feeding} value={value} options={options} onChange={onChange} />
}

/** Which of the texture table's two climates holds. */
export function ClimateField({ value, onChange }: Props<Case['climate']>) {
  const options = (['cool', 'warm'] as const).map((one) => ({ value: one, label: en.climates[one] }))
  return <ChoiceField label={en.climate} value={value} options={options} onChange={onChange} />
}
