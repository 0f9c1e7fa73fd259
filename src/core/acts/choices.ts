import type { Act } from './act'

/** Follows a school on a question where practitioners disagree. */
export const followSchool =
  (question: string, option: string): Act =>
  (kase) => ({ ...kase, schools: { ...kase.schools, [question]: option } })
