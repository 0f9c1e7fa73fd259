import { readSize } from '../../ground/size'
import { paceOf } from '../../reading/soil'
import type { Typed } from '../../units/typed'
import type { Case } from '../case'
import { withAreas, type Act } from './act'

/** What a size without a unit is in from now on; every typed size is read again. */
export const measureIn =
  (measures: Case['measures']): Act =>
  (kase) =>
    measuredAgain({ ...kase, measures })

/** How long a pace is from now on; every size in paces is read again. */
export const setPace =
  (pace: Typed): Act =>
  (kase) =>
    measuredAgain({ ...kase, plan: { ...kase.plan, pace } })

const measuredAgain = (kase: Case): Case =>
  withAreas(kase, (area) => {
    const size = readSize(area.size.text, kase.measures, paceOf(kase.plan))
    const value = size.ok ? size.value.area.value.v : null
    return value === area.size.value ? area : { ...area, size: { ...area.size, value } }
  })
