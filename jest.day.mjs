import { readFileSync } from 'node:fs'
import { shiftClock, shiftTo, testDay } from './scripts/on-day.mjs'

/** What is drawn by lot is drawn alike in every run; `AGROLOGOS_SEED` draws anew, as `npm run test:days` does. */
const seed = Number(process.env.AGROLOGOS_SEED ?? 20261126)

shiftClock(shiftTo(testDay))
if (/fast-check|\/testing\//.test(readFileSync(expect.getState().testPath, 'utf8')))
  jest.requireActual('fast-check').configureGlobal({ seed })
