import { fieldKey, type Key } from '../../case/station'

export const anywhere: readonly Key[] = [
  { keys: 'Ctrl+K, or /', does: 'find a case, an area, a crop, or what to do' },
  { keys: '?', does: 'these keys' },
  { keys: 'Escape', does: 'close what lies on top' },
  { keys: 'Tab, Shift+Tab', does: 'to the next field, and back' },
]

/** Those of every station. */
export const inCase: readonly Key[] = [
  { keys: 'Ctrl+Z', does: 'undo, across reloads too' },
  { keys: 'Ctrl+Shift+Z', does: 'redo' },
]
/** The keys of a page, beside those of anywhere. */
export const keysOfPage: Readonly<Record<string, readonly Key[]>> = {
  '/counter': [fieldKey],
  '/bench': [fieldKey],
  '/intake': [{ keys: 'Enter', does: 'to the next thing to look at, then to the next case' }],
  '/': [{ keys: 'Tab, Enter', does: 'to a case, and into it' }],
}
