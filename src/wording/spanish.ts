import { cautions } from './es/cautions'
import { fieldSheet, steps } from './es/field-sheet'
import { letter } from './es/letter'
import { matters } from './es/matters'
import { why } from './es/why'
import { measures } from './es/measures'
import type { ClientWords } from './languages'

/** Loaded with the first paper in Spanish. */
export const spanish: ClientWords = { matters, cautions, letter, measures, steps, fieldSheet, why }
