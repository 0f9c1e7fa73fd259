import { blankCase } from '../case/blank'
import type { Case } from '../case/case'
import type { Year } from '../case/season'
import type { Act } from './act'
import { openSeason } from './areas'

/**
 * A case for another year of the same client: the ground, what grows on it, and how the office works, without reports,
 * samples, log, decisions and letters. The picture under the plan stays with the case that it was put into.
 *
 * @param id of the new case
 * @param newId makes the ids of its areas
 */
export function copyForYear(kase: Case, id: string, year: Year, at: string, newId: () => string): Case {
  const { client, place, draftedBy, measures, climate, region, ownRegion, schools, season, plan, spreaders } = kase
  const copy: Case = {
    ...blankCase(id, at),
    ...{ client, place, draftedBy, measures, climate, region, ownRegion, schools, season, spreaders },
    plan: { ...plan, picture: null },
    areas: kase.areas.map((area) => ({ ...area, id: newId(), reportId: null })),
  }
  return openSeason(year)(copy)
}

type Listed = { readonly id: string }
const more = <One extends Listed>(own: readonly One[], others: readonly One[]): readonly One[] => {
  const known = new Set(own.map(({ id }) => id))
  const added = others.filter(({ id }) => !known.has(id))
  return added.length > 0 ? [...own, ...added] : own
}

/** Takes another case of the same client in: its ground, reports, log and letters. What both decided is this one's. */
export const joinCase =
  (other: Case): Act =>
  (kase) => ({
    ...kase,
    place: kase.place || other.place,
    areas: more(kase.areas, other.areas),
    samples: more(kase.samples, other.samples),
    spotChecks: more(kase.spotChecks, other.spotChecks),
    reports: more(kase.reports, other.reports),
    applications: more(kase.applications, other.applications),
    spreaders: more(kase.spreaders, other.spreaders),
    shed: more(kase.shed, other.shed),
    letters: [...more(kase.letters, other.letters)].sort((a, b) => a.at.localeCompare(b.at)),
    decisions: {
      overrulings: { ...other.decisions.overrulings, ...kase.decisions.overrulings },
      confirmations: { ...other.decisions.confirmations, ...kase.decisions.confirmations },
      moves: { ...other.decisions.moves, ...kase.decisions.moves },
      settled: kase.decisions.settled,
    },
    letter: {
      ...kase.letter,
      note: [kase.letter.note, other.letter.note].filter(Boolean).join('\n'),
      edits: { ...other.letter.edits, ...kase.letter.edits },
    },
  })
