'use client'

import type { Guide, School } from '@/core/guides/guide'
import { bearsOn } from '@/core/guides/schools'
import type { Use } from '@/core/guides/crop'
import { SelectField } from '@/ui/SelectField'
import { textOf } from '@/wording/render'

interface Props {
  /** Whose questions; of several guides each question once. */
  guides: readonly Guide[]
  chosen: Readonly<Record<string, string>>
  /** Only the questions that bear on this crop. */
  crop?: { readonly id: string; readonly use: Use }
  /** Only those of taking samples, or only the others. */
  sampling?: boolean
  onChoose: (school: string, option: string) => void
}

/** Where practitioners disagree: one choice a question. */
export function SchoolFields({ guides, chosen, crop, sampling, onChoose }: Props) {
  const questions = new Map<string, School>(
    guides.flatMap(({ schools }) => schools).map((school) => [school.id, school] as const),
  )
  return [...questions.values()]
    .filter((school) => !crop || bearsOn(school, crop.id, crop.use))
    .filter((school) => sampling === undefined || (school.sampling ?? false) === sampling)
    .map(({ id, label, options }) => (
      <SelectField
        key={id}
        label={textOf(label)}
        value={options.some((option) => option.id === chosen[id]) ? chosen[id]! : options[0]!.id}
        options={options.map((option) => ({ value: option.id, label: textOf(option.label) }))}
        onChange={(option) => option && onChoose(id, option)}
      />
    ))
}
