'use client'

import type { Case } from '@/core/case/case'
import type { Season } from '@/core/case/season'
import { ChoiceField } from '@/ui/ChoiceField'
import { en } from './messages'

interface Props<Value> {
  value: Value
  onChange: (value: Value) => void
}

/** What a number without a unit is in. */
export function MeasuresField({ value, onChange }: Props<Case['measures']>) {
  const options = (['feet', 'metres'] as const).map((one) => ({ value: one, label: en.measureNames[one] }))
  return <ChoiceField label={en.measures} value={value} options={options} onChange={onChange} />
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
