import type Joi from 'joi'
import { caseShape, planShape, type Case } from '../core/case/case'
import type { Change, Patch, Path } from '../core/case/changes'
import { readTypedSize } from '../core/reading/soil'
import { reread, type SizeReader } from '../core/report/reread'
import { misfitIn, shapeAt } from '../core/shape/shape'
import { fromShape } from './from-shape'

/** A whole case, strict: what is not named in its shape is refused. */
export const caseSchema = fromShape(caseShape) as Joi.ObjectSchema<Case>

/** The case with every number read again from its text: a size by the pace and the measures of the same case. */
export function rereadCase(kase: Case): Case {
  const plan = reread(planShape, kase.plan, () => null)
  return reread(caseShape, kase, sizesIn({ ...kase, plan }))
}

const sizesIn =
  (kase: Pick<Case, 'measures' | 'plan'>): SizeReader =>
  (size) => {
    const read = readTypedSize(size, kase)
    return read.ok ? read.value.area.value.v : null
  }

/** A value that is to stand at a path of a case, likewise; what does not fit there stays as it is, and is not taken. */
export function rereadAt(kase: Case, path: Path, value: unknown): unknown {
  const shape = shapeAt(caseShape, path)
  return shape && misfitIn(shape, value) === undefined ? reread(shape, value, sizesIn(kase)) : value
}

/** The steps of edits of a case, likewise. */
export function rereadEdit<Edit extends Change>(kase: Case, edit: Edit): Edit {
  const again = (patch: Patch): Patch =>
    'value' in patch ? { ...patch, value: rereadAt(kase, patch.path, patch.value) } : patch
  return { ...edit, patches: edit.patches.map(again), inverse: edit.inverse.map(again) }
}
