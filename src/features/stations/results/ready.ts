import { isLine } from '@/core/report/names'
import type { Mapping } from '@/schemas/results-file/mapping'

/** Whether everything is said that must be before values are taken. */
export const isReady = ({ columns, decimal }: Mapping): boolean =>
  decimal !== null && columns.some(({ meaning, unit }) => meaning !== null && isLine(meaning) && unit !== null)
