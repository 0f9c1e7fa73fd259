import { stations as inOrder } from '@/core/case/stations'
import type { StationDefinition, View } from '../../case/station'
import { history } from '../../shared/history/station'
import { amounts } from '../../stations/amounts/station'
import { calendar } from '../../stations/calendar/station'
import { ground } from '../../stations/ground/station'
import { letter } from '../../stations/letter/station'
import { log } from '../../stations/log/station'
import { materials } from '../../stations/materials/station'
import { reading } from '../../stations/reading/station'
import { results } from '../../stations/results/station'
import { sample } from '../../stations/sample/station'

/** Every view of a case. One that the core knows and that is not here does not compile. */
export const views: Readonly<Record<View, StationDefinition>> = {
  ground,
  sample,
  results,
  reading,
  amounts,
  materials,
  calendar,
  letter,
  log,
  history,
}

/** The stations in the order in which people work. */
export const stations = inOrder.map((id) => ({ ...views[id], id }))

/** The view that an address asks for. */
export const viewAsked = (station: string | null): StationDefinition =>
  station !== null && Object.hasOwn(views, station) ? views[station as View] : views.ground
