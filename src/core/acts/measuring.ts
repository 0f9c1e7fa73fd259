import { measuresOf, readTypedSize } from '../reading/soil'
import type { Typed } from '../units/typed'
import type { Case } from '../case/case'
import { withAreas, type Act } from './act'

/** What amounts are shown in and new sizes are typed in from now on; a size that was understood keeps its meaning. */
export const measureIn =
  (measures: Case['measures']): Act =>
  (kase) => ({
    ...withAreas(kase, (area) => {
      const { size } = area
      const unit = measuresOf(size, kase) === 'metres' ? 'm' : 'ft'
      return size.text === '' || size.unit === unit ? area : { ...area, size: { ...size, unit } }
    }),
    measures,
  })

/** How long a pace is from now on; every size in paces is read again. */
export const setPace =
  (pace: Typed): Act =>
  (kase) =>
    measuredAgain({ ...kase, plan: { ...kase.plan, pace } })

const measuredAgain = (kase: Case): Case =>
  withAreas(kase, (area) => {
    const size = readTypedSize(area.size, kase)
    const value = size.ok ? size.value.area.value.v : null
    return value === area.size.value ? area : { ...area, size: { ...area.size, value } }
  })
