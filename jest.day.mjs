import { shiftClock, shiftTo, testDay } from './scripts/on-day.mjs'

shiftClock(shiftTo(testDay))
