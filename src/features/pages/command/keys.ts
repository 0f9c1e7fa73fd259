/** What a key does, and where. */
export interface Key {
  readonly keys: string
  readonly does: string
}

export const anywhere: readonly Key[] = [
  { keys: 'Ctrl+K, or /', does: 'find a case, an area, a crop, or what to do' },
  { keys: '?', does: 'these keys' },
  { keys: 'Escape', does: 'close what lies on top' },
  { keys: 'Tab, Shift+Tab', does: 'to the next field, and back' },
]

const inCase: readonly Key[] = [
  { keys: 'Ctrl+Z', does: 'undo, across reloads too' },
  { keys: 'Ctrl+Shift+Z', does: 'redo' },
]
const field: Key = { keys: 'Enter', does: 'to the next field' }
const arrows: Key = { keys: 'Arrow keys', does: 'choose among those side by side' }

/** The keys of a station or a sheet, beside those of anywhere. */
const places: Readonly<Record<string, readonly Key[]>> = {
  ground: [
    field,
    { keys: '12x18, 30 ft circle, 2 @ 4x8 - 3x3', does: 'sizes are typed as sums, and told back' },
    { keys: 'On the plan: arrow keys', does: 'move the shape that is chosen' },
    { keys: 'On the plan: Enter, Escape', does: 'close the shape that is drawn; leave off drawing' },
  ],
  sample: [field, { keys: 'Enter', does: 'takes the reading that is typed, for the next one' }],
  results: [
    { keys: 'Enter', does: 'down the report, line by line' },
    { keys: '23 ppm, <5, 6.0–6.5, low', does: 'values with a unit, limits, ranges and words' },
    { keys: 'Ctrl+V', does: 'a block from a spreadsheet, pasted into a line' },
  ],
  amounts: [{ keys: 'Enter on a figure', does: 'open its workings' }, arrows],
  materials: [field, arrows],
  calendar: [
    { keys: 'Left, right on a pass', does: 'try it a day earlier or later; with Shift a month' },
    { keys: 'Enter, Escape on a pass', does: 'keep the day that is tried; leave it' },
  ],
  letter: [{ keys: 'Enter on a sentence', does: 'say it in other words' }],
  log: [{ keys: 'Enter', does: 'log the line that is typed' }],
  counter: [field],
  bench: [field],
  intake: [{ keys: 'Enter', does: 'to the next thing to look at, then to the next case' }],
  desk: [{ keys: 'Tab, Enter', does: 'to a case, and into it' }],
}

export const keysOf = (place: string, isCase: boolean): readonly Key[] => [
  ...(places[place] ?? []),
  ...(isCase ? inCase : []),
]
