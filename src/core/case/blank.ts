import { blankOf } from '../shape/blank'
import { application, type Application } from './applications'
import { area, type Area } from './area'
import { caseShape, type Case } from './case'
import { letterSettings, type LetterSettings } from './decisions'
import { report, type Report } from '../report/report'
import { sample, type Sample } from './sample'
import { season } from './season'

/** Empty documents, as they are before anything is typed. Ids and times come from the store. */
export const blankCase = (id: string, at: string): Case => ({
  ...blankOf(caseShape),
  id,
  createdAt: at,
  updatedAt: at,
  season: at.slice(0, 4),
  letter: blankLetter(at.slice(0, 10)),
})

export const blankLetter = (date: string): LetterSettings => ({ ...blankOf(letterSettings), date })

export const blankArea = (id: string, name: string): Area => ({ ...blankOf(area), id, name })

export const blankApplication = (id: string, areaId: string, date: string): Application => ({
  ...blankOf(application),
  id,
  areaId,
  date,
})

export const blankSample = (id: string, seed: number): Sample => ({ ...blankOf(sample), id, seed })

export const blankReport = (id: string): Report => ({ ...blankOf(report), id })

/** A season before anything is said of it. */
export const blankSeason = blankOf(season)
